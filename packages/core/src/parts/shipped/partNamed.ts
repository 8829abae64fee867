import { SHIPPED_CELLS, SHIPPED_PACKS } from './shippedCells'
import { SHIPPED_CONTROLLERS } from './shippedControllers'
import { SHIPPED_JETS } from './shippedJets'
import { SHIPPED_MOTORS } from './shippedMotors'
import { SHIPPED_CHARGE_CONTROLLERS, SHIPPED_PANELS } from './shippedSolar'
import { SHIPPED_CHARGERS, SHIPPED_FUSES } from './shippedWiring'

const from =
  <T extends { id: string }>(list: readonly T[]) =>
  (id: string): T => {
    const found = list.find(part => part.id === id)
    if (!found) throw new RangeError(`the library has no part ${id}`)
    return found
  }

/** Shipped parts by their id; RangeError when there is none. */
export const motorNamed = from(SHIPPED_MOTORS)
export const controllerNamed = from(SHIPPED_CONTROLLERS)
export const cellNamed = from(SHIPPED_CELLS)
export const packNamed = from(SHIPPED_PACKS)
export const jetNamed = from(SHIPPED_JETS)
export const panelNamed = from(SHIPPED_PANELS)
export const chargeControllerNamed = from(SHIPPED_CHARGE_CONTROLLERS)
export const chargerNamed = from(SHIPPED_CHARGERS)
export const fuseNamed = from(SHIPPED_FUSES)
