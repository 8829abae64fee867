import { CHEMISTRIES, type Chemistry } from '../battery'
import type { Project } from './definition/projectFields'

/** The same reserve said twice: as a share of what may be used, and as the gauge has it. 0 … 1. */
export interface ChargeLevels {
  /** on the gauge: below it the reserve is used */
  reserve: number
  /** on the gauge: empty for daily use; below it the cells are spared */
  spared: number
  /** of what is usable, as the owner sets it */
  ofUsable: number
}

/**
 * State of charge below which the reserve is used, and below which the cells are spared.
 *
 * @param project the boat
 * @returns both, on the gauge, and the share of what is usable that the reserve is
 * @example chargeLevels(DEMO.tirrick).reserve // 0.32
 *
 * Source: reserve = spared + usable share × reserve; the usable share by chemistry is common practice.
 */
export function chargeLevels(project: Pick<Project, 'design' | 'use'>): ChargeLevels {
  const { usableShare }: Chemistry = CHEMISTRIES[project.design.pack.cell.chemistry],
    spared = 1 - usableShare
  return { spared, reserve: spared + usableShare * project.use.reserve, ofUsable: project.use.reserve }
}
