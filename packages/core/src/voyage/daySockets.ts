import { chargersOf } from '../project/parts/charging'
import type { Project } from '../project'
import { modelOf } from '../system'
import { keptShare } from './packFlow'
import { coldOfDay } from './winter'
import type { DayRun } from './simulateDay'

/** A stop on a socket. J bought, € a J, €. */
export interface SocketStop {
  leg: number
  bought: number
  price: number
  cost: number
}

/** What a day costs at sockets. */
export interface DaySockets {
  stops: SocketStop[]
  /** afterwards at the berth, until she is as full as she left */
  berth: SocketStop
  /** € of both */
  cost: number
}

/**
 * What is bought at sockets on the way, and afterwards at the berth to fill her again to the charge that she left with.
 *
 * @param project the boat and her day
 * @param run the day as it was run
 * @returns J bought through the charger, and what that costs at each socket's price
 *
 * Source: bought = into the boat ÷ efficiency of the charger; at the berth also ÷ the share that stays in the cells.
 */
export function daySockets(project: Project, run: Pick<DayRun, 'legs' | 'points'>): DaySockets {
  const { day, use } = project,
    { efficiency } = chargersOf(project.design).charger,
    model = modelOf(project)
  const stop = (leg: number, into: number, price: number): SocketStop => {
    const bought = into / efficiency
    return { leg, bought, price, cost: bought * price }
  }
  const stops = run.legs.flatMap((ran, i) => {
    const leg = day.legs[i]
    return leg?.plugged && ran.shore > 0 ? [stop(i, ran.shore, leg.price ?? use.costs.shorePrice)] : []
  })
  const short = Math.max(0, day.charge - (run.points.at(-1)?.charge ?? day.charge)),
    berth = stop(
      day.legs.length,
      (short * model.pack.energy * coldOfDay(project).capacity) / keptShare(model),
      use.costs.shorePrice,
    )
  return { stops, berth, cost: stops.reduce((sum, s) => sum + s.cost, berth.cost) }
}
