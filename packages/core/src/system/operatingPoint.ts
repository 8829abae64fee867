import { froudeNumber, waveLength } from '../hull'
import { chargeLevels } from '../project'
import { chargeLasts } from './energy'
import { driveTrain, type DriveTrain } from './driveTrain'
import { hullResistance } from './curve/hullResistance'
import { bandOf, type HullResistance } from './curve/theoryResistance'
import type { LimitName } from './banks/limitName'
import { limitShares, tightestLimit, toldLimits } from './banks/limits'
import type { Model } from './model'

/** Everything at one speed. */
export interface OperatingPoint {
  speed: number
  /** from the hull's need back to the pack, against the centre of the recommendation */
  drive: DriveTrain
  froude: number
  waveLength: number
  resistance: HullResistance
  /** ends of the band, 10 and 90 per cent, W at the motor's shaft and at the pack */
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
  // one band for every power: what resistance and drive leave open, as a pull that the drive must give
  const pulls = bandOf(resistance.centre, resistance.powerSigma, resistance.lift)
  const low = driveTrain(model, speed, pulls.low),
    high = driveTrain(model, speed, pulls.high)
  const shares = limitShares(model, train)
  const allDay = tightestLimit(shares, 'allDay'),
    minutes = tightestLimit(shares, 'minutes')
  // where a tip or a field decides, more pull is not always more power: the ends hold the centre
  const packPowerLow = Math.min(low.packPower, train.packPower),
    packPowerHigh = Math.max(high.packPower, train.packPower)
  const { reserve } = chargeLevels(model.project)
  /** lead gives less the faster it is drawn: each end of the band by its own amps */
  const timeAt = ({ packPower, packCurrent }: DriveTrain) =>
    chargeLasts(model, { power: packPower, current: packCurrent }, 1, reserve)
  const timeLeft = timeAt(train)
  return {
    speed,
    drive: train,
    resistance,
    froude: froudeNumber(speed, model.form.lengthWaterline),
    waveLength: waveLength(speed),
    shaftPowerLow: low.shaftPower,
    shaftPowerHigh: high.shaftPower,
    packPowerLow,
    packPowerHigh,
    holds: allDay.share <= 1 ? 'allDay' : minutes.share <= 1 ? 'minutes' : 'beyond',
    tightest: tightestLimit(toldLimits(shares, 'allDay'), 'allDay'),
    timeLeft,
    distanceLeft: speed > 0 ? timeLeft * speed : 0,
    distanceLow: speed > 0 ? endOf(Math.min(timeAt(high), timeLeft), timeLeft, model.chargeSpread) * speed : 0,
    distanceHigh: speed > 0 ? endOf(Math.max(timeAt(low), timeLeft), timeLeft, model.chargeSpread) * speed : 0,
    energyPerDistance: speed > 0 ? train.packPower / speed : 0,
  }
}

/** An end of a range that a charge of which nobody is sure moves on, independent of the rest. */
function endOf(end: number, centre: number, spread: number): number {
  if (spread === 1 || !(end > 0 && end < Infinity && centre < Infinity)) return end
  const away = Math.hypot(Math.log(end / centre), Math.log(spread))
  return centre * Math.exp(end < centre ? -away : away)
}
