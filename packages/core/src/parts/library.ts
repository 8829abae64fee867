import type { CellSpec } from '../battery'
import { PART_KINDS, type Part, type PartKindId, type PartOf } from './partKinds'

/** The parts that a design, a fix or a list is chosen from: `motors`, `fuses` and so on, for every kind there is. */
export type Library = { readonly [K in PartKindId as `${K}s`]: readonly PartOf<K>[] }

/** An owner's own parts, by kind. */
export type OwnParts = Partial<Record<PartKindId, readonly Part[]>>

const libraryOf = (partsOf: (kind: PartKindId) => readonly Part[]): Library =>
  Object.fromEntries(
    (Object.keys(PART_KINDS) as PartKindId[]).map(kind => [`${kind}s`, partsOf(kind)]),
  ) as unknown as Library

/** The parts that ship with Remigo. */
export const SHIPPED_LIBRARY: Library = libraryOf(kind => PART_KINDS[kind].shipped)

/**
 * The shipped parts and the owner's own.
 *
 * @param own parts by kind
 * @returns the shipped library itself when there are none
 * @example libraryWith({ fuse: [] }) === SHIPPED_LIBRARY // true
 */
export const libraryWith = (own: OwnParts): Library =>
  Object.values(own).some(parts => parts.length > 0)
    ? libraryOf(kind => [...PART_KINDS[kind].shipped, ...(own[kind] ?? [])])
    : SHIPPED_LIBRARY

/**
 * What a pack can be made of: cells, blocks and ready packs.
 *
 * @param library to choose from
 * @returns all of them
 */
export const cellsOf = (library: Library): CellSpec[] => [...library.cells, ...library.packs]
