import { hullSpeed } from '../hull'
import { findRoot } from '../numeric'
import { driveTrain } from './driveTrain'
import { hullResistance } from './hullResistance'
import { limitShares, tightestLimit, type LimitName } from './limits'
import type { Model } from './model'

/** Greatest speed and what stops it. */
export type TopSpeed
  = | { outcome: 'limited', speed: number, by: LimitName, iterations: number }
  /** no limit met up to twice hull speed, or well above the wished top */
    | { outcome: 'noLimit', speed: number }
  /** even a crawl passes a limit */
    | { outcome: 'none', by: LimitName }

/**
 * Greatest speed that motor, controller and pack hold, all day or for minutes.
 *
 * @param model the boat
 * @param which all-day or peak ratings
 * @returns the speed in m/s and the limit that sets it
 */
export function topSpeed(model: Model, which: 'allDay' | 'minutes'): TopSpeed {
  const excess = (speed: number) => tightestLimit(limitShares(model, driveTrain(model, speed, hullResistance(model, speed).centre)), which)
  const least = 0.25, most = Math.min(30, Math.max(2 * hullSpeed(model.form.lengthWaterline), model.hullType.waveBound ? 0 : 1.6 * model.project.use.topSpeed))
  const slowest = excess(least)
  if (slowest.share >= 1) return { outcome: 'none', by: slowest.name }
  // over a hump the share may fall again: what counts is the first speed that is not reached
  const STEPS = model.hullType.waveBound ? 1 : 40
  let high = most
  for (let i = 1; i < STEPS; i++) {
    const v = least + (most - least) * i / STEPS
    if (excess(v).share < 1) continue
    high = v
    break
  }
  const root = findRoot(v => Math.log(excess(v).share), high === most ? least : high - (most - least) / STEPS, high, 1e-3)
  if (root.outcome === 'noBracket') return { outcome: 'noLimit', speed: most }
  return { outcome: 'limited', speed: root.x, by: excess(root.x).name, iterations: root.iterations }
}
