import { arrangements, type Arrangement } from '../../battery'
import type { Project } from '../../project/definition/projectFields'
import { TOUCH_LIMIT } from '../../wiring'
import { modelOf } from '../model'
import { operatingPoint } from '../operatingPoint'
import { topSpeed } from '../topSpeed'

/** A way to wire the blocks that the owner has, and what the boat does with it. m/s, m. */
export interface OwnedUse extends Arrangement {
  speed: number
  range: number
  aboveTouch: boolean
}

/** Ways that are worked out in full. */
const LOOKED_AT = 8

/**
 * The best uses of blocks already bought: first those that reach the top speed wished, then by range at cruise, safe
 * volts before dangerous ones at the same range.
 *
 * @param project the boat, with a count of blocks owned
 * @returns ways, best first; empty when none is owned or none suits
 */
export function ownedUses(project: Project): OwnedUse[] {
  const { pack, banks, controller, motor } = project.design,
    { use } = project
  if (banks.owned === null) return []
  const window = {
    leastVoltage: Math.max(controller.leastVoltage, motor.leastVoltage),
    greatestVoltage: Math.min(controller.greatestVoltage, motor.greatestVoltage),
    ratedVoltage: motor.ratedVoltage,
  }
  const uses = arrangements(pack.cell, banks.owned, window, pack.chargeVoltage)
    .slice(0, LOOKED_AT)
    .map((way): OwnedUse => {
      const model = modelOf({ ...project, design: { ...project.design, pack: way.pack } }),
        fastest = topSpeed(model, 'allDay')
      return {
        ...way,
        speed: fastest.outcome === 'none' ? 0 : fastest.speed,
        range: operatingPoint(model, use.cruiseSpeed).distanceLeft,
        aboveTouch: way.figures.fullVoltage > TOUCH_LIMIT,
      }
    })
  const reaches = (u: OwnedUse) => Math.min(1, u.speed / use.topSpeed)
  return uses.sort(
    (a, b) => reaches(b) - reaches(a) || Number(a.aboveTouch) - Number(b.aboveTouch) || b.range - a.range,
  )
}
