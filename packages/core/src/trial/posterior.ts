import { cholesky, inverseDiagonal, solveCholesky } from '../numeric'

/** What is not known of ln R at a speed. */
export interface Prior {
  /** σ of each doubt that moves the whole curve; in the same order everywhere */
  common: readonly number[]
  /** σ of what the methods leave open: alike at speeds that are near */
  shape: number
  /** place along the curve, in lengths over which such an error reaches */
  place: number
}

/** A reading as the model sees it. */
export interface Observation extends Prior {
  /** ln (read ÷ theory) */
  away: number
  /** σ of that, by itself */
  noise: number
}

/** What the readings leave at a speed. */
export interface After {
  /** ln of the factor on the theory */
  shift: number
  /** σ of ln R that is left */
  sigma: number
  /** what of it each common doubt leaves, then the shape; their squares add to that of σ */
  parts: number[]
  /** how much each reading's distance from the theory counts in the shift */
  gains: number[]
}

/** A reading against theory and all the others. */
export interface Standing {
  /** σ that it lies off what they lead one to expect */
  off: number
  /** 1, or less where it lies further off than FAR_OFF */
  weight: number
  /** square of the σ by which it counts */
  variance: number
}

/** The model after its readings. */
export interface Posterior {
  at(prior: Prior): After
  standing: Standing[]
}

/** A reading further off than this many σ is named and counts less. */
export const FAR_OFF = 3
const ROUNDS = 12

/**
 * How ln R at two speeds goes together before anything was read.
 *
 * @param a one speed
 * @param b the other
 * @returns covariance
 * @example covariance({ common: [0.2], shape: 0.1, place: 0 }, { common: [0.2], shape: 0.1, place: 9 }) // 0.04
 *
 * Source: k = Σ σc² + σs(1) σs(2) exp(−(x₁ − x₂)²/2), x in correlation lengths (handbook, one curve).
 */
export function covariance(a: Prior, b: Prior): number {
  let sum = a.shape * b.shape * Math.exp(-0.5 * (a.place - b.place) ** 2)
  for (let i = 0; i < a.common.length; i++) sum += a.common[i]! * b.common[i]!
  return sum
}

/**
 * Readings that correct a curve and narrow its band: a Gaussian process in ln R. None leaves the theory as it was, a
 * perfect one is passed through, and their order does not matter.
 *
 * @param readings how far each lies from the theory, and how well it is known
 * @returns what is left at any speed, and how each reading stands to the others
 *
 * Source: m* = m + kᵀ (K + N)⁻¹ d, variance k** − kᵀ (K + N)⁻¹ k (Rasmussen & Williams 2006, eqs. 2.25 and 2.26, from
 * memory); what lies z > 3 σ from what is expected without it has z²/9 times that variance.
 */
export function condition(readings: readonly Observation[]): Posterior {
  const together = readings.map(a => readings.map(b => covariance(a, b)))
  const d = readings.map(r => r.away)
  /** squares of σ by which a reading counts: its own, and more of it when it stands far off */
  let noises = readings.map(r => r.noise ** 2),
    standing: Standing[] = []
  const factored = (squares: readonly number[]) =>
    cholesky(together.map((row, i) => row.map((k, j) => (i === j ? k + squares[i]! : k))))
  let lower = factored(noises)
  for (let round = 0; round < ROUNDS; round++) {
    const pulls = solveCholesky(lower, d)
    const inverses = inverseDiagonal(lower)
    standing = readings.map(({ noise }, i) => {
      const inverse = inverses[i]!
      // left out in turn: how surely the others and the theory expect it
      const expected = Math.max(1e-12, 1 / inverse - noises[i]! + noise ** 2)
      const off = pulls[i]! / inverse / Math.sqrt(expected)
      const weight = Math.min(1, (FAR_OFF / Math.abs(off)) ** 2)
      return { off, weight, variance: noise ** 2 + (1 / weight - 1) * expected }
    })
    const settled = standing.every((s, i) => Math.abs(s.variance - noises[i]!) <= 1e-6 * s.variance)
    if (settled) break
    noises = standing.map(s => s.variance)
    lower = factored(noises)
  }
  const pulls = solveCholesky(lower, d)
  return {
    standing,
    at(prior) {
      const k = readings.map(r => covariance(prior, r))
      const gains = solveCholesky(lower, k)
      const shift = k.reduce((sum, v, i) => sum + v * pulls[i]!, 0)
      const whole = covariance(prior, prior)
      const left = Math.max(0, whole - k.reduce((sum, v, i) => sum + v * gains[i]!, 0))
      // what is left of the whole goes to each doubt as far as it still goes together with the whole
      const own = [
        ...prior.common.map(
          (sigma, c) => sigma * sigma - gains.reduce((sum, g, i) => sum + g * sigma * readings[i]!.common[c]!, 0),
        ),
        prior.shape ** 2 -
          gains.reduce(
            (sum, g, i) =>
              sum + g * prior.shape * readings[i]!.shape * Math.exp(-0.5 * (prior.place - readings[i]!.place) ** 2),
            0,
          ),
      ].map(v => Math.max(0, v))
      const all = own.reduce((sum, v) => sum + v, 0)
      return {
        shift,
        sigma: Math.sqrt(left),
        parts: own.map(v => (all > 0 ? Math.sqrt((left * v) / all) : 0)),
        gains,
      }
    },
  }
}
