import type { MethodId } from '../hull'
import { andersenGuldhammer1986 } from './andersenGuldhammer1986'
import { bluffBox } from './bluffBox'
import { crouch } from './crouch'
import { delft1998 } from './delft1998'
import { handbook } from './handbook'
import { holtrop1984 } from './holtrop1984'
import { mercierSavitsky1973 } from './mercierSavitsky1973'
import type { ResistanceMethod } from './resistanceMethod'
import { savitsky1964 } from './savitsky1964'
import { thinShip } from './thinShip/thinShip'
import { vanOortmerssen1971 } from './vanOortmerssen1971'
import { wyman1998 } from './wyman1998'

/** The method of each id: its registry, in which the compiler finds one that is missing. */
const METHODS: Record<MethodId, ResistanceMethod> = {
  delft1998,
  holtrop1984,
  handbook,
  wyman1998,
  thinShip,
  savitsky1964,
  mercierSavitsky1973,
  crouch,
  vanOortmerssen1971,
  andersenGuldhammer1986,
  bluffBox,
}

/** Every resistance method, in the order of its letters. */
export const RESISTANCE_METHODS: readonly ResistanceMethod[] = Object.values(METHODS)

/**
 * The method of a short name.
 *
 * @param id short name
 * @returns the method
 * @example resistanceMethodOf('handbook').letter // 'C'
 */
export function resistanceMethodOf(id: MethodId): ResistanceMethod {
  return METHODS[id]
}
