import { mainsFor } from './chargerMains'
import type { PackSpec } from './cellSpec'
import type { ChemistryId } from './chemistry'
import { findRoot } from '../numeric'
import { packFigures, restVoltage } from './pack'
import type { ChargerSpec } from './chargerSpec'
import { ONE_NEW_BANK, workingGroups, type Banks } from './strings'

/**
 * How a chemistry takes charge: where it begins to take less, the share of amps that stays in, and from which cold it
 * takes little and none, K.
 */
export interface ChargeHabits {
  taperFrom: number
  kept: number
  little: number
  none: number
}

/** Common practice: lithium takes no charge below freezing and little near it; lead takes it, slowly. */
export const CHARGE_HABITS: Record<ChemistryId, ChargeHabits> = {
  LFP: { taperFrom: 0.95, kept: 0.99, little: 278.15, none: 273.15 },
  NMC: { taperFrom: 0.83, kept: 0.99, little: 278.15, none: 273.15 },
  LTO: { taperFrom: 0.95, kept: 0.99, little: 253.15, none: 243.15 },
  AGM: { taperFrom: 0.8, kept: 0.87, little: 273.15, none: 258.15 },
  FLOODED: { taperFrom: 0.8, kept: 0.82, little: 273.15, none: 263.15 },
}

/** Amps near freezing, as a share of the capacity in an hour (common practice: a tenth). */
const COLD_RATE = 0.1
/** Charge ends when the pack takes this share of its capacity in an hour, or is full. */
const END_RATE = 0.02
/** Share of the current that the cells still take when full, at the end of the taper. */
const TAPER_END = 0.08

/** Volts of an empty pack as a share of its full ones, down to which a charger must reach (common practice). */
export const CHARGE_FROM = 0.85

/**
 * True when a charger reaches a pack's volts, empty and full.
 *
 * @param charger its window
 * @param fullVoltage of the pack, V
 * @returns whether it fits
 * @example chargerFits({ leastVoltage: 36, greatestVoltage: 62 }, 58.4) // true
 */
export function chargerFits(
  { leastVoltage, greatestVoltage }: Pick<ChargerSpec, 'leastVoltage' | 'greatestVoltage'>,
  fullVoltage: number,
): boolean {
  return greatestVoltage >= fullVoltage && leastVoltage <= CHARGE_FROM * fullVoltage
}

/**
 * What feeds the chargers: the shore (V AC, A of the breaker, share of it for hours), or a generator (W that it gives
 * for hours).
 */
export type ChargeSupply =
  { kind: 'shore'; voltage: number; current: number; continuous: number } | { kind: 'generator'; power: number }

/** What keeps the charge from being faster. */
export type ChargeLimit =
  | 'shore'
  | 'generator'
  | 'charger amps'
  | 'charger watts'
  | 'charger volts'
  | 'other sources'
  | 'cells'
  | 'cold'
  | 'taper'

/** Charging as a sum: charger, how many of them, where they are plugged in, how cold it is. */
export interface ChargeSetup {
  pack: PackSpec
  banks?: Banks
  charger: ChargerSpec
  count: number
  /** null: the chargers are not fed */
  supply: ChargeSupply | null
  /** W into the pack from panels and propeller, and W that the house takes from it meanwhile */
  helpers: number
  house: number
  temperature: number
}

/** A point of the charge. A into the pack, V, W drawn by the chargers. */
export interface ChargePoint {
  current: number
  voltage: number
  shorePower: number
  limit: ChargeLimit
}

/**
 * What flows at a state of charge.
 *
 * @param setup pack, chargers, what feeds them, what helps, temperature K
 * @param charge state of charge, 0 … 1
 * @returns amps, volts, power that the chargers draw, and what limits; 0 A when nothing may flow
 *
 * Source: constant current, then constant voltage I = (V_full − OCV)/R, with the chemistry's taper (common practice).
 */
export function chargePoint(
  { pack, banks = ONE_NEW_BANK, charger, count, supply, helpers, house, temperature }: ChargeSetup,
  charge: number,
): ChargePoint {
  const figures = packFigures(pack, banks),
    habits = CHARGE_HABITS[pack.cell.chemistry]
  const rest = restVoltage(pack, charge),
    cells = workingGroups(pack, banks).reduce((sum, g) => sum + g.parallel * g.cell.chargeCurrent, 0)
  const smallest = (limits: [ChargeLimit, number][]) => limits.reduce((a, b) => (b[1] < a[1] ? b : a))
  // a charger of other volts gives nothing
  const suits = chargerFits(charger, figures.fullVoltage)
  const fed =
    supply &&
    suits &&
    (supply.kind === 'shore'
      ? supply.voltage * Math.min(supply.current * supply.continuous, count * mainsFor(charger, supply.voltage).current)
      : supply.power)
  // volts rise with the amps, as far as amps or watts let them: U = U0 + R I, and from U I = P, U = (U0 + √(U0² + 4 R
  // P))/2
  const watts = Math.max(
    0,
    (fed === null || fed === false ? 0 : Math.min(count * charger.power, fed * charger.efficiency)) + helpers - house,
  )
  const volts = Math.min(
    figures.fullVoltage,
    rest + figures.resistance * Math.min(count * charger.current, cells),
    (rest + Math.sqrt(rest * rest + 4 * figures.resistance * watts)) / 2,
  )
  const [chargerLimit, fromChargers] =
    fed === null || fed === false
      ? [supply && helpers <= house ? ('charger volts' as const) : ('other sources' as const), 0]
      : smallest([
          ['charger amps', count * charger.current],
          ['charger watts', (count * charger.power) / volts],
          [supply!.kind, (fed * charger.efficiency) / volts],
        ])
  const fill =
    charge <= habits.taperFrom ? 1 : 1 - ((1 - TAPER_END) * (charge - habits.taperFrom)) / (1 - habits.taperFrom)
  const spare = (helpers - house) / volts
  const [limit, current] = smallest([
    [chargerLimit, Math.max(0, fromChargers + spare)],
    ['cells', cells],
    ['cold', temperature < habits.none ? 0 : temperature < habits.little ? COLD_RATE * figures.capacityAh : Infinity],
    ['taper', Math.min(cells * fill, Math.max(0, figures.fullVoltage - rest) / figures.resistance)],
  ])
  const voltage = rest + current * figures.resistance
  return {
    current,
    voltage,
    shorePower:
      fed === null || fed === false
        ? 0
        : (Math.max(0, Math.min(fromChargers, current - spare)) * voltage) / charger.efficiency,
    limit,
  }
}

/** A charge over time. s, W, J. */
export interface ChargeCurve {
  time: number[]
  charge: number[]
  power: number[]
  /** s to 80 % and to the end; null when it is never reached */
  toEighty: number | null
  toEnd: number | null
  /** J drawn by the chargers, and stored */
  bought: number
  stored: number
  /** what limits at the start */
  limit: ChargeLimit
  /** where it ends, 1 when full */
  end: number
}

/**
 * A charge from a state of charge on.
 *
 * @param setup pack, chargers, what feeds them, what helps, temperature
 * @param from state of charge at the start, 0 … 1
 * @param steps of state of charge
 * @returns times, powers, energy; `toEnd` null when nothing flows at the start
 *
 * Source: dt = C dS / (I × share kept), midpoint rule over the state of charge, up to where it takes too little to go
 * on.
 */
export function chargeCurve(setup: ChargeSetup, from: number, steps = 200): ChargeCurve {
  const figures = packFigures(setup.pack, setup.banks),
    habits = CHARGE_HABITS[setup.pack.cell.chemistry]
  const first = chargePoint(setup, from)
  const curve: ChargeCurve = {
    time: [0],
    charge: [from],
    power: [first.current * first.voltage],
    toEighty: from >= 0.8 ? 0 : null,
    toEnd: null,
    bought: 0,
    stored: 0,
    limit: first.limit,
    end: from,
  }
  const step = (endOfCharge(setup, from) - from) / steps
  if (!(step > 0)) return curve
  let time = 0
  for (let i = 0; i < steps; i++) {
    const middle = from + (i + 0.5) * step,
      p = chargePoint(setup, middle)
    const dt = (step * figures.capacityAh * 3600) / (p.current * habits.kept)
    const charge = from + (i + 1) * step
    if (curve.toEighty === null && charge >= 0.8) curve.toEighty = time + (dt * (0.8 - (charge - step))) / step
    time += dt
    curve.bought += p.shorePower * dt
    curve.stored += restVoltage(setup.pack, middle) * step * figures.capacityAh * 3600
    curve.time.push(time)
    curve.charge.push(charge)
    curve.power.push(p.current * p.voltage)
    curve.end = charge
  }
  curve.toEnd = time
  return curve
}

/** Share of the first amps below which a weak source, such as the sun, counts as ended too. */
const WEAK_END = 0.5

/** State of charge at which the pack takes too little to go on: 1 when it never does before it is full. */
function endOfCharge(setup: ChargeSetup, from: number): number {
  const first = chargePoint(setup, from).current
  if (first <= 0) return from
  const least = Math.min(END_RATE * packFigures(setup.pack, setup.banks).capacityAh, WEAK_END * first)
  const spare = (charge: number) => chargePoint(setup, charge).current - least
  if (spare(from) <= 0) return from
  if (spare(1) >= 0) return 1
  const root = findRoot(spare, from, 1, 1e-6)
  return root.outcome === 'root' ? root.x : from
}
