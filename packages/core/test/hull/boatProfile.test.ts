import { describe, expect, it } from 'vitest'
import { DRIVE_KINDS, hullTypeOf, waterProperties, type BoatDimensions, type DriveKind } from '../../src/hull'
import { boatProfile, type Look } from '../../src/hull/boatProfile'
import { DEMO_BOATS } from '../../src/project'

const HOUSES = ['none', 'console', 'cuddy', 'saloon', 'cabin', 'canopy', 'thwarts', 'seats'] as const
const BOTTOMS = ['transom', 'rocker', 'tube'] as const
const boat = DEMO_BOATS.find(p => p.boat.hullType === 'planing')!.boat as BoatDimensions
const form = hullTypeOf('planing').form(boat, waterProperties('sea').density)
const looks: Look[] = HOUSES.flatMap(house =>
  BOTTOMS.map(bottom => ({ bow: 0.16, stern: 0.11, overhang: 0.12, aft: 0.02, bottom, house, mast: true })),
)

/** every number of a drawing, in its order */
const numbersIn = (drawn: unknown): number[] =>
  typeof drawn === 'number'
    ? [drawn]
    : drawn !== null && typeof drawn === 'object'
      ? Object.values(drawn).flatMap(numbersIn)
      : []
/** the profile of the boat with all her lengths times λ */
function profile(by: number, kind: DriveKind, look: Look) {
  const { drive } = boat
  return boatProfile(
    {
      ...boat,
      lengthOverAll: by * boat.lengthOverAll,
      draught: by * boat.draught,
      drive: {
        ...drive,
        kind,
        greatestDiameter: by * drive.greatestDiameter,
        shaftDepth: by * drive.shaftDepth,
      },
    },
    { ...form, draughtBody: by * form.draughtBody },
    look,
  )
}

describe.each(DRIVE_KINDS)('a boat with %s, drawn from the side', kind => {
  it('is the same drawing at any size, whatever stands on deck', () => {
    for (const look of looks) {
      const small = numbersIn(profile(1, kind, look)),
        large = numbersIn(profile(3, kind, look)),
        // a tilt is an angle
        { tilt = 0 } = profile(1, kind, look).motor
      expect(large).toHaveLength(small.length)
      for (const [i, n] of small.entries())
        if (n !== tilt || tilt === 0) expect(large[i], `${look.house} ${look.bottom}`).toBeCloseTo(3 * n, 9)
    }
  })
  it('stands between the highest and the lowest point that are told', () => {
    for (const look of looks) {
      const { roof, windows, deck, hull, rudder, top, bottom } = profile(1, kind, look)
      for (const [, ...places] of [roof ?? [], ...windows, ...deck, hull, rudder ?? []].flat())
        for (const z of places.filter((_, i) => i % 2 === 1)) {
          expect(z, `${look.house} ${look.bottom}`).toBeLessThanOrEqual(top + 1e-9)
          expect(z, `${look.house} ${look.bottom}`).toBeGreaterThanOrEqual(bottom - 1e-9)
        }
    }
  })
})
