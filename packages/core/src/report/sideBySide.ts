import { checkFindings } from '../findings'
import { figureOn, readFigure, type FigureId } from '../figures'
import { hullLabel } from '../hull'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { wholeDriveOf, type Project } from '../project'
import { evaluate } from '../system'
import type { QuantityId } from '../units'

/** A value of a row: a number with its band where it has one, or words; null where the boat has none. */
export type SideValue = { value: number; low?: number; high?: number } | string | null

/** One line of boats side by side. */
export interface SideRow {
  id: string
  label: string
  /** of the numbers; null for words and counts */
  quantity: QuantityId | null
  values: SideValue[]
  /** how far the boats are apart: share of the largest number; 1 for other words; 0 for none */
  apart: number
  /** which end an owner wants, where that is no matter of taste */
  wants: 'more' | 'less' | null
}

/** What is weighed, at each boat's own cruise. */
const FIGURES_OF: readonly [FigureId, SideRow['wants']][] = [
  ['cruiseRange', 'more'],
  ['cruisePower', 'less'],
  ['allDaySpeed', 'more'],
  ['minutesSpeed', 'more'],
  ['energyPerDistance', 'less'],
  ['packEnergy', null],
  ['packNominal', null],
  ['packCurrent', null],
  ['designPrice', 'less'],
  ['designMass', 'less'],
  ['motorUse', null],
  ['propellerEfficiency', 'more'],
  ['overallEfficiency', 'more'],
]
/** Numbers nearer than this are the same to an owner. */
const SAME = 0.005

/**
 * Two to four boats, or variants of one, line by line: what differs most first, then what they share.
 *
 * @param boats two to four
 * @param library parts that fixes of findings may offer
 * @returns rows; each has a value for every boat
 * @example sideBySide([DEMO.tirrick, DEMO.tirrick]).every(row => row.apart === 0) // true
 */
export function sideBySide(boats: readonly Project[], library: Library = SHIPPED_LIBRARY): SideRow[] {
  const evaluations = boats.map(b => evaluate(b, b.use.cruiseSpeed)),
    findings = boats.map(b => checkFindings(b, library).counts)
  const words = (id: string, label: string, of: (b: Project) => string): SideRow =>
    row(id, label, null, boats.map(of), null)
  const rows = [
    words('hull', 'Hull', b => hullLabel(b.boat)),
    row(
      'length',
      'Length',
      'length',
      boats.map(b => ({ value: b.boat.lengthOverAll })),
      null,
    ),
    row(
      'weight',
      'Weight',
      'mass',
      boats.map(b => ({ value: b.boat.mass })),
      null,
    ),
    row(
      'cruise',
      'Cruise',
      'speed',
      boats.map(b => ({ value: b.use.cruiseSpeed })),
      null,
    ),
    words('motor', 'Motor', b => (wholeDriveOf(b.design) ?? b.design.motor).name),
    words('controller', 'Controller', b => b.design.controller.name),
    words('pack', 'Pack', b => `${b.design.pack.series} × ${b.design.pack.parallel} ${b.design.pack.cell.name}`),
    words('charger', 'Charger', b => b.design.charging.charger.name),
    ...FIGURES_OF.map(([id, wants]) =>
      row(
        id,
        figureOn(id, boats[0]!).label,
        figureOn(id, boats[0]!).quantity,
        evaluations.map((e, i) => (figureOn(id, boats[i]!).applies?.(e) === false ? null : readFigure(id, e))),
        wants,
      ),
    ),
    row(
      'stop',
      'Clashes',
      null,
      findings.map(c => ({ value: c.stop })),
      'less',
    ),
    row(
      'caution',
      'Tight',
      null,
      findings.map(c => ({ value: c.caution })),
      'less',
    ),
  ]
  return rows
    .map((r, i) => ({ r, i }))
    .sort((a, b) => b.r.apart - a.r.apart || a.i - b.i)
    .map(({ r }) => r)
}

function row(
  id: string,
  label: string,
  quantity: QuantityId | null,
  values: SideValue[],
  wants: SideRow['wants'],
): SideRow {
  return { id, label, quantity, values, apart: apartOf(values), wants }
}

/** Share of the largest by which the smallest is less; words and gaps either differ or do not. */
function apartOf(values: readonly SideValue[]): number {
  const numbers = values.map(v => (v !== null && typeof v === 'object' ? v.value : null))
  if (numbers.some(n => n === null)) return new Set(values).size > 1 ? 1 : 0
  const all = numbers as number[],
    most = Math.max(...all.map(Math.abs))
  if (most === 0 || !Number.isFinite(most)) return 0
  const share = (Math.max(...all) - Math.min(...all)) / most
  return share < SAME ? 0 : Math.min(1, share)
}
