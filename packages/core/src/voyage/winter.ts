import { DAY, FREEZING } from '../constants'
import { CHARGE_HABITS, coldFactors } from '../battery'
import type { Project } from '../project'
import { duration, energy, ratio, smallPower, temperature } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import { modelOf, warmedCells } from '../system'
import { monthAir } from '../solar'
import type { PackCold } from './packFlow'

/** Temperature to which a cabin is heated, K (common practice). */
export const CABIN = FREEZING + 18
/** Below the freezing point by so much on average, water that lies still carries ice; salt water freezes lower, K. */
const ICE = { fresh: FREEZING, sea: FREEZING - 1.8 } as const

/** How cold a month is for the pack, and what the cold asks. */
export interface WinterMonth {
  /** K, mean of the air */
  air: number
  /** share of the pack's capacity that is left */
  capacity: number
  /** charging: freely, a little (a tenth of the amps), or not at all before the pack is warmed */
  charging: 'freely' | 'little' | 'none'
  /** water that lies still freezes */
  ice: boolean
  /** W of heating while she is lived in */
  heating: number
}

/**
 * Heating while she is lived in, for a month.
 *
 * @param project the boat
 * @param air mean of the month, K
 * @returns W; as typed at freezing point, in proportion to what is missing to 18 °C
 */
export const heatingAt = ({ use }: Project, air: number): number =>
  (use.year.heating * Math.max(0, CABIN - air)) / (CABIN - FREEZING)

/** What cells of a temperature take on charge. */
export function chargingAt(project: Project, air: number): WinterMonth['charging'] {
  const { design } = project,
    cells = warmedCells(project, air)
  const { none, little } = CHARGE_HABITS[design.pack.cell.chemistry]
  return cells < none ? 'none' : cells < little ? 'little' : 'freely'
}

/** Share of the amps of its cells that a pack takes on charge: a tenth where they are cold (common practice). */
const TAKES = { freely: Infinity, little: 0.1, none: 0 } as const

/**
 * How cold the pack is on a day: it is taken to be as warm as the mean air of the month. Warmth beyond 20 °C gains
 * nothing.
 *
 * @param project the boat and her day
 * @returns share of its capacity, its resistance, what it takes on charge, and K of its cells
 */
export function coldOfDay(project: Project): PackCold & { air: number } {
  const { use, design, day } = project,
    air = monthAir(use.place.latitude, Number(day.date.slice(5, 7)) - 1, use.year.coldest),
    { capacity, resistance } = coldFactors(design.pack.cell.chemistry, air)
  return {
    air,
    capacity: Math.min(1, capacity),
    resistance: Math.max(1, resistance),
    charging: TAKES[chargingAt(project, air)],
  }
}

/**
 * The twelve months as the pack feels them: it is taken to be as warm as the mean air.
 *
 * @param project the boat
 * @returns January first
 */
export function winter(project: Project): WinterMonth[] {
  const { use, boat, design } = project
  return Array.from({ length: 12 }, (_, month) => {
    const air = monthAir(use.place.latitude, month, use.year.coldest)
    return {
      air,
      capacity: coldFactors(design.pack.cell.chemistry, air).capacity,
      charging: chargingAt(project, air),
      ice: air < ICE[boat.water],
      heating: heatingAt(project, air),
    }
  })
}

/** What a day's heating takes in the coldest month of use, with its working. */
export function heatingDay(project: Project, month: number): Worked {
  const { air } = winter(project)[month]!
  return workedOut({
    label: 'Heating of a day aboard',
    quantity: 'energy',
    inputs: {
      typed: smallPower(project.use.year.heating, 'at freezing point, as typed'),
      air: temperature(air, 'mean air of the month'),
      cabin: temperature(CABIN, 'cabin'),
      freezing: temperature(FREEZING, 'freezing point'),
      time: duration(DAY, 'a day aboard'),
    },
    formula: v => ((v.typed * Math.max(0, v.cabin - v.air)) / (v.cabin - v.freezing)) * v.time,
    words: 'energy = watts at freezing × (cabin − air) ÷ (cabin − freezing) × time',
    range: value => ({ low: 0.7 * value, high: 1.4 * value }),
    source: 'Heat lost follows the difference of temperatures; the air is common practice, ± 4 K',
  })
}

/** Capacity that a month's cold leaves, with its working. */
export function coldCapacity(project: Project, month: number): Worked {
  const { air, capacity } = winter(project)[month]!
  return workedOut({
    label: 'Capacity in the cold',
    quantity: 'energy',
    inputs: {
      whole: energy(modelOf(project).pack.energy, 'the pack at 20 °C'),
      air: temperature(air, 'cells, as the mean air'),
      share: ratio(capacity, 'share at that temperature'),
    },
    formula: ({ whole, share }) => whole * share,
    words: 'energy = energy at 20 °C × share',
    range: value => ({ low: 0.9 * value, high: Math.min(1.05 * value, value / Math.max(0.1, capacity)) }),
    source: 'Table by chemistry, common practice from memory',
  })
}
