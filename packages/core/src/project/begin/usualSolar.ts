import { usualOf } from '../../fields'
import { panelNamed } from '../../parts/shipped/partNamed'
import { SHIPPED_CHARGE_CONTROLLERS } from '../../parts/shipped/shippedSolar'
import { stringFaults, type SolarArray } from '../../solar'
import { PROJECT_FIELDS } from '../definition/projectFields'

const BARE = { ...usualOf(PROJECT_FIELDS.design.fields.solar.fields), panel: panelNamed('helle-110') }

/**
 * Panels that a pack could be fed by: not fitted yet, flat on deck, 15 % in the shade of mast and sails (common
 * practice: 10 to 30 %).
 *
 * @param fullVoltage of the pack, V
 * @returns the fewest panels in series with the first controller that suit
 */
export function usualSolar(fullVoltage: number): SolarArray {
  for (const controller of SHIPPED_CHARGE_CONTROLLERS) {
    if (!controller.tracking) continue
    for (let series = 1; series <= 24; series++) {
      const array = { ...BARE, series, controller }
      if (stringFaults(array, fullVoltage).length === 0) return array
    }
  }
  return { ...BARE, series: 1, controller: null }
}
