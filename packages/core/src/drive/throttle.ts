import { monotoneCubic } from '../numeric'

/** What the lever sets: a share of the torque that there is, or of the turns. */
export const THROTTLE_CONTROLS = ['torque', 'speed'] as const

/** Points of a throttle curve, at even steps of the lever's way. */
export const THROTTLE_POINTS = 5

/** What the lever asks of the motor. */
export interface Throttle {
  controls: (typeof THROTTLE_CONTROLS)[number]
  /** share of the lever's way in which nothing happens */
  deadband: number
  /** s from stop to full, and from full to stop */
  rampUp: number
  rampDown: number
  /** share of what there is, at even steps of the rest of the way, rising from 0 */
  points: number[]
}

/** A soft start that suits most boats: a gentle foot, full at the end (common practice). */
export const USUAL_THROTTLE: Throttle = {
  controls: 'torque',
  deadband: 0.04,
  rampUp: 1.5,
  rampDown: 0.4,
  points: [0, 0.08, 0.27, 0.58, 1],
}

/**
 * Share of torque or turns that the lever asks for.
 *
 * @param throttle the curve
 * @param travel of the lever, 0 … 1
 * @returns 0 … 1; smooth, and never past its points
 * @example throttleShare(USUAL_THROTTLE, 1) // 1.0
 *
 * Source: monotone cubic through the points.
 */
export function throttleShare({ deadband, points }: Throttle, travel: number): number {
  if (travel <= deadband) return 0
  const way = Math.min(1, (travel - deadband) / (1 - deadband))
  return monotoneCubic(
    points.map((_, i) => i / (points.length - 1)),
    points,
  )(way)
}

/**
 * A point moved, with its neighbours kept in order.
 *
 * @param points of a throttle curve
 * @param index of the point; the first stays at 0
 * @param share wanted, 0 … 1
 * @returns new points, rising
 * @example movePoint([0, 0.1, 0.3, 0.6, 1], 2, 0.7) // [0, 0.1, 0.7, 0.7, 1]
 */
export function movePoint(points: readonly number[], index: number, share: number): number[] {
  const at = index === 0 ? 0 : Math.min(1, Math.max(0, Math.round(share * 100) / 100))
  return points.map((p, i) => (i === index ? at : i < index ? Math.min(p, at) : Math.max(p, at)))
}
