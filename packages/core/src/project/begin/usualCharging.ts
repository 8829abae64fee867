import { usualOf } from '../../fields'
import { SHIPPED_CHARGERS } from '../../parts/shipped/shippedWiring'
import { bestCharger, type Charging } from '../parts/charging'
import { PROJECT_FIELDS } from '../definition/projectFields'

/**
 * The usual charging of a pack: the charger of its volts that a household plug feeds (230 V, 16 A; eight tenths of it
 * for hours, common practice).
 *
 * @param fullVoltage of the pack, V
 * @param takes A that its cells take
 * @returns the charging; where no charger has the pack's volts the nearest stands in, and a finding says so
 */
export function usualCharging(fullVoltage: number, takes?: number): Charging {
  const { shoreVoltage, shoreCurrent } = usualOf(PROJECT_FIELDS.design.fields.charging.fields)
  const best = bestCharger(SHIPPED_CHARGERS, { fullVoltage, shoreVoltage, shoreCurrent, takes })
  const charger =
    best ??
    SHIPPED_CHARGERS.reduce((a, b) =>
      Math.abs(Math.log(b.greatestVoltage / fullVoltage)) < Math.abs(Math.log(a.greatestVoltage / fullVoltage)) ? b : a,
    )
  return { ...usualOf(PROJECT_FIELDS.design.fields.charging.fields), charger }
}
