import type { DriveTrain } from './driveTrain'
import type { Model } from './model'

/** What may stop the boat from going faster. */
export type LimitName = 'motorTorque' | 'motorRpm' | 'voltage' | 'batteryAmps' | 'phaseAmps' | 'packAmps' | 'packPower'

/** Each limit in an owner's words. */
export const LIMIT_LABELS: Record<LimitName, string> = {
  motorTorque: 'motor',
  motorRpm: 'motor rpm',
  voltage: 'volts',
  batteryAmps: 'battery amps',
  phaseAmps: 'motor amps',
  packAmps: 'cell amps',
  packPower: 'pack',
}

/** How much of each limit is used, as a share; above 1 it is passed. */
export interface LimitShare {
  name: LimitName
  allDay: number
  minutes: number
}

/**
 * How much of each limit of motor, controller and pack a point uses.
 *
 * @param model the boat
 * @param train the drive at one speed
 * @returns shares; `minutes` counts the peak ratings
 */
export function limitShares(model: Model, train: DriveTrain): LimitShare[] {
  const { motor, controller } = model.project.design
  const rpm = train.motorRpm / motor.greatestRpm
  const volts = train.voltageNeeded / train.packVoltage
  const weak = train.packOutcome === 'tooWeak' ? 2 : 0
  return [
    { name: 'motorTorque', allDay: train.continuousShare, minutes: train.peakShare },
    { name: 'motorRpm', allDay: rpm, minutes: rpm },
    { name: 'voltage', allDay: volts, minutes: volts },
    {
      name: 'batteryAmps',
      allDay: train.controllerCurrent / controller.batteryCurrent,
      minutes: train.controllerCurrent / controller.batteryCurrentPeak,
    },
    {
      name: 'phaseAmps',
      allDay: train.phaseCurrent / controller.phaseCurrent,
      minutes: train.phaseCurrent / controller.phaseCurrentPeak,
    },
    {
      name: 'packAmps',
      allDay: train.packCurrent / model.pack.current,
      minutes: train.packCurrent / model.pack.currentPeak,
    },
    { name: 'packPower', allDay: weak, minutes: weak },
  ]
}

/**
 * The limit that bites first.
 *
 * @param shares of limitShares
 * @param which all day or for minutes
 * @returns its name and share
 */
export function tightestLimit(
  shares: readonly LimitShare[],
  which: 'allDay' | 'minutes',
): { name: LimitName; share: number } {
  let found = shares[0]!
  for (const s of shares) if (s[which] > found[which]) found = s
  return { name: found.name, share: found[which] }
}
