import { crouch } from './crouch'
import { delft1998 } from './delft1998'
import { handbook } from './handbook'
import { holtrop1984 } from './holtrop1984'
import { mercierSavitsky1973 } from './mercierSavitsky1973'
import type { ResistanceMethod } from './resistanceMethod'
import { savitsky1964 } from './savitsky1964'
import { thinShip } from './thinShip/thinShip'
import { wyman1998 } from './wyman1998'

/** Every resistance method. A new one is its own file and one line here. */
export const RESISTANCE_METHODS: readonly ResistanceMethod[] = [
  delft1998,
  holtrop1984,
  handbook,
  wyman1998,
  thinShip,
  savitsky1964,
  mercierSavitsky1973,
  crouch,
]

/**
 * The method of a short name.
 *
 * @param id short name
 * @returns the method
 * @throws RangeError when there is none
 * @example resistanceMethodOf('handbook').letter // 'C'
 */
export function resistanceMethodOf(id: string): ResistanceMethod {
  const found = RESISTANCE_METHODS.find(method => method.id === id)
  if (!found)
    throw new RangeError(`resistance method must be one of ${RESISTANCE_METHODS.map(m => m.id).join(', ')}; got ${id}`)
  return found
}
