import type { CellSpec, ChargerSpec } from '../battery'
import type { ControllerSpec, MotorSpec } from '../drive'
import type { JetSpec } from '../propulsor'
import type { ChargeControllerSpec, PanelSpec } from '../solar/solarSpecs'
import type { FuseSpec } from '../wiring'
import { DEMO_CELLS, DEMO_PACKS } from './demoCells'
import { DEMO_CONTROLLERS } from './demoControllers'
import { DEMO_JETS } from './demoJets'
import { DEMO_MOTORS } from './demoMotors'
import { DEMO_CHARGE_CONTROLLERS, DEMO_PANELS } from './demoSolar'
import { DEMO_CHARGERS, DEMO_FUSES } from './demoWiring'

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
  motors: DEMO_MOTORS, jets: DEMO_JETS, controllers: DEMO_CONTROLLERS, cells: [...DEMO_CELLS, ...DEMO_PACKS],
  chargers: DEMO_CHARGERS, fuses: DEMO_FUSES, panels: DEMO_PANELS, chargeControllers: DEMO_CHARGE_CONTROLLERS,
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
  const joined = Object.entries(SHIPPED_LIBRARY).map(([kind, shipped]) => [kind, [...shipped as readonly unknown[], ...own[kind as keyof Library] ?? []]])
  return Object.fromEntries(joined) as Library
}
