import { packFigures } from '../battery'
import { partsMass } from './partsTotals'
import type { Project } from './projectFields'

/** What a boat weighs with her new drive, kg, and what that is made of. */
export interface WeightAfloat {
  /** as typed */
  typed: number
  /** old engine, gearbox, exhaust and tank; 0 where they are not in what was typed */
  out: number
  /** motor, controller, reduction, jet, pack with box, charger, cables; 0 where they are in what was typed */
  in: number
  mass: number
}

/** Copper with its insulation, kg/m³, and amps for each m² of it in boats' main cables (common practice). */
const CABLE_DENSITY = 11_500,
  CABLE_AMPS = 4e6
/** What goes out leaves so much of the typed weight at least: an engine heavier than that is mistyped. */
const LEAST_LEFT = 0.4

/** Mass of the main cables, kg. */
function cablesMass({ motor, systemVoltage, wiring }: Project['design'], drives: number): number {
  const area = (drives * motor.ratedPower) / systemVoltage / CABLE_AMPS
  return 2 * (wiring.mainLength + wiring.motorLength) * area * CABLE_DENSITY
}

/**
 * Weight of a boat with her new drive: typed as she floated before, less what comes out, and what goes in.
 *
 * @param project the boat
 * @returns kg
 *
 * Source: handbook, one curve: new weight = typed − out + in.
 */
export function weightAfloat({ boat, design }: Pick<Project, 'boat' | 'design'>): WeightAfloat {
  const typed = boat.mass
  if (boat.massHolds === 'after') return { typed, out: 0, in: 0, mass: typed }
  const out = Math.min(boat.oldEngine.mass, (1 - LEAST_LEFT) * typed)
  const { charger, count } = design.charging
  const into =
    partsMass(design, packFigures(design.pack, design.banks), boat.drive) +
    charger.mass * count +
    cablesMass(design, boat.drive.count)
  return { typed, out, in: into, mass: typed - out + into }
}
