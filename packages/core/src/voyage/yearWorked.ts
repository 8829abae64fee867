import { ageing, END_OF_LIFE } from '../battery'
import { chargersOf } from '../project/parts/charging'
import type { Project } from '../project'
import { modelOf } from '../system'
import { energy, of, plain } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import { keptShare } from './packFlow'
import type { YearSpread } from './yearRun'

/** What a year's figures are made of. */
export interface YearWorked {
  /** days on which she plugs in */
  plugged: Worked
  /** J bought at sockets, and what they cost */
  bought: Worked
  cost: Worked
  /** full cycles of the pack, and share of its capacity that they and the calendar wear off */
  cycles: Worked
  wear: Worked
}

/**
 * The figures of a year with their working.
 *
 * @param project the boat as she is used
 * @param spread of several years of clouds
 * @returns days on the plug, energy bought, its cost, cycles of the pack, with a range where the clouds leave one
 */
export function yearWorked(project: Project, spread: YearSpread): YearWorked {
  const sum = (of: (month: YearSpread['months'][number]) => number) =>
    spread.months.reduce((total, month) => total + of(month), 0)
  const source = `Hour by hour over ${spread.years} years of random clouds; 10 to 90 % of them`,
    { efficiency } = chargersOf(project.design).charger,
    kept = keptShare(modelOf(project)),
    price = project.use.costs.shorePrice
  const { shore: into, plugged } = spread.year
  const bought = (stored: number) => stored / kept / efficiency
  const used = {
    drive: energy(
      sum(m => m.drive),
      'the drive takes in a year',
    ),
    house: energy(
      sum(m => m.house),
      'the house takes',
    ),
    sun: energy(
      sum(m => m.sun.middle),
      'the sun gives',
    ),
  }
  const { pack } = modelOf(project),
    days = Math.max(
      1,
      sum(m => m.used),
    ),
    // more than the whole pack in a day is more than one cycle
    each = (spread.cycles * pack.usableEnergy) / days / pack.energy,
    depth = Math.min(1, each),
    { years, byCycles, byCalendar } = ageing(project.design.pack.cell.chemistry, {
      outings: days * Math.max(1, each),
      depth,
      temperature: project.boat.waterTemperature,
    })
  return {
    wear: workedOut({
      label: 'Capacity worn off in such a year',
      quantity: 'ratio',
      inputs: {
        years: of('years')(years, 'until a fifth is worn off, at that use'),
        byCycles: of('years')(byCycles, 'by cycles alone'),
        byCalendar: of('years')(byCalendar, 'by the calendar alone'),
        days: plain(days, 'days of use in a year'),
        depth: of('ratio')(depth, 'of the pack on such a day'),
      },
      formula: v => (1 - END_OF_LIFE) / v.years,
      words: 'worn off = a fifth ÷ years until a fifth is worn off',
      range: value => ({ low: 0.6 * value, high: 1.4 * value }),
      source: 'Cycles by depth and the calendar by warmth, common practice from memory',
      holds: { text: 'Wear is known to about 40 %.' },
    }),
    plugged: workedOut({
      label: 'Days on the plug',
      quantity: 'count',
      inputs: { days: of('count')(plugged.middle, 'days on which the charge fell below the reserve'), ...used },
      formula: v => v.days,
      words: 'days whose charge falls below the reserve, in the middle one of the years',
      range: () => ({ low: plugged.low, high: plugged.high }),
      source,
    }),
    bought: workedOut({
      label: 'Shore power in a year',
      quantity: 'energy',
      inputs: {
        stored: energy(into.middle, 'put into the pack at the berth'),
        kept: of('ratio')(kept, 'of it stays in the cells'),
        charger: of('ratio')(efficiency, 'efficiency of the charger'),
        ...used,
      },
      formula: v => v.stored / v.kept / v.charger,
      words: 'bought = put into the pack ÷ share that stays ÷ efficiency of the charger',
      range: () => ({ low: bought(into.low), high: bought(into.high) }),
      source,
    }),
    cost: workedOut({
      label: 'Shore power costs in a year',
      quantity: 'price',
      inputs: {
        bought: energy(bought(into.middle), 'bought in a year'),
        price: of('pricePerEnergy')(price, 'shore power'),
      },
      formula: v => v.bought * v.price,
      words: 'cost = bought × price',
      range: () => ({ low: bought(into.low) * price, high: bought(into.high) * price }),
      source,
    }),
    cycles: workedOut({
      label: 'Full cycles of the pack in a year',
      quantity: 'plain',
      inputs: {
        drawn: energy(
          spread.cycles * modelOf(project).pack.usableEnergy,
          'out of the pack in a year, mean of the years',
        ),
        usable: energy(modelOf(project).pack.usableEnergy, 'usable in the pack'),
        ...{ years: plain(spread.years, 'years of clouds') },
      },
      formula: v => v.drawn / v.usable,
      words: 'cycles = out of the pack ÷ usable energy',
      source,
    }),
  }
}
