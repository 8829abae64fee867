import { CELL_PEAK_SECONDS, CONTROLLER_PEAK_SECONDS, motorTimeFactor, timeFactor } from '../../drive'
import { chainRatings } from './chainRatings'
import type { LimitName } from './limitName'
import { NO_RATING, type DriveTrain } from '../driveTrain'
import type { Model } from '../model'

/** What stands between pack and controller: sized for the drive, unless its owner chose it. */
const CHAIN: ReadonlySet<LimitName> = new Set<LimitName>(['bms', 'fuse', 'contactor', 'mainCable'])

/** How much of each limit is used, as a share; above 1 it is passed. */
export interface LimitShare {
  name: LimitName
  allDay: number
  minutes: number
  /** for as long as top speed is wanted */
  topTime: number
}

/** How long a rating is asked for: all day, as its peak, or as long as top speed is wanted. */
export type RatingTime = keyof Omit<LimitShare, 'name'>

/**
 * How much of each limit of motor, controller, pack and what stands between them a point uses.
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
  const time = model.project.use.topTime
  const always = (name: LimitName, share: number): LimitShare => ({
    name,
    allDay: share,
    minutes: share,
    topTime: share,
  })
  const rated = (name: LimitName, load: number, allDay: number, peak: number, seconds: number): LimitShare => ({
    name,
    allDay: load / allDay,
    minutes: load / peak,
    topTime: load / allDay / timeFactor({ allDay, peak, seconds }, time),
  })
  const { continuousShare, peakShare } = train
  return [
    {
      name: 'motorTorque',
      allDay: continuousShare,
      minutes: peakShare,
      // past its greatest speed it has no torque for any time
      topTime: continuousShare >= NO_RATING ? continuousShare : continuousShare / motorTimeFactor(motor, time),
    },
    always('motorRpm', rpm),
    always('voltage', volts),
    rated(
      'batteryAmps',
      train.controllerCurrent,
      controller.batteryCurrent,
      controller.batteryCurrentPeak,
      CONTROLLER_PEAK_SECONDS,
    ),
    rated(
      'phaseAmps',
      train.phaseCurrent,
      controller.phaseCurrent,
      controller.phaseCurrentPeak,
      CONTROLLER_PEAK_SECONDS,
    ),
    rated('packAmps', train.packCurrent, model.pack.current, model.pack.currentPeak, CELL_PEAK_SECONDS),
    always('packPower', weak),
    ...(model.chain ?? chainRatings(model)).map(({ name, allDay, minutes }) =>
      // insulation that has no place where the cable lies leaves nothing at all
      allDay > 0
        ? rated(name, train.packCurrent, allDay, minutes, CONTROLLER_PEAK_SECONDS)
        : always(name, train.packCurrent > 0 ? NO_RATING : 0),
    ),
  ]
}

/**
 * The limits that are worth telling of: motor, controller and cells, and of what stands between them only what is
 * passed, since that is chosen to suit.
 *
 * @param shares of limitShares
 * @param which all day, for minutes, or as long as top is wanted
 * @returns those shares
 */
export const toldLimits = (shares: readonly LimitShare[], which: RatingTime): LimitShare[] =>
  shares.filter(s => !CHAIN.has(s.name) || s[which] > 1)

/**
 * The limit that bites first.
 *
 * @param shares of limitShares
 * @param which all day, for minutes, or as long as top is wanted
 * @returns its name and share
 */
export function tightestLimit(shares: readonly LimitShare[], which: RatingTime): { name: LimitName; share: number } {
  let found = shares[0]!
  for (const s of shares) if (s[which] > found[which]) found = s
  return { name: found.name, share: found[which] }
}
