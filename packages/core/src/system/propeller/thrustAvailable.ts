import { KNOT } from '../../constants'
import { airResistance } from '../../resistance'
import { findRoot } from '../../numeric'
import { driveTrain, type DriveTrain } from '../driveTrain'
import { centreResistance } from '../curve/hullResistance'
import type { LimitName } from '../banks/limitName'
import { limitShares, tightestLimit } from '../banks/limits'
import type { Model } from '../model'

/**
 * Speed through the water that stands for the quay: the propeller's load there is within a per cent of the bollard's.
 */
export const QUAY_SPEED = 0.05

/** Logarithms of the pulls between which the answer is looked for: 0.1 N to 1 MN. */
const LEAST = Math.log(0.1),
  MOST = Math.log(1e6)

/** What the drive can push at a speed, and which rating ends it. */
export interface ThrustAvailable {
  thrust: number
  by: LimitName
  train: DriveTrain
}

/**
 * Greatest thrust at a speed within the all-day ratings, or those for minutes.
 *
 * @param model the boat
 * @param speed m/s; 0 is the quay
 * @param which ratings
 * @returns thrust in N, the rating that ends it, and the drive there
 */
export function thrustAvailable(model: Model, speed: number, which: 'allDay' | 'minutes'): ThrustAvailable {
  const at = Math.max(QUAY_SPEED, speed)
  const usedAt = (pull: number) => {
    const train = driveTrain(model, at, pull)
    return { train, ...tightestLimit(limitShares(model, train), which) }
  }
  // the share goes with a power of the pull: on logarithms it is nearly straight, and a few steps are enough
  const root = findRoot(logPull => Math.log(usedAt(Math.exp(logPull)).share), LEAST, MOST, 0.001)
  const pull = root.outcome === 'noBracket' ? (root.fHigh < 0 ? Math.exp(MOST) : 0) : Math.exp(root.x)
  const { train, name } = usedAt(pull)
  return { thrust: train.thrust, by: name, train }
}

/** Thrust against speed: what the drive gives, and what the boat asks in calm, head wind and head sea. */
export interface ThrustBalance {
  speeds: number[]
  allDay: number[]
  minutes: number[]
  calm: number[]
  wind: number[]
  sea: number[]
}

/**
 * Wind in which a boat should hold herself off a lee, m/s (25 kn), and what a head sea adds to calm pull (common
 * practice).
 */
export const HOLDING_WIND = 25 * KNOT,
  HEAD_SEA = 0.5

/**
 * Thrust given and asked from standstill to the top wished and somewhat beyond.
 *
 * @param model the boat
 * @param count of speeds
 * @returns N by speed
 */
export function thrustBalance(model: Model, count = 24): ThrustBalance {
  const most = 1.15 * Math.max(model.project.use.topSpeed, model.project.use.cruiseSpeed)
  const speeds = Array.from({ length: count }, (_, i) => (most * i) / (count - 1))
  const share = 1 - model.interaction.thrustDeduction
  const calm = speeds.map(v => (v > 0 ? centreResistance(model, v) / share : 0))
  const gust = (v: number) =>
    (airResistance(model.windage, v, HOLDING_WIND) - airResistance(model.windage, v, 0)) / share
  return {
    speeds,
    calm,
    allDay: speeds.map(v => thrustAvailable(model, v, 'allDay').thrust),
    minutes: speeds.map(v => thrustAvailable(model, v, 'minutes').thrust),
    wind: speeds.map((v, i) => calm[i]! + gust(v)),
    sea: speeds.map((v, i) => calm[i]! * (1 + HEAD_SEA) + gust(v)),
  }
}

/**
 * Peak thrust at the quay with the rating that ends it, the wind's drag on her bow, N, and the one over the
 * other.
 */
export interface WindHolding {
  thrust: number
  by: LimitName
  train: DriveTrain
  drag: number
  share: number
}

/**
 * Whether she holds her ground in HOLDING_WIND.
 *
 * @param model the boat
 * @returns thrust for minutes, drag, and drag ÷ thrust: above 1 she is blown back
 */
export function windHolding(model: Model): WindHolding {
  const quay = thrustAvailable(model, 0, 'minutes'),
    { thrust } = quay
  const drag = airResistance(model.windage, 0, HOLDING_WIND) / (1 - model.interaction.thrustDeduction)
  return { ...quay, drag, share: thrust > 0 ? drag / thrust : 99 }
}
