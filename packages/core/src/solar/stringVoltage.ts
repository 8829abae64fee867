import { bestVoltage, openVoltage } from './panelCurve'
import type { SolarArray } from './solarSpecs'

/** A cell in full sun on a hot calm day, K (common practice: 65 °C). */
export const HOT_CELL = 338.15
/** Volts that panels must stand above the pack for a controller that only steps down (common practice: 5 to start). */
export const STEP_DOWN_VOLTS = 5

/** Volts of a string: open on the coldest morning, at its best when hot. */
export interface StringVoltage {
  cold: number
  hot: number
}

/**
 * Volts of a string of panels at both ends.
 *
 * @param array panels in series, coldest morning
 * @returns V open at the coldest, V at the best power with hot cells
 * @example stringVoltage({ series: 2, panel: { voltage: 18, openVoltage: 20, voltagePerKelvin: 0.003 }, coldest:
 *   273.15 }).cold // 43
 */
export function stringVoltage({
  series,
  panel,
  coldest,
}: Pick<SolarArray, 'series' | 'panel' | 'coldest'>): StringVoltage {
  return { cold: series * openVoltage(panel, coldest), hot: series * bestVoltage(panel, HOT_CELL) }
}

/** What is the matter with the volts of a string. */
export type StringFault = 'above controller' | 'below pack' | 'above pack' | 'controller of other volts'

/**
 * Judges a string against its controller and the pack.
 *
 * @param array panels and controller
 * @param fullVoltage of the pack, V
 * @returns what does not fit, possibly nothing; straight on the pack only the hot string counts
 */
export function stringFaults(array: SolarArray, fullVoltage: number): StringFault[] {
  const { cold, hot } = stringVoltage(array),
    { controller } = array,
    faults: StringFault[] = []
  if (!controller) return hot < fullVoltage ? ['below pack'] : []
  if (cold > controller.greatestPanelVoltage) faults.push('above controller')
  if (controller.leastVoltage > fullVoltage || controller.greatestVoltage < fullVoltage)
    faults.push('controller of other volts')
  if (
    controller.boosts
      ? hot < controller.leastPanelVoltage
      : hot < Math.max(controller.leastPanelVoltage, fullVoltage + (controller.tracking ? STEP_DOWN_VOLTS : 0))
  )
    faults.push('below pack')
  if (controller.boosts && cold > fullVoltage) faults.push('above pack')
  return faults
}
