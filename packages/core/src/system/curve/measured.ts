import type { Project, RunSetup } from '../../project/definition/projectFields'
import { asSetUp, knowsWheel, setupOf } from '../../project/told/runSetup'
import {
  condition,
  honestyOf,
  isFarOff,
  READINGS,
  readingsOf,
  tripReadings,
  type After,
  type Honesty,
  type Observation,
  type Posterior,
  type Prior,
  type Reading,
  type Standing,
  type Unread,
} from '../../trial'
import { curvePlace } from './curvePlace'
import { modelOf, type Model } from '../model'
import { reachesWater } from './driveThen'
import { resistanceOfReading } from './readingChain'
import { BAND, liftAt, theoryResistance, withoutBand, type HullResistance } from './theoryResistance'
import { remember } from '../../numeric'

/** A reading as resistance, against the theory. */
export interface ReadPoint extends Reading, Standing {
  /** place in the log of the trip that it comes from; null for one of the table */
  trip: number | null
  /** N, in calm */
  resistance: number
  /** what the theory says of her there, as she was then, N */
  theory: number
  /** σ of ln R by which it alone knows it: its noise, and what is not known of the drive of then */
  sigma: number
  /** how it enters the model */
  seen: Observation
}

/** What the boat's own readings say. */
export interface MeasuredBoat {
  points: ReadPoint[]
  unread: Unread[]
  /** null without a reading that tells something */
  posterior: Posterior | null
  /** 0 … 1: how far slow readings above the theory show the losses that a slow boat may have */
  slowLosses: number
  honesty: Honesty
  /** drives that are not the one on the board, and what their readings tell of them */
  drives: ToldDrive[]
}

/** A drive that readings were made with, as they tell it together with the theory. */
export interface ToldDrive {
  setup: RunSetup
  /** rows of the table that were read with it */
  rows: number[]
  /** W, the least and the most that was read at the battery */
  least: number
  most: number
  /**
   * What of the battery's watts reaches the water as pull times speed: share with its 10 and 90 per cent.
   *
   * @param watts at the battery, W
   */
  at(watts: number): { centre: number; low: number; high: number }
}

const RPM_ALONE = 'Motor speed tells nothing of the hull without the gear and propeller that it turned.'
const known = remember<Project, MeasuredBoat>('measured')

/**
 * The boat's readings, each through the drive, house, weight and bottom that it was made with: what carries over to
 * another drive is resistance. Kept as long as the document lives.
 *
 * @param project the boat
 * @returns readings and what they leave open
 */
export function measuredOf(project: Project): MeasuredBoat {
  return known(project, () => measure(project))
}

function measure(project: Project): MeasuredBoat {
  const { trial, log, boat, use } = project
  const now = modelOf(project),
    today = setupOf(project)
  const then = (setup: RunSetup) => withoutBand(modelOf(asSetUp(project, setup)))
  const asThen = trial.setups.map(then),
    onTrips = log.setups.map(then)
  const asIs = withoutBand(modelOf(asSetUp(project, undefined)))
  const { readings, unread } = readingsOf(trial.points, setup => ({
    pack: trial.setups[setup]?.packKnown === false ? null : (trial.setups[setup] ?? today),
    enginePower: boat.oldEngine.ratedPower,
  }))
  const points: Omit<ReadPoint, keyof Standing>[] = []
  const all = [...readings.map(r => ({ ...r, trip: null })), ...tripReadings(log.trips, log.setups, today.packEnergy)]
  // each drive has doubts of its own, which all that was read through it share
  const drives: { of: string; setup: RunSetup }[] = []
  const driveOf = (reading: Reading & { trip: number | null }) => {
    const setup = (reading.trip === null ? trial : log).setups[reading.setup] ?? today,
      of = driveKey(setup)
    return drives.find(d => d.of === of) ?? drives[drives.push({ of, setup }) - 1]!
  }
  all.forEach(driveOf)
  for (const reading of all) {
    const then = (reading.trip === null ? asThen : onTrips)[reading.setup] ?? asIs
    const drive = driveOf(reading),
      { made } = drive.setup
    if (reading.kind === 'rpm' && !knowsWheel(drive.setup)) {
      unread.push(...reading.rows.map(row => ({ row, reason: { text: RPM_ALONE } })))
      continue
    }
    const read = resistanceOfReading(then, reading, drive.setup)
    if (!read) {
      unread.push(...reading.rows.map(row => ({ row, reason: { text: 'House and idle alone take more than that.' } })))
      continue
    }
    const doubts = theoryResistance(now, reading.speed).doubts
    // another bottom than today's is another doubt
    const same = then.project.use.hullCondition === use.hullCondition
    const theory = theoryResistance(then, reading.speed).centre,
      inSea = 1 + reading.sea * use.seaMargin,
      resistance = read.resistance / inSea
    const prior = priorAt(
      now,
      reading.speed,
      same ? doubts : { ...doubts, bottom: 0 },
      READINGS[reading.kind].throughDrive && made === 'asFitted',
      0,
    )
    const noise = Math.hypot(
      read.slope * reading.noise,
      same ? 0 : doubts.bottom,
      read.open,
      (reading.seaOpen * use.seaMargin) / inSea,
    )
    points.push({
      ...reading,
      resistance,
      theory,
      sigma: Math.hypot(noise, ...read.shared),
      seen: {
        ...prior,
        common: [...prior.common, ...drives.flatMap(d => (d === drive ? read.shared : NO_DRIVE))],
        away: Math.log(resistance / theory),
        noise,
      },
    })
  }
  if (points.length === 0)
    return { points: [], unread, posterior: null, slowLosses: 0, honesty: honestyOf([], 0), drives: [] }
  const slow = points.filter(p => liftAt(now, p.speed) > 1)
  const above = slow.reduce((sum, p) => sum + p.seen.away, 0) / Math.max(1, slow.length)
  const slowLosses = Math.min(1, Math.max(0, above / SHOWN_LOSSES))
  for (const p of points) p.seen.shape = withLosses(now, p.speed, p.seen.shape, slowLosses)
  const posterior = condition(points.map(p => p.seen))
  return {
    points: points.map((p, i) => ({ ...p, ...posterior.standing[i]! })),
    unread,
    posterior,
    slowLosses,
    honesty: honestyOf(points, posterior.standing.filter(isFarOff).length, posterior.scatter),
    drives: drives.flatMap((drive, i) => {
      const own = points.filter(p => p.kind === 'battery' && p.trip === null && driveOf(p) === drive)
      if (drive.setup.made === 'asFitted' || own.length === 0) return []
      const first = points[0]!.seen.common.length - DOUBTS_OF_DRIVE * (drives.length - i)
      // what is left of one doubt alone, in σ that it had before
      const left = NO_DRIVE.map((_, k) => posterior.at({ common: unit(first + k), shape: 0, place: 0 }))
      return {
        setup: drive.setup,
        rows: own.flatMap(p => p.rows),
        least: Math.min(...own.map(p => p.value)),
        most: Math.max(...own.map(p => p.value)),
        at(watts: number) {
          const { power, shared } = reachesWater(drive.setup, watts)
          const centre = (power / watts) * Math.exp(-shared.reduce((sum, s, k) => sum + s * left[k]!.shift, 0))
          // the three are taken as if each were known by itself, which is the wider
          const sigma = Math.hypot(...shared.map((s, k) => s * left[k]!.sigma))
          return { centre, low: centre * Math.exp(-BAND * sigma), high: centre * Math.exp(BAND * sigma) }
        },
      }
    }),
  }
}

/** A reading tells nothing of another drive. */
const NO_DRIVE = [0, 0, 0] as const
const DOUBTS_OF_DRIVE = NO_DRIVE.length
/** One doubt, by its place. */
const unit = (place: number): number[] => Array.from({ length: place + 1 }, (_, i) => (i === place ? 1 : 0))
/** What two readings share when they were made with the same drive. */
const driveKey = ({ made, name, kind, plate, notches, gear, diameter, pitch, houseLoad }: RunSetup): string =>
  JSON.stringify(made === 'asFitted' ? [made] : [made, name, kind, plate, notches, gear, diameter, pitch, houseLoad])

/** Slow readings so far above the theory, as ln, show losses that no method knows. */
const SHOWN_LOSSES = 0.1

/** What the methods leave open, with what slow readings show beyond them. */
const withLosses = (model: Model, speed: number, methods: number, slowLosses: number): number =>
  Math.hypot(methods, (slowLosses * Math.log(liftAt(model, speed))) / BAND)

/** Doubts of a speed as the readings see them: the sea margin is not one of them, since they are made in calm. */
export function priorAt(
  model: Model,
  speed: number,
  { methods, weight, bottom, form, drive }: HullResistance['doubts'],
  throughDrive: boolean,
  slowLosses: number,
): Prior {
  return {
    common: [weight, bottom, form, throughDrive ? drive : 0],
    shape: withLosses(model, speed, methods, slowLosses),
    place: curvePlace(model, speed),
  }
}

/**
 * What the readings leave of a speed's doubt, for any power and for the resistance alone.
 *
 * @param model the boat
 * @param speed m/s
 * @param doubts what the theory leaves there
 * @returns null without readings
 */
export function afterReadings(
  model: Model,
  speed: number,
  doubts: HullResistance['doubts'],
): { power: After; hull: After } | null {
  const { posterior, slowLosses } = measuredOf(model.project)
  return (
    posterior && {
      power: posterior.at(priorAt(model, speed, doubts, true, slowLosses)),
      hull: posterior.at(priorAt(model, speed, doubts, false, slowLosses)),
    }
  )
}
