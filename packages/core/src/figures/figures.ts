import type { FieldPath } from '../project/definition/fields'
import type { Project } from '../project/definition/projectFields'
import type { Evaluation } from '../system'
import type { Figure } from './figure'
import { CHARGE_FIGURES } from './chargeFigures'
import { CURVE_FIGURES } from './curveFigures'
import { HULL_FIGURES } from './hullFigures'
import { MATCH_FIGURES } from './matchFigures'
import { MOTOR_FIGURES } from './motorFigures'
import { PACK_FIGURES } from './packFigures'
import { PROPELLER_FIGURES } from './propellerFigures'
import { SOLAR_FIGURES } from './solarFigures'
import { STORAGE_FIGURES } from './storageFigures'
import { USE_FIGURES } from './useFigures'
import { WIRING_FIGURES } from './wiringFigures'

/** Every figure that can stand on the screen. */
export const FIGURES = {
  ...HULL_FIGURES,
  ...PROPELLER_FIGURES,
  ...MOTOR_FIGURES,
  ...PACK_FIGURES,
  ...USE_FIGURES,
  ...CURVE_FIGURES,
  ...MATCH_FIGURES,
  ...WIRING_FIGURES,
  ...CHARGE_FIGURES,
  ...STORAGE_FIGURES,
  ...SOLAR_FIGURES,
} satisfies Record<string, Figure>

/** The short name of a figure. */
export type FigureId = keyof typeof FIGURES

/**
 * A figure as it is worked out on a boat: on a jet boat, its pump's in place of the propeller's.
 *
 * @param id the figure
 * @param project the boat
 * @returns the figure
 * @example figureOn('slip', DEMO.tirrick).label // 'Apparent slip'
 */
export function figureOn(id: FigureId, project: Project): Figure {
  const figure: Figure = FIGURES[id]
  return project.boat.drive.kind === 'jet' ? { ...figure, depends: jetFields(figure.depends), ...figure.onJet } : figure
}

/** A propeller's fields make room for a jet's. */
function jetFields(fields: readonly FieldPath[]): FieldPath[] {
  const kept = fields.filter(path => !path.startsWith('design.propeller.'))
  return kept.length < fields.length ? [...kept, 'design.jet.nozzleDiameter', 'design.jet.pumpEfficiency'] : kept
}

/**
 * The figures that a boat has.
 *
 * @param e the boat evaluated
 * @returns their short names
 */
export function figuresOf(e: Evaluation): FigureId[] {
  return (Object.keys(FIGURES) as FigureId[]).filter(id => (FIGURES[id] as Figure).applies?.(e) ?? true)
}
