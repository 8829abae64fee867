import type { NumberField } from '../../fields'
import { PART_KINDS, type Part, type PartColumn, type PartKindId } from '../partKinds'
import {
  CABLE_ESTIMATES,
  CONTROLLER_ESTIMATES,
  FUSE_ESTIMATES,
  JET_ESTIMATES,
  PROPELLER_ESTIMATES,
} from './driveEstimates'
import type { EstimateRule } from './estimateRule'
import { MOTOR_ESTIMATES } from './motorEstimates'
import {
  CELL_ESTIMATES,
  CHARGE_CONTROLLER_ESTIMATES,
  CHARGER_ESTIMATES,
  PACK_ESTIMATES,
  chemistryNumber,
  PANEL_ESTIMATES,
} from './storageEstimates'
import { WHOLE_DRIVE_ESTIMATES } from './wholeDriveEstimates'

/** How each kind's unknown figures are estimated; the compiler finds a kind without. */
const RULES: Readonly<Record<PartKindId, readonly EstimateRule[]>> = {
  motor: MOTOR_ESTIMATES,
  controller: CONTROLLER_ESTIMATES,
  wholeDrive: WHOLE_DRIVE_ESTIMATES,
  propeller: PROPELLER_ESTIMATES,
  jet: JET_ESTIMATES,
  cell: CELL_ESTIMATES,
  pack: PACK_ESTIMATES,
  charger: CHARGER_ESTIMATES,
  cable: CABLE_ESTIMATES,
  fuse: FUSE_ESTIMATES,
  panel: PANEL_ESTIMATES,
  chargeController: CHARGE_CONTROLLER_ESTIMATES,
}

/** An estimated figure of a part, in kept units. */
export interface Estimated {
  key: string
  value: unknown
  /** a number's range, four chances in five; null of a word */
  low: number | null
  high: number | null
  /** how it came about, in an owner's words */
  words: string
}

/** A part whose figures are all there, and how those that nobody knew came about. */
export interface CompletedPart {
  part: Part
  estimates: Estimated[]
}

const known = (value: unknown) => value !== null && value !== undefined && value !== ''

/**
 * Fills in what is not known of a part, from what is.
 *
 * @param kind of part
 * @param given what is known; null or left out where it is not
 * @returns the part with every figure, `estimated` naming those that were not known
 * @example completePart('motor', { id: 'own/m', name: 'M', ratedPower: 5000, ratedVoltage: 48 }).part.ratedRpm // 3000
 *
 * Source: common practice, rule by rule; a range widens with every estimate that goes into it.
 */
export function completePart(kind: PartKindId, given: Part): CompletedPart {
  const { columns } = PART_KINDS[kind]
  const figures: Record<string, unknown> = {},
    spread: Record<string, number> = {},
    estimates: Estimated[] = []
  for (const { key } of columns)
    if (known(given[key])) {
      figures[key] = given[key]
      spread[key] = 1
    }
  const open = (key: string) => !(key in figures)
  const columnOf = (key: string) => columns.find(c => c.key === key)!
  for (;;) {
    const rule = RULES[kind].find(r => open(r.key) && r.from.every(key => !open(key)))
    if (!rule) break
    const numbers = Object.fromEntries(
      rule.from.map(key => [key, typeof figures[key] === 'number' ? figures[key] : chemistryNumber(figures[key])]),
    )
    const column = columnOf(rule.key)
    const value = fitting(column, rule.value(numbers))
    const factor = Math.exp(Math.hypot(Math.log(rule.spread), ...rule.from.map(key => Math.log(spread[key] ?? 1))))
    figures[rule.key] = value
    spread[rule.key] = factor
    const number = typeof value === 'number' && column.kind === 'number' && factor > 1.001
    estimates.push({
      key: rule.key,
      value,
      low: number ? clamped(column, value / factor) : null,
      high: number ? clamped(column, value * factor) : null,
      words: rule.words,
    })
  }
  // what has no rule is open by its field: it stays so
  for (const column of columns) if (open(column.key)) figures[column.key] = column.usual ?? null
  return {
    part: {
      ...figures,
      id: given.id,
      name: given.name,
      estimated: estimates.map(e => e.key),
      standIn: given.standIn === true,
    },
    estimates: columns.flatMap(c => estimates.filter(e => e.key === c.key)),
  }
}

/**
 * How the estimated figures of a part came about.
 *
 * @param kind of part
 * @param part with `estimated`
 * @returns what completePart gave
 */
export function estimatesOf(kind: PartKindId, part: Part): Estimated[] {
  const keys = (part.estimated as readonly string[] | undefined) ?? []
  if (keys.length === 0) return []
  return completePart(kind, withoutEstimates(part, keys)).estimates
}

/** What is known of a part: estimated figures are null. */
export const withoutEstimates = (part: Part, keys: readonly string[]): Part => ({
  ...part,
  ...Object.fromEntries(keys.map(key => [key, null])),
})

/**
 * A part with one figure told: what was estimated from what was known before is estimated anew.
 *
 * @param kind of part
 * @param part as it is
 * @param change figures told
 * @returns the part
 */
export function withFigures(kind: PartKindId, part: Part, change: Record<string, unknown>): Part {
  const keys = ((part.estimated as readonly string[] | undefined) ?? []).filter(key => !(key in change))
  const next = { ...part, ...change }
  return keys.length ? completePart(kind, withoutEstimates(next, keys)).part : { ...next, estimated: [] }
}

const clamped = ({ least, most, whole }: NumberField, value: number): number => {
  const within = Math.min(most, Math.max(least, Number(value.toPrecision(3))))
  return whole ? Math.round(within) : within
}

/** A rule's value as the column keeps it: a number in its range, an option of its list. */
function fitting(column: PartColumn, value: number | string | boolean): unknown {
  if (column.kind === 'number') return clamped(column, Number(value))
  if (column.kind === 'yes') return value === true
  return column.options.find(o => String(o) === String(value)) ?? column.options[0]
}
