import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  bladeFamily,
  cubicAt,
  idealEfficiency,
  idealQuayThrust,
  kellerAreaRatio,
  openWater,
  openWaterEfficiency,
  operatingAdvance,
  propellerOptimum,
  tipSpeed,
} from '../../src/propulsor'
import { PRESSURE_ABOVE_VAPOUR } from '../../src/constants'

describe('B-series against the chart values of the published polynomials (data/b-series.json, "check")', () => {
  const b470 = openWater(bladeFamily(0.7, 4), 1)
  it('B4-70 P/D 1.0', () => {
    expect(b470.kt[0]).toBeCloseTo(0.4547, 4)
    expect(10 * b470.kq[0]).toBeCloseTo(0.675, 3)
    expect(cubicAt(b470.kt, 0.5)).toBeCloseTo(0.271, 4)
    expect(10 * cubicAt(b470.kq, 0.5)).toBeCloseTo(0.434, 3)
    expect(cubicAt(b470.kt, 1.062)).toBeCloseTo(0, 3)
    expect(openWaterEfficiency(b470, 0.842)).toBeCloseTo(0.695, 3)
  })
  it('B3-50 P/D 0.8 and B5-75 P/D 1.2', () => {
    const b350 = openWater(bladeFamily(0.5, 3), 0.8)
    expect(b350.kt[0]).toBeCloseTo(0.3217, 4)
    expect(10 * b350.kq[0]).toBeCloseTo(0.388, 3)
    expect(openWater(bladeFamily(0.75, 5), 1.2).kt[0]).toBeCloseTo(0.5587, 4)
  })
})

const loads = fc.record({
  thrust: fc.double({ min: 20, max: 8000, noNaN: true }),
  advanceSpeed: fc.double({ min: 0.5, max: 8, noNaN: true }),
  density: fc.constant(1025.9),
})
const wheels = fc
  .record({ diameter: fc.double({ min: 0.2, max: 1, noNaN: true }), blades: fc.constantFrom(2, 3, 4, 5) })
  .map(w => ({ ...w, areaRatio: { 2: 0.34, 3: 0.5, 4: 0.6, 5: 0.7 }[w.blades]! }))

describe('momentum theory is never beaten', () => {
  it('under way', () => {
    fc.assert(
      fc.property(loads, wheels, (load, w) => {
        const best = propellerOptimum(load, w.diameter, w.areaRatio, w.blades)
        expect(best.efficiency).toBeLessThan(idealEfficiency(load.thrust, load.advanceSpeed, w.diameter, load.density))
        expect(best.efficiency).toBeGreaterThan(0)
      }),
    )
  })
  it('at the quay', () => {
    fc.assert(
      fc.property(wheels, fc.double({ min: 0.5, max: 1.4, noNaN: true }), (w, p) => {
        const water = openWater(bladeFamily(w.areaRatio, w.blades), p),
          n = 10,
          rho = 1025.9
        const thrust = water.kt[0] * rho * n * n * w.diameter ** 4,
          power = 2 * Math.PI * n * water.kq[0] * rho * n * n * w.diameter ** 5
        expect(thrust).toBeLessThan(idealQuayThrust(power, w.diameter, rho))
      }),
    )
  })
})

describe('the operating point', () => {
  it('gives the thrust wanted to 1e-6, and the torque that its power needs', () => {
    fc.assert(
      fc.property(loads, wheels, (load, w) => {
        const best = propellerOptimum(load, w.diameter, w.areaRatio, w.blades)
        const water = openWater(bladeFamily(w.areaRatio, w.blades), best.pitchRatio)
        const thrust = cubicAt(water.kt, best.advanceRatio) * load.density * best.shaftSpeed ** 2 * w.diameter ** 4
        expect(Math.abs(thrust / load.thrust - 1)).toBeLessThan(1e-6)
        expect((load.thrust * load.advanceSpeed) / (2 * Math.PI * best.shaftSpeed * best.torque)).toBeCloseTo(
          best.efficiency,
          6,
        )
      }),
    )
  })
  it('is the best pitch: a tenth more or less is no better', () => {
    fc.assert(
      fc.property(loads, wheels, (load, w) => {
        const best = propellerOptimum(load, w.diameter, w.areaRatio, w.blades)
        const c = load.thrust / (load.density * load.advanceSpeed ** 2 * w.diameter ** 2)
        for (const factor of [0.9, 1.1]) {
          const p = best.pitchRatio * factor
          if (p < 0.5 || p > 1.4) continue
          const water = openWater(bladeFamily(w.areaRatio, w.blades), p)
          expect(openWaterEfficiency(water, operatingAdvance(water, c))).toBeLessThanOrEqual(best.efficiency + 1e-4)
        }
      }),
    )
  })
  it('keeps the shaft speed allowed by taking more pitch', () => {
    const load = { thrust: 500, advanceSpeed: 2.5, density: 1025.9 }
    const free = propellerOptimum(load, 0.4, 0.5, 3),
      slow = propellerOptimum(load, 0.4, 0.5, 3, 10)
    expect(free.shaftSpeed).toBeGreaterThan(10)
    expect(slow.shaftSpeed).toBeLessThanOrEqual(10.0001)
    expect(slow.pitchRatio).toBeGreaterThan(free.pitchRatio)
    expect(slow.limitedBy).toBe('shaftSpeed')
  })
  it('refuses what no propeller can do', () => {
    expect(() => propellerOptimum({ thrust: 0, advanceSpeed: 2, density: 1000 }, 0.4, 0.5, 3)).toThrow(/thrust/)
    expect(() => operatingAdvance(openWater(bladeFamily(0.5, 3), 0.8), Number.NaN)).toThrow(/loading/)
    expect(() => bladeFamily(0.5, 2.5)).toThrow(/blades/)
    expect(() => openWater(bladeFamily(0.5, 3), 3)).toThrow(/pitchRatio/)
  })
})

it('Keller’s area tends to its constant without thrust and grows with it (Keller 1966)', () => {
  expect(kellerAreaRatio(0, 0.4, 3, 0.5, 1025.9)).toBe(0.2)
  expect(kellerAreaRatio(PRESSURE_ABOVE_VAPOUR * 0.16, 0.4, 3, 0, 1025.9)).toBeCloseTo(0.2 + 2.2, 9)
})

it('tips run at π D n', () => {
  expect(tipSpeed(1 / Math.PI, 10)).toBeCloseTo(10, 12)
})
