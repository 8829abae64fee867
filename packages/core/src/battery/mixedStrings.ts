import { restVoltage } from './pack'
import type { PackSpec } from './cellSpec'
import { groupFigures, ownStrings, runsTogether, type Banks, type GroupFigures, type StringGroup } from './strings'

/** Two groups at the same rest volts: amps that flow from one to the other when they are joined. */
export interface Joining {
  voltageApart: number
  current: number
}

/** What keeps a group from standing beside the pack's own strings. */
export type MixReason = 'other chemistry' | 'other count of cells' | 'other capacity' | 'worn'

/** One group of a mixed pack: what it is, what it carries, and what is the matter with it. */
export interface MixedGroup {
  group: StringGroup
  figures: GroupFigures
  counted: boolean
  /** share of the pack's amps that flow through it; 0 when it is not counted */
  share: number
  /** A of the whole pack at which this group reaches its own limit; null when it is not counted */
  packCurrentAtLimit: number | null
  reasons: MixReason[]
  /** joined with the pack's own strings, these half charged and it full; null for the pack's own */
  joining: Joining | null
}

/** A mixed pack. */
export interface MixReport {
  groups: MixedGroup[]
  /** V that suit every group, and whether there are any */
  window: { low: number; high: number }
  /** A that the pack may give, and what plain adding up would say */
  current: number
  added: number
}

/** Capacities that differ less than this are the same. */
const SAME_CAPACITY = 0.05

/**
 * What happens when strings of different kinds, sizes or ages stand in parallel.
 *
 * @param pack the pack's own strings
 * @param banks wear and the groups beside it
 * @returns how the amps split (by resistance), the volts that suit all, the amps that the whole may give, and why
 *   each group is odd
 *
 * Source: current divider, I_k = I R/R_k with 1/R = Σ 1/R_k.
 */
export function mixReport(pack: PackSpec, banks: Banks): MixReport {
  const own = groupFigures(ownStrings(pack, banks))
  const all = [ownStrings(pack, banks), ...banks.others].map((group, i) => ({
    group,
    figures: groupFigures(group),
    counted: i === 0 || runsTogether(pack, group),
  }))
  const together = all.filter(g => g.counted)
  const conductance = together.reduce((sum, g) => sum + 1 / g.figures.resistance, 0)
  const groups = all.map(({ group, figures, counted }, i): MixedGroup => {
    const share = counted ? 1 / figures.resistance / conductance : 0
    const reasons: MixReason[] =
      i === 0
        ? []
        : [
            ...(group.cell.chemistry === pack.cell.chemistry ? [] : ['other chemistry' as const]),
            ...(figures.cellsInSeries === own.cellsInSeries ? [] : ['other count of cells' as const]),
            ...(Math.abs(figures.capacityAh / group.parallel / (own.capacityAh / pack.parallel) - 1) < SAME_CAPACITY
              ? []
              : ['other capacity' as const]),
            ...(Math.abs(group.health - banks.health) < SAME_CAPACITY ? [] : ['worn' as const]),
          ]
    return {
      group,
      figures,
      counted,
      share,
      packCurrentAtLimit: counted ? figures.current / share : null,
      reasons,
      joining: i === 0 ? null : joining(pack, own, group, figures),
    }
  })
  return {
    groups,
    window: {
      low: Math.max(...groups.map(g => g.figures.lowVoltage)),
      high: Math.min(...groups.map(g => g.figures.highVoltage)),
    },
    current: Math.min(...together.map(g => g.figures.current * g.figures.resistance * conductance)),
    added: together.reduce((sum, g) => sum + g.figures.current, 0),
  }
}

/** A full group joined to the half charged strings of the pack. */
function joining(pack: PackSpec, own: GroupFigures, group: StringGroup, figures: GroupFigures): Joining {
  const voltageApart = restVoltage({ ...group, chargeVoltage: 0 }, 1) - restVoltage(pack, 0.5)
  return { voltageApart, current: Math.abs(voltageApart) / (own.resistance + figures.resistance) }
}
