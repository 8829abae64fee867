import { CHARGE_HABITS } from '../../battery'
import type { Project } from '../../project/definition/projectFields'
import { monthAir } from '../../solar'
import { modelOf } from '../model'

/** How cold the cells are when they are charged. K. */
export interface ColdestCharge {
  /** as they are then, warmed by a heater where one is fitted */
  cells: number
  /** without a heater */
  without: number
  /** the month whose mean air that is; null where the owner's own figure is colder */
  month: number | null
}

/**
 * s that a heater has before the charge begins, share of its warmth that stays, J/(kg K) of cells (common practice).
 */
const WARMING = 3 * 3600,
  STAYS = 0.7,
  CELL_HEAT = 1000
/** A heater warms the cells so far above what they ask for, K. */
const ABOVE = 5

/**
 * The coldest that the pack is charged: as its owner says, or as the mean air of the coldest month in which she is
 * used, by her place, whichever is colder; a heater warms it as far as its watts go.
 *
 * @param project the boat
 * @returns K of the cells
 *
 * Source: monthAir(); ΔT = W t × share ÷ (m c) (common practice).
 */
export function coldestCharge(project: Project): ColdestCharge {
  const { use, design } = project,
    { seasonFrom, seasonTo, coldest } = use.year
  let month: number | null = null,
    without = design.charging.coldest
  for (let i = 0; i < 12; i++) {
    const m = (seasonFrom + i) % 12,
      air = monthAir(use.place.latitude, m, coldest)
    if (air < without) {
      without = air
      month = m
    }
    if (m === seasonTo) break
  }
  return { cells: warmedCells(project, without), without, month }
}

/**
 * Cells after their heater has warmed them for the charge.
 *
 * @param project the boat
 * @param cells before, K
 * @returns K; no warmer than they need to be
 */
export function warmedCells(project: Project, cells: number): number {
  const { charging, pack } = project.design,
    warmTo = CHARGE_HABITS[pack.cell.chemistry].little + ABOVE,
    gains = (charging.heater * WARMING * STAYS) / (modelOf(project).pack.mass * CELL_HEAT)
  return Math.max(cells, Math.min(warmTo, cells + gains))
}

/**
 * Watts of a heater that warms the pack far enough before it is charged, in three hours.
 *
 * @param project the boat
 * @returns W, rounded up to ten; 0 where it is warm enough
 */
export function heaterFor(project: Project): number {
  const { without } = coldestCharge(project),
    missing = CHARGE_HABITS[project.design.pack.cell.chemistry].little + ABOVE - without
  if (missing <= 0) return 0
  return Math.ceil((missing * modelOf(project).pack.mass * CELL_HEAT) / (WARMING * STAYS) / 10) * 10
}

/** Price of a heater with its mat, thermostat and relay: for each W, and besides (common practice). */
export const HEATER_PRICE = { watt: 0.8, least: 60 } as const
