import { chargeCurve, chargePoint, type ChargeCurve, type ChargePoint, type ChargeSetup } from '../battery'
import type { Project } from '../project/projectSchema'

/** A boat's charging as a sum. */
export function chargeSetup({ design: { pack, charging } }: Project, count = charging.count): ChargeSetup {
  return { pack, charger: charging.charger, count, shore: { voltage: charging.shoreVoltage, current: charging.shoreCurrent, continuous: charging.continuous }, temperature: charging.coldest }
}

/** What flows as she plugs in. */
export const chargeStart = (project: Project): ChargePoint => chargePoint(chargeSetup(project), project.design.charging.from)

const curves = new WeakMap<Project, ChargeCurve>()

/**
 * The charge of a boat over time, worked out once.
 *
 * @param project the boat
 * @returns the curve
 */
export function chargeReport(project: Project): ChargeCurve {
  const known = curves.get(project)
  if (known) return known
  const made = chargeCurve(chargeSetup(project), project.design.charging.from)
  curves.set(project, made)
  return made
}

/** What one, two, three … chargers side by side would do. */
export interface ChargerCount { count: number, fitted: boolean, curve: ChargeCurve, price: number }

/**
 * Chargers side by side: what another one buys.
 *
 * @param project the boat
 * @param most counted
 * @returns one to so many
 */
export function chargerCounts(project: Project, most = 3): ChargerCount[] {
  const { charging } = project.design
  return Array.from({ length: most }, (_, i) => ({ count: i + 1, fitted: i + 1 === charging.count, curve: chargeCurve(chargeSetup(project, i + 1), charging.from), price: (i + 1) * charging.charger.price }))
}
