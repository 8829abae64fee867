import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import {
  centreResistance,
  driveTrain,
  hullResistance,
  limitShares,
  modelOf,
  tightestLimit,
  topSpeed,
  withoutBand,
} from '../../src/system'

const named = DEMO_BOATS.map(p => [p.name, p] as const)

describe('the centre of the resistance without its band', () => {
  it.each(named)('%s: is the centre with it, to the last digit', (_, project) => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (speed, unsure) => {
          const model = modelOf(withEdits(project, [{ path: 'boat.massUncertainty', value: unsure }]))
          expect(centreResistance(model, speed)).toBe(hullResistance(model, speed).centre)
        },
      ),
      { numRuns: 25 },
    )
  })
  it('leaves the boat as she was', () => {
    const model = modelOf(DEMO.tirrick),
      before = hullResistance(model, 2.4)
    expect(withoutBand(model)).not.toBe(model)
    expect(hullResistance(model, 2.4)).toEqual(before)
    expect(before.low).toBeLessThan(before.centre)
  })
})

describe('top speed', () => {
  const shareAt = (model: ReturnType<typeof modelOf>, speed: number, which: 'allDay' | 'minutes') =>
    tightestLimit(limitShares(model, driveTrain(model, speed, hullResistance(model, speed).centre)), which)
  it.each(named)('%s: its limit is just met there, and nowhere below', (_, project) => {
    const model = modelOf(project)
    for (const which of ['allDay', 'minutes'] as const) {
      const top = topSpeed(model, which)
      if (top.outcome !== 'limited') continue
      const met = shareAt(model, top.speed, which)
      expect(met.name).toBe(top.by)
      expect(met.share).toBeCloseTo(1, 2)
      for (let i = 1; i < 20; i++)
        expect(shareAt(model, 0.25 + ((0.999 * top.speed - 0.25) * i) / 20, which).share).toBeLessThan(1)
    }
  })
  it('is the same with what another search has seen as without, and never lower for minutes', () => {
    for (const project of DEMO_BOATS) {
      const model = modelOf(project),
        seen = new Map()
      const allDay = topSpeed(model, 'allDay', seen),
        minutes = topSpeed(model, 'minutes', seen)
      expect(minutes).toEqual(topSpeed(model, 'minutes'))
      if (allDay.outcome === 'limited' && minutes.outcome === 'limited')
        expect(minutes.speed).toBeGreaterThanOrEqual(allDay.speed - 1e-3)
    }
  })
})
