import { describe, expect, it } from 'vitest'
import { trialHonesty } from '../../src/log'
import { DEMO } from '../../src/project'
import { EMPTY_READING, handRun, pairsOf, pointsOf, readTrialTable, tableRuns, trialPlan } from '../../src/trial'

const rows = (text: string) => {
  const table = readTrialTable(text)
  if (table.outcome === 'wrong') throw new Error(JSON.stringify(table.errors))
  return table.points
}
const runsOf = (text: string, steps: number[] = []) => tableRuns(rows(text), { steps }, 1000, v => 100 * v ** 3)

describe('a run by hand', () => {
  it('has watts, or volts times amps, or turns; a speed alone is none', () => {
    const read = { ...EMPTY_READING, speed: 2 }
    expect(handRun({ ...read, power: 900 }, 0, 'out', 0)!.means).toEqual({ ground: 2, power: 900 })
    expect(handRun({ ...read, voltage: 50, current: 20 }, 0, 'out', 0)!.means.power).toBe(1000)
    expect(handRun({ ...read, rpm: 600 }, 0, 'out', 0)!.means).toEqual({ ground: 2, rpm: 10 })
    expect(handRun(read, 0, 'out', 0)).toBeNull()
    // what the old engine gave, or the shaft, is no power from the pack
    for (const kind of ['engine', 'shaft'] as const)
      expect(handRun({ ...read, kind, power: 67_000 }, 0, 'out', 0)).toBeNull()
    // nor are watts that volts and amps contradict
    expect(handRun({ ...read, power: 900, voltage: 50, current: 40 }, 0, 'out', 0)).toBeNull()
  })
})

describe('runs of pasted rows', () => {
  it('out and back at about one power are a step, whose stream drops out', () => {
    const { steps, runs } = runsOf('speed kn,power W,way\n4,1000,out\n3,1010,back\n5,2000,out\n4,1990,back')
    expect(steps).toEqual([1005, 1995])
    const pairs = pairsOf({ ...trialPlan(4000, []), steps }, runs)
    expect(pairs.map(p => p.paired)).toEqual([true, true])
    // half of the difference, 0.5 kn
    expect(pairs[0]!.stream).toBeCloseTo(0.5 * (1852 / 3600), 6)
  })
  it('of a notch belong together whatever their watts, and without ways are taken in turn', () => {
    const { steps, runs } = runsOf('notch,speed kn,volts V,amps A\n1,2,12,9\n1,1.8,12,11\n2,3,12,20\n2,2.8,12,20')
    expect(steps).toHaveLength(2)
    expect(runs.map(r => r.way)).toEqual(['out', 'back', 'out', 'back'])
  })
  it('come after the steps that are there', () => {
    const { steps, runs } = runsOf('speed kn,power W\n4,1000', [500, 800])
    expect([steps.length, runs[0]!.step]).toEqual([3, 2])
  })
  it('of turns alone are readings by rpm at the watts that are expected', () => {
    const { steps, runs } = runsOf('speed kn,rpm\n4,600')
    expect(steps[0]).toBeCloseTo(100 * (4 * (1852 / 3600)) ** 3, 6)
    expect(pointsOf({ ...trialPlan(4000, []), steps }, runs)[0]).toMatchObject({ kind: 'rpm', rpm: 600 })
  })
  it('are as honest as they are: ways count, steadiness was not heard', () => {
    const { steps, runs } = runsOf('speed kn,power W,way\n4,1000,out\n3,1010,back')
    const honest = trialHonesty(DEMO.tirrick, { ...trialPlan(4000, []), steps }, runs)
    expect(honest.map(w => [w.id, w.state])).toContainEqual(['ways', 'fits'])
    expect(honest.find(w => w.id === 'steady')).toMatchObject({ state: 'note', value: null, cost: 0.05 })
  })
})
