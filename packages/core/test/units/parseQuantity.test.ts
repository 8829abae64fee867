import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import Qty from 'js-quantities'
import {
  changeText,
  chosenUnit,
  fillText,
  formatDifference,
  formatNumber,
  formatQuantity,
  fromUnit,
  METRIC_UNITS,
  parseQuantity,
  QUANTITIES,
  quantityText,
  toUnit,
  unitFor,
  UNITS,
  type QuantityId,
  type UnitChoice,
  type UnitId,
} from '../../src/units'

const value = (text: string, quantity: QuantityId, choice?: UnitChoice) => {
  const parsed = parseQuantity(text, quantity, choice)
  if (!parsed.ok) throw new Error(parsed.message)
  return parsed.value
}
const message = (text: string, quantity: QuantityId) => {
  const parsed = parseQuantity(text, quantity)
  return parsed.ok ? null : parsed.message
}

describe('what owners type', () => {
  it.each<[string, QuantityId, number]>([
    ['18 ft 6 in', 'length', 18.5 * 0.3048],
    ['18\' 6"', 'length', 18.5 * 0.3048],
    ['6 1/2 in', 'smallLength', 6.5 * 0.0254],
    ['7.75', 'length', 7.75],
    ['7,75 m', 'length', 7.75],
    ['775 cm', 'length', 7.75],
    ['4.5 kn', 'speed', (4.5 * 1852) / 3600],
    ['9 km/h', 'speed', 2.5],
    ['10 mph', 'speed', 4.4704],
    ['8 hp', 'power', 8 * 745.69987158],
    ['2,4 kW', 'power', 2400],
    ['10 PS', 'power', 7354.9875],
    ['660 lb', 'mass', 660 * 0.45359237],
    ['4.6', 'mass', 4600],
    ['4600 kg', 'mass', 4600],
    ['1 234,5 kg', 'mass', 1234.5],
    ['1,234.5 kg', 'mass', 1234.5],
    ['1.234,5 kg', 'mass', 1234.5],
    ['3 h 30 min', 'duration', 12_600],
    ['20 %', 'ratio', 0.2],
    ['−3 %', 'ratio', -0.03],
    ['59 °F', 'temperature', 288.15],
    ['15', 'temperature', 288.15],
    ['-5 °C', 'temperature', 268.15],
    ['930 rpm', 'rotation', 15.5],
    ['47.5 Nm', 'torque', 47.5],
    ['18 nm', 'distance', 18 * 1852],
  ])('%s as %s', (text, quantity, expected) => {
    expect(value(text, quantity)).toBeCloseTo(expected, 6)
  })

  it.each<[string, number]>([
    ['2/0', 67.43],
    ['2/0 AWG', 67.43],
    ['AWG 4', 21.15],
    ['#4', 21.15],
    ['4 awg', 21.15],
    ['4/0', 107.2],
    ['0000', 107.2],
    ['1/0', 53.5],
    ['67 mm2', 67],
    ['67 mm²', 67],
    ['67', 67],
    ['2,5 mm²', 2.5],
  ])('%s of cable, by gauge or area', (text, area) => {
    // ASTM B258: areas as printed in every table
    expect(value(text, 'copperArea') * 1e6).toBeCloseTo(area, 1)
  })
  it('takes kiloamps', () => expect(value('20 kA', 'current')).toBe(20_000))

  it('takes a bare number in the owner’s own unit', () => {
    expect(value('30', 'length', { profile: 'us', overrides: {} })).toBeCloseTo(9.144, 9)
    expect(value('10', 'speed', { profile: 'metric', overrides: { speed: 'kmh' } })).toBeCloseTo(2.7778, 4)
  })
})

describe('what makes no sense gets a sentence that helps', () => {
  it('names the unit that belongs elsewhere, and offers an example', () => {
    expect(message('4 kg', 'length')).toMatch(/“kg” measures a weight; this field wants a length\. Try 7\.75 m/)
  })
  it('refuses to guess a thousand from a decimal', () => {
    expect(message('1,200 kg', 'mass')).toBe('“1,200” can be read two ways. Write 1200 or 1.200.')
  })
  it.each<[string, QuantityId, RegExp]>([
    ['4.60 t5 t', 'mass', /two numbers in t/],
    ['4.6 kn4.4 kn', 'speed', /two numbers in kn/],
    ['3300 lb3400 lb', 'mass', /two numbers in lb/],
    ['3300 lb3400', 'mass', /what is 3400\? Write one number/],
    ['18 ft 6', 'length', /what is 6\? Write “18 ft 6 in”/],
    ['18ft6', 'length', /Write “18ft6 in”/],
    ['1h30', 'duration', /what is 30\? Write “1h30 min”/],
    ['6 in 18 ft', 'length', /ft does not follow in/],
    ['7/0', 'copperArea', /not sold as cable/],
    ['4 gauges', 'copperArea', /not a wire gauge/],
  ])('never adds what may have been typed behind an old value: %s', (text, quantity, told) => {
    expect(message(text, quantity)).toMatch(told)
  })
  it('asks an owner who lives with gauges what a bare small number of cable is', () => {
    expect(parseQuantity('4', 'copperArea', { profile: 'us', overrides: {} })).toEqual({
      ok: false,
      message: '“4” can be read two ways. Write 4 AWG or 4 mm².',
    })
  })
  it.each(['', 'abc', '12 furlongs', '4 m 5', '1.2.3 m', '--3'])('%s', text => {
    expect(message(text, 'length')).toBeTruthy()
  })
})

describe('figures in type', () => {
  it('keeps three figures, thin spaces and a true minus', () => {
    expect(formatNumber(-2.304, 2)).toBe('−2.30')
    expect(formatNumber(12345.6, 2)).toBe('12\u2009346')
    expect(formatNumber(99.96, 1)).toBe('100')
    expect(formatNumber(Number.NaN, 2)).toBe('–')
    expect(quantityText(-0.00001, 'voltage')).toBe('0.0\u00A0V')
  })
  it('shows hp for the old engine in the US profile', () => {
    expect(formatQuantity(745.7 * 18, 'power', { profile: 'us', overrides: {} })).toEqual({ text: '18.0', unit: 'hp' })
  })
})

describe('sizes of units', () => {
  it.each<[UnitId, string]>([
    ['ft', 'ft'],
    ['in', 'in'],
    ['nm', 'nmi'],
    ['mi', 'mi'],
    ['kn', 'knot'],
    ['kmh', 'km/h'],
    ['mph', 'mph'],
    ['lb', 'lbs'],
    ['t', 'metric-ton'],
    ['kW', 'kW'],
    ['hp', 'hp'],
    ['lbf', 'lbf'],
    ['kWh', 'kWh'],
    ['h', 'h'],
    ['min', 'min'],
    ['ft2', 'ft2'],
    ['ft3', 'ft3'],
    ['cm', 'cm'],
    ['mm', 'mm'],
    ['fineMm', 'mm'],
    ['thou', 'mil'],
    ['km', 'km'],
    ['kg', 'kg'],
    ['W', 'W'],
    ['kN', 'kN'],
    ['Nm', 'N*m'],
    ['lbft', 'ft*lbf'],
    ['V', 'V'],
    ['A', 'A'],
    ['mohm', 'mohm'],
    ['mF', 'mF'],
    ['uF', 'uF'],
    ['J', 'J'],
    ['Wh', 'Wh'],
    ['s', 's'],
    ['litre', 'l'],
    ['gal', 'gal'],
    ['lmin', 'l/min'],
    ['galmin', 'gal/min'],
    ['litrePerHour', 'l/h'],
    ['galPerHour', 'gal/h'],
    ['litrePerKWh', 'l/kWh'],
    ['m2', 'm2'],
    ['mm2', 'mm2'],
    ['deg', 'deg'],
    ['arcmin', 'arcmin'],
    ['percent', '%'],
    ['WhPerNm', 'Wh/nmi'],
    ['WhPerKm', 'Wh/km'],
    ['WhPerMi', 'Wh/mi'],
    ['wattPerM2', 'W/m2'],
  ])('%s agrees with a general unit package', (unit, name) => {
    expect(fromUnit(1, unit) / Qty(1, name).baseScalar).toBeCloseTo(1, 6)
  })
})

describe('properties', () => {
  const units = fc.constantFrom(...(Object.keys(UNITS) as UnitId[]))
  it('to a unit and back is the same', () => {
    fc.assert(
      fc.property(units, fc.double({ min: -1e6, max: 1e6, noNaN: true }), (unit, v) => {
        expect(fromUnit(toUnit(v, unit), unit)).toBeCloseTo(v, 5)
      }),
    )
  })
  it('a figure that is shown can be typed in again', () => {
    const kinds = Object.keys(QUANTITIES) as QuantityId[]
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.double({ min: 0.1, max: 900, noNaN: true }), (quantity, v) => {
        const si = fromUnit(v, chosenUnit(quantity, METRIC_UNITS))
        const again = value(quantityText(si, quantity), quantity)
        // half of the last digit that is shown, in the unit in which it is shown (a long time of minutes stands in
        // hours): three figures, at least whole units
        const unit = unitFor(quantity, si, METRIC_UNITS),
          shown = quantity === 'temperature' ? si - 273.15 : si
        expect(Math.abs(toUnit(again - shown, unit))).toBeLessThan(
          Math.max(0.511, 0.00601 * Math.abs(toUnit(si, unit))),
        )
      }),
    )
  })
  it('never throws on any text', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...(Object.keys(QUANTITIES) as QuantityId[])), (text, quantity) => {
        const parsed = parseQuantity(text, quantity)
        expect(parsed.ok ? Number.isFinite(parsed.value) : parsed.message.length > 0).toBe(true)
      }),
    )
  })
})

describe('a place as sailors write it', () => {
  it.each([
    ['50° 30′ N', 50.5],
    ["8° 12' W", -8.2],
    ['8.2 W', -8.2],
    ['-8.2', -8.2],
    ['35 S', -35],
    ['120° E', 120],
    ['12,5°', 12.5],
  ])('%s', (text, degrees) => {
    const read = parseQuantity(text, 'coordinate')
    expect(read.ok && (read.value * 180) / Math.PI).toBeCloseTo(degrees, 9)
  })
  it('no letter turns an ordinary angle round, and nonsense is told', () => {
    expect(parseQuantity('8 W', 'angle').ok).toBe(false)
    expect(parseQuantity('north', 'coordinate')).toMatchObject({
      ok: false,
      message: expect.stringMatching(/50° 30′ N/),
    })
  })
})

describe('each value in a unit that says something', () => {
  const us: UnitChoice = { profile: 'us', overrides: {} }
  it.each<[number, QuantityId, string]>([
    [120, 'duration', '2\u00A0min'],
    [45, 'duration', '45\u00A0s'],
    [4 * 3600, 'duration', '4.0\u00A0h'],
    [100 * 3600, 'duration', '4.2\u00A0days'],
    [0, 'duration', '0.0\u00A0h'],
    [7200, 'shortTime', '2.0\u00A0h'],
    [600, 'seconds', '10\u00A0min'],
    [160, 'mass', '160\u00A0kg'],
    [4600, 'mass', '4.60\u00A0t'],
    [994, 'mass', '994\u00A0kg'],
    [53.24, 'current', '53.2\u00A0A'],
    [104.4, 'current', '104\u00A0A'],
  ])('%d as %s is %s', (value, quantity, shown) => expect(quantityText(value, quantity)).toBe(shown))
  it('a unit that the owner has chosen stands', () => {
    expect(quantityText(120, 'duration', { profile: 'metric', overrides: { duration: 'h' } })).toBe('0.0\u00A0h')
  })
  it('a bare number is in the unit that the field shows', () => {
    expect(parseQuantity('170', 'mass', METRIC_UNITS, 160)).toEqual({ ok: true, value: 170 })
    expect(parseQuantity('30', 'duration', METRIC_UNITS, 1200)).toEqual({ ok: true, value: 1800 })
    expect(parseQuantity('4.4', 'mass', METRIC_UNITS, 4600)).toEqual({ ok: true, value: 4400 })
  })
  it('all of them in US units: miles an hour, miles, gauges, dollars', () => {
    expect(quantityText(2.2352, 'speed', us)).toBe('5.0\u00A0mph')
    expect(quantityText(16_093.44, 'distance', us)).toBe('10.0\u00A0mi')
    expect(quantityText(35e-6, 'copperArea', us)).toBe('1\u00A0AWG')
    expect(quantityText(150e-6, 'copperArea', us)).toBe('300\u00A0kcmil')
    expect(quantityText(1200, 'price', us)).toBe('$1200')
    expect(
      quantityText(1200, 'price', {
        profile: 'metric',
        overrides: {},
        currency: { name: 'SEK', sign: 'kr', before: false },
      }),
    ).toBe('1200\u00A0kr')
    for (const typed of ['$1200', '1200', '1200 USD'])
      expect(parseQuantity(typed, 'price', us)).toEqual({ ok: true, value: 1200 })
  })
  it('says what changes by more than three times in words', () => {
    expect(changeText(10, 12)).toBe('+20\u00A0%')
    expect(changeText(10, 9.5)).toBe('\u22125.0\u00A0%')
    expect(changeText(1, 113)).toBe('a hundred times as much')
    expect(changeText(100, 1)).toBe('a hundred times less')
    expect(changeText(1, 5000)).toBe('more than a hundred times as much')
  })
  it('puts no sign before a number of which nothing is left', () => {
    expect(fillText({ text: '\u2212{e}', params: { e: { value: 100, quantity: 'energy' } } })).toBe('0\u00A0Wh')
    expect(fillText({ text: '+{v}', params: { v: { value: 1.2, quantity: 'voltage' } } })).toBe('+1.2\u00A0V')
  })
})

describe('a difference', () => {
  const us: UnitChoice = { profile: 'us', overrides: {} }
  it('has its sign, and none when no digit is left', () => {
    expect(formatDifference(380, 'electricPower')).toEqual({ text: '+380', unit: 'W' })
    expect(formatDifference(-3800, 'electricPower').text).toBe('\u22123.80')
    expect(formatDifference(-0.2, 'temperature').text).toBe('0')
    expect(formatDifference(0, 'electricPower').text).not.toMatch(/[+\u2212]/)
  })
  it('of temperatures is degrees alone: 5 K are 5 °C and 9 °F, not 41 °F', () => {
    expect(formatDifference(5, 'temperature')).toEqual({ text: '+5', unit: '°C' })
    expect(formatDifference(5, 'temperature', us)).toEqual({ text: '+9', unit: '°F' })
    expect(formatDifference(-5, 'temperature', us).text).toBe('\u22129')
  })
  it('is what lies between two figures of the same unit', () => {
    const ids = (Object.keys(QUANTITIES) as QuantityId[]).filter(
      id => !('nominal' in UNITS[chosenUnit(id, METRIC_UNITS)]),
    )
    for (const id of ids)
      for (const choice of [METRIC_UNITS, us]) {
        const unit = chosenUnit(id, choice),
          from = fromUnit(7, unit),
          to = fromUnit(19, unit)
        expect(formatDifference(to - from, id, choice).text.replace('$', '')).toBe(
          `+${formatNumber(12, UNITS[unit].decimals)}`,
        )
      }
  })
})
