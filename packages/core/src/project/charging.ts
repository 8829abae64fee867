import { chargerFits, type ChargerSpec } from '../battery'
import { DEMO_CHARGERS } from '../parts/demoWiring'

/** How she is charged at the berth. */
export interface Charging {
  charger: ChargerSpec
  count: number
  /** shore: V AC, A of the breaker, share of it for hours */
  shoreVoltage: number
  shoreCurrent: number
  continuous: number
  inlet: 'household' | 'carType'
  /** state of charge at the start, and coldest temperature of the pack while it charges, K */
  from: number
  coldest: number
}

/**
 * The usual charging of a pack: the strongest shipped charger of its volts that a household plug feeds (230 V, 16 A; eight tenths of it for hours, common practice).
 *
 * @param fullVoltage of the pack, V
 * @returns the charging
 */
export function usualCharging(fullVoltage: number): Charging {
  const fits = DEMO_CHARGERS.filter(c => c.inputVoltage === 230 && c.inputCurrent <= 16 && chargerFits(c, fullVoltage) && c.listens)
  const charger = fits.reduce<ChargerSpec | null>((a, b) => !a || b.power > a.power ? b : a, null) ?? DEMO_CHARGERS[3]!
  return { charger, count: 1, shoreVoltage: 230, shoreCurrent: 16, continuous: 0.8, inlet: 'household', from: 0.3, coldest: 283.15 }
}
