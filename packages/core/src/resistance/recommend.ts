import { fading } from './belief'

/** One method's whole resistance at a speed, N, and how much it is believed. */
export interface MethodValue {
  id: string
  value: number
  /** σ of its ln R */
  sigma: number
  /** how far outside its range it is asked: 0 inside, 2 and more is drawn and not used */
  distance: number
  /** a formula that knows only weight and length */
  rule: boolean
}

/** The recommended resistance, N, and what the methods leave open. */
export interface Recommendation {
  centre: number
  /** σ of ln R that the methods leave open */
  sigma: number
  /** part of each method in the centre; they add to 1 */
  shares: number[]
  /** true when no method was inside its range */
  outsideAll: boolean
}

/** Weight of the methods, Σ 1/σ², from which the rules of thumb have no say: that of one method with σ 0.58. */
const ENOUGH = 3
/** Least weight of a rule of thumb, as a share. */
const TRACE = 0.02
/** σ that methods leave open at least: they share data, waters and habits (judgement). */
const LEAST = 0.12,
  COMMON = 0.08

/**
 * Weighs the methods: the centre is their mean in ln R, each with 1/σ², which fades to nothing outside its range; what
 * they leave open is their own σ together, widened where they lie further apart than they say.
 *
 * @param methods values of every method that suits the hull
 * @returns centre, σ and shares
 * @throws RangeError when there is no method
 * @example recommend([{ id: 'a', value: 100, sigma: 0.2, distance: 0, rule: false }, { id: 'b', value: 144, sigma: 0.2,
 *   distance: 0, rule: false }]).centre // 120.0
 *
 * Source: tables/extrapolation: w = 1/σ² (1 − smoothstep(D/2)); σ² = max(1, χ²/(n − 1))/Σw + 0.08².
 */
export function recommend(methods: readonly MethodValue[]): Recommendation {
  if (methods.length === 0) throw new RangeError('recommend needs one method or more')
  let able = 0
  const weights = methods.map(m => {
    // of a rule a trace is always left: where all else has ended, something must be said
    const left = m.rule ? Math.max(TRACE, fading(m.distance)) : fading(m.distance)
    const w = m.value > 0 ? left / (m.sigma * m.sigma) : 0
    if (!m.rule) able += w
    return w
  })
  const missing = fading((2 * able) / ENOUGH)
  let sum = 0,
    mean = 0
  methods.forEach((m, i) => {
    if (m.rule) weights[i]! *= missing
    sum += weights[i]!
    if (weights[i]! > 0) mean += weights[i]! * Math.log(m.value)
  })
  const outsideAll = methods.every(m => m.rule || m.distance > 0)
  if (sum <= 0) return { centre: 0, sigma: 1, shares: methods.map(() => 0), outsideAll }
  mean /= sum
  let chi = 0,
    squares = 0
  methods.forEach((m, i) => {
    const w = weights[i]!
    if (w <= 0) return
    chi += w * (Math.log(m.value) - mean) ** 2
    squares += w * w
  })
  // as many opinions as count: 1 when one has all the weight
  const opinions = (sum * sum) / squares
  const apart = opinions > 1 ? Math.max(1, chi / Math.max(0.5, opinions - 1)) : 1
  return {
    centre: Math.exp(mean),
    sigma: Math.max(LEAST, Math.sqrt(apart / sum + COMMON * COMMON)),
    shares: weights.map(w => w / sum),
    outsideAll,
  }
}
