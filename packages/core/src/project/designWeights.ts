import { packFigures } from '../battery'
import { REDUCTION_MASS } from '../drive'
import type { Project } from './projectFields'
import type { PlacedPart } from './yardFields'

/** What a part of the design weighs. kg. */
export interface DesignWeight {
  part: PlacedPart
  mass: number
  /** give or take */
  doubt: number
}

/** Copper with its insulation, kg/m³, and amps for each m² of it in boats' main cables (common practice). */
const CABLE_DENSITY = 11_500,
  CABLE_AMPS = 4e6
/** A part of the library weighs what its sheet says, give or take so much; cables are an estimate (common practice). */
const SHEET = 0.03,
  GUESSED = 0.25

/** Mass of the main cables, kg. */
function cablesMass({ motor, systemVoltage, wiring }: Project['design'], drives: number): number {
  const area = (drives * motor.ratedPower) / systemVoltage / CABLE_AMPS
  return 2 * (wiring.mainLength + wiring.motorLength) * area * CABLE_DENSITY
}

/**
 * What the parts of a design weigh: pack with box and BMS, motor with its reduction (and jet), controller, charger,
 * main cables; all drives together.
 *
 * @param project the boat
 * @returns parts with kilograms
 */
export function designWeights({ boat, design }: Pick<Project, 'boat' | 'design'>): DesignWeight[] {
  const { count, kind } = boat.drive,
    { charger, count: chargers } = design.charging
  const of = (part: PlacedPart, mass: number, share = SHEET): DesignWeight => ({ part, mass, doubt: share * mass })
  return [
    of('pack', packFigures(design.pack, design.banks).mass),
    of(
      'motor',
      count * (design.motor.mass + REDUCTION_MASS[design.reduction.kind] + (kind === 'jet' ? design.jet.mass : 0)),
    ),
    of('controller', count * design.controller.mass),
    of('charger', chargers * charger.mass),
    of('cables', cablesMass(design, count), GUESSED),
  ]
}
