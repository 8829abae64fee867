import { froudeNumber, waveLength } from '../hull'
import { usableAt } from './energy'
import { driveTrain, type DriveTrain } from './driveTrain'
import { hullResistance } from './hullResistance'
import type { HullResistance } from './theoryResistance'
import { limitShares, tightestLimit, type LimitName } from './limits'
import type { Model } from './model'

/** Everything at one speed. */
export interface OperatingPoint {
  speed: number
  /** from the hull's need back to the pack, against the centre of the recommendation */
  drive: DriveTrain
  froude: number
  waveLength: number
  resistance: HullResistance
  /** ends of the band, W at the motor's shaft and at the pack */
  shaftPowerLow: number
  shaftPowerHigh: number
  packPowerLow: number
  packPowerHigh: number
  /** within every all-day rating; within the peak ratings; beyond them */
  holds: 'allDay' | 'minutes' | 'beyond'
  tightest: { name: LimitName; share: number }
  /** s and m until only the reserve is left */
  timeLeft: number
  distanceLeft: number
  distanceLow: number
  distanceHigh: number
  /** J/m */
  energyPerDistance: number
}

/**
 * Wake, thrust deduction and propeller are estimates: this share is added to the band of any power (common practice).
 */
export const DRIVE_DOUBT = 0.1

/**
 * Everything at one speed: resistance by every method, the drive from hull to pack, limits, time and distance left.
 *
 * @param model the boat
 * @param speed m/s, 0 … 30
 * @returns the point
 * @throws RangeError when speed is not a number in that range
 */
export function operatingPoint(model: Model, speed: number): OperatingPoint {
  if (!(speed >= 0 && speed <= 30)) throw new RangeError(`speed must be between 0 and 30 m/s; got ${speed}`)
  const resistance = hullResistance(model, speed)
  const train = driveTrain(model, speed, resistance.centre)
  const low = driveTrain(model, speed, resistance.low),
    high = driveTrain(model, speed, resistance.high)
  const shares = limitShares(model, train)
  const allDay = tightestLimit(shares, 'allDay'),
    minutes = tightestLimit(shares, 'minutes')
  const packPowerLow = low.controllerInput * (1 - DRIVE_DOUBT) + low.housePower
  const packPowerHigh = high.controllerInput * (1 + DRIVE_DOUBT) + high.housePower
  const available = usableAt(model, train.packCurrent) * (1 - model.project.use.reserve)
  const timeLeft = train.packPower > 0 ? available / train.packPower : Infinity
  return {
    speed,
    drive: train,
    resistance,
    froude: froudeNumber(speed, model.form.lengthWaterline),
    waveLength: waveLength(speed),
    shaftPowerLow: low.shaftPower * (1 - DRIVE_DOUBT),
    shaftPowerHigh: high.shaftPower * (1 + DRIVE_DOUBT),
    packPowerLow,
    packPowerHigh,
    holds: allDay.share <= 1 ? 'allDay' : minutes.share <= 1 ? 'minutes' : 'beyond',
    tightest: allDay,
    timeLeft,
    distanceLeft: speed > 0 ? timeLeft * speed : 0,
    distanceLow: speed > 0 && packPowerHigh > 0 ? (available / packPowerHigh) * speed : 0,
    distanceHigh: speed > 0 && packPowerLow > 0 ? (available / packPowerLow) * speed : 0,
    energyPerDistance: speed > 0 ? train.packPower / speed : 0,
  }
}
