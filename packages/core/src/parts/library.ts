import type { CellSpec } from '../battery'
import type { ControllerSpec, MotorSpec } from '../drive'
import type { JetSpec } from '../propulsor'
import { DEMO_CELLS, DEMO_PACKS } from './demoCells'
import { DEMO_CONTROLLERS } from './demoControllers'
import { DEMO_JETS } from './demoJets'
import { DEMO_MOTORS } from './demoMotors'

/** The parts that a design is chosen from. */
export interface Library {
  motors: readonly MotorSpec[]
  jets: readonly JetSpec[]
  controllers: readonly ControllerSpec[]
  /** cells, blocks and ready packs */
  cells: readonly CellSpec[]
}

/** The parts that ship with Remigo. */
export const SHIPPED_LIBRARY: Library = { motors: DEMO_MOTORS, jets: DEMO_JETS, controllers: DEMO_CONTROLLERS, cells: [...DEMO_CELLS, ...DEMO_PACKS] }

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
  return {
    motors: [...SHIPPED_LIBRARY.motors, ...own.motors ?? []], jets: [...SHIPPED_LIBRARY.jets, ...own.jets ?? []],
    controllers: [...SHIPPED_LIBRARY.controllers, ...own.controllers ?? []], cells: [...SHIPPED_LIBRARY.cells, ...own.cells ?? []],
  }
}
