import type { MotorSpec } from './motorSpec'

/** Direction of a shaft, seen from aft. */
export type Turning = 'clockwise' | 'anticlockwise'

/** What stands between the motor and the propeller and turns it round. */
export interface Reversals {
  gear: boolean
  leg: boolean
}

/**
 * Direction in which the motor's shaft turns when the boat goes ahead, seen from aft (and so on its shaft's end).
 *
 * @param hand of the propeller: a right-hand one turns clockwise ahead
 * @param reversals a single-stage gear turns the direction round, a belt does not
 * @returns the motor's direction
 * @example aheadTurning('right', { gear: true, leg: false }) // 'anticlockwise'
 */
export function aheadTurning(hand: 'right' | 'left', { gear, leg }: Reversals): Turning {
  return (hand === 'right') !== (gear !== leg) ? 'clockwise' : 'anticlockwise'
}

/**
 * True when going ahead runs the motor in the direction in which it is weaker.
 *
 * @param motor its weaker direction
 * @param hand of the propeller
 * @param reversals on the way
 * @returns whether the hand is wrong for the motor
 */
export function runsWeaker(
  motor: Pick<MotorSpec, 'weakerDirection'>,
  hand: 'right' | 'left',
  reversals: Reversals,
): boolean {
  return motor.weakerDirection === aheadTurning(hand, reversals)
}
