import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KNOT } from '../src/constants'
import {
  engineEfficiency,
  fuelFor,
  fuelMap,
  FUELS,
  fuelPerElectric,
  holdingGenerators,
  HOURS_SHARE,
  INTO_BUS,
  waysOf,
  wayWorked,
  wishOf,
} from '../src/hybrid'
import { DEMO, DEMO_BOATS, edit, withEdits, type Project } from '../src/project'
import { modelOf, operatingPoint } from '../src/system'
import { fillText } from '../src/units'
import { SIZED_FLEET } from './fleet/fleetBoats'

/** The same boat, wished to run so many times as long. */
const longer = (boat: Project, times: number) =>
  withEdits(boat, [
    edit('use.duration', Math.min(1_440_000, boat.use.duration * times)),
    edit('use.distance', boat.use.distance * times),
  ])
const way = (boat: Project, id: string) => waysOf(boat).find(w => w.id === id)!

describe('an engine', () => {
  it('reaches at a tenth of its power what common practice gives, and at full load', () => {
    expect(engineEfficiency('diesel', 0.1)).toBeGreaterThan(0.08)
    expect(engineEfficiency('diesel', 0.1)).toBeLessThan(0.15)
    expect(engineEfficiency('diesel', 1)).toBeGreaterThan(0.33)
    expect(engineEfficiency('diesel', 1)).toBeLessThan(0.38)
    expect(engineEfficiency('petrol', 1)).toBeGreaterThan(0.25)
    expect(engineEfficiency('petrol', 1)).toBeLessThan(0.3)
  })
  it('burns more the more it gives, and less for each kilowatt hour', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.95, noNaN: true }), x => {
        expect(engineEfficiency('diesel', x + 0.05)).toBeGreaterThan(engineEfficiency('diesel', x))
        expect(fuelFor('petrol', 1e4, (x + 0.05) * 1e4, 3600)).toBeGreaterThan(fuelFor('petrol', 1e4, x * 1e4, 3600))
      }),
    )
  })
  it('turns 8 l/h for 6 h at 20 % into 96 kWh at the shaft', () => {
    expect((8e-3 * 6 * FUELS.diesel.heat * 0.2) / 3.6e6).toBeCloseTo(96, 9)
  })
})

describe('a generator', () => {
  it('burns what diesels and portable ones are known to, and more at low load', () => {
    expect(fuelPerElectric('diesel', 0.75) * 3.6e9).toBeGreaterThan(0.3)
    expect(fuelPerElectric('diesel', 0.75) * 3.6e9).toBeLessThan(0.45)
    expect(fuelPerElectric('petrol', 0.75) * 3.6e9).toBeGreaterThan(0.45)
    expect(fuelPerElectric('petrol', 0.75) * 3.6e9).toBeLessThan(0.8)
    const map = fuelMap('diesel').map(r => r.fuel)
    expect(map).toEqual([...map].sort((a, b) => b - a))
  })
  it('that holds a speed with an empty pack gives what the drive and house take there', () => {
    const [slow, fast] = holdingGenerators(DEMO.tirrick, [4 * KNOT, 5 * KNOT])
    const take = operatingPoint(modelOf(DEMO.tirrick), 4 * KNOT).drive.packPower
    expect(slow!.rated * HOURS_SHARE * INTO_BUS).toBeCloseTo(take, 6)
    expect(fast!.rated).toBeGreaterThan(slow!.rated)
    expect(fast!.fuelPerMetre).toBeGreaterThan(slow!.fuelPerMetre)
  })
})

describe('ways side by side', () => {
  const short = longer(DEMO.tirrick, 4)
  it('pure electric serves where the pack carries the use, and takes a larger one where it does not', () => {
    expect(wishOf(DEMO.tirrick).short).toBe(0)
    expect(way(DEMO.tirrick, 'electric').mass.value).toBe(0)
    expect(wishOf(short).short).toBeGreaterThan(0)
    const larger = way(short, 'electric')
    expect(larger.mass.value).toBeGreaterThan(100)
    expect(larger.fuel.value).toBe(0)
  })
  it('a generator under way burns for what the pack is short of, and no more', () => {
    const series = way(short, 'series'),
      wish = wishOf(withEdits(short, [edit('boat.mass', short.boat.mass + series.mass.value)]))
    const burnt = (wish.outings * wish.short * fuelPerElectric('diesel', HOURS_SHARE)) / INTO_BUS
    expect(Math.abs(series.fuel.value / burnt - 1)).toBeLessThan(1e-3)
    const running = (wish.outings * wish.short) / wish.packPower
    expect(Math.abs((series.silent + running) / series.all - 1)).toBeLessThan(1e-3)
    expect(way(short, 'parallel').fuel.value).toBeLessThan(series.fuel.value)
    expect(way(short, 'asItIs').fuel.value).toBeGreaterThan(way(short, 'keepEngine').fuel.value)
  })
  it('a way that does not suit says why', () => {
    expect(fillText(way(DEMO.merrin, 'parallel').not!)).toContain('no shaft')
    expect(fillText(way(DEMO.tirrick, 'oneOfTwo').not!)).toContain('one drive')
    const none = withEdits(short, [edit('boat.oldEngine.ratedPower', 0)])
    expect(fillText(way(none, 'keepEngine').not!)).toContain('no old engine')
    expect(way(longer(DEMO.merrin, 4), 'series').not).not.toBeNull()
  })
  it('holds together for every boat, short use and long', () => {
    for (const boat of [...DEMO_BOATS, ...SIZED_FLEET])
      for (const times of [1, 6])
        for (const w of waysOf(longer(boat, times))) {
          for (const band of [w.fuel, w.co2, w.price, w.overYears]) {
            expect(band.low, `${boat.name} ${w.id}`).toBeLessThanOrEqual(band.value + 1e-9)
            expect(band.high).toBeGreaterThanOrEqual(band.value - 1e-9)
            expect(Number.isFinite(band.value)).toBe(true)
          }
          expect(w.silent).toBeGreaterThanOrEqual(0)
          expect(w.silent).toBeLessThanOrEqual(w.all + 1e-6)
          expect(w.efficiency).toBeGreaterThanOrEqual(0)
          expect(w.efficiency).toBeLessThan(1)
          expect(fillText(w.fails)).not.toMatch(/NaN|undefined|\{/)
          if (w.not) expect(fillText(w.not)).not.toMatch(/NaN|undefined|\{/)
        }
  })
})

describe('the working of a way', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('%s: formulas give what the table shows', (_, boat) => {
    for (const w of waysOf(boat)) {
      const worked = wayWorked(boat, w)
      expect(worked.overYears.value).toBeCloseTo(w.overYears.value, 6)
      expect(worked.co2.value).toBeCloseTo(w.co2.value, 6)
      expect(worked.silent.value).toBeCloseTo(w.silent, 3)
    }
  })
})
describe('what is added is carried', () => {
  it('a generator makes her heavier and so thirstier', () => {
    const boat = longer(DEMO.tirrick, 6),
      plain = wishOf(boat),
      series = way(boat, 'series')
    expect(series.mass.value).toBeGreaterThan(50)
    // more from the fuel than what the lighter boat is short of
    const burnt = series.fuel.value / fuelPerElectric(boat.use.costs.fuel, HOURS_SHARE)
    expect(burnt * INTO_BUS).toBeGreaterThan(plain.short * plain.outings)
  })
})
