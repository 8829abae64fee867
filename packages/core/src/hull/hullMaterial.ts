import type { HullTypeId } from './hullTypeId'

/** What a hull is made of. */
export const HULL_MATERIALS = ['not said', 'plastic', 'wood', 'steel', 'aluminium'] as const
/** One of them. */
export type HullMaterial = (typeof HULL_MATERIALS)[number]

/**
 * Whether the hull carries a current: where its owner has not said so, canal boats and pontoon boats are of metal
 * (common practice), the rest is not.
 *
 * @param boat kind and material
 * @returns true for steel and aluminium
 * @example hasMetalHull({ hullType: 'canalBoat', material: 'not said' }) // true
 */
export const hasMetalHull = ({ hullType, material }: { hullType: HullTypeId; material: HullMaterial }): boolean =>
  material === 'not said'
    ? hullType === 'canalBoat' || hullType === 'pontoon'
    : material === 'steel' || material === 'aluminium'
