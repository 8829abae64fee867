import { maximise } from '../../numeric'

/** Parts whose temperature an owner reads. */
export const HEATED_PARTS = ['motor', 'controller', 'pack'] as const

/** A temperature read at a time. s, K. */
export interface HeatPoint {
  part: (typeof HEATED_PARTS)[number]
  time: number
  temperature: number
}

/** What measured temperatures say, or why they say nothing. */
export type WarmingFit =
  | { outcome: 'fitted'; timeConstant: number; final: number; start: number; error: number }
  | { outcome: 'refused'; reason: string }

/** Fewest readings that carry a fit of three constants with something to spare. */
export const LEAST_READINGS = 4

/** Start and end temperature of least squares for a time constant, and what is left over. */
function linearFit(points: readonly Omit<HeatPoint, 'part'>[], tau: number) {
  let n = 0,
    sx = 0,
    sxx = 0,
    sy = 0,
    sxy = 0
  for (const { time, temperature } of points) {
    const x = Math.exp(-time / tau)
    n++
    sx += x
    sxx += x * x
    sy += temperature
    sxy += x * temperature
  }
  const slope = (n * sxy - sx * sy) / (n * sxx - sx * sx),
    final = (sy - slope * sx) / n
  const squares = points.reduce((s, p) => s + (p.temperature - final - slope * Math.exp(-p.time / tau)) ** 2, 0)
  return { final, start: final + slope, squares }
}

/**
 * Time constant and final temperature from readings at steady power: T = T∞ − (T∞ − T0) e^(−t/τ).
 *
 * @param points readings, in any order
 * @returns τ in s, temperatures in K, root mean square error; or a sentence why not
 *
 * Source: least squares, linear in T∞ and T0 for each τ; τ by golden section on its logarithm.
 */
export function fitWarming(points: readonly Omit<HeatPoint, 'part'>[]): WarmingFit {
  const times = new Set(points.map(p => p.time))
  if (times.size < LEAST_READINGS)
    return {
      outcome: 'refused',
      reason:
        `${LEAST_READINGS} readings at different times make a curve; there ` +
        `${times.size === 1 ? 'is one' : `are ${times.size}`}.`,
    }
  const span = Math.max(...times) - Math.min(...times)
  const timeConstant = Math.exp(
    maximise(logTau => -linearFit(points, Math.exp(logTau)).squares, Math.log(span / 50), Math.log(span * 20), 1e-7).x,
  )
  const { final, start, squares } = linearFit(points, timeConstant)
  if (final <= start)
    return { outcome: 'refused', reason: 'The readings do not rise. Read while it warms up at one power.' }
  if (timeConstant > 3 * span)
    return {
      outcome: 'refused',
      reason: 'The readings still rise in a straight line: go on until they begin to level off.',
    }
  return { outcome: 'fitted', timeConstant, final, start, error: Math.sqrt(squares / points.length) }
}
