import { hullSpeed } from '../hull'
import { findRoot } from '../numeric'
import { driveTrain } from './driveTrain'
import { hullResistance, forCentre } from './curve/hullResistance'
import type { LimitName } from './banks/limitName'
import { limitShares, tightestLimit, type LimitShare } from './banks/limits'
import type { Model } from './model'

/** Greatest speed and what stops it. */
export type TopSpeed =
  | { outcome: 'limited'; speed: number; by: LimitName; iterations: number }
  /** no limit met up to twice hull speed, or well above the wished top */
  | { outcome: 'noLimit'; speed: number }
  /** even a crawl passes a limit */
  | { outcome: 'none'; by: LimitName }

/** Speeds are looked for up to so many times the wished top: a strong drive goes faster than anybody wished. */
const BEYOND = { waveBound: 1.6, planes: 3 } as const

/**
 * Greatest speed that motor, controller and pack hold, all day or for minutes.
 *
 * @param boat the boat
 * @param which all-day or peak ratings
 * @param seen shares of the limits by speed, found so far: the searches for all day and for minutes begin alike
 * @param lifted limits that are left out, as with a part strong enough
 * @returns the speed in m/s and the limit that sets it
 */
export function topSpeed(
  boat: Model,
  which: 'allDay' | 'minutes',
  seen: Map<number, LimitShare[]> = new Map(),
  lifted: (name: LimitName) => boolean = () => false,
): TopSpeed {
  const model = forCentre(boat)
  const excess = (speed: number) => {
    let shares = seen.get(speed)
    if (!shares)
      seen.set(speed, (shares = limitShares(model, driveTrain(model, speed, hullResistance(model, speed).centre))))
    return tightestLimit(
      shares.filter(s => !lifted(s.name)),
      which,
    )
  }
  const least = 0.25,
    most = Math.min(
      30,
      Math.max(
        2 * hullSpeed(model.form.lengthWaterline),
        (model.hullType.waveBound ? BEYOND.waveBound : BEYOND.planes) * model.project.use.topSpeed,
      ),
    )
  const slowest = excess(least)
  if (slowest.share >= 1) return { outcome: 'none', by: slowest.name }
  // over a hump the share may fall again: what counts is the first speed that is not reached
  const STEPS = model.hullType.waveBound ? 1 : 40
  let low = least,
    high = most
  for (let i = 1; i < STEPS; i++) {
    const v = least + ((most - least) * i) / STEPS
    if (excess(v).share < 1) {
      low = v
      continue
    }
    high = v
    break
  }
  // a share is nearly a power of the speed: over the logarithms the root is found in a few steps
  const root = findRoot(x => Math.log(excess(Math.exp(x)).share), Math.log(low), Math.log(high), 1e-4)
  if (root.outcome === 'noBracket') return { outcome: 'noLimit', speed: most }
  const speed = Math.exp(root.x)
  return { outcome: 'limited', speed, by: excess(speed).name, iterations: root.iterations }
}
