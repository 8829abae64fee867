import { KNOT } from '../constants'
import { interpolate } from '../numeric'
import type { BoatDimensions } from '../hull'

/** Winds at which one takes care, and at which one stays, m/s, mean of ten minutes. */
export interface WindLimit {
  caution: number
  stay: number
}

/**
 * Rows of boats, from the most exposed: a canoe as in cold water or with the wind against the stream; canoe, kayak,
 * pedal boat, small inflatable; open dinghy and rowing boat of 3 to 5 m; open launch, pontoon, runabout of 5 to 7 m;
 * cabin launch and canal boat; decked yacht of 7 to 12 m. Knots (common practice; the first is an extrapolation of
 * it).
 */
const ROWS = [-1, 0, 1, 2, 3, 4],
  CAUTION = [6, 8, 11, 14, 16, 21],
  STAY = [11, 14, 17, 21, 24, 28]

/** Which row a length has, between lengths in proportion: m, row. */
const BY_LENGTH: Record<'small' | 'launch' | 'cabin' | 'yacht' | 'cat' | 'pontoon', readonly [number[], number[]]> = {
  small: [
    [3, 4, 6],
    [0, 1, 2],
  ],
  pontoon: [
    [4, 6],
    [1, 2],
  ],
  launch: [
    [4, 6, 8],
    [1, 2, 3],
  ],
  cabin: [
    [5, 8],
    [2, 3],
  ],
  cat: [
    [5, 8, 11],
    [2, 3, 4],
  ],
  yacht: [
    [5, 7],
    [3, 4],
  ],
}
/** The rows of each kind of hull; null where the length does not matter. */
const KIND: Record<BoatDimensions['hullType'], keyof typeof BY_LENGTH | number> = {
  canoe: 0,
  pedalCraft: 0,
  dinghy: 'small',
  pontoon: 'pontoon',
  displacementLaunch: 'launch',
  planing: 'launch',
  jetBoat: 'launch',
  semiDisplacement: 'cabin',
  canalBoat: 3,
  catamaran: 'cat',
  keelYacht: 'yacht',
}
/** Kinds that have no deck over the water that comes aboard. */
const OPEN = ['canoe', 'pedalCraft', 'dinghy', 'pontoon'] as const
/** Length up to which a launch or a runabout is open, m (common practice). */
const OPEN_LAUNCH = 7

/** Whether what comes over the side stays in her. */
export const isOpenBoat = ({ hullType, lengthOverAll }: BoatDimensions): boolean =>
  (OPEN as readonly string[]).includes(hullType) ||
  (['displacementLaunch', 'planing', 'jetBoat'].includes(hullType) && lengthOverAll < OPEN_LAUNCH)

/**
 * The row of a boat in the table of winds, 0 the most exposed.
 *
 * @param boat kind and length
 * @returns −1 … 4, between rows in proportion to the length
 * @example windRow({ hullType: 'dinghy', lengthOverAll: 3.1 }) // 0.10
 */
export function windRow({ hullType, lengthOverAll }: Pick<BoatDimensions, 'hullType' | 'lengthOverAll'>): number {
  const kind = KIND[hullType]
  if (typeof kind === 'number') return kind
  const [lengths, rows] = BY_LENGTH[kind]
  return interpolate(lengths, rows, Math.min(lengths.at(-1)!, Math.max(lengths[0]!, lengthOverAll)))
}

/**
 * The winds that a boat is glad to miss and in which she stays.
 *
 * @param row of windRow(), one less with the wind against the stream, one less for an open boat on cold water
 * @returns m/s
 * @example windLimit(0).stay / 0.514444 // 14.0
 *
 * Source: common practice; see the rows.
 */
export function windLimit(row: number): WindLimit {
  const at = Math.min(ROWS.at(-1)!, Math.max(ROWS[0]!, row))
  return { caution: interpolate(ROWS, CAUTION, at) * KNOT, stay: interpolate(ROWS, STAY, at) * KNOT }
}
