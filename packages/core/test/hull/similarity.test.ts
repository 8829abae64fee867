import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HULL_TYPES, hullTypeOf, waterProperties, type BoatDimensions, type HullTypeId } from '../../src/hull'
import { DEMO_BOATS, newProject, typicalAnswers } from '../../src/project'

const water = waterProperties('sea')
const scales = fc.double({ min: 0.8, max: 1.25, noNaN: true })
/** all lengths of a boat times λ, her mass times λ³ */
const LENGTHS = [
  'lengthOverAll',
  'lengthWaterline',
  'beam',
  'beamWaterline',
  'draught',
  'hullBeam',
  'hullSpacing',
  'lcg',
] as const
function scaled(boat: BoatDimensions, by: number): BoatDimensions {
  const grown = Object.fromEntries(LENGTHS.map(key => [key, boat[key] === null ? null : boat[key] * by]))
  return { ...boat, ...grown, mass: boat.mass * by ** 3 }
}
/** the demo boat of a type; tubes as wide as they are usual, since those come in a few sizes whatever the boat */
function demo(id: HullTypeId): BoatDimensions {
  const boat = DEMO_BOATS.find(p => p.boat.hullType === id)!.boat as BoatDimensions,
    { tubeDiameter } = hullTypeOf(id).form(boat, water.density)
  return { ...boat, hullBeam: boat.hullBeam ?? (tubeDiameter || null) }
}

describe.each(HULL_TYPES.map(t => [t.id, t] as const))('a %s grown to scale', (id, type) => {
  it('keeps its shape: lengths go with λ, surfaces with λ², volumes with λ³', () => {
    fc.assert(
      fc.property(scales, by => {
        const small = type.form(demo(id), water.density),
          large = type.form(scaled(demo(id), by), water.density)
        for (const key of ['lengthWaterline', 'beamWaterline', 'draughtBody', 'hullSpacing', 'tubeDiameter'] as const)
          expect(large[key], key).toBeCloseTo(small[key] * by, 8)
        for (const key of ['wettedSurface', 'transomArea'] as const)
          expect(large[key], key).toBeCloseTo(small[key] * by ** 2, 7)
        for (const key of ['volume', 'volumeBody'] as const)
          expect(large[key], key).toBeCloseTo(small[key] * by ** 3, 7)
        for (const key of ['prismatic', 'midship', 'waterplane', 'lcb', 'halfEntrance'] as const)
          expect(large[key], key).toBeCloseTo(small[key], 9)
      }),
      { numRuns: 30 },
    )
  })
  it('sinks deeper when laden, and its wetted skin does not shrink', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.02, max: 1.3, noNaN: true }), more => {
        const boat = demo(id),
          light = type.form(boat, water.density),
          laden = type.form({ ...boat, mass: boat.mass * more }, water.density)
        expect(laden.draughtBody).toBeGreaterThan(light.draughtBody)
        expect(laden.wettedSurface).toBeGreaterThanOrEqual(light.wettedSurface * (1 - 1e-9))
      }),
      { numRuns: 30 },
    )
  })
  it('floats higher in the sea than in a lake, by the ratio of their densities', () => {
    const sea = type.form(demo(id), waterProperties('sea').density),
      lake = type.form(demo(id), waterProperties('fresh').density)
    expect(lake.volume / sea.volume).toBeCloseTo(waterProperties('sea').density / waterProperties('fresh').density, 12)
    expect(lake.draughtBody).toBeGreaterThan(sea.draughtBody)
  })
  it('gives every estimate a range and a reason', () => {
    for (const estimate of type.form(newProject(typicalAnswers(id, 6), 'any').boat as BoatDimensions, water.density)
      .estimates) {
      expect(estimate.spread, estimate.field).toBeGreaterThan(0)
      expect(estimate.spread, estimate.field).toBeLessThanOrEqual(1)
      expect(estimate.basis.length, estimate.field).toBeGreaterThan(8)
      expect(Number.isFinite(estimate.value), estimate.field).toBe(true)
    }
  })
  it('has windage, and wake and thrust deduction below a third, on every drive that it may have', () => {
    const boat = demo(id),
      form = type.form(boat, water.density)
    expect(type.windage(boat)).toBeGreaterThan(0)
    for (const drive of type.drives) {
      const { wakeFraction, thrustDeduction, relativeRotative, basis } = type.interaction(form, drive, boat.keel)
      for (const share of [wakeFraction, thrustDeduction]) {
        expect(share, drive).toBeGreaterThanOrEqual(-0.05)
        expect(share, drive).toBeLessThan(0.34)
      }
      expect(Math.abs(relativeRotative - 1), drive).toBeLessThan(0.1)
      expect(basis.length).toBeGreaterThan(8)
    }
  })
})
