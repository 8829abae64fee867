import { ageing, END_OF_LIFE, type Ageing } from '../../battery'
import type { Project } from '../../project/definition/projectFields'
import { energyBalance, type EnergyBalance } from '../energy'
import { modelOf, type Model } from '../model'
import { operatingPoint } from '../operatingPoint'

/** How a boat's pack wears at its use. */
export interface AgeingReport extends Ageing {
  /** share of the whole energy that an outing takes */
  depth: number
  /** J delivered until it is worn out, and € for each of them */
  delivered: number
  pricePerEnergy: number | null
  /**
   * years until an outing no longer fits with its reserve; 0 when it does not even when new; null when it fits to the
   * end
   */
  outgrown: number | null
  /** years that are left of it, by the capacity measured or else by its age */
  yearsLeft: number
}

/**
 * Wear of a boat's pack at its outings.
 *
 * @param project the boat
 * @returns life by cycles and by the calendar, price for each J over it, and when the day no longer fits
 *
 * Source: ageing(); cells as warm as the water, which is about the boat's mean.
 */
export function ageingReport(project: Project): AgeingReport {
  const model = modelOf(project)
  return wearOf(model, energyBalance(model, operatingPoint(model, project.use.cruiseSpeed).drive))
}

/**
 * The same from a balance of energy that is known already.
 *
 * @param model the boat
 * @param energy of an outing
 * @returns wear
 */
export function wearOf(model: Model, { needed, available }: EnergyBalance): AgeingReport {
  const { use, design, boat } = model.project
  const depth = Math.min(1, needed / model.pack.energy)
  const wear = ageing(design.pack.cell.chemistry, { outings: use.outings, depth, temperature: boat.waterTemperature })
  const delivered = use.outings * wear.years * depth * model.pack.energy
  // capacity falls evenly from 1 to 0.8 over the years: where it meets the share that the outing needs
  const needs = needed / available
  const outgrown =
    needs > 1 ? 0 : needs <= wear.left[wear.left.length - 1]! ? null : (wear.years * (1 - needs)) / (1 - END_OF_LIFE)
  const { health, age } = design.banks
  const share = health < 1 ? (health - END_OF_LIFE) / (1 - END_OF_LIFE) : age === null ? 1 : 1 - age / wear.byCalendar
  return {
    yearsLeft: wear.years * Math.min(1, Math.max(0, share)),
    depth,
    delivered,
    pricePerEnergy: delivered > 0 ? model.pack.price / delivered : null,
    outgrown: outgrown !== null && outgrown > wear.years ? null : outgrown,
    ...wear,
  }
}
