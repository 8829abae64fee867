import { group } from 'd3-array'
import type { Ranged } from '../numeric'
import { BAND } from '../system'

/** One trip's word on the capacity: years since the first, share of new, and how far its own charge may be off. */
export interface CapacityWord {
  years: number
  share: number
  /** σ of the part of the charge that was read, and of the amp hours, as a share of that part */
  open: number
}

/** What is thought of a pack before its trips: its capacity as a share of new, and the share lost in a year. */
export interface CapacityPrior {
  level: number
  loss: number
}

/** What the trips leave of it. */
export interface CapacityFit {
  /** capacity so many years after the first trip, share of new: median, 10 and 90 per cent */
  at(years: number): Ranged
  /** share lost in a year, likewise */
  loss: Ranged
}

/** Scale of what a pack may differ from what is thought of it: most are near, a few are far worse (judgement). */
const LEVEL_OPEN = 0.04,
  LOSS_OPEN = 0.45
/** Degrees of freedom: few, so that a bad pack may be bad. */
const TAIL = 3
/** Levels from a quarter to seven quarters of what is thought, and losses from a sixteenth to sixteen times of it. */
const LEVELS = 241,
  WIDEST = 0.75,
  LOSSES = 49,
  LEAST_LOSS = 1 / 16,
  MOST_LOSS = 16
/** Cells into which the capacity of a day is counted. */
const CELLS = 800
/** What trips leave open however many they are, as a share: the shunt itself (common practice: half a per cent). */
const METER = 0.005
/** Weights below this share of the greatest are none. */
const NOTHING = 1e-9
const LOW = 0.1,
  MIDDLE = 0.5,
  HIGH = 0.9

/**
 * The words of a month together: a pack does not age to speak of within it, so that Σ (1 − y/s)²/σ² needs three sums.
 */
function byMonth(words: readonly CapacityWord[]) {
  return [...group(words, w => Math.round(12 * w.years)).values()].map(of => {
    const sure = of.map(w => w.open ** -2)
    const added = (value: (w: CapacityWord) => number) => of.reduce((sum, w, i) => sum + sure[i]! * value(w), 0)
    const all = added(() => 1)
    return { years: added(w => w.years) / all, sure: all, share: added(w => w.share), square: added(w => w.share ** 2) }
  })
}

/** Density of Student's t, but for its constant. */
const student = (z: number): number => (1 + (z * z) / TAIL) ** (-(TAIL + 1) / 2)

/**
 * Capacity and its loss by Bayes on a grid. What is uncertain of a trip is the part of the charge that was read: its
 * doubt does not hang on its own result, and a reading that came out low by chance is not believed more for it.
 *
 * @param words of the trips
 * @param prior what is thought before them
 * @returns capacity at any time, and the loss
 * @throws RangeError for a level or a loss of 0 or less
 * @example capacityFit([], { level: 1, loss: 0.02 }).at(0).value // 1.000
 *
 * Source: Δq read ~ N(y Δq/s, σ) for a true share s = a − b t (measurement equation; Bayes' rule on 241 × 49 cells).
 */
export function capacityFit(words: readonly CapacityWord[], prior: CapacityPrior): CapacityFit {
  if (!(prior.level > 0) || !(prior.loss > 0))
    throw new RangeError(`level and loss must be above 0; got ${prior.level} and ${prior.loss}`)
  const levels = Array.from({ length: LEVELS }, (_, i) => prior.level * (1 + WIDEST * ((2 * i) / (LEVELS - 1) - 1)))
  const span = Math.log(MOST_LOSS / LEAST_LOSS)
  const losses = Array.from({ length: LOSSES }, (_, j) => prior.loss * LEAST_LOSS * Math.exp((span * j) / (LOSSES - 1)))
  const months = byMonth(words)
  const levelWeights = levels.map(level => Math.log(student((level / prior.level - 1) / LEVEL_OPEN))),
    lossWeights = losses.map(loss => Math.log(student(Math.log(loss / prior.loss) / LOSS_OPEN)))
  const weights = new Float64Array(LEVELS * LOSSES)
  let most = -Infinity
  for (let i = 0; i < LEVELS; i++)
    for (let j = 0; j < LOSSES; j++) {
      let ln = levelWeights[i]! + lossWeights[j]!
      for (let k = 0; k < months.length; k++) {
        const m = months[k]!,
          one = 1 / Math.max(0.05, levels[i]! - losses[j]! * m.years)
        ln -= (m.sure - 2 * m.share * one + m.square * one * one) / 2
      }
      weights[i * LOSSES + j] = ln
      if (ln > most) most = ln
    }
  for (let k = 0; k < weights.length; k++) weights[k] = Math.exp(weights[k]! - most)

  /** Quantiles of something that each cell of the grid has. */
  function ranged(of: (level: number, loss: number) => number, least: number, greatest: number): Ranged {
    const cells = new Float64Array(CELLS),
      width = (greatest - least) / CELLS
    let sum = 0
    for (let i = 0; i < LEVELS; i++)
      for (let j = 0; j < LOSSES; j++) {
        const weight = weights[i * LOSSES + j]!
        // far from all that was read: it would not show
        if (weight < NOTHING) continue
        const place = (of(levels[i]!, losses[j]!) - least) / width - 0.5,
          cell = Math.min(CELLS - 2, Math.max(0, Math.floor(place))),
          share = Math.min(1, Math.max(0, place - cell))
        // shared between the two cells whose middles it lies between
        cells[cell]! += weight * (1 - share)
        cells[cell + 1]! += weight * share
        sum += weight
      }
    const quantile = (p: number) => {
      let below = 0,
        cell = 0
      while (cell < CELLS - 1 && below + cells[cell]! < p * sum) below += cells[cell++]!
      return least + width * (cell + (cells[cell]! > 0 ? (p * sum - below) / cells[cell]! : 0.5))
    }
    return { value: quantile(MIDDLE), low: quantile(LOW), high: quantile(HIGH) }
  }

  return {
    at(years) {
      const worst = levels[0]! - losses.at(-1)! * Math.max(0, years)
      const { value, low, high } = ranged((level, loss) => level - loss * years, worst, levels.at(-1)!)
      return {
        value,
        low: value - Math.hypot(value - low, BAND * METER * value),
        high: value + Math.hypot(high - value, BAND * METER * value),
      }
    },
    loss: (() => {
      const { value, low, high } = ranged((_, loss) => Math.log(loss), Math.log(losses[0]!), Math.log(losses.at(-1)!))
      return { value: Math.exp(value), low: Math.exp(low), high: Math.exp(high) }
    })(),
  }
}
