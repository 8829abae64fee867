import { chargerFits, mainsFor, worksOn, type ChargerSpec, type PackSpec } from '../../battery'

/** What feeds a charger. */
export const CHARGE_SUPPLIES = ['shore', 'generator', 'none'] as const

/** How mains power reaches the charger: through a plug on the boat, or not at all, since the charger stays ashore. */
export const INLETS = ['household', 'carType', 'ashore'] as const

/** Where chargers stand. */
export const CHARGER_PLACES = ['pack', 'block'] as const

/**
 * Plugs as they stand on quays and in sheds: V AC, A of the breaker, single phase (common practice; local code
 * decides).
 */
export const SHORE_PLUGS = [
  { id: 'house120', label: '120 V, 15 A house', voltage: 120, current: 15 },
  { id: 'quay120', label: '120 V, 30 A quay', voltage: 120, current: 30 },
  { id: 'quay240', label: '240 V, 50 A quay', voltage: 240, current: 50 },
  { id: 'house230x10', label: '230 V, 10 A house', voltage: 230, current: 10 },
  { id: 'house230x13', label: '230 V, 13 A house', voltage: 230, current: 13 },
  { id: 'quay230x16', label: '230 V, 16 A quay', voltage: 230, current: 16 },
  { id: 'quay230x32', label: '230 V, 32 A quay', voltage: 230, current: 32 },
] as const

/** How she is charged, and by what. */
export interface Charging {
  charger: ChargerSpec
  count: number
  /** one set for the whole pack, or a charger at each block */
  each: (typeof CHARGER_PLACES)[number]
  /** shore: V AC, A of the breaker, share of it for hours */
  shoreVoltage: number
  shoreCurrent: number
  continuous: number
  inlet: (typeof INLETS)[number]
  /** state of charge at the start, and coldest temperature of the pack while it charges, K */
  from: number
  coldest: number
  /** W of a heater in the pack; 0 for none */
  heater: number
  /** what feeds the charger; W of a generator as rated, the share of it for hours, m³ of fuel for a J */
  supply: (typeof CHARGE_SUPPLIES)[number]
  generatorPower: number
  generatorShare: number
  generatorFuel: number
  /** a switch that never lets shore and generator feed at once */
  changeover: boolean
  /** what helps: the panels by day in a month (0 is January), the propeller under sail */
  sun: boolean
  sailing: boolean
  month: number
}

/** Whether mains power comes aboard, with its earth and its breaker. */
export const mainsAboard = ({ supply, inlet }: Pick<Charging, 'supply' | 'inlet'>): boolean =>
  supply === 'generator' || (supply === 'shore' && inlet !== 'ashore')

/** What a charger must suit. V, A. */
export interface ChargerDemand {
  /** of the full pack */
  fullVoltage: number
  /** of the shore, and its amps for hours */
  shoreVoltage: number
  shoreCurrent: number
  /** that the cells take; a charger that pushes more comes last */
  takes?: number
  /** a car-type post gives nothing without the pilot signal */
  pilot?: boolean
}

/**
 * The charger of a library that suits a pack and a shore: of its volts and the shore's, fed by the breaker, no stronger
 * than the cells, heard by the management, then the strongest.
 *
 * @param chargers to choose from
 * @param demand of pack and shore
 * @returns the charger; null when none has the volts of both
 */
export function bestCharger(
  chargers: readonly ChargerSpec[],
  { fullVoltage, shoreVoltage, shoreCurrent, takes = Infinity, pilot = false }: ChargerDemand,
): ChargerSpec | null {
  const able = chargers.filter(c => chargerFits(c, fullVoltage) && worksOn(c, shoreVoltage) && (!pilot || c.pilot))
  const merits = (c: ChargerSpec) => [
    Number(mainsFor(c, shoreVoltage).current <= shoreCurrent),
    Number(c.current <= takes),
    Number(c.listens),
    mainsFor(c, shoreVoltage).current <= shoreCurrent && c.current <= takes ? c.power : -c.power,
  ]
  const before = (a: ChargerSpec, b: ChargerSpec) => {
    const x = merits(a),
      y = merits(b),
      i = x.findIndex((value, k) => value !== y[k])
    return i < 0 ? 0 : y[i]! - x[i]!
  }
  return [...able].sort(before)[0] ?? null
}

/**
 * Chargers as the pack sees them: those side by side, or one at each block, whose volts add along a string and whose
 * amps add beside it.
 *
 * @param design charging and pack
 * @returns a charger and how many of it work on the whole pack, and how many pieces are bought
 * @example chargersOf(DEMO.tirrick.design).pieces // 1
 */
export function chargersOf({ charging, pack }: { charging: Charging; pack: PackSpec }): {
  charger: ChargerSpec
  count: number
  pieces: number
} {
  const { charger, count, each } = charging
  if (each === 'pack') return { charger, count, pieces: count }
  const pieces = pack.series * pack.parallel
  return {
    charger: {
      ...charger,
      leastVoltage: charger.leastVoltage * pack.series,
      greatestVoltage: charger.greatestVoltage * pack.series,
      current: charger.current * pack.parallel,
      power: charger.power * pieces,
      inputCurrent: charger.inputCurrent * pieces,
      otherCurrent: charger.otherCurrent === null ? null : charger.otherCurrent * pieces,
    },
    count: 1,
    pieces,
  }
}
