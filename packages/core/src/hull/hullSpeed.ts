import { GRAVITY } from '../constants'
import { checkRange } from '../checkRange'

/**
 * Froude number Fn = V / √(g L).
 *
 * @param speed V, m/s, ≥ 0
 * @param length L on the waterline, m, > 0
 * @returns Fn
 * @throws RangeError outside those
 * @example froudeNumber(2.5, 8) // 0.2823
 */
export function froudeNumber(speed: number, length: number): number {
  return checkRange('speed', speed, 0) / Math.sqrt(GRAVITY * checkRange('length', length, 0.01))
}

/**
 * Volumetric Froude number FnV = V / √(g ∇^⅓).
 *
 * @param speed V, m/s, ≥ 0
 * @param volume displaced, m³, > 0
 * @returns FnV
 * @example volumeFroude(7, 0.6) // 2.434
 */
export const volumeFroude = (speed: number, volume: number): number => speed / Math.sqrt(GRAVITY * Math.cbrt(volume))

/** Volumetric Froude number from which on a boat planes (common practice). */
export const PLANES_FROM = 2.3

/**
 * Speed at which the boat's own wave is as long as its waterline: Fn = 1/√(2π) = 0.399.
 *
 * @param length on the waterline, m
 * @returns m/s
 * @example hullSpeed(7.75) // 3.4779
 *
 * Source: deep-water wave of length λ = 2πV²/g; in knots and feet 1.34 √LWL.
 */
export function hullSpeed(length: number): number {
  return Math.sqrt((GRAVITY * checkRange('length', length, 0.01)) / (2 * Math.PI))
}

/**
 * Length of the wave that a boat makes, λ = 2πV²/g.
 *
 * @param speed V, m/s, ≥ 0
 * @returns m
 * @example waveLength(2.675) // 4.585
 */
export function waveLength(speed: number): number {
  return (2 * Math.PI * checkRange('speed', speed, 0) ** 2) / GRAVITY
}
