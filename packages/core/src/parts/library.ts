import type { CellSpec, ChargerSpec } from '../battery'
import type { ControllerSpec, MotorSpec } from '../drive'
import type { JetSpec } from '../propulsor'
import type { ChargeControllerSpec, PanelSpec } from '../solar/solarSpecs'
import type { FuseSpec } from '../wiring'
import { SHIPPED_CELLS, SHIPPED_PACKS } from './shipped/shippedCells'
import { SHIPPED_CONTROLLERS } from './shipped/shippedControllers'
import { SHIPPED_JETS } from './shipped/shippedJets'
import { SHIPPED_MOTORS } from './shipped/shippedMotors'
import { SHIPPED_CHARGE_CONTROLLERS, SHIPPED_PANELS } from './shipped/shippedSolar'
import { SHIPPED_CHARGERS, SHIPPED_FUSES } from './shipped/shippedWiring'

/** The parts that a design, a fix or a list is chosen from. */
export interface Library {
  motors: readonly MotorSpec[]
  jets: readonly JetSpec[]
  controllers: readonly ControllerSpec[]
  /** cells, blocks and ready packs */
  cells: readonly CellSpec[]
  chargers: readonly ChargerSpec[]
  fuses: readonly FuseSpec[]
  panels: readonly PanelSpec[]
  chargeControllers: readonly ChargeControllerSpec[]
}

/** The parts that ship with Remigo. */
export const SHIPPED_LIBRARY: Library = {
  motors: SHIPPED_MOTORS,
  jets: SHIPPED_JETS,
  controllers: SHIPPED_CONTROLLERS,
  cells: [...SHIPPED_CELLS, ...SHIPPED_PACKS],
  chargers: SHIPPED_CHARGERS,
  fuses: SHIPPED_FUSES,
  panels: SHIPPED_PANELS,
  chargeControllers: SHIPPED_CHARGE_CONTROLLERS,
}

/** An owner's own parts, as far as a design is chosen from them. */
export type OwnParts = Partial<Library>

/**
 * The shipped parts and the owner's own.
 *
 * @param own parts
 * @returns the shipped library itself when there are none
 */
export function libraryWith(own: OwnParts): Library {
  if (!Object.values(own).some(parts => parts && parts.length > 0)) return SHIPPED_LIBRARY
  const joined = Object.entries(SHIPPED_LIBRARY).map(([kind, shipped]) => [
    kind,
    [...(shipped as readonly unknown[]), ...(own[kind as keyof Library] ?? [])],
  ])
  return Object.fromEntries(joined) as Library
}
