import { smoothStep } from '../numeric'

/** A quantity that has left a method's published range. */
export interface OutsideRange {
  name: string
  value: number
  min: number
  max: number
}

/** One dimension of a hull, or its speed, against the range that a method was made for. */
export interface Reach {
  name: string
  value: number
  least: number
  most: number
  /** how much σ of ln R grows for each unit of distance outside */
  doubt: number
  /** the distance outside that counts as 1; a method is worth nothing at 2 */
  far: number
  /** what one unit of distance is, where it is a difference; a natural logarithm where it is left out */
  unit?: number
}

/** How much a method is believed: σ of ln of its wave part, and how far outside its range it is asked. */
export interface Belief {
  sigma: number
  /** 0 inside its range; 2 and more: drawn, not used */
  distance: number
  /** σ is that of friction and waves together, which one balance gives; else friction is known better */
  whole?: boolean | undefined
}

/** σ of a formula that knows only weight and length: it counts only where nothing better is left. */
const RULE_SIGMA = 0.6

/**
 * Belief in a rule of thumb at a speed.
 *
 * @param value speed, as the rule's own number
 * @param least first and
 * @param most last for which it is meant
 * @param unit distance outside that counts as 1
 * @returns σ and distance
 */
export const ruleBelief = (value: number, least: number, most: number, unit: number): Belief =>
  beliefAtSpeed({ sigma: RULE_SIGMA, distance: 0 }, { name: '', value, least, most, doubt: 0.1, far: 1, unit })

/**
 * How far a value lies outside a range, 0 inside: a natural logarithm of the ratio to the edge, or a difference in
 * units.
 *
 * @param reach value, range and unit
 * @returns ≥ 0
 * @example distanceOutside({ value: 3, least: 3.9, most: 15 }) // 0.2624
 */
export function distanceOutside({
  value,
  least,
  most,
  unit,
}: Pick<Reach, 'value' | 'least' | 'most' | 'unit'>): number {
  if (value >= least && value <= most) return 0
  if (unit !== undefined) return (value < least ? least - value : value - most) / unit
  return value < least ? Math.log(least / Math.max(1e-9, value)) : Math.log(value / most)
}

/**
 * Belief in a method at its own σ, for a hull of which some dimensions may be outside; σ grows smoothly and never
 * jumps.
 *
 * @param own σ inside the range
 * @param reaches dimensions, and the speed where it has a range
 * @returns σ and distance
 *
 * Source: tables/extrapolation: σ² = s0² + Σ (a δ)², D² = Σ (δ/s)² (constants are judgement, tried on towing-tank
 * rows).
 */
export function beliefOf(own: number, reaches: readonly Reach[]): Belief {
  let variance = own * own,
    squared = 0
  for (const reach of reaches) {
    const delta = distanceOutside(reach)
    if (delta === 0) continue
    variance += (reach.doubt * delta) ** 2
    squared += (delta / reach.far) ** 2
  }
  return { sigma: Math.sqrt(variance), distance: Math.sqrt(squared) }
}

/**
 * The same belief at a speed that may be outside as well.
 *
 * @param hull belief that the dimensions leave
 * @param speed its reach
 * @returns σ and distance
 */
export function beliefAtSpeed(hull: Belief, speed: Reach): Belief {
  const delta = distanceOutside(speed)
  return delta === 0
    ? hull
    : {
        sigma: Math.hypot(hull.sigma, speed.doubt * delta),
        distance: Math.hypot(hull.distance, delta / speed.far),
        whole: hull.whole,
      }
}

/** Dimensions outside their range, in words and numbers. */
export const outsideReaches = (reaches: readonly Reach[]): OutsideRange[] =>
  reaches
    .filter(r => r.value < r.least || r.value > r.most)
    .map(({ name, value, least, most }) => ({ name, value, min: least, max: most }))

/**
 * What is left of a method's weight at a distance outside its range: all inside, nothing from 2.
 *
 * @param distance ≥ 0
 * @returns 1 … 0, smooth
 * @example fading(1) // 0.5000
 */
export function fading(distance: number): number {
  return 1 - smoothStep(distance / 2)
}
