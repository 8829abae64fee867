import type { Figure } from './figure'
import { HULL_FIGURES } from './hullFigures'
import { MOTOR_FIGURES } from './motorFigures'
import { PACK_FIGURES } from './packFigures'
import { PROPELLER_FIGURES } from './propellerFigures'
import { USE_FIGURES } from './useFigures'

/** Every figure that can stand on the screen. */
export const FIGURES = { ...HULL_FIGURES, ...PROPELLER_FIGURES, ...MOTOR_FIGURES, ...PACK_FIGURES, ...USE_FIGURES } satisfies Record<string, Figure>

/** The short name of a figure. */
export type FigureId = keyof typeof FIGURES
