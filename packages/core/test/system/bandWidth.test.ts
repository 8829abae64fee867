import { describe, expect, it } from 'vitest'
import { HULL_TYPES } from '../../src/hull'
import { typicalAnswers } from '../../src/project'
import { firstDesign } from '../../src/sizing'
import { evaluate } from '../../src/system'
import { everyNth } from '../howMany'

/** Lengths of a kind as shares of what is usual for it. */
const SIZES = [0.6, 1, 1.7]

describe('how wide the band is at the usual cruise of a boat known by ten answers', () => {
  for (const [nth, { id, label, usual, drives }] of HULL_TYPES.entries()) {
    const limit = id === 'keelYacht' || id === 'displacementLaunch' ? 2.2 : 2.5
    it(`${label}: its end is at most ${limit} times its beginning`, () => {
      for (const size of everyNth(SIZES, 3, nth)) {
        const lengthOverAll = size * usual.length
        const answers = { ...typicalAnswers(id, lengthOverAll), lengthOverAll, name: '', hullType: id }
        const { project } = firstDesign({ ...answers, drive: drives[0]!, massHolds: 'before' }, 'x')
        const { packPowerLow, packPowerHigh } = evaluate(project, project.use.cruiseSpeed).point
        expect(packPowerHigh / packPowerLow, `${lengthOverAll} m`).toBeLessThanOrEqual(limit)
        expect(packPowerHigh / packPowerLow, `${lengthOverAll} m`).toBeGreaterThan(1.5)
      }
    })
  }
})
