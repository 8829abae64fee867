import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  finVolume,
  froudeNumber,
  HULL_TYPES,
  hullSpeed,
  hullTypeOf,
  waterProperties,
  waveLength,
  type HullTypeId,
} from '../../src/hull'
import { FOOT, KNOT } from '../../src/constants'
import { newProject, typicalAnswers } from '../../src/project'

const boatOf = (type: HullTypeId, length: number) => newProject(typicalAnswers(type, length), 'test').boat

describe('water', () => {
  it('has the ITTC values at 15 °C', () => {
    // ITTC 7.5-02-01-03
    expect(waterProperties('sea')).toEqual({ density: 1025.9, viscosity: 1.188e-6 })
    expect(waterProperties('fresh').viscosity).toBeCloseTo(1.139e-6, 12)
  })
  it(
    'is thicker when cold: fresh water at 5 °C 1.519e-6, at 25 °C 0.893e-6 (ITTC 7.5-02-01-03, from ' +
      'memory of, 1 %)',
    () => {
      expect(Math.abs(waterProperties('fresh', 278.15).viscosity / 1.519e-6 - 1)).toBeLessThan(0.01)
      expect(Math.abs(waterProperties('fresh', 298.15).viscosity / 0.893e-6 - 1)).toBeLessThan(0.01)
    },
  )
})

describe('hull speed', () => {
  it('is 1.34 √LWL in knots and feet (common practice)', () => {
    expect(hullSpeed(30 * FOOT) / KNOT / Math.sqrt(30)).toBeCloseTo(1.34, 2)
  })
  it('is where the wave is as long as the waterline', () => {
    expect(waveLength(hullSpeed(8))).toBeCloseTo(8, 9)
    expect(froudeNumber(hullSpeed(8), 8)).toBeCloseTo(1 / Math.sqrt(2 * Math.PI), 9)
  })
  it('refuses nonsense by name', () => {
    expect(() => froudeNumber(-1, 8)).toThrow(/speed/)
    expect(() => hullSpeed(0)).toThrow(/length/)
  })
})

describe('form', () => {
  it('displaces the boat’s weight: body and fins together', () => {
    const boat = boatOf('keelYacht', 9.2)
    const type = hullTypeOf('keelYacht'),
      form = type.form(boat, 1025.9)
    const fins = type.appendages(boat, form).reduce((sum, fin) => sum + finVolume(fin), 0)
    expect(((form.volumeBody + fins) * 1025.9) / boat.mass).toBeCloseTo(1, 2)
    expect(form.prismatic * form.midship * form.beamWaterline * form.lengthWaterline * form.draughtBody).toBeCloseTo(
      form.volumeBody,
      9,
    )
  })
  it('marks what it estimates and nothing else', () => {
    const boat = { ...boatOf('keelYacht', 9.2), lengthWaterline: 7.75, prismatic: 0.55 }
    const fields = hullTypeOf('keelYacht')
      .form(boat, 1025.9)
      .estimates.map(e => e.field)
    expect(fields).not.toContain('lengthWaterline')
    expect(fields).not.toContain('prismatic')
    expect(fields).toEqual(expect.arrayContaining(['beamWaterline', 'midship', 'waterplane', 'lcb']))
  })
  it('is finite and positive for every type and usual length', () => {
    fc.assert(
      fc.property(fc.constantFrom(...HULL_TYPES), fc.double({ min: 5, max: 18, noNaN: true }), (type, length) => {
        const boat = boatOf(type.id, length),
          form = type.form(boat, 1025.9)
        for (const key of ['lengthWaterline', 'beamWaterline', 'draughtBody', 'volumeBody', 'wettedSurface'] as const)
          expect(form[key]).toBeGreaterThan(0)
        const drawn = type.elevation(boat, form)
        for (const stroke of [...drawn.hull, ...(drawn.keel ?? []), ...drawn.shaft])
          for (const v of stroke.slice(1)) expect(Number.isFinite(v)).toBe(true)
      }),
    )
  })
})
