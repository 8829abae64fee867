import { GRAVITY } from '../constants'
import { findRoot, smoothStep } from '../numeric'

/** Above this depth Froude number V/√(g h) the bottom is felt strongly. */
export const SHALLOW_WARNING = 0.7

/**
 * Depth Froude number.
 *
 * @param speed m/s
 * @param depth m
 * @returns V / √(g h)
 * @example depthFroude(3, 2) // 0.6774
 */
export function depthFroude(speed: number, depth: number): number {
  return speed / Math.sqrt(GRAVITY * depth)
}

/** The water that a hull goes through. */
export interface Waterway {
  /** m */
  depth: number
  /** m at half depth; null for open water */
  width: number | null
  /** greatest immersed section of the hull, m² */
  section: number
}

/** Speeds at which a deep, open sea asks the same of the hull. */
export interface OpenSpeeds {
  /** m/s past the hull: for friction, ends and all that hangs in the water */
  past: number
  /** m/s: for the waves */
  waves: number
}

/** Water runs past a hull at most so much faster than she goes. */
const MOST_PAST = 0.6
/** Waves are at most those of so many times the speed: beyond, she would ride her own wave's back. */
const MOST_WAVES = 1.8

/**
 * How much faster the water runs past the hull than she goes: what is displaced returns beneath and beside her.
 *
 * @param speed m/s
 * @param waterway depth, width and section
 * @returns share of the speed, 0 … MOST_PAST
 * @example returnFlow(1.3, { depth: 1.4, width: 9, section: 1.2 }) // 0.1430
 *
 * Source: beneath her Lackenby 1963, 0.1242 (AX/h² − 0.05); in a channel of section b h continuity and Bernoulli to
 * first order, u/V = m/(1 − m − Fnh²), m = AX/(b h) (Kreitner 1934); the two as a root of squares.
 */
export function returnFlow(speed: number, { depth, width, section }: Waterway): number {
  const lost = 0.1242 * softly(section / (depth * depth) - 0.05)
  const beneath = lost / (1 - Math.min(MOST_PAST, lost))
  const blocked = width === null ? 0 : Math.min(0.9, section / (width * depth))
  const room = Math.max(0.02, 1 - blocked - depthFroude(speed, depth) ** 2)
  const sum = Math.hypot(beneath, blocked / room)
  // a smooth ceiling
  return sum / (1 + (sum / MOST_PAST) ** 4) ** 0.25
}

/** A number above nothing as it is, one below as nothing, without a corner. */
const softly = (x: number): number => (x + Math.hypot(x, 0.01)) / 2

/**
 * Speeds in deep and open water that ask the same of a hull as this speed in a shallow or narrow one.
 *
 * @param speed through the water, m/s
 * @param waterway depth, width and section; null for deep and open
 * @param planes a hull that planes leaves her waves behind in water that is shallow for her speed
 * @returns m/s, never less than the speed
 * @example openSpeeds(2.5, null, false) // { past: 2.5, waves: 2.5 }
 *
 * Source: Schlichting 1934: waves are those of the deep-water speed of the same wave length, V∞ √tanh(g h/V∞²) = VI,
 * friction that of VI, where VI is the speed of the water past the hull; Kreitner 1934 in a channel.
 */
export function openSpeeds(speed: number, waterway: Waterway | null, planes: boolean): OpenSpeeds {
  if (waterway === null || speed <= 0) return { past: speed, waves: speed }
  const past = speed * (1 + returnFlow(speed, waterway))
  const shallow = GRAVITY * waterway.depth
  const length = (v: number) => v * Math.sqrt(Math.tanh(shallow / (v * v))) - past
  const found = findRoot(length, past, MOST_WAVES * past, 1e-9)
  const waves = found.outcome === 'noBracket' ? (length(past) >= 0 ? past : MOST_WAVES * past) : found.x
  if (!planes) return { past, waves }
  // faster than the wave of her depth she leaves it behind
  const left = 1 - smoothStep(depthFroude(speed, waterway.depth) - 1)
  return { past: speed + left * (past - speed), waves: speed + left * (waves - speed) }
}

/**
 * Speed that no displacement hull passes in a canal: beyond it the water cannot return past her.
 *
 * @param waterway depth, width and section
 * @returns m/s; √(g h) in open water
 * @example limitingSpeed({ depth: 1.4, width: 9, section: 1.2 }) // 2.340
 *
 * Source: Schijf 1949: 1 − m = 1.5 F^⅔ − F²/2, F = V/√(g h).
 */
export function limitingSpeed({ depth, width, section }: Waterway): number {
  const wave = Math.sqrt(GRAVITY * depth)
  if (width === null) return wave
  const blocked = Math.min(0.95, section / (width * depth))
  const found = findRoot(f => 1.5 * Math.cbrt(f * f) - (f * f) / 2 - (1 - blocked), 0, 1, 1e-9)
  return (found.outcome === 'noBracket' ? 1 : found.x) * wave
}
