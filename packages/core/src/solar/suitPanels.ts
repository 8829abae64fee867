import type { ChargeControllerSpec, SolarArray } from './solarSpecs'
import { stringFaults } from './stringVoltage'

/** How the owner's panels may be wired: in a string, strings, and through what. */
export interface PanelWiring {
  series: number
  parallel: number
  controller: ChargeControllerSpec
}

/**
 * Ways to wire the panels that there are so that their volts suit pack and controller: with the controller that there
 * is, else with another.
 *
 * @param array the panels as they are
 * @param fullVoltage of the pack, V
 * @param controllers to choose from
 * @param listens whether the controller must hear the management
 * @returns the way with the fitted controller if there is one, else with the cheapest; null when no way suits
 */
export function suitPanels(
  array: SolarArray,
  fullVoltage: number,
  controllers: readonly ChargeControllerSpec[],
  listens = false,
): PanelWiring | null {
  const panels = array.series * array.parallel,
    cheapest = [...controllers].sort((a, b) => a.price - b.price)
  for (const controller of [...(array.controller ? [array.controller] : []), ...cheapest]) {
    if (listens && !controller.listens) continue
    for (let series = 1; series <= panels; series++) {
      if (panels % series !== 0) continue
      if (stringFaults({ ...array, series, parallel: panels / series, controller }, fullVoltage).length === 0)
        return { series, parallel: panels / series, controller }
    }
  }
  return null
}
