import { chargePoint, CHEMISTRIES, packLoad, restVoltage, type ChargeSetup, type PackSpec } from '../battery'
import { chargeLasts, type Model } from '../system'

/** Share of the energy put in that stays in the cells (LFP and NMC 0.97, lead 0.85: common practice). */
const KEPT = { lead: 0.85, other: 0.97 }

/** What flows at the pack's poles for a moment. W, A, V; change of the charge in a second. */
export interface PackFlow {
  volts: number
  /** out of the pack; negative on charge */
  amps: number
  /** share of its energy in a second */
  change: number
  /** W that stay in the cells, and W that socket or generator give */
  into: number
  shore: number
}

/**
 * How cold the pack is: share of its capacity, times its resistance at 20 °C, and how much
 * of the amps of its cells it takes on charge; without end where it is warm, since the charger sets it then.
 */
export interface PackCold {
  capacity: number
  resistance: number
  charging: number
}
/** At 20 °C and above. */
export const WARM_PACK: PackCold = { capacity: 1, resistance: 1, charging: Infinity }

/** What asks and what gives at a moment. W. */
export interface PackAsk {
  charge: number
  /** by drive and house, and by panels and a towed propeller */
  taken: number
  given: number
  /** chargers that are fed; null for none */
  chargers: ChargeSetup | null
  /** s for which it goes on: a full pack takes no more */
  time: number
  cold?: PackCold
}

/**
 * What flows between the pack, what takes from it and what gives to it.
 *
 * @param model the boat
 * @param ask of the moment
 * @returns volts, amps, change of the charge; what chargers cannot give comes out of the pack
 *
 * Source: packLoad() for what goes out, with the Peukert energy of that current; chargePoint() for what goes in.
 */
export function packFlow(model: Model, { charge, taken, given, chargers, time, cold = WARM_PACK }: PackAsk): PackFlow {
  const { pack } = model,
    spec = model.project.design.pack,
    rest = restVoltage(spec, charge),
    kept = keptShare(model),
    holds = pack.energy * cold.capacity
  const fed = chargers ? fedPower(chargers) : 0,
    net = taken - given
  if (chargers && net < fed) {
    const flow = chargePoint({ ...chargers, helpers: given, house: taken }, charge),
      amps = Math.min(flow.current, cold.charging * takesAtMost(spec)),
      into = amps * rest
    return {
      volts: flow.voltage,
      amps: -amps,
      change: into / holds,
      into,
      shore: Math.min(fed, Math.max(0, into / kept + net)),
    }
  }
  const out = net - fed
  if (out >= 0) {
    const load = packLoad(rest, pack.resistance * cold.resistance, out)
    return {
      volts: load.voltage,
      amps: load.current,
      change: -1 / (chargeLasts(model, { power: out, current: load.current }) * cold.capacity),
      into: 0,
      shore: fed,
    }
  }
  // what does not go into a full or frozen pack is not taken from the panels
  const into = Math.min(-out * kept, ((1 - charge) * holds) / time, cold.charging * takesAtMost(spec) * rest),
    amps = -into / rest
  return { volts: rest - amps * pack.resistance * cold.resistance, amps, change: into / holds, into, shore: 0 }
}

/** A that the cells take on charge. */
const takesAtMost = ({ cell, parallel }: PackSpec): number => parallel * cell.chargeCurrent

/** Share of what goes in that stays. */
export const keptShare = ({ project }: Model): number =>
  CHEMISTRIES[project.design.pack.cell.chemistry].peukert > 1 ? KEPT.lead : KEPT.other

/** W that the chargers give at most: their own, or what the socket or the generator feeds them. */
function fedPower({ supply, charger, count }: ChargeSetup): number {
  if (!supply) return 0
  const feeds = supply.kind === 'shore' ? supply.voltage * supply.current * supply.continuous : supply.power
  return Math.min(count * charger.power, feeds * charger.efficiency)
}
