import { peakTorque, throttleShare, type Throttle } from '../../drive'
import { interpolate } from '../../numeric'
import type { Model } from '../model'
import type { OperatingPoint } from '../operatingPoint'

/** What she settles to at a place of the lever. m/s, A at the pack. */
export interface ThrottleStep {
  travel: number
  share: number
  speed: number
  packCurrent: number
}

/** Places of the lever that are shown. */
const STEPS = 20

/** The part of the power curve that the drive reaches for minutes, with what the throttle counts in, rising. */
function reached(
  model: Model,
  throttle: Throttle,
  curve: readonly OperatingPoint[],
): { full: number; counted: number[]; points: OperatingPoint[] } {
  const { motor, controller } = model.project.design
  const base = (motor.ratedRpm * Math.PI) / 30
  const kt = model.motor.outcome === 'fitted' ? model.motor.losses.torqueConstant : Infinity
  const counted: number[] = [],
    points: OperatingPoint[] = []
  for (const p of curve) {
    const value = throttle.controls === 'torque' ? p.drive.motorTorque : p.drive.motorRpm
    if (p.holds === 'beyond') break
    // a hump falls again: she runs on over it at the same torque
    if (value > (counted.at(-1) ?? -1)) {
      counted.push(value)
      points.push(p)
    }
  }
  const full =
    throttle.controls === 'torque'
      ? Math.min(peakTorque(motor, base), controller.phaseCurrentPeak * kt)
      : (points.at(-1)?.drive.motorRpm ?? 0)
  return { full, counted, points }
}

/**
 * What the boat settles to along the lever's way.
 *
 * @param model the boat
 * @param throttle its curve
 * @param curve her power curve
 * @returns speed and amps at even places of the lever; past what the drive holds for minutes they stay there
 */
export function throttleFeel(model: Model, throttle: Throttle, curve: readonly OperatingPoint[]): ThrottleStep[] {
  const { full, counted, points } = reached(model, throttle, curve)
  if (points.length === 0) return []
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const travel = i / STEPS,
      share = throttleShare(throttle, travel),
      at = share * full
    return {
      travel,
      share,
      speed: share === 0 ? 0 : interpolate([0, ...counted], [0, ...points.map(p => p.speed)], at),
      packCurrent: interpolate([0, ...counted], [0, ...points.map(p => p.drive.packCurrent)], at),
    }
  })
}

/**
 * A curve with which each step of the lever adds the same speed, up to the fastest that the drive holds for minutes.
 *
 * @param model the boat
 * @param throttle what it counts in, and how many points
 * @param curve her power curve
 * @returns points, rising from 0
 */
export function evenThrottle(model: Model, throttle: Throttle, curve: readonly OperatingPoint[]): number[] {
  const { full, counted, points } = reached(model, throttle, curve)
  const last = throttle.points.length - 1,
    fastest = points.at(-1)?.speed ?? 0
  if (!(full > 0) || points.length < 2) return throttle.points.map((_, i) => i / last)
  const shares = throttle.points.map((_, i) =>
    i === 0
      ? 0
      : Math.min(1, interpolate([0, ...points.map(p => p.speed)], [0, ...counted], (fastest * i) / last) / full),
  )
  return shares.map(s => Math.round(s * 100) / 100)
}
