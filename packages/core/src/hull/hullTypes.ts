import { canalBoat } from './canalBoat/canalBoat'
import { canoe } from './canoe/canoe'
import { catamaran } from './catamaran/catamaran'
import { dinghy } from './dinghy/dinghy'
import { displacementLaunch } from './displacementLaunch/displacementLaunch'
import type { HullType } from './hullType'
import { HULL_TYPE_IDS, type HullTypeId } from './hullTypeId'
import { jetBoat } from './jetBoat/jetBoat'
import { keelYacht } from './keelYacht/keelYacht'
import { pedalCraft } from './pedalCraft/pedalCraft'
import { planing } from './planing/planing'
import { pontoon } from './pontoon/pontoon'
import { semiDisplacement } from './semiDisplacement/semiDisplacement'

const BY_ID: Record<HullTypeId, HullType> = {
  keelYacht,
  displacementLaunch,
  semiDisplacement,
  planing,
  jetBoat,
  catamaran,
  pontoon,
  canoe,
  dinghy,
  canalBoat,
  pedalCraft,
}

/** Every hull type that Remigo knows. A new one is its own folder, its short name, and its line above. */
export const HULL_TYPES: readonly HullType[] = HULL_TYPE_IDS.map(id => BY_ID[id])

/**
 * What a boat is called: her kind within the type where there is one.
 *
 * @param boat type and variant
 * @returns a few words
 * @example hullLabel({ hullType: 'canoe', variant: 'kayak' }) // 'Kayak'
 */
export function hullLabel({ hullType, variant }: { hullType: HullTypeId; variant: string }): string {
  const type = hullTypeOf(hullType)
  return type.variants[variant] ?? type.label
}

/** True for boats that carry sail, under which a propeller is towed. */
export const hasSails = ({ hullType, variant }: { hullType: HullTypeId; variant: string }): boolean =>
  hullType === 'keelYacht' || variant === 'sail'

/**
 * The hull type of a short name.
 *
 * @param id short name
 * @returns its definition
 * @example hullTypeOf('keelYacht').label // 'Keel sailing yacht'
 */
export const hullTypeOf = (id: HullTypeId): HullType => BY_ID[id]
