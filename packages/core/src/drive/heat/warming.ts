import { findRoot } from '../../numeric'
import type { HeatPath, MotorHeat } from './heatPath'

/** Temperatures of winding and case, K. */
export interface MotorTemperatures {
  winding: number
  case: number
}

/**
 * Temperatures that a motor comes to at steady losses.
 *
 * @param path of the heat
 * @param heat W in winding and case
 * @returns K
 */
export function steadyTemperatures(path: HeatPath, heat: MotorHeat): MotorTemperatures {
  const atCase = path.sink + path.caseToSink * (heat.winding + heat.case)
  return { case: atCase, winding: atCase + path.windingToCase * heat.winding }
}

/**
 * Temperatures after a time at steady losses, exact for the two nodes.
 *
 * @param path of the heat
 * @param heat W in winding and case
 * @param start temperatures at the beginning, K
 * @param time s, ≥ 0
 * @returns K
 *
 * Source: x′ = A x about the steady state, solved by the two eigenvalues of A, which are real and negative.
 */
export function temperaturesAfter(
  path: HeatPath,
  heat: MotorHeat,
  start: MotorTemperatures,
  time: number,
): MotorTemperatures {
  const end = steadyTemperatures(path, heat)
  const u0 = start.winding - end.winding,
    v0 = start.case - end.case
  // u' = −a u + a v; v' = b u − (b + c) v
  const a = 1 / (path.windingToCase * path.windingHeat),
    b = 1 / (path.windingToCase * path.caseHeat),
    c = 1 / (path.caseToSink * path.caseHeat)
  const mean = (a + b + c) / 2,
    root = Math.sqrt(mean * mean - a * c)
  const fast = -mean - root,
    slow = -mean + root
  // u = p e^(fast t) + q e^(slow t), with u'(0) = −a u0 + a v0
  const slope = a * (v0 - u0)
  const p = (slope - slow * u0) / (fast - slow),
    q = u0 - p
  const ef = Math.exp(fast * time),
    es = Math.exp(slow * time)
  const u = p * ef + q * es
  return { winding: end.winding + u, case: end.case + u + (p * fast * ef + q * slow * es) / a }
}

/** Time until the winding is at its limit, or that it never is. */
export type HeatTime = { outcome: 'holds'; steady: number } | { outcome: 'drops'; time: number } | { outcome: 'tooHot' }

/**
 * Time until the winding reaches its limit at steady losses.
 *
 * @param path of the heat
 * @param heat W
 * @param start K
 * @returns s; `holds` with the steady temperature when it never does; `tooHot` when it is there already
 */
export function timeToLimit(path: HeatPath, heat: MotorHeat, start: MotorTemperatures): HeatTime {
  const end = steadyTemperatures(path, heat)
  if (start.winding >= path.limit) return { outcome: 'tooHot' }
  if (end.winding <= path.limit) return { outcome: 'holds', steady: end.winding }
  const slow = path.caseToSink * (path.caseHeat + path.windingHeat)
  const found = findRoot(t => temperaturesAfter(path, heat, start, t).winding - path.limit, 0, 20 * slow, 0.01)
  return found.outcome === 'noBracket' ? { outcome: 'holds', steady: end.winding } : { outcome: 'drops', time: found.x }
}
