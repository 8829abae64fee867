import type { Project, RunSetup } from '../../project/definition/projectFields'
import { asSetUp, setupOf } from '../../project/told/runSetup'
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
import { resistanceOfReading } from './readingChain'
import { BAND, bandOf, liftAt, theoryResistance, withoutBand, type HullResistance } from './theoryResistance'
import { remember } from '../../numeric'

/** A reading as resistance, against the theory. */
export interface ReadPoint extends Reading, Standing {
  /** place in the log of the trip that it comes from; null for one of the table */
  trip: number | null
  /** N, in calm */
  resistance: number
  /** what the theory says of her there, as she was then, N */
  theory: number
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
  const all = [
    ...readings.map(r => ({ ...r, trip: null, sea: 0 })),
    ...tripReadings(log.trips, log.setups, today.packEnergy),
  ]
  for (const { sea, ...reading } of all) {
    const then = (reading.trip === null ? asThen : onTrips)[reading.setup] ?? asIs
    const made = (reading.trip === null ? trial : log).setups[reading.setup]?.made ?? 'asFitted'
    if (reading.kind === 'rpm' && made !== 'asFitted') {
      unread.push(...reading.rows.map(row => ({ row, reason: { text: RPM_ALONE } })))
      continue
    }
    const read = resistanceOfReading(then, reading, made)
    if (!read) {
      unread.push(...reading.rows.map(row => ({ row, reason: { text: 'House and idle alone take more than that.' } })))
      continue
    }
    const doubts = theoryResistance(now, reading.speed).doubts
    // another bottom than today's is another doubt
    const same = then.project.use.hullCondition === use.hullCondition
    const theory = theoryResistance(then, reading.speed).centre * (1 + sea * use.seaMargin)
    points.push({
      ...reading,
      resistance: read.resistance,
      theory,
      seen: {
        ...priorAt(
          now,
          reading.speed,
          same ? doubts : { ...doubts, bottom: 0 },
          READINGS[reading.kind].throughDrive && made === 'asFitted',
          0,
        ),
        away: Math.log(read.resistance / theory),
        noise: Math.hypot(read.slope * reading.noise, same ? 0 : doubts.bottom, read.open),
      },
    })
  }
  if (points.length === 0) return { points: [], unread, posterior: null, slowLosses: 0, honesty: honestyOf([], 0) }
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
  }
}

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

/**
 * The theory as the boat's own readings correct it. Its centre is the pull that the drive feels, so that powers pass
 * through what was read.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N
 */
export function measuredResistance(model: Model, speed: number): HullResistance {
  const theory = theoryResistance(model, speed)
  const after = afterReadings(model, speed, theory.doubts)
  if (!after) return theory
  const { margin } = theory.doubts
  const sigma = Math.hypot(after.hull.sigma, margin),
    powerSigma = Math.hypot(after.power.sigma, margin)
  // what a slow boat loses unseen is in what was read, as far as it was read
  const unseen = 1 - measuredOf(model.project).slowLosses
  const lift = theory.lift ** (unseen * Math.min(1, powerSigma / theory.powerSigma))
  const [weight, bottom, form, drive, methods] = after.power.parts as [number, number, number, number, number]
  const { centre, low, high } = bandOf(theory.centre * Math.exp(after.power.shift), sigma, lift)
  return {
    ...theory,
    centre,
    low,
    high,
    sigma,
    powerSigma,
    lift,
    doubts: { methods, weight, bottom, form, margin, drive },
  }
}
