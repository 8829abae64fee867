import { quantileSorted } from 'd3-array'
import { chargeLevels, type Project } from '../project'
import {
  afterReadings,
  BAND,
  bandOf,
  chargeLasts,
  curveSpeeds,
  driveTrain,
  evaluate,
  isMeasured,
  limitShares,
  measuredOf,
  modelOf,
  operatingPoint,
  priorAt,
  theoryResistance,
  tightestLimit,
  type Doubt,
  type OperatingPoint,
} from '../system'
import { shapeKernel } from './shapeKernel'
import { latinHypercube, normalQuantile } from './latinHypercube'
import { doubtShares, type Share } from './namedDoubts'

/** 10, 50 and 90 per cent of a figure's samples. */
export interface Band {
  p10: number
  p50: number
  p90: number
}

/** What the samples say. SI. */
export interface UncertaintyReport {
  samples: number
  speeds: number[]
  resistance: Band[]
  packPower: Band[]
  cruisePower: Band
  range: Band
  topSpeed: Band
  /** largest first; they add to 1 */
  shares: Share[]
}

/** Fewest samples that give steady tails, and what is usual. */
export const LEAST_SAMPLES = 100,
  USUAL_SAMPLES = 2000
/** Speeds at which each sample is worked out. */
const SPEEDS = 9
/** Doubts that move the whole curve; what the methods leave open has a shape. */
const COMMON = ['weight', 'bottom', 'form', 'margin', 'drive'] as const satisfies readonly Doubt[]
/** Those of them that a reading holds, in the order in which it holds them. */
const READ = ['weight', 'bottom', 'form', 'drive'] as const satisfies readonly (typeof COMMON)[number][]

/**
 * Draws whole curves from the model whose band is shown everywhere, for what a band at one speed does not tell: top
 * speed. A generator, so that a worker can tell its progress and stop between samples.
 *
 * @param project the boat
 * @param samples how many, 100 or more
 * @param seed the same seed gives the same report
 * @returns yields how many are done; returns the report
 * @throws RangeError for too few samples
 *
 * Source: a Gaussian process in ln R: a common part for each doubt that moves the whole curve, and a shape correlated
 * over speed (handbook, one curve); with readings each draw is moved by what they would have shown of it (Matheron's
 * rule).
 */
export function* sampleBoat(project: Project, samples = USUAL_SAMPLES, seed = 1): Generator<number, UncertaintyReport> {
  if (!(samples >= LEAST_SAMPLES)) throw new RangeError(`samples must be ${LEAST_SAMPLES} or more; got ${samples}`)
  const model = modelOf(project)
  const { cruiseSpeed } = project.use,
    { reserve } = chargeLevels(project)
  const speeds = curveSpeeds(project, SPEEDS)
  // cruise is the last of them
  const points = [...speeds.map(v => operatingPoint(model, v)), evaluate(project, cruiseSpeed).cruise]
  const read = isMeasured(model) ? measuredOf(project).points : []
  const shape = shapeKernel(
    model,
    [...points, ...read].map(p => p.speed),
  )
  const theory = points.map(p => theoryResistance(model, p.speed).doubts)
  const after = points.map((p, k) => (read.length > 0 ? afterReadings(model, p.speed, theory[k]!) : null))
  const shapes = points.map((p, k) =>
    read.length > 0
      ? priorAt(model, p.speed, theory[k]!, true, measuredOf(project).slowLosses).shape
      : theory[k]!.methods,
  )
  // of readings their place on the shape, their noise, and what moved all of them
  // and what is not known of the drives that they were made with
  const ofDrives = read.length > 0 ? read[0]!.seen.common.length - READ.length : 0
  const ofReadings = read.length > 0 ? 2 * read.length + ofDrives + 1 : 0,
    scatter = measuredOf(project).posterior?.scatter ?? 0
  const cube = latinHypercube(samples, COMMON.length + points.length + ofReadings, seed)
  const resistance = speeds.map(() => new Float64Array(samples)),
    power = speeds.map(() => new Float64Array(samples))
  const cruise = new Float64Array(samples),
    range = new Float64Array(samples),
    top = new Float64Array(samples)
  for (let i = 0; i < samples; i++) {
    const z = Array.from(cube[i]!, normalQuantile)
    const open = shape(z.slice(COMMON.length, COMMON.length + points.length + read.length))
    // what the readings would have shown of this boat, their own errors included
    const shown = read.map(
      ({ seen, variance }, r) =>
        READ.reduce((sum, d, c) => sum + z[COMMON.indexOf(d)]! * seen.common[c]!, 0) +
        seen.shape * open[points.length + r]! +
        Math.sqrt(variance) * z[COMMON.length + points.length + read.length + r]! +
        seen.common.slice(READ.length).reduce((sum, s, d) => sum + s * z.at(-2 - d)!, 0) +
        scatter * z.at(-1)!,
    )
    /** how far ln R and ln P lie from their centres at a point */
    const away = (k: number, drive: boolean) => {
      const doubts = theory[k]!
      const drawn = COMMON.reduce(
        (sum, d, c) => (d === 'drive' && !drive ? sum : sum + z[c]! * doubts[d]),
        open[k]! * shapes[k]!,
      )
      const gains = after[k]?.[drive ? 'power' : 'hull'].gains
      return gains ? drawn - gains.reduce((sum, g, r) => sum + g * shown[r]!, 0) : drawn
    }
    let before = { speed: 0, use: 0 }
    let found = false
    top[i] = speeds.at(-1)!
    points.forEach((p, k) => {
      const pull = p.resistance.centre * Math.exp(lifted(p, away(k, false), p.resistance.sigma))
      const train = driveTrain(
        model,
        p.speed,
        p.resistance.centre * Math.exp(lifted(p, away(k, true), p.resistance.powerSigma)),
      )
      if (k === speeds.length) {
        cruise[i] = train.packPower
        range[i] = chargeLasts(model, { power: train.packPower, current: train.packCurrent }, 1, reserve) * cruiseSpeed
        return
      }
      resistance[k]![i] = pull
      power[k]![i] = train.packPower
      const use = tightestLimit(limitShares(model, train), 'allDay').share
      if (!found && use >= 1) {
        found = true
        // power grows about with the cube of speed between two of the speeds
        const t = (1 - Math.cbrt(before.use)) / Math.max(1e-9, Math.cbrt(use) - Math.cbrt(before.use))
        top[i] = before.speed + Math.min(1, Math.max(0, t)) * (p.speed - before.speed)
      }
      before = { speed: p.speed, use }
    })
    yield i + 1
  }
  return {
    samples,
    speeds,
    resistance: resistance.map(quantiles),
    packPower: power.map(quantiles),
    cruisePower: quantiles(cruise),
    range: quantiles(range),
    topSpeed: quantiles(top),
    shares: doubtShares(points.at(-1)!.resistance),
  }
}

/** Upwards the doubt of a slow boat is added: the sample keeps its place in the wider half. */
function lifted({ resistance: { lift } }: OperatingPoint, away: number, sigma: number): number {
  if (away <= 0 || sigma <= 0) return away
  return (away * Math.log(bandOf(1, sigma, lift).high)) / (BAND * sigma)
}

function quantiles(values: Float64Array): Band {
  const sorted = Array.from(Float64Array.from(values).sort())
  const q = (p: number) => quantileSorted(sorted, p)!
  return { p10: q(0.1), p50: q(0.5), p90: q(0.9) }
}
