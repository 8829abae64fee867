import type { CellSpec, PackSpec } from './cellSpec'
import { CHEMISTRIES, type Chemistry } from './chemistry'

/** Strings of one kind of block: what they are, how worn, and where their own management cuts off. */
export interface StringGroup {
  cell: CellSpec
  series: number
  parallel: number
  /** share of the printed capacity that is left, 0.3 … 1 */
  health: number
  /** V of one block at which its own management opens, empty and full; null when it has none */
  lowCut: number | null
  highCut: number | null
}

/** How banks work beside each other. */
export const BANKS_TOGETHER = ['common', 'one at a time', 'isolated'] as const

/** How the strings of a boat are kept: banks that stand alone, wear, own cut-offs, what else stands beside them. */
export interface Banks {
  /** banks, each with its own fuse, contactor and management, that can drive alone */
  count: number
  /** all of them at once; switched, one after the other; or at once, each charged for itself */
  together: (typeof BANKS_TOGETHER)[number]
  /** years of the cells; null when they are new */
  age: number | null
  health: number
  lowCut: number | null
  highCut: number | null
  /** blocks already bought; null when none are */
  owned: number | null
  /** strings of other blocks in parallel with the pack's own */
  others: StringGroup[]
}

/** One new bank of one kind. */
export const ONE_NEW_BANK: Banks = {
  count: 1,
  together: 'common',
  age: null,
  health: 1,
  lowCut: null,
  highCut: null,
  owned: null,
  others: [],
}

/**
 * How much a worn block's resistance has risen for each share of capacity lost (common practice: about double at four
 * fifths; from memory).
 */
const RESISTANCE_RISE = 5

/** The pack's own strings as a group. */
export const ownStrings = (pack: PackSpec, banks: Banks): StringGroup => ({
  cell: pack.cell,
  series: pack.series,
  parallel: pack.parallel,
  health: banks.health,
  lowCut: banks.lowCut,
  highCut: banks.highCut,
})

/** What follows from one group. Ah, Ω, A, V. */
export interface GroupFigures {
  cellsInSeries: number
  capacityAh: number
  resistance: number
  current: number
  currentPeak: number
  nominalVoltage: number
  lowVoltage: number
  highVoltage: number
}

/**
 * Figures of a group of strings as worn.
 *
 * @param group its blocks, count, wear and cut-offs
 * @returns capacity in Ah left, Ω grown with wear, amps, and the volts between which it may work: its own cut-offs,
 *   else what the cells survive
 * @example groupFigures({ cell: { chemistry: 'LFP', cellsInSeries: 1, capacityAh: 280, resistance: 0.00025, current:
 *   180, currentPeak: 400 }, series: 16, parallel: 1, health: 0.8, lowCut: null, highCut: null }).capacityAh // 224
 *
 * Source: series and parallel sums; R grows by RESISTANCE_RISE × capacity lost (common practice).
 */
export function groupFigures({ cell, series, parallel, health, lowCut, highCut }: StringGroup): GroupFigures {
  const chemistry: Chemistry = CHEMISTRIES[cell.chemistry]
  const cellsInSeries = series * cell.cellsInSeries,
    [low, high] = chemistry.absoluteVoltage
  return {
    cellsInSeries,
    capacityAh: parallel * cell.capacityAh * health,
    resistance: ((cell.resistance * series) / parallel) * (1 + RESISTANCE_RISE * (1 - health)),
    current: parallel * cell.current,
    currentPeak: parallel * cell.currentPeak,
    nominalVoltage: cellsInSeries * chemistry.nominalVoltage,
    lowVoltage: Math.max(low * cellsInSeries, series * (lowCut ?? 0)),
    highVoltage: Math.min(high * cellsInSeries, series * (highCut ?? Infinity)),
  }
}

/**
 * True when strings may stand in parallel with the pack's own: the same chemistry and the same count of cells in
 * series.
 *
 * @param pack the pack
 * @param group other strings
 * @returns whether their volts rise and fall together
 */
export function runsTogether(pack: PackSpec, group: Pick<StringGroup, 'cell' | 'series'>): boolean {
  return (
    group.cell.chemistry === pack.cell.chemistry &&
    group.series * group.cell.cellsInSeries === pack.series * pack.cell.cellsInSeries
  )
}

/**
 * The groups that carry the load: the pack's own, and those beside it that run together with it.
 *
 * @param pack the pack
 * @param banks how its strings are kept
 * @returns one group or more
 */
export function workingGroups(pack: PackSpec, banks: Banks): StringGroup[] {
  return [ownStrings(pack, banks), ...banks.others.filter(group => runsTogether(pack, group))]
}
