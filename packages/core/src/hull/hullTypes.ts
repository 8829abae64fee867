import { canoe } from './canoe/canoe'
import { catamaran } from './catamaran/catamaran'
import { dinghy } from './dinghy/dinghy'
import { displacementLaunch } from './displacementLaunch/displacementLaunch'
import type { HullType } from './hullType'
import { jetBoat } from './jetBoat/jetBoat'
import { keelYacht } from './keelYacht/keelYacht'
import { planing } from './planing/planing'
import { pontoon } from './pontoon/pontoon'
import { semiDisplacement } from './semiDisplacement/semiDisplacement'

/** Every hull type that Remigo knows. A new one is its own folder and one line here. */
export const HULL_TYPES: readonly HullType[] = [
  keelYacht,
  displacementLaunch,
  semiDisplacement,
  planing,
  jetBoat,
  catamaran,
  pontoon,
  canoe,
  dinghy,
]

/**
 * What a boat is called: her kind within the type where there is one.
 *
 * @param boat type and variant
 * @returns a few words
 * @example hullLabel({ hullType: 'canoe', variant: 'kayak' }) // 'Kayak'
 */
export function hullLabel({ hullType, variant }: { hullType: string; variant: string }): string {
  const type = hullTypeOf(hullType)
  return type.variants[variant] ?? type.label
}

/** True for boats that carry sail, under which a propeller is towed. */
export const hasSails = ({ hullType, variant }: { hullType: string; variant: string }): boolean =>
  hullType === 'keelYacht' || variant === 'sail'

/**
 * The hull type of a short name.
 *
 * @param id short name
 * @returns its definition
 * @throws RangeError when there is none
 * @example hullTypeOf('keelYacht').label // 'Keel sailing yacht'
 */
export function hullTypeOf(id: string): HullType {
  const found = HULL_TYPES.find(type => type.id === id)
  if (!found) throw new RangeError(`hull type must be one of ${HULL_TYPES.map(t => t.id).join(', ')}; got ${id}`)
  return found
}
