import type { Project } from '../project'
import { modelOf } from '../system'
import { energy, of, ratio, temperature } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import type { DayReport } from './dayReport'
import { coldOfDay } from './winter'

/** What a day's figures are made of. */
export interface DayWorked {
  left: Worked
  chance: Worked
  turn: Worked | null
  /** €, what sockets and the berth are paid */
  cost: Worked
}

/**
 * The figures of a day with their working.
 *
 * @param project the boat and her day
 * @param report of the day
 * @returns charge left at the berth, chance of coming home above the reserve, charge at the last turn
 */
export function dayWorked(project: Project, report: DayReport): DayWorked {
  const cold = coldOfDay(project),
    whole = modelOf(project).pack.energy,
    last = project.day.legs.findLastIndex(l => l.does === 'goes'),
    used = report.legs.slice(0, last + 1).reduce((sum, l) => sum + l.energy, 0)
  const source = 'Minute by minute: drive, house, sun, socket; energy of the pack by Peukert at each current'
  return {
    left: workedOut({
      label: 'Left at the berth',
      quantity: 'ratio',
      inputs: {
        start: ratio(project.day.charge, 'at departure'),
        used: energy(used, 'from the pack until she is home, less what went into it'),
        whole: energy(whole, 'the whole pack at 20 °C'),
        cold: ratio(cold.capacity, 'of it that the cold leaves'),
        air: temperature(cold.air, 'cells, as the mean air of the month'),
      },
      formula: v => v.start - v.used / (v.whole * v.cold),
      words: 'left = at departure − used ÷ (pack × share that the cold leaves)',
      range: () => ({ low: report.leftLow, high: report.leftHigh }),
      source,
      holds: { text: 'The range is 10 to 90 %: power as far off as the band of the curve.' },
    }),
    chance: workedOut({
      label: 'Chance of coming home above the reserve',
      quantity: 'ratio',
      inputs: {
        chance: ratio(report.chance, 'of the days, power spread as the band says'),
        least: ratio(report.least, 'least charge of the day, expected'),
        reserve: ratio(report.levels.reserve, 'reserve'),
      },
      formula: v => v.chance,
      words: 'share of days whose least charge is above the reserve',
      source: 'Five runs across the band; the normal distribution between them',
      holds: { text: 'For the legs, stream, wind and sky as planned.' },
    }),
    cost: workedOut({
      label: 'Shore power of the day',
      quantity: 'smallPrice',
      inputs: {
        onTheWay: of('smallPrice')(
          report.sockets.stops.reduce((sum, s) => sum + s.cost, 0),
          'at sockets on the way, each at its price',
        ),
        short: energy(report.sockets.berth.bought, 'bought at the berth to fill her as she left'),
        price: of('pricePerEnergy')(report.sockets.berth.price, 'shore power at the berth'),
      },
      formula: v => v.onTheWay + v.short * v.price,
      words: 'cost = sockets on the way + bought at the berth × its price',
      source: 'Bought is what reaches the boat over the efficiency of the charger, and what stays in the cells',
      holds: { text: 'Without a fee for the mooring or the socket itself.' },
    }),
    turn: report.turn && {
      ...workedOut({
        label: 'Charge at the last turn',
        quantity: 'ratio',
        inputs: {
          reserve: ratio(report.levels.reserve, 'reserve'),
          back: ratio(report.turn.charge - report.levels.reserve, 'the way back, at the bad edge of the band'),
        },
        formula: v => v.reserve + v.back,
        words: 'charge = reserve + way back',
        source,
        holds: { text: 'Back by the way that she came, at the same speeds, sails down.' },
      }),
    },
  }
}
