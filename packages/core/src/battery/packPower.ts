import type { PackSpec } from './cellSpec'
import { packFigures, packLoad, restVoltage } from './pack'
import { ONE_NEW_BANK, type Banks } from './strings'
import { coldFactors } from './temperature'

/** What ends a pack's power: amps of its cells, the lowest volts allowed, or its own resistance. */
export type PowerLimit = 'amps' | 'volts' | 'resistance'

/** A pack at one state of charge and temperature. V, W. */
export interface PackPower {
  rest: number
  /** greatest power that it gives, and what ends it */
  power: number
  limit: PowerLimit
  /** loaded volts at the power asked; null when it cannot give it */
  loaded: number | null
}

/** What is asked of the pack: a power, the lowest volts that the drive stands, all day or for half a minute. */
export interface PowerDemand {
  power: number
  leastVoltage: number
  which: 'allDay' | 'minutes'
}

/**
 * Power that a pack can give, and its loaded volts at a power asked, at a state of charge and a temperature.
 *
 * @param pack cells and their count
 * @param demand power W, lowest volts of the drive, which of the cells' ratings
 * @param charge state of charge, 0 … 1
 * @param temperature of the cells, K
 * @param banks wear and strings beside it
 * @returns rest volts, greatest power with its limit, loaded volts
 *
 * Source: P = V (OCV − V)/R at the volts where the first limit is met; V = OCV/2 is the most that resistance allows.
 */
export function packPower(
  pack: PackSpec,
  { power, leastVoltage, which }: PowerDemand,
  charge: number,
  temperature: number,
  banks: Banks = ONE_NEW_BANK,
): PackPower {
  const figures = packFigures(pack, banks)
  const rest = restVoltage(pack, charge),
    resistance = figures.resistance * coldFactors(pack.cell.chemistry, temperature).resistance
  const amps = which === 'allDay' ? figures.current : figures.currentPeak
  const ends: [PowerLimit, number][] = [
    ['amps', rest - amps * resistance],
    ['volts', Math.max(leastVoltage, figures.lowVoltage)],
    ['resistance', rest / 2],
  ]
  const [limit, volts] = ends.reduce((a, b) => (b[1] > a[1] ? b : a))
  const greatest = volts >= rest ? 0 : limit === 'amps' ? volts * amps : (volts * (rest - volts)) / resistance
  const load = packLoad(rest, resistance, power)
  return { rest, power: greatest, limit, loaded: power <= greatest && load.outcome === 'carries' ? load.voltage : null }
}
