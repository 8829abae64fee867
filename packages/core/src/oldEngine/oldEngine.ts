import { interpolate } from '../numeric'
import { ENGINES, TORQUE_AT, type EngineKind } from './engineKind'

/** What an owner knows of the engine that goes out. */
export interface OldEngine {
  kind: EngineKind
  ratedPower: number
  ratedRpm: number
  usualRpm: number | null
  fuelRate: number | null
}

/** Full-load power at a speed, W; nothing below idle.
 *
 * @param engine kind, rated power (W) and speed (rpm)
 * @param rpm of the engine
 * @returns W
 * @example fullLoadPower({ kind: 'dieselNatural', ratedPower: 13400, ratedRpm: 2800 }, 2800) // 13400
 *
 * Source: torque curve of the kind (common practice), power = torque × speed.
 */
export function fullLoadPower(
  { kind, ratedPower, ratedRpm }: Pick<OldEngine, 'kind' | 'ratedPower' | 'ratedRpm'>,
  rpm: number,
): number {
  const share = rpm / ratedRpm
  if (share < ENGINES[kind].idle || share > 1.05) return 0
  return ratedPower * share * interpolate(TORQUE_AT, ENGINES[kind].torque, share)
}

/**
 * Exponents of the propeller's demand through rated speed: 2.7 for a hull that nears its wave, 3 for the law of the
 * propeller.
 */
export const DEMAND_EXPONENTS = [2.7, 3] as const

/** A power with its likely ends, W. */
export interface PowerRange {
  low: number
  value: number
  high: number
}

/**
 * Power that the engine really gave at the owner's usual speed, if it reached its rated speed at full throttle.
 *
 * @param engine the old engine
 * @returns W, or null when the usual speed is not known
 * @example powerAtUsualRpm({ kind: 'dieselNatural', ratedPower: 13400, ratedRpm: 2800, usualRpm: 1900, fuelRate: null
 *   })?.high // 4703
 *
 * Source: P ≈ Prated (n / nrated)^2.7…3 (common practice).
 */
export function powerAtUsualRpm({ ratedPower, ratedRpm, usualRpm }: OldEngine): PowerRange | null {
  if (usualRpm === null || ratedPower <= 0) return null
  const share = Math.min(1, usualRpm / ratedRpm)
  const [least, most] = DEMAND_EXPONENTS
  return {
    low: ratedPower * share ** most,
    value: ratedPower * share ** ((least + most) / 2),
    high: ratedPower * share ** least,
  }
}

/**
 * The second witness: power from the fuel burnt in an hour.
 *
 * @param engine the old engine
 * @returns W, or null when the fuel is not known
 * @example powerFromFuel({ kind: 'dieselNatural', ratedPower: 13400, ratedRpm: 2800, usualRpm: null, fuelRate:
 *   2.75e-7 })?.high // 3960
 */
export function powerFromFuel({ kind, fuelRate }: OldEngine): PowerRange | null {
  if (fuelRate === null || fuelRate <= 0) return null
  const [least, most] = ENGINES[kind].fuelPerJoule
  return { low: fuelRate / most, value: fuelRate / ((least + most) / 2), high: fuelRate / least }
}

/**
 * Power and torque of the old engine over its speeds, and the propeller's demand through rated speed.
 *
 * @param engine the old engine
 * @param count of speeds
 * @returns rpm, W and N·m
 */
export function engineCurves(
  engine: OldEngine,
  count = 40,
): { rpm: number[]; power: number[]; torque: number[]; demand: number[] } {
  const idle = ENGINES[engine.kind].idle * engine.ratedRpm
  const rpm = Array.from({ length: count }, (_, i) => idle + ((engine.ratedRpm - idle) * i) / (count - 1))
  const power = rpm.map(n => fullLoadPower(engine, n))
  return {
    rpm,
    power,
    torque: power.map((p, i) => p / ((rpm[i]! * Math.PI) / 30)),
    demand: rpm.map(n => engine.ratedPower * (n / engine.ratedRpm) ** 3),
  }
}
