import { quantileSorted } from 'd3-array'
import { edit, withEdits } from '../project/projectPath'
import type { Project } from '../project/projectFields'
import { curveSpeeds, driveTrain, hullResistance, limitShares, modelOf, sampledModel, tightestLimit } from '../system'
import { latinHypercube } from './latinHypercube'
import { uncertainInputs, type Drawn } from './uncertainInputs'

/** 10, 50 and 90 per cent of a figure's samples. */
export interface Band {
  p10: number
  p50: number
  p90: number
}
/** One input's part in the spread of the power at cruise. */
export interface Share {
  id: string
  label: string
  advice: string
  share: number
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

/**
 * Draws the uncertain inputs of a boat many times and works her out each time. A generator, so that a worker can tell
 * its
 * progress and stop between samples.
 *
 * @param project the boat
 * @param samples how many, 100 or more
 * @param seed the same seed gives the same report
 * @returns yields how many are done; returns the report
 * @throws RangeError for too few samples
 */
export function* sampleBoat(project: Project, samples = USUAL_SAMPLES, seed = 1): Generator<number, UncertaintyReport> {
  if (!(samples >= LEAST_SAMPLES)) throw new RangeError(`samples must be ${LEAST_SAMPLES} or more; got ${samples}`)
  const model = modelOf(project)
  const inputs = uncertainInputs(model)
  const cube = latinHypercube(samples, inputs.length, seed)
  const speeds = curveSpeeds(project, SPEEDS)
  const { cruiseSpeed, reserve } = project.use
  const resistance = speeds.map(() => new Float64Array(samples)),
    power = speeds.map(() => new Float64Array(samples))
  const cruise = new Float64Array(samples),
    range = new Float64Array(samples),
    top = new Float64Array(samples)
  const sure = withEdits(project, [edit('boat.massUncertainty', 0)])
  for (let i = 0; i < samples; i++) {
    const drawn: Drawn = { edits: [], frictionFactor: 1, method: 0, drive: 1 }
    inputs.forEach((input, k) => input.draw(cube[i]![k]!, drawn))
    const boat = sampledModel(withEdits(sure, drawn.edits), drawn.frictionFactor)
    const at = (speed: number) => {
      const r = hullResistance(boat, speed)
      // the methods' own spread is the band that is left when nothing else varies
      const pull = r.centre * Math.exp(drawn.method * Math.log(r.high / Math.max(1e-9, r.centre)))
      const train = driveTrain(boat, speed, pull)
      return {
        pull,
        train,
        packPower: train.controllerInput * drawn.drive + train.housePower,
        use: tightestLimit(limitShares(boat, train), 'allDay').share * drawn.drive,
      }
    }
    let before = { speed: 0, use: 0 }
    top[i] = speeds.at(-1)!
    let found = false
    speeds.forEach((speed, k) => {
      const p = at(speed)
      resistance[k]![i] = p.pull
      power[k]![i] = p.packPower
      if (!found && p.use >= 1) {
        found = true
        // power grows about with the cube of speed between two of the speeds
        const t = (1 - Math.cbrt(before.use)) / Math.max(1e-9, Math.cbrt(p.use) - Math.cbrt(before.use))
        top[i] = before.speed + Math.min(1, Math.max(0, t)) * (speed - before.speed)
      }
      before = { speed, use: p.use }
    })
    cruise[i] = at(cruiseSpeed).packPower
    range[i] = ((model.pack.usableEnergy * (1 - reserve)) / cruise[i]!) * cruiseSpeed
    yield i + 1
  }
  return {
    samples,
    speeds,
    resistance: resistance.map(bandOf),
    packPower: power.map(bandOf),
    cruisePower: bandOf(cruise),
    range: bandOf(range),
    topSpeed: bandOf(top),
    shares: sharesOf(inputs, cube, cruise),
  }
}

function bandOf(values: Float64Array): Band {
  const sorted = Array.from(Float64Array.from(values).sort())
  const q = (p: number) => quantileSorted(sorted, p)!
  return { p10: q(0.1), p50: q(0.5), p90: q(0.9) }
}

/** Part of each input in the variance of the logarithm of power: the square of its correlation, all together made 1. */
function sharesOf(inputs: ReturnType<typeof uncertainInputs>, cube: Float64Array[], values: Float64Array): Share[] {
  const n = values.length
  const y = Float64Array.from(values, v => Math.log(Math.max(1e-9, v)))
  const meanY = y.reduce((s, v) => s + v, 0) / n
  const squares = inputs.map((_, k) => {
    let sxy = 0,
      sxx = 0,
      syy = 0
    for (let i = 0; i < n; i++) {
      const dx = cube[i]![k]! - 0.5,
        dy = y[i]! - meanY
      sxy += dx * dy
      sxx += dx * dx
      syy += dy * dy
    }
    return syy > 0 ? (sxy * sxy) / (sxx * syy) : 0
  })
  const whole = squares.reduce((a, b) => a + b, 0) || 1
  return inputs
    .map(({ id, label, advice }, k) => ({ id, label, advice, share: squares[k]! / whole }))
    .sort((a, b) => b.share - a.share)
}
