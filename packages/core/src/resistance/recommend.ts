/**
 * One method's whole resistance at a speed, N, with the same for the light and the heavy end of the uncertain inputs.
 */
export interface MethodValue {
  id: string
  weight: number
  /** 1 well inside the method's range, 0 outside, between them near its edge */
  inside: number
  /** likely error of the method by itself, as a share */
  accuracy: number
  value: number
  low: number
  high: number
}

/** The recommended resistance and its band, N. */
export interface Recommendation {
  centre: number
  low: number
  high: number
  /** true when no method was inside its range, so that all were used */
  outsideAll: boolean
}

/**
 * How far inside its range a method is, fading over the last fifth of the range's width at each end,
 * so that the recommendation does not jump where a method ends.
 *
 * @param speed m/s
 * @param from first speed of the range
 * @param to last speed of the range
 * @param hasOutside true when a dimension is outside
 * @returns 0 … 1
 * @example insideShare(2, 1, 3, false) // 1
 */
export function insideShare(speed: number, from: number, to: number, hasOutside: boolean): number {
  if (hasOutside || speed < from || speed > to) return 0
  const fade = 0.2 * (to - from)
  return Math.min(1, (speed - from) / fade, (to - speed) / fade)
}

/**
 * Weighs the methods: the centre is their mean in log resistance. The band joins, as independent shares, how far the
 * methods
 * lie apart (their weighted spread), how exact each is by itself, and what the uncertain inputs do.
 *
 * @param methods values of every method that suits the hull
 * @returns centre and band
 * @throws RangeError when there is no method
 * @example recommend([{ id: 'a', weight: 1, inside: 1, accuracy: 0, value: 100, low: 100, high: 100 }, { id: 'b',
 *   weight: 1, inside: 1, accuracy: 0, value: 144, low: 144, high: 144 }]).high // 144.0
 */
export function recommend(methods: readonly MethodValue[]): Recommendation {
  if (methods.length === 0) throw new RangeError('recommend needs one method or more')
  let most = 0
  for (const m of methods) most = Math.max(most, m.inside)
  // While no method is fully inside, those outside fill in for what is missing: the centre stays continuous.
  const fill = 1 - most
  let weights = 0,
    mean = 0,
    own = 0,
    down = 0,
    up = 0
  for (const m of methods) {
    const w = m.weight * (m.inside + fill)
    if (w <= 0 || m.value <= 0) continue
    weights += w
    mean += w * Math.log(m.value)
    own += w * m.accuracy * m.accuracy
    down += w * Math.log(m.low / m.value)
    up += w * Math.log(m.high / m.value)
  }
  const outsideAll = most <= 0
  if (weights === 0) return { centre: 0, low: 0, high: 0, outsideAll }
  mean /= weights
  let apart = 0
  for (const m of methods) {
    const w = m.weight * (m.inside + fill)
    if (w > 0 && m.value > 0) apart += w * (Math.log(m.value) - mean) ** 2
  }
  const variance = (apart + own) / weights
  const centre = Math.exp(mean)
  return {
    centre,
    low: centre * Math.exp(-Math.sqrt(variance + (down / weights) ** 2)),
    high: centre * Math.exp(Math.sqrt(variance + (up / weights) ** 2)),
    outsideAll,
  }
}
