import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hydrostatics, planeFigures, waterlineOf } from '../../src/mass'
import { DEMO_BOATS } from '../../src/project'
import { modelOf } from '../../src/system'
import type { HullForm } from '../../src/hull'
import { SIZED_FLEET } from '../fleet/fleetBoats'

/** Half breadths of a closed shape at even stations. */
const offsets = (length: number, of: (x: number) => number, n = 2000) => ({
  length,
  halfBreadths: Array.from({ length: n + 1 }, (_, i) => of((i / n) * length)),
})
const near = (value: number, wanted: number, share = 1e-9) => expect(Math.abs(value / wanted - 1)).toBeLessThan(share)

describe('a waterplane', () => {
  it('of a box has L B, L³B/12 and LB³/12', () => {
    const f = planeFigures(offsets(8, () => 1.5, 10))
    near(f.area, 24)
    near(f.centre, 4)
    near(f.longitudinal, (8 ** 3 * 3) / 12)
    near(f.transverse, (8 * 3 ** 3) / 12)
  })
  it('of a wedge has its centre at two thirds, BL³/36 and LB³/48', () => {
    const f = planeFigures(offsets(9, x => x / 6, 90))
    near(f.area, (9 * 3) / 2)
    near(f.centre, 6)
    near(f.longitudinal, (3 * 9 ** 3) / 36)
    near(f.transverse, (9 * 3 ** 3) / 48)
  })
  it('of an ellipsoid has π/4 L B, π/64 L³B and π/64 LB³', () => {
    const f = planeFigures(offsets(10, x => Math.sqrt(Math.max(0, 1 - (x / 5 - 1) ** 2)), 20_000))
    near(f.area, (Math.PI / 4) * 20, 1e-4)
    near(f.centre, 5, 1e-9)
    near(f.longitudinal, (Math.PI / 64) * 1000 * 2, 1e-3)
    near(f.transverse, (Math.PI / 64) * 10 * 8, 1e-3)
  })
  it('of any hull has the area and the centre of its form, by an integration of another kind', () => {
    for (const boat of [...DEMO_BOATS, ...SIZED_FLEET]) {
      const { form } = modelOf(boat),
        line = waterlineOf(form),
        n = line.halfBreadths.length - 1,
        step = line.length / n
      // trapezia, where the core has Simpson's rule
      const sum = (of: (x: number, y: number) => number) =>
        line.halfBreadths.reduce((s, y, i) => s + (i === 0 || i === n ? 0.5 : 1) * of(i * step, y), 0) * step
      const area = 2 * sum((_, y) => y),
        figures = planeFigures(line)
      near(area, form.lengthWaterline * form.beamWaterline * Math.min(0.995, form.waterplane), 0.005)
      near(figures.area, area, 0.005)
      near(figures.longitudinal, 2 * sum((x, y) => y * (x - figures.centre) ** 2), 0.005)
      near(figures.transverse, (2 / 3) * sum((_, y) => y ** 3), 0.005)
      expect(Math.abs(figures.centre / form.lengthWaterline - (0.5 - form.lcf))).toBeLessThan(0.005)
      expect(Math.max(...line.halfBreadths)).toBeLessThan(0.53 * form.beamWaterline)
    }
  })
})

const box = (over: Partial<HullForm> = {}): HullForm => ({
  lengthWaterline: 10,
  beamWaterline: 3,
  draughtBody: 0.5,
  volumeBody: 15,
  volume: 15,
  prismatic: 1,
  midship: 1,
  waterplane: 0.995,
  lcb: 0,
  lcf: 0,
  wettedSurface: 40,
  transomArea: 1.5,
  halfEntrance: 1,
  hulls: 1,
  hullSpacing: 0,
  section: 'round',
  tubeDiameter: 0,
  bottom: null,
  estimates: [],
  ...over,
})
const float = (form: HullForm, known = { gm: null as number | null, roll: null as number | null }) =>
  hydrostatics({ beam: 3, hullType: 'displacementLaunch' }, form, { waterlineFrom: 0.5 }, 1000, known)

describe('how a boat floats', () => {
  it('a box: BM is B²/12T and L²/12T, buoyancy half way down', () => {
    const h = float(box())
    // ends are a little rounded: a coefficient of 0.995, and inertias go by the cube
    near(h.bmt, 9 / 6, 0.02)
    near(h.bml, 100 / 6, 0.02)
    near(h.buoyancyDepth, 0.25, 0.01)
    near(h.perMetre, 30_000, 0.006)
    expect(h.flotation).toBeCloseTo(5.5, 2)
  })
  it('a wedge below the water has its buoyancy a third down', () => {
    near(float(box({ midship: 0.5, volume: 7.5 })).buoyancyDepth, 0.5 / 3, 0.01)
  })
  it('two hulls add A d², and three tubes the outer two', () => {
    const one = float(box({ beamWaterline: 1, volume: 5 })).plane,
      two = float(box({ beamWaterline: 1, hulls: 2, hullSpacing: 4, volume: 10 })).plane,
      three = float(box({ beamWaterline: 1, hulls: 3, hullSpacing: 2, volume: 15 })).plane
    near(two.area, 2 * one.area)
    near(two.transverse, 2 * one.transverse + 2 * one.area * 4)
    near(three.transverse, 3 * one.transverse + 2 * one.area * 4)
    near(two.longitudinal, 2 * one.longitudinal)
  })
  it('a measured GM is taken, a roll gives one, and an estimate has the widest range', () => {
    const measured = float(box(), { gm: 0.9, roll: null }).gm,
      rolled = float(box(), { gm: null, roll: 3 }).gm,
      guessed = float(box()).gm
    expect(measured.value).toBe(0.9)
    // 2π · 0.4 · 3 m ÷ 3 s, squared, ÷ g
    near(rolled.value, (2 * Math.PI * 0.4) ** 2 / 9.80665)
    for (const gm of [measured, rolled, guessed]) {
      expect(gm.low).toBeLessThan(gm.value)
      expect(gm.high).toBeGreaterThan(gm.value)
    }
  })
  it('a little more of a coefficient changes inertias a little', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 0.9, noNaN: true }),
        fc.double({ min: -0.08, max: 0.02, noNaN: true }),
        (waterplane, lcf) => {
          const of = (w: number) => planeFigures(waterlineOf(box({ waterplane: w, lcf, transomArea: 0 })))
          const a = of(waterplane),
            b = of(waterplane * 1.01)
          expect(Math.abs(Math.log(b.longitudinal / a.longitudinal))).toBeLessThan(0.08)
          expect(Math.abs(Math.log(b.transverse / a.transverse))).toBeLessThan(0.08)
        },
      ),
    )
  })
})
