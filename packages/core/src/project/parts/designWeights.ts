import { packFigures } from '../../battery'
import { REDUCTION_MASS } from '../../drive'
import type { Project } from '../definition/projectFields'
import type { PlacedPart } from '../definition/yardFields'

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

/** Frames, brackets and cables of panels, share of their own weight; bendable ones less (common practice). */
const PANEL_FRAMES = 0.2
/** A portable or a small marine generator weighs so much, kg/kW (common practice: 15 to 30). */
const GENERATOR = 20
/** A small motor with its bracket, kg and kg/kW, and its own battery, kg/kWh with box (common practice). */
const SMALL_MOTOR = { least: 4, perKilowatt: 4, battery: { LFP: 12, AGM: 32 }, usable: { LFP: 0.8, AGM: 0.5 } } as const

/** kg of a pack heater for each W (common practice). */
const HEATER_MASS = 0.02

/** kg of all panels with what holds them, and their charge controllers. */
function panelsMass({ solar }: Project['design']): number {
  if (!solar.fitted) return 0
  return [solar, ...solar.others].reduce(
    (sum, a) => sum + (1 + PANEL_FRAMES) * a.series * a.parallel * a.panel.mass + (a.controller?.mass ?? 0),
    0,
  )
}

/** kg of the small motor with the battery that carries it. */
function smallMotorMass({ smallMotor: { fitted, power, time, chemistry } }: Project['design']): number {
  if (!fitted) return 0
  const { least, perKilowatt, battery, usable } = SMALL_MOTOR
  return least + (perKilowatt * power) / 1000 + ((battery[chemistry] / usable[chemistry]) * power * time) / 3.6e6
}

/**
 * What the parts of a design weigh: pack with box and BMS, motor with its reduction (and jet), controller, charger,
 * main cables, panels with their frames, a generator, a small motor with its battery; all drives together.
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
    ...(design.charging.heater > 0 ? [of('heater', HEATER_MASS * design.charging.heater, 0.3)] : []),
    ...(design.solar.fitted ? [of('panels', panelsMass(design), 0.1)] : []),
    ...(design.charging.supply === 'generator'
      ? [of('generator', (GENERATOR * design.charging.generatorPower) / 1000, 0.3)]
      : []),
    ...(design.smallMotor.fitted ? [of('smallMotor', smallMotorMass(design), GUESSED)] : []),
  ]
}
