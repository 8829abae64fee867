import { PART_KINDS, type Part, type PartKindId } from './partKinds'

/**
 * A part of which nothing is known yet: every figure and choice is null until it is typed, nothing is listed as fitted.
 *
 * @param kind of part
 * @returns the part; not valid before it is filled in
 * @example emptyPart('fuse').rating // null
 */
export function emptyPart(kind: PartKindId): Part {
  const columns = PART_KINDS[kind].columns.map(c => [c.key, c.usual ?? (c.kind === 'yes' ? false : null)])
  return {
    id: '',
    name: '',
    estimated: [],
    standIn: false,
    ...(Object.fromEntries(columns) as Record<string, unknown>),
  }
}
