/** What was read of thrust and torque besides. SI; rev/s. */
export interface TorqueRun {
  /** m/s through the water */
  speed: number
  thrust: number | null
  torque: number | null
  /** rev/s of the propeller */
  shaft: number
  /** W from the pack without the house */
  power: number
  /** m of pitch and the wake fraction of the boat */
  pitch: number
  wake: number
}

/** What of it each part makes. */
export interface MeasuredParts {
  /** propeller behind the hull; null without thrust and torque */
  propeller: number | null
  /** motor and controller together; null without torque */
  motor: number | null
  /** from the pack to the water */
  whole: number | null
  /** slip against the water that the propeller meets, and against the boat's speed */
  realSlip: number
  apparentSlip: number
}

/**
 * Efficiencies from a thrust and a torque sensor, where an owner has them.
 *
 * @param run what was read
 * @returns shares; real slip goes by the speed of advance
 * @throws RangeError for turns or pitch of 0
 * @example measuredParts({ speed: 2, thrust: 500, torque: 25, shaft: 9, power: 2500, pitch: 1, wake: 0 }).whole // 0.4
 *
 * Source: ηP = T VA/(Q ω), ηM = Q ω/P, s = 1 − V/(n P) (handbook, sea trial).
 */
export function measuredParts({ speed, thrust, torque, shaft, power, pitch, wake }: TorqueRun): MeasuredParts {
  if (!(shaft > 0) || !(pitch > 0)) throw new RangeError(`turns and pitch must be above 0; got ${shaft} and ${pitch}`)
  const omega = 2 * Math.PI * shaft,
    advance = speed * (1 - wake)
  return {
    propeller: thrust !== null && torque !== null && torque > 0 ? (thrust * advance) / (torque * omega) : null,
    motor: torque !== null && power > 0 ? (torque * omega) / power : null,
    whole: thrust !== null && power > 0 ? (thrust * speed) / power : null,
    realSlip: 1 - advance / (shaft * pitch),
    apparentSlip: 1 - speed / (shaft * pitch),
  }
}

/**
 * House load from drifting: what the pack gives while the motor stands.
 *
 * @param samples amps and volts, or watts, with the turns of the motor
 * @returns W, the mean where the motor stands for half a minute or more; null without such a time
 */
export function houseByDrifting(
  samples: readonly { time: number; values: { power?: number; rpm?: number; shaft?: number } }[],
): number | null {
  let sum = 0,
    count = 0,
    since: number | null = null
  for (const { time, values } of samples) {
    const still = (values.rpm ?? values.shaft ?? Infinity) < 0.2
    if (!still || values.power === undefined) {
      since = null
      continue
    }
    since ??= time
    // what the controller held back first is not the house's
    if (time - since >= 5) {
      sum += values.power
      count++
    }
  }
  return count >= 25 ? sum / count : null
}
