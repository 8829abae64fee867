import { describe, expect, it } from 'vitest'
import {
  amountsIn,
  cellsAtVolts,
  estimatesOf,
  fillText,
  PLATE_FORMS,
  readHad,
  readHave,
  type HadPart,
} from '@remigo/core'

/** What owners type, with what is to be understood: kind, count, and figures in kept units. */
const LINES: readonly (readonly [line: string, kind: string, count: number, figures: Record<string, unknown>])[] = [
  ['48 cells LFP 304 Ah', 'cell', 48, { chemistry: 'LFP', capacityAh: 304 }],
  ['sixty cells 3.2 V 100 Ah', 'cell', 60, { cellsInSeries: 1, capacityAh: 100 }],
  ['36 V 160 Ah, 96 lb, two of them', 'pack', 2, { cellsInSeries: 12, capacityAh: 160, mass: 43.54 }],
  ['4 x 12 V 100 Ah AGM', 'pack', 4, { chemistry: 'AGM', cellsInSeries: 6, capacityAh: 100 }],
  ['48 V 100 Ah golf cart batteries, 6', 'pack', 6, { chemistry: 'FLOODED', cellsInSeries: 24 }],
  ['10 kWh battery 48 V with BMS', 'pack', 1, { cellsInSeries: 16, capacityAh: 195.3, complete: true }],
  ['12.8 V 280 Ah LFP', 'pack', 1, { cellsInSeries: 4 }],
  ['motor 62 kW at 120 V, 150 V at most', 'motor', 1, { ratedPower: 62e3, ratedVoltage: 120, greatestVoltage: 150 }],
  ['2 hp 110 V DC 3500 rpm', 'motor', 1, { ratedPower: 1491, ratedVoltage: 110, ratedRpm: 3500, build: 'brushed' }],
  ['26 N·m 60 V hub motor', 'motor', 1, { ratedPower: 1503, ratedVoltage: 60 }],
  ['motor 25 N·m 2000 rpm 48 V', 'motor', 1, { ratedPower: 5236, ratedRpm: 2000 }],
  ['motor peak 10 kW continuous 5 kW 48 V', 'motor', 1, { ratedPower: 5000, peakPower: 10e3 }],
  ['motor 5 kW continuous, 10 kW peak for 2 min', 'motor', 1, { ratedPower: 5000, peakPower: 10e3, peakSeconds: 120 }],
  [
    'EV motor 80 kW 280 Nm 360 V 10390 rpm',
    'motor',
    1,
    { peakPower: 80e3, ratedRpm: 2728, greatestRpm: 10390, build: 'inner magnets' },
  ],
  ['2 motors 5 kW 48 V', 'motor', 2, { ratedPower: 5000 }],
  ['outboard 48 V 105 A 210 lbf', 'wholeDrive', 1, { mount: 'outboard', inputPower: 5040, thrust: 934.1 }],
  ['trolling motor 55 lb thrust 12 V', 'wholeDrive', 1, { mount: 'trolling motor', thrust: 244.7 }],
  ['pod 4 kW 48 V', 'wholeDrive', 1, { mount: 'pod', inputPower: 4000 }],
  ['3 panels 215 W', 'panel', 3, { power: 215 }],
  ['charger 2 kW', 'charger', 1, { power: 2000 }],
  [
    'controller 80 to 150 V, 480 A, 600 A peak',
    'controller',
    1,
    { leastVoltage: 80, greatestVoltage: 150, batteryCurrent: 480, batteryCurrentPeak: 600 },
  ],
  ['propeller 12 × 9', 'propeller', 1, { diameter: 0.3048, pitch: 0.2286 }],
  ['prop 305 x 229 mm, 3 blades', 'propeller', 1, { diameter: 0.305, pitch: 0.229, blades: 3 }],
  ['jet 8.1 in impeller', 'jet', 1, { impellerDiameter: 0.2057 }],
  ['MPPT 100 V 30 A', 'chargeController', 1, { tracking: true, greatestPanelVoltage: 100, current: 30 }],
  ['cable 2/0 AWG', 'cable', 1, { area: 67.43 }],
]

describe('what an owner has, line by line', () => {
  it.each(LINES)('%s', (line, kind, count, figures) => {
    const read = readHad(line)
    expect(read).toMatchObject({ ok: true, had: { what: 'part', kind, count } })
    const { given, part } = (read as { had: HadPart }).had
    for (const [key, value] of Object.entries(figures)) {
      if (typeof value === 'number')
        expect(given[key] as number, key).toBeCloseTo(value, value < 1 ? 3 : value < 100 ? 1 : -1)
      else expect(given[key], key).toBe(value)
      expect(part.estimated, key).not.toContain(key)
    }
    expect(estimatesOf((read as { had: HadPart }).had.kind, part).length).toBeGreaterThan(0)
  })

  it.each([
    ['reduction 2.3:1', { what: 'reduction', kind: 'belt', ratio: 2.3 }],
    ['gearbox 2.09:1', { what: 'reduction', kind: 'gear', ratio: 2.09 }],
    ['outboard leg 26:13', { what: 'leg', drive: 'outboard', ratio: 2 }],
    ['stern drive leg 1.85:1', { what: 'leg', drive: 'sternDrive', ratio: 1.85 }],
    ['budget 4,000', { what: 'budget', amount: 4000 }],
    ['£2500 to spend', { what: 'budget', amount: 2500 }],
    ['budget 4.000 €', { what: 'budget', amount: 4000 }],
    ['€ 12.500,50 to spend', { what: 'budget', amount: 12500.5 }],
    ['budget 4.5k', { what: 'budget', amount: 4500 }],
    ['budget $6,500', { what: 'budget', amount: 6500 }],
    ['budget 4k', { what: 'budget', amount: 4000 }],
    ['3 000 €', { what: 'budget', amount: 3000 }],
    ['old diesel 18 hp at 2800', { what: 'oldEngine', rpm: 2800 }],
    ['dead outboard 40 hp two-stroke', { what: 'oldEngine', rpm: null }],
  ])('%s', (line, had) => {
    expect(readHad(line)).toMatchObject({ ok: true, had })
  })

  it('tells what of a plate cannot be so, and uses the rest', () => {
    const doubtsOf = (line: string) => {
      const read = readHad(line)
      return read.ok ? read.had.doubts.map(d => fillText(d)) : []
    }
    expect(doubtsOf('motor 6 hp at 1,000 rpm 30 N·m')[0]).toMatch(/42\.7\sN·m; the plate says 30/)
    expect(doubtsOf('motor 6 hp at 1,000 rpm 42 N·m')).toEqual([])
    expect(doubtsOf('motor 150 rpm/V 110 V 5000 rpm')[0]).toMatch(/16\s?500\srpm; the plate says/)
    expect(doubtsOf('motor 5 kW 48 V 60 A')[0]).toMatch(/174\s%/)
  })

  it('says which chemistry was taken where nobody told it, and takes a heavy battery for lead', () => {
    const taken = (line: string) => {
      const read = readHad(line) as { had: HadPart }
      return [read.had.part.chemistry, ...read.had.doubts.map(d => fillText(d).slice(0, 14))]
    }
    expect(taken('12 V 100 Ah')).toEqual(['LFP', 'Taken as lithi'])
    expect(taken('12 V 100 Ah, 30 kg')).toEqual(['FLOODED', 'Taken as lead '])
    expect(taken('36 V 160 Ah, 96 lb, two of them')).toEqual(['LFP', 'Taken as lithi'])
    expect(taken('12 V 100 Ah AGM')).toEqual(['AGM'])
  })

  it('says how much is left of second-hand cells, and what was paid', () => {
    expect(readHad('4 used car modules 7.4 V 60 Ah at 80 %')).toMatchObject({
      had: { count: 4, health: 0.8, given: { chemistry: 'NMC' } },
    })
    expect(readHad('72 V 8 kW motor $900')).toMatchObject({ had: { part: { price: 900 } } })
    expect(readHad('72 V 8 kW motor')).toMatchObject({ had: { part: { price: 0 } } })
  })

  it('asks where a line is not understood', () => {
    expect(readHad('bananas')).toMatchObject({ ok: false, message: expect.stringMatching(/is it a motor, a battery/) })
    expect(readHad('motor')).toMatchObject({ ok: false, message: expect.stringMatching(/plate/) })
    expect(readHad('motor 90000 kW')).toMatchObject({ ok: false, message: expect.stringMatching(/Rated power/) })
    expect(readHave('3 panels 215 W\n\n4 kn 900 W\nbananas')).toMatchObject({
      had: [{ kind: 'panel' }],
      readings: '4 kn 900 W',
      errors: [{ at: 3 }],
    })
  })

  it('knows the cells of a battery by its volts', () => {
    for (const [volts, lfp, lead, nmc] of [
      [12, 4, 6, 3],
      [24, 8, 12, 7],
      [36, 12, 18, 10],
      [48, 16, 24, 13],
    ] as const) {
      expect(cellsAtVolts(volts, 'LFP')).toBe(lfp)
      expect(cellsAtVolts(volts, 'AGM')).toBe(lead)
      expect(cellsAtVolts(volts, 'NMC')).toBeGreaterThanOrEqual(nmc)
    }
    expect(cellsAtVolts(51.2, 'LFP')).toBe(16)
  })

  it('says volts and kWh of a battery in the library’s fields', () => {
    const pack = { id: 'own/p', name: 'P', chemistry: 'AGM', cellsInSeries: 12, capacityAh: 100 }
    expect(PLATE_FORMS.volts.apply(pack, 24)).toMatchObject({ change: { cellsInSeries: 12 } })
    expect(PLATE_FORMS.volts.apply({ ...pack, chemistry: 'LFP' }, 24)).toMatchObject({ change: { cellsInSeries: 8 } })
    const { change } = PLATE_FORMS.energy.apply({ ...pack, chemistry: 'LFP', cellsInSeries: 16 }, 5.12 * 3.6e6)
    expect(change.capacityAh).toBeCloseTo(100, 6)
  })

  it('finds numbers with their units, and ranges', () => {
    expect(amountsIn('80–150 V, 12 nm', ['voltage', 'torque'])).toMatchObject([
      { value: 80, upTo: 150 },
      { quantity: 'torque', value: 12 },
    ])
    expect(amountsIn('no numbers', ['voltage'])).toEqual([])
  })
})
