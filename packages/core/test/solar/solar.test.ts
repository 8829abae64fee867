import { usualSolar, DEMO, withEdits } from '../../src/project'
import fc from 'fast-check'
import { getTimes } from 'suncalc'
import { describe, expect, it } from 'vitest'
import { SHIPPED_PANELS, panelNamed } from '../../src/parts'
import {
  arrayPower,
  bestPower,
  bestVoltage,
  cellTemperature,
  erbsDiffuse,
  extraterrestrial,
  haurwitz,
  onPanel,
  openVoltage,
  panelCurrent,
  solarYear,
  stringFaults,
  stringVoltage,
  sunAngle,
  usualClearness,
  type SolarArray,
} from '../../src/solar'
import { operatingPoint, modelOf, paceOf, solarReport } from '../../src/system'

const RAD = Math.PI / 180,
  KWH = 3.6e6
const load = { packVoltage: 51.2, air: 288.15 }
const array: SolarArray = { ...usualSolar(55.2), fitted: true, shading: 0 }
const at = (latitude: number) => ({ latitude: latitude * RAD, longitude: 0 })

describe('where the sun stands', () => {
  it('noon altitude is 90° − latitude + declination, due south in the north', () => {
    const noon = getTimes(new Date(Date.UTC(2026, 5, 21)), 50, 0).solarNoon
    const { altitude, azimuth } = sunAngle(noon, at(50))
    expect(altitude / RAD).toBeCloseTo(90 - 50 + 23.44, 0)
    expect(azimuth / RAD).toBeCloseTo(180, 0)
  })
  it(
    'days are as long as almanacs say: 16 h 22 min and 8 h 04 min at 50° N (from memory), 12 h 07 min on ' +
      'the equator',
    () => {
      const hours = (month: number, day: number, latitude: number) => {
        const { sunrise, sunset } = getTimes(new Date(Date.UTC(2026, month, day)), latitude, 0)
        return (sunset!.getTime() - sunrise!.getTime()) / 3.6e6
      }
      expect(hours(5, 21, 50)).toBeCloseTo(16.37, 1)
      expect(hours(11, 21, 50)).toBeCloseTo(8.07, 1)
      expect(hours(2, 20, 0)).toBeCloseTo(12.12, 1)
    },
  )
  it('rises, stands highest and sets when the package’s own example says (50.45° N 30.52° E, 24 August 2026)', () => {
    const times = getTimes(new Date(Date.UTC(2026, 7, 24, 12)), 50.45, 30.52)
    const minute = (time: Date | null) => Math.round(time!.getTime() / 60_000)
    for (const [name, hour, min] of [
      ['sunrise', 2, 59],
      ['solarNoon', 10, 0],
      ['sunset', 16, 59],
    ] as const)
      expect(Math.abs(minute(times[name]) - Date.UTC(2026, 7, 24, hour, min) / 60_000), name).toBeLessThanOrEqual(1)
    expect(sunAngle(times.sunrise!, { latitude: 50.45 * RAD, longitude: 30.52 * RAD }).altitude / RAD).toBeCloseTo(
      -0.3,
      0,
    )
  })
  it('polar night and midnight sun are whole days', () => {
    const year = solarYear(array, at(75), load)
    expect(year[11]!.daylight).toBe(0)
    expect(year[11]!.perDay).toBe(0)
    expect(year[5]!.daylight).toBe(86_400)
  })
})

describe('sunlight', () => {
  it('Haurwitz: 1098 e^(−0.057) straight below the sun, nothing at night', () => {
    expect(haurwitz(1)).toBeCloseTo(1098 * Math.exp(-0.057), 9)
    expect(haurwitz(-0.1)).toBe(0)
  })
  it('Erbs joins its pieces and falls as the sky clears', () => {
    expect(erbsDiffuse(0.22 + 1e-9)).toBeCloseTo(1 - 0.09 * 0.22, 2)
    expect(erbsDiffuse(0.8)).toBeCloseTo(0.165, 2)
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), kt => erbsDiffuse(kt) >= 0.15 && erbsDiffuse(kt) <= 1),
    )
  })
  it('clear daily sums of each month are those of an independent integration over the hour angle, within 1 %', () => {
    /**
     * the Astronomical Almanac's low-precision sun (0.01°), refraction after Sæmundsson 1986 (both recalled), 400 steps
     * of the hour angle
     */
    const daySum = (latitude: number, time: number) => {
      const n = time / 86_400_000 + 2_440_587.5 - 2_451_545,
        g = (357.528 + 0.9856003 * n) * RAD
      const longitude = (280.46 + 0.9856474 * n + 1.915 * Math.sin(g) + 0.02 * Math.sin(2 * g)) * RAD
      const declination = Math.asin(Math.sin((23.439 - 4e-7 * n) * RAD) * Math.sin(longitude))
      let sum = 0
      for (let i = 0; i < 400; i++) {
        const h = -Math.PI + ((i + 0.5) * Math.PI) / 200
        const height =
          Math.asin(
            Math.sin(latitude * RAD) * Math.sin(declination) +
              Math.cos(latitude * RAD) * Math.cos(declination) * Math.cos(h),
          ) / RAD
        const lifted = height > -1 ? height + 1.02 / 60 / Math.tan((height + 10.3 / (height + 5.11)) * RAD) : height
        sum += haurwitz(Math.sin(lifted * RAD)) * 216
      }
      return sum
    }
    for (const latitude of [-35, 0, 25, 50, 60]) {
      const year = solarYear(array, at(latitude), load)
      for (const month of [2, 5, 8, 11]) {
        const days = Array.from({ length: new Date(Date.UTC(2026, month + 1, 0)).getUTCDate() }, (_, d) => d)
        const mean = days.reduce((sum, d) => sum + daySum(latitude, Date.UTC(2026, month, 1 + d, 12)), 0) / days.length
        expect(Math.abs(year[month]!.clear / mean - 1), `${latitude}° in month ${month + 1}`).toBeLessThan(0.01)
      }
    }
  })
  it('a flat panel gets the flat light; no panel gets more than the sun above the air', () => {
    const sun = { altitude: 40 * RAD, azimuth: Math.PI }
    expect(onPanel(600, sun, 172, { tilt: 0, heading: null })).toBe(600)
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 1.57, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.double({ min: 0, max: 1.57, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (altitude, azimuth, tilt, clear) => {
          const above = extraterrestrial(Math.sin(altitude), 100),
            got = onPanel(clear * above, { altitude, azimuth }, 100, { tilt, heading: Math.PI })
          return got >= 0 && got <= 1.1 * 1361 * 1.033
        },
      ),
    )
  })
  it('facing the sun is better than flat, facing away worse, swinging between', () => {
    const sun = { altitude: 30 * RAD, azimuth: Math.PI },
      on = (heading: number | null) => onPanel(400, sun, 80, { tilt: 50 * RAD, heading })
    expect(on(Math.PI)).toBeGreaterThan(400)
    expect(on(0)).toBeLessThan(on(null))
    expect(on(null)).toBeLessThan(on(Math.PI))
  })
  it('summer is clearer than winter on both halves of the earth', () => {
    expect(usualClearness(50 * RAD, 6)).toBeGreaterThan(usualClearness(50 * RAD, 0))
    expect(usualClearness(-50 * RAD, 0)).toBeGreaterThan(usualClearness(-50 * RAD, 6))
  })
})

describe('panels', () => {
  it.each(SHIPPED_PANELS.map(p => [p.name, p] as const))('%s: its curve goes through its plate', (_, panel) => {
    expect(panelCurrent(panel, panel.voltage, 1000, 298.15)).toBeCloseTo(panel.current, 5)
    expect(panelCurrent(panel, 0, 1000, 298.15)).toBeCloseTo(panel.shortCurrent, 6)
    // the explicit form leaves a trace of current at the open volts
    expect(panelCurrent(panel, panel.openVoltage, 1000, 298.15) / panel.shortCurrent).toBeLessThan(0.01)
    expect((panel.voltage * panel.current) / panel.power).toBeCloseTo(1, 1)
  })
  it('hot panels give less power at fewer volts, cold ones more', () => {
    const panel = panelNamed('helle-110')
    expect(bestPower(panel, 1000, 323.15)).toBeCloseTo(panel.power * (1 - 25 * panel.powerPerKelvin), 9)
    expect(bestVoltage(panel, 338.15)).toBeLessThan(panel.voltage)
    expect(openVoltage(panel, 263.15)).toBeCloseTo(panel.openVoltage * (1 + 35 * panel.voltagePerKelvin), 9)
    expect(cellTemperature(293.15, 800)).toBeCloseTo(318.15, 9)
  })
  it('straight on the pack never gives more than following the best point, up to the losses of the controller', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 1200, noNaN: true }),
        fc.double({ min: 36, max: 60, noNaN: true }),
        (sun, packVoltage) => {
          const tracked = arrayPower(
            { ...array, controller: { ...array.controller!, efficiency: 1, current: 1e6 } },
            sun,
            { packVoltage, air: 288 },
          )
          return arrayPower({ ...array, controller: null }, sun, { packVoltage, air: 288 }) <= 1.02 * tracked
        },
      ),
    )
  })
  it(
    'a hundred watts flat in middle latitudes: 0.3 to 0.55 kWh on a summer day, a quarter or less in winter ' +
      '(common practice)',
    () => {
      const year = solarYear({ ...array, shading: 0.1 }, at(48), load),
        per100 = (i: number) => (year[i]!.perDay / KWH / (array.series * array.panel.power)) * 100
      expect(per100(6)).toBeGreaterThan(0.3)
      expect(per100(6)).toBeLessThan(0.55)
      expect(per100(11)).toBeLessThan(per100(6) / 4)
    },
  )
  it('a typed monthly table is met exactly on the flat', () => {
    const sun = Array.from({ length: 12 }, (_, i) => (1 + i / 4) * KWH),
      year = solarYear({ ...array, sun }, at(40), load)
    year.forEach((month, i) => expect(month.flat / sun[i]!).toBeCloseTo(1, 9))
  })
})

describe('volts of a string', () => {
  it('a string for every usual pack suits; one panel more or less in a corner is named', () => {
    for (const full of [14.4, 24.6, 28.8, 49.2, 55.2, 58.4, 110.4, 165.6])
      expect(stringFaults(usualSolar(full), full)).toEqual([])
    expect(stringFaults({ ...array, series: 8 }, 55.2)).toContain('above controller')
    expect(stringFaults({ ...array, series: 1 }, 55.2)).toContain('below pack')
    expect(stringFaults({ ...array, controller: null, series: 1 }, 55.2)).toEqual(['below pack'])
    const { cold, hot } = stringVoltage(array)
    expect(cold).toBeGreaterThan(hot)
  })
})

describe('the sun on a boat', () => {
  const yacht = withEdits(DEMO.tirrick, [
    { path: 'design.solar', value: { ...array, parallel: 3 } },
    { path: 'use.houseLoad', value: 10 },
  ])
  it('the pace is the speed whose power the sun gives', () => {
    const pace = paceOf(yacht, 500)
    expect(operatingPoint(modelOf(yacht), pace).drive.packPower - 10 / 0.92).toBeCloseTo(500, -1)
    expect(paceOf(yacht, 0)).toBe(0)
  })
  it('summer carries her faster than winter; the year is the sum of its days', () => {
    const { months, year } = solarReport(yacht)
    expect(months[6]!.dayPace).toBeGreaterThan(months[11]!.dayPace)
    expect(year).toBeGreaterThan(300 * Math.min(...months.map(m => m.perDay)))
    expect(months[5]!.refillDays).toBeGreaterThan(0)
  })
  it('panels straight on the pack lose a share that is told', () => {
    const direct = solarReport(withEdits(yacht, [{ path: 'design.solar.controller', value: null }]))
    expect(direct.lostWithoutTracking).toBeGreaterThan(0)
    expect(direct.lostWithoutTracking).toBeLessThan(0.6)
    expect(solarReport(yacht).lostWithoutTracking).toBe(0)
  })
})
