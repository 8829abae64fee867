import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import type { MethodId, HullForm } from '../../src/hull'
import rows from '../../data/delft-yacht-hydrodynamics-rows.json'
import { GRAVITY, KNOT } from '../../src/constants'
import { ONE_ROUND_HULL, waterProperties } from '../../src/hull'
import {
  airResistance,
  appendageResistance,
  bulbResistance,
  correlationAllowance,
  delftResiduary,
  entranceAngle,
  formFactor,
  frictionLine,
  handbookShaftPower,
  holtropWave,
  beliefOf,
  fading,
  type MethodValue,
  recommend,
  RESISTANCE_METHODS,
  resistanceMethodOf,
  runLength,
  transomResistance,
  wymanShaftPower,
  type HoltropShape,
} from '../../src/resistance'

describe('friction', () => {
  it('is ITTC-1957: Re 1e7 gives 0.0030 exactly, Re 1e9 0.001531', () => {
    expect(frictionLine(1e7)).toBe(0.003)
    expect(frictionLine(1e9)).toBeCloseTo(0.001531, 6)
    expect(() => frictionLine(100)).toThrow(RangeError)
  })
  it('of a flat plate without thickness is that of two faces', () => {
    const water = waterProperties('sea')
    const plate = appendageResistance({ span: 1, chord: 1, thickness: 0 }, 2, water)
    expect(plate).toBeCloseTo(0.5 * water.density * 4 * 2 * frictionLine(2 / water.viscosity), 9)
  })
})

/** The ship of the 1984 paper (input and totals recalled twice, independently; see data/holtrop.json). */
const ship1984: HoltropShape & { S: number; SAPP: number } = {
  L: 50,
  B: 12,
  T: 3.2,
  volume: 900,
  CP: 900 / (50 * 12 * 3.2 * 0.78),
  CM: 0.78,
  CWP: 0.8,
  lcb: -4.5,
  AT: 10,
  TF: 3.1,
  iE: 25,
  S: 584.9,
  SAPP: 50,
}
const RHO = 1025,
  NU = 1.18831e-6,
  G = 9.81

describe('Holtrop 1984 example, 50 m ship', () => {
  it.each([
    [25, 662],
    [27, 715],
    [29, 756],
    [31, 807],
    [33, 864],
    [35, 925],
  ])('at %d kn totals %d kN within 0.5 %%', (knots, total) => {
    const s = ship1984,
      V = knots * KNOT,
      cf = frictionLine((V * s.L) / NU),
      half = 0.5 * RHO * V * V
    const sum =
      half * cf * (s.S * formFactor(s) + s.SAPP * 3) +
      s.volume * RHO * G * holtropWave(s)(V / Math.sqrt(G * s.L)) +
      transomResistance(V, RHO, s) +
      half * (s.S + s.SAPP) * correlationAllowance(s)
    expect(Math.abs(sum / 1000 / total - 1)).toBeLessThan(0.005)
  })
  it('has the run of 14.17 m and the wave resistance of 475 kN at 25 kn', () => {
    expect(runLength(ship1984)).toBeCloseTo(14.1728, 3)
    const V = 25 * KNOT
    expect((holtropWave(ship1984)(V / Math.sqrt(G * 50)) * 900 * RHO * G) / 1000).toBeCloseTo(475, 0)
  })
})

describe('Holtrop & Mennen 1982 example, 205 m ship at 25 kn', () => {
  const s: HoltropShape = {
    L: 205,
    B: 32,
    T: 10,
    volume: 37_500,
    CP: 37_500 / (205 * 32 * 10 * 0.98),
    CM: 0.98,
    CWP: 0.75,
    lcb: -0.75,
    AT: 16,
    ABT: 20,
    hB: 4,
    TF: 10,
  }
  const V = 25 * KNOT,
    half = 0.5 * RHO * V * V,
    cf = frictionLine((V * 205) / NU)
  /** the form factor of the 1982 paper, which the 1984 paper replaced */
  const k1982 =
    1.03 *
    (0.93 +
      (s.T / s.L) ** 0.2228446 *
        (s.B / runLength(s)) ** 0.92497 *
        (0.95 - s.CP) ** -0.521448 *
        (1 - s.CP + 0.0225 * s.lcb) ** 0.6906)
  it('has the paper’s parts', () => {
    expect(k1982).toBeCloseTo(1.156, 3)
    expect((half * 7381.45 * cf) / 1000).toBeCloseTo(869.63, 0)
    expect(entranceAngle(s)).toBeCloseTo(12.08, 2)
    expect(correlationAllowance(s)).toBeCloseTo(0.000352, 6)
    expect(bulbResistance(V, RHO, s) / 1000).toBeCloseTo(0.049, 3)
    expect(transomResistance(V, RHO, s)).toBe(0)
  })
  it('totals 1793.26 kN within 0.5 %', () => {
    const sum =
      half * cf * (7381.45 * k1982 + 50 * 1.5) +
      holtropWave(s)(V / Math.sqrt(G * 205)) * s.volume * RHO * G +
      bulbResistance(V, RHO, s) +
      half * 7431.45 * correlationAllowance(s)
    expect(Math.abs(sum / 1000 / 1793.26 - 1)).toBeLessThan(0.005)
  })
})

describe('Delft series', () => {
  // Yacht Hydrodynamics data set, three hulls recalled from memory (data/delft-yacht-hydrodynamics-rows.json)
  it.each(rows.hulls.map((h, i) => [i, h] as const))(
    'comes within 25 %% of the towing tests of hull %d at Fn 0.30 to 0.45',
    (_, { hull, Rr }) => {
      const [lcb, Cp, slender, bt, lb] = hull as [number, number, number, number, number]
      const L = 10,
        V = (L / slender) ** 3,
        B = L / lb,
        T = B / bt,
        Cm = V / (L * B * T * Cp)
      const form: HullForm = {
        lengthWaterline: L,
        beamWaterline: B,
        draughtBody: T,
        volumeBody: V,
        volume: V,
        prismatic: Cp,
        midship: Cm,
        waterplane: 0.69,
        lcb: lcb / 100,
        lcf: -0.033,
        wettedSurface: (1.97 + (0.171 * B) / T) * Math.cbrt(0.65 / Cm) * Math.sqrt(V * L),
        transomArea: 0,
        halfEntrance: 0.35,
        ...ONE_ROUND_HULL,
        estimates: [],
      }
      const computed = delftResiduary({ form })
      for (const [fn, index] of [
        [0.3, 4],
        [0.35, 5],
        [0.4, 6],
        [0.45, 7],
      ] as const) {
        expect(Math.abs((computed[index]! * 1000) / Rr[rows.Fn.indexOf(fn)]! - 1)).toBeLessThan(0.25)
      }
    },
  )
})

describe('handbook formulas', () => {
  it('asks 3.26 kW a tonne at SL 1.34 (Gerr 2-1)', () => {
    const L = 9,
      speed = 1.34 * Math.sqrt(L / 0.3048) * KNOT
    expect(handbookShaftPower(speed, L, 1000) / 1000).toBeCloseTo(3.26, 2)
  })
  it('agrees with Wyman’s definition at V/√L 1: Cw 0.97', () => {
    const L = 9,
      speed = Math.sqrt(L / 0.3048) * KNOT
    expect(wymanShaftPower(speed, L, 453.59237) / 745.7).toBeCloseTo(1 / 0.97 ** 3, 3)
  })
})

const forms = fc
  .record({
    L: fc.double({ min: 5, max: 14, noNaN: true }),
    lb: fc.double({ min: 2.8, max: 4.9, noNaN: true }),
    slender: fc.double({ min: 4.5, max: 7, noNaN: true }),
    Cp: fc.double({ min: 0.53, max: 0.59, noNaN: true }),
  })
  .map(({ L, lb, slender, Cp }): HullForm => {
    const V = (L / slender) ** 3,
      B = L / lb,
      T = V / (Cp * 0.72 * B * L)
    return {
      lengthWaterline: L,
      beamWaterline: B,
      draughtBody: T,
      volumeBody: V,
      volume: V * 1.05,
      prismatic: Cp,
      midship: 0.72,
      waterplane: 0.67,
      lcb: -0.03,
      lcf: -0.05,
      wettedSurface: (1.97 + (0.171 * B) / T) * Math.cbrt(0.65 / 0.72) * Math.sqrt(V * L),
      transomArea: 0,
      halfEntrance: 0.35,
      ...ONE_ROUND_HULL,
      estimates: [],
    }
  })

describe('every method', () => {
  const water = waterProperties('sea')
  const prepare = (form: HullForm, id: MethodId, frictionFactor = 1) =>
    resistanceMethodOf(id).prepare({ form, water, frictionFactor, frictionAllowance: 0.0004 })
  it.each(RESISTANCE_METHODS.map(m => m.id))('%s: zero at rest, finite, never negative, no less when foul', id => {
    fc.assert(
      fc.property(forms, fc.double({ min: 0, max: 0.6, noNaN: true }), (form, fn) => {
        const speed = fn * Math.sqrt(GRAVITY * form.lengthWaterline)
        const clean = prepare(form, id).at(speed),
          foul = prepare(form, id, 1.5).at(speed)
        expect(Number.isFinite(clean.friction + clean.wave)).toBe(true)
        expect(Math.min(clean.friction, clean.wave)).toBeGreaterThanOrEqual(0)
        expect(foul.friction).toBeGreaterThanOrEqual(clean.friction)
        expect(prepare(form, id).at(0)).toEqual({ friction: 0, wave: 0 })
      }),
    )
  })
  // the handbook formulas tie power to weight alone, so they do not scale by Froude's law
  it.each<MethodId>(['delft1998', 'holtrop1984', 'thinShip'])(
    '%s: at equal Froude number the wave part scales with the weight',
    id => {
      fc.assert(
        fc.property(
          forms,
          fc.double({ min: 0.15, max: 0.5, noNaN: true }),
          fc.double({ min: 0.5, max: 2, noNaN: true }),
          (form, fn, k) => {
            const larger: HullForm = {
              ...form,
              lengthWaterline: form.lengthWaterline * k,
              beamWaterline: form.beamWaterline * k,
              draughtBody: form.draughtBody * k,
              volumeBody: form.volumeBody * k ** 3,
              volume: form.volume * k ** 3,
              wettedSurface: form.wettedSurface * k * k,
            }
            const at = (f: HullForm) => prepare(f, id).at(fn * Math.sqrt(GRAVITY * f.lengthWaterline)).wave
            const weight = form.volumeBody * water.density * GRAVITY
            expect(Math.abs(at(larger) / k ** 3 - at(form))).toBeLessThan(1e-8 * weight)
          },
        ),
      )
    },
  )
  it('says which dimension leaves its range', () => {
    const form = fc.sample(forms, 1)[0]!
    expect(prepare({ ...form, prismatic: 0.7 }, 'delft1998').outside.map(o => o.name)).toContain(
      'Prismatic coefficient',
    )
  })
})

describe('the recommendation', () => {
  const opinion = (over: Partial<MethodValue> = {}): MethodValue => ({
    id: 'x',
    value: 100,
    sigma: 0.2,
    distance: 0,
    rule: false,
    ...over,
  })
  it('leaves out a method far outside its range', () => {
    expect(recommend([opinion(), opinion({ distance: 2, value: 900 })]).centre).toBeCloseTo(100, 6)
  })
  it('asks the rules of thumb only where nothing better is left', () => {
    const rule = opinion({ rule: true, sigma: 0.5, value: 900 })
    expect(recommend([opinion(), rule]).centre).toBeCloseTo(100, 6)
    const alone = recommend([opinion({ distance: 3 }), rule])
    expect(alone.centre).toBeCloseTo(900, 6)
    expect(alone.outsideAll).toBe(true)
  })
  it('of two that are sure of different things, says that both are not sure', () => {
    const apart = recommend([opinion(), opinion({ value: 300 })]),
      near = recommend([opinion(), opinion({ value: 105 })])
    expect(apart.sigma).toBeGreaterThan(2 * near.sigma)
    expect(apart.centre).toBeCloseTo(Math.sqrt(100 * 300), 6)
  })
  it('lies between its opinions, in shares that add to one, and changes smoothly as one fades', () => {
    const some = fc.record({
      distance: fc.double({ min: 0, max: 2.5, noNaN: true }),
      sigma: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
      value: fc.double({ min: 10, max: 1000, noNaN: true }),
      rule: fc.boolean(),
    })
    fc.assert(
      fc.property(fc.array(some, { minLength: 1, maxLength: 5 }), list => {
        const r = recommend([...list.map((m, i) => opinion({ ...m, id: String(i) })), opinion({ rule: true })])
        const counted = [...list.map(m => m.value), 100].filter((_, i) => r.shares[i]! > 0)
        expect(r.centre).toBeGreaterThanOrEqual(Math.min(...counted) * (1 - 1e-9))
        expect(r.centre).toBeLessThanOrEqual(Math.max(...counted) * (1 + 1e-9))
        expect(r.shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
        const nudged = recommend([
          ...list.map((m, i) => opinion({ ...m, distance: m.distance + 1e-4, id: String(i) })),
          opinion({ rule: true }),
        ])
        expect(Math.abs(Math.log(nudged.centre / r.centre))).toBeLessThan(0.01)
      }),
    )
  })
  it('grows less sure with every step outside, and never jumps', () => {
    const at = (value: number) => beliefOf(0.15, [{ name: 'L/B', value, least: 3.9, most: 15, doubt: 0.9, far: 0.3 }])
    expect(at(3.9)).toEqual({ sigma: 0.15, distance: 0 })
    expect(at(3.899).sigma).toBeCloseTo(0.15, 5)
    expect(at(3).sigma).toBeGreaterThan(at(3.4).sigma)
    expect(fading(0)).toBe(1)
    expect(fading(2)).toBe(0)
  })
  it('counts a head wind as a vector', () => {
    expect(airResistance(4, 2, 3)).toBeCloseTo(airResistance(4, 5, 0), 9)
    expect(airResistance(4, 2, -5)).toBeLessThan(0)
  })
})
