import type { Ranged } from '../numeric'
import type { BoatDimensions } from '../hull'
import type { Project } from '../project/definition/projectFields'
import { balanceOf } from './balance'
import { PERSON } from './plate'

/** How far she leans and how stable she is with people who move. m, rad. */
export interface CrewStability {
  /** GM with all seated where they sit, as estimated with all that is fitted */
  seated: Ranged
  /** with everybody on their feet; null where nobody can stand */
  standing: Ranged | null
  /** heel with one person at the side; a quarter of a turn where she goes over */
  heel: Ranged
}

/** Height of a seat above the sole, m; null where nobody stands (common practice). */
const SEATS: Record<BoatDimensions['hullType'], { seat: number; stands: boolean }> = {
  canoe: { seat: 0.2, stands: true },
  pedalCraft: { seat: 0.3, stands: false },
  dinghy: { seat: 0.3, stands: true },
  pontoon: { seat: 0.45, stands: true },
  displacementLaunch: { seat: 0.45, stands: true },
  semiDisplacement: { seat: 0.45, stands: true },
  planing: { seat: 0.45, stands: true },
  jetBoat: { seat: 0.45, stands: true },
  canalBoat: { seat: 0.45, stands: true },
  catamaran: { seat: 0.45, stands: true },
  keelYacht: { seat: 0.45, stands: true },
}
/** Centre of a person above the seat, and above the sole on their feet, m; how far out they move, share of the beam. */
const ABOVE_SEAT = 0.3,
  ON_FEET = 0.975,
  TO_SIDE = 0.4

/**
 * How stable she is with her crew seated, on their feet, and with one of them at the side. Everything that is fitted
 * counts at its height.
 *
 * @param project the boat
 * @returns GM and heel with their ranges
 *
 * Source: GM falls by Σ m h / Δ; tan φ = m y / (Δ GM). Persons: common practice.
 */
export function crewStability(project: Project): CrewStability {
  const { boat, yard } = project,
    { gm, mass } = balanceOf(project),
    { seat, stands } = SEATS[boat.hullType],
    crew = Math.min(yard.crew, Math.max(1, Math.floor(mass / PERSON))),
    rise = (crew * PERSON * (ON_FEET - seat - ABOVE_SEAT)) / mass,
    moment = (PERSON * TO_SIDE * boat.beam) / mass,
    leans = (of: number) => (of > 0 ? Math.atan(moment / of) : Math.PI / 2)
  return {
    seated: gm,
    standing:
      stands && boat.variant !== 'kayak' ? { value: gm.value - rise, low: gm.low - rise, high: gm.high - rise } : null,
    heel: { value: leans(gm.value), low: leans(gm.high), high: leans(gm.low) },
  }
}

/**
 * Heel under one person at the side that is still lived with, rad: 15°, a narrow pontoon boat 10° (common practice).
 */
const HEEL = (15 * Math.PI) / 180,
  HEEL_PONTOON = (10 * Math.PI) / 180
/** GM under which a small open boat is tender with all seated, m (common practice). */
const TENDER = 0.25
/** GM that is as good as none: she does not come back by herself, m (judgement). */
const LEAST = 0.05
/** Kinds that turn over when people move. */
const CAPSIZE = ['canoe', 'pedalCraft', 'dinghy', 'pontoon'] as const

/** What is the matter with a boat whose crew moves. */
export type CrewFault = 'standing' | 'heel' | 'tender'

/**
 * Whether people who move may turn her over: the worst of what may happen.
 *
 * @param boat her kind
 * @param stability of crewStability
 * @returns a clash where she has next to no stability with all seated, care where people who move take it; null where
 * all is well, or she
 *   is of a kind that does not capsize by people
 */
export function crewState(
  { hullType }: Pick<BoatDimensions, 'hullType'>,
  { seated, standing, heel }: CrewStability,
): { state: 'stop' | 'caution'; fault: CrewFault } | null {
  if (!(CAPSIZE as readonly string[]).includes(hullType)) return null
  if (seated.value < LEAST) return { state: 'stop', fault: 'tender' }
  if (standing && standing.value <= 0) return { state: 'caution', fault: 'standing' }
  // in a kayak nobody moves to the side
  if (standing && heel.value > (hullType === 'pontoon' ? HEEL_PONTOON : HEEL))
    return { state: 'caution', fault: 'heel' }
  return seated.value < TENDER ? { state: 'caution', fault: 'tender' } : null
}
