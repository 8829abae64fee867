import { Sampler, type Sample } from '../../src/instruments'
import { hiddenOf, SimulatedBoat, type Hidden } from '../../src/log'
import type { Project } from '../../src/project'
import { runOf, trialNow, trialPlan, type TrialPlan, type TrialRun } from '../../src/trial'

/** A trial run on a simulated boat by the protocol, as an owner would run it. */
export function trialOnWater(project: Project, seed: number, change: Partial<Hidden> = {}) {
  const hidden = { ...hiddenOf(project, seed), ...change }
  const boat = new SimulatedBoat(project, hidden, { time: 1_800_000_000, seed }),
    sampler = new Sampler({}, 'arrival')
  const plan: TrialPlan = trialPlan(boat.most)
  const runs: TrialRun[] = []
  let samples: Sample[] = []
  for (let second = 0; second < 3 * 3600; second++) {
    const now = trialNow(plan, runs, samples.slice(-150))
    if (!now.next) break
    if (now.ready) {
      runs.push(runOf(now.stretch!, now.next.step, now.next.way))
      samples = []
      continue
    }
    boat.steer(plan.steps[now.next.step]!, now.next.way === 'out' ? 1 : 1 + Math.PI)
    boat.step()
    for (const line of boat.sentences()) {
      const sample = sampler.take(line, boat.truth.time)
      if (sample) samples.push(sample)
    }
  }
  return { hidden, boat, plan, runs }
}
