import { cholesky, inverseDiagonal, solveCholesky } from '../numeric'

/** What is not known of ln R at a speed. */
export interface Prior {
  /**
   * σ of each doubt that moves the whole curve, in the same order everywhere; after them those that only readings
   * share, which may be left out where they are nothing
   */
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
  /** 1, or less the further off it lies */
  weight: number
  /** square of the σ by which it counts */
  variance: number
}

/** The model after its readings. */
export interface Posterior {
  at(prior: Prior): After
  standing: Standing[]
  /** σ of ln R by which readings differ beyond their own noise: 0 where they agree */
  scatter: number
}

/** A reading further off than this many σ is named. */
export const FAR_OFF = 3
export const isFarOff = ({ off }: Pick<Standing, 'off'>): boolean => Math.abs(off) > FAR_OFF
/** Degrees of freedom of how far off a reading may be: few, since a wrong unit or a stream is no Gaussian's tail. */
const TAIL = 4
/** σ up to which a reading counts in full. */
const WHOLE = 1.5
/**
 * Squares of the readings' distances, in σ and no more than MOST each, so that a wild one is not taken for scatter of
 * all: their mean where all is as it should be, and one and a half times its σ by chance, of one.
 */
const MOST = 4,
  USUAL = 0.921,
  BY_CHANCE = 1.5 * 1.11
const ROUNDS = 12,
  /** halvings of what readings differ by beyond their noise, of which WIDEST is the most, σ of ln R */
  HALVINGS = 10,
  WIDEST = 1.5

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
  const both = Math.min(a.common.length, b.common.length)
  for (let i = 0; i < both; i++) sum += a.common[i]! * b.common[i]!
  return sum
}

/**
 * Readings that correct a curve and narrow its band: a Gaussian process in ln R with heavy tails. None leaves the
 * theory as it was, a perfect one is passed through, what lies far off fades to nothing, and their order does not
 * matter. Where readings differ by more than their noise, something moved them that nobody told (stream, wind, units,
 * another drive): it is estimated from their scatter, and since it may be common to many of them, it does not average
 * out.
 *
 * @param readings how far each lies from the theory, and how well it is known
 * @returns what is left at any speed, and how each reading stands to the others
 *
 * Source: m* = m + kᵀ (K + N)⁻¹ d, variance k** − kᵀ (K + N)⁻¹ k (Rasmussen & Williams 2006, eqs. 2.25 and 2.26, from
 * memory); weights as of Student's t with ν = 4 beyond 1.5 σ (after Lange, Little & Taylor 1989, from memory), z from
 * what theory and the other readings lead one to expect; scatter as the variance at which the mean of min(z², 4) is
 * usual (after Paule & Mandel 1982, from memory).
 */
export function condition(readings: readonly Observation[]): Posterior {
  const together = readings.map(a => readings.map(b => covariance(a, b)))
  const d = readings.map(r => r.away)
  const factored = (squares: readonly number[]) =>
    cholesky(together.map((row, i) => row.map((k, j) => (i === j ? k + squares[i]! : k))))

  /** How readings stand to each other where each has this much more variance than its own noise. */
  function weighed(more: number) {
    let noises = readings.map(r => r.noise ** 2 + more),
      standing: Standing[] = [],
      lower = factored(noises)
    for (let round = 0; round < ROUNDS; round++) {
      const pulls = solveCholesky(lower, d)
      const inverses = inverseDiagonal(lower)
      standing = readings.map(({ noise }, i) => {
        const inverse = inverses[i]!,
          own = noise ** 2 + more
        // left out in turn: how surely the others and the theory expect it
        const expected = Math.max(1e-12, 1 / inverse - noises[i]! + own)
        const off = pulls[i]! / inverse / Math.sqrt(expected)
        const weight = Math.min(1, (TAIL + WHOLE ** 2) / (TAIL + off * off))
        return { off, weight, variance: own + (1 / weight - 1) * expected }
      })
      const settled = standing.every((s, i) => Math.abs(s.variance - noises[i]!) <= 1e-6 * s.variance)
      if (settled) break
      noises = standing.map(s => s.variance)
      lower = factored(noises)
    }
    return { standing, lower }
  }

  const n = readings.length
  // one reading differs from none; of few the mean may be high by chance
  const most = USUAL + BY_CHANCE / Math.sqrt(Math.max(1, n))
  const scatters = ({ standing }: ReturnType<typeof weighed>) =>
    n > 1 && standing.reduce((sum, s) => sum + Math.min(MOST, s.off ** 2), 0) / n > most
  let more = 0,
    found = weighed(0)
  if (scatters(found)) {
    let low = 0,
      high = WIDEST
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (low + high) / 2
      if (scatters(weighed(middle ** 2))) low = middle
      else high = middle
    }
    more = ((low + high) / 2) ** 2
    found = weighed(more)
  }
  const { standing, lower } = found
  const pulls = solveCholesky(lower, d)
  return {
    standing,
    scatter: Math.sqrt(more),
    at(prior) {
      const k = readings.map(r => covariance(prior, r))
      const gains = solveCholesky(lower, k)
      const shift = k.reduce((sum, v, i) => sum + v * pulls[i]!, 0)
      const whole = covariance(prior, prior)
      // what moved the readings moves what is made of them, as far as it is made of them
      const moved = more * gains.reduce((sum, g) => sum + g, 0) ** 2
      const left = Math.max(0, whole - k.reduce((sum, v, i) => sum + v * gains[i]!, 0)) + moved
      // what is left of the whole goes to each doubt as far as it still goes together with the whole
      const own = [
        ...prior.common.map(
          (sigma, c) => sigma * sigma - gains.reduce((sum, g, i) => sum + g * sigma * (readings[i]!.common[c] ?? 0), 0),
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
