import { DEMO_CELLS, DEMO_CHARGE_CONTROLLERS, DEMO_CONTROLLERS, DEMO_JETS, DEMO_MOTORS, DEMO_PANELS } from '../../parts'

const from = <T extends { id: string }>(list: readonly T[]) => (id: string): T => {
  const found = list.find(p => p.id === id)
  if (!found) throw new RangeError(`the library has no part ${id}`)
  return found
}

/** Parts of the library by their short name; RangeError when there is none. */
export const motorNamed = from(DEMO_MOTORS), controllerNamed = from(DEMO_CONTROLLERS), cellNamed = from(DEMO_CELLS), jetNamed = from(DEMO_JETS), panelNamed = from(DEMO_PANELS), chargeControllerNamed = from(DEMO_CHARGE_CONTROLLERS)
