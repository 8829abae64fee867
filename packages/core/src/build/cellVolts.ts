import type { CellReading } from '../project'

/** How far apart the cells of a pack are. V; numbers from 1. */
export interface CellSpread {
  count: number
  sum: number
  spread: number
  least: { cell: number; volts: number }
  most: { cell: number; volts: number }
}

/** A cell whose own resistance, from two loads, stands out. Ω. */
export interface CellResistance {
  cell: number
  resistance: number
  /** times the median */
  times: number
  weak: boolean
}

/** Spread that is fine and that is let pass, at rest and under half the capacity in amps, V (common practice). */
export const CELL_LIMITS = { rest: { fine: 0.01, most: 0.02 }, load: { fine: 0.03, most: 0.05 } } as const
/** A cell with so many times the median resistance is weak, or its joint is bad (common practice). */
export const WEAK_TIMES = 1.3
/** Amps between two readings from which their difference tells of resistance. */
const LEAST_AMPS = 5

const median = (of: readonly number[]): number => {
  const sorted = [...of].sort((a, b) => a - b),
    middle = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2
}

/**
 * Spread, sum and ends of a row of cell volts.
 *
 * @param volts of each cell
 * @returns null without cells
 * @example cellSpread([3.306, 3.3, 3.31])?.spread // 0.01
 */
export function cellSpread(volts: readonly number[]): CellSpread | null {
  if (volts.length === 0) return null
  const low = Math.min(...volts),
    high = Math.max(...volts)
  return {
    count: volts.length,
    sum: volts.reduce((a, b) => a + b, 0),
    spread: high - low,
    least: { cell: volts.indexOf(low) + 1, volts: low },
    most: { cell: volts.indexOf(high) + 1, volts: high },
  }
}

/**
 * Resistance of each cell from two readings at different amps.
 *
 * @param readings of one pack
 * @returns a row for each cell from the two readings that are farthest apart in amps; null where no two are
 *
 * Source: R = ΔV ÷ ΔI; 30 % above the median is a weak cell or a bad joint (common practice).
 */
export function cellResistances(readings: readonly CellReading[]): CellResistance[] | null {
  const sorted = [...readings].filter(r => r.volts.length > 0).sort((a, b) => a.current - b.current),
    [rest, load] = [sorted[0], sorted.at(-1)]
  if (!rest || !load || load.current - rest.current < LEAST_AMPS || rest.volts.length !== load.volts.length) return null
  const each = rest.volts.map((v, i) => (v - load.volts[i]!) / (load.current - rest.current)),
    middle = median(each)
  if (middle <= 0) return null
  return each.map((resistance, i) => ({
    cell: i + 1,
    resistance,
    times: resistance / middle,
    weak: resistance > WEAK_TIMES * middle,
  }))
}

/** Volts that were read, or a sentence that helps. */
export type CellText = { ok: true; volts: number[] } | { ok: false; message: string }

/**
 * Cell volts from what was typed or pasted: numbers apart by spaces, lines, semicolons or tabs; millivolts are known by
 * their size; a comma before digits is a decimal comma where no number has a point.
 *
 * @param text as typed, pasted, or a CSV export of any guard
 * @param cells how many there should be
 * @returns volts, or what is wrong
 * @example readCellVolts('3.306 3.307\n3305', 3) // { ok: true, volts: [3.306, 3.307, 3.305] }
 */
export function readCellVolts(text: string, cells: number): CellText {
  const pointed = /\d\.\d/.test(text),
    plain = pointed ? text.replace(/,/g, ' ') : text.replace(/(\d),(\d)/g, '$1.$2')
  const found = [...plain.matchAll(/(?<![\w.])\d+(?:\.\d+)?(?![\w.])/g)].map(m => Number(m[0])),
    volts = found.map(v => (v > 1000 ? v / 1000 : v)).filter(v => v >= 0.5 && v < 20)
  if (volts.length === cells) return { ok: true, volts }
  // an export may number its cells: the numbers alone are left out
  const numbered = volts.length === 2 * cells ? volts.filter((_, i) => i % 2 === 1) : volts
  if (numbered.length === cells) return { ok: true, volts: numbered }
  const told = volts.length === 0 ? 'No volts were' : `${volts.length} values were`
  return {
    ok: false,
    message: `${told} found; the pack has ${cells} cells. Give one value for each, as in 3.306.`,
  }
}
