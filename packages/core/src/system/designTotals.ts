import { REDUCTION_MASS, REDUCTION_PRICE } from '../drive'
import type { Model } from './model'

/**
 * Price of motor, controller, reduction, pack, and of the jet on a jet boat, €.
 *
 * @param model the boat
 * @returns €; charger, cables, fuses and propeller are not in it
 */
export function designPrice({ project: { design, boat }, pack }: Model): number {
  return design.motor.price + design.controller.price + REDUCTION_PRICE[design.reduction.kind] + pack.price + (boat.drive.kind === 'jet' ? design.jet.price : 0)
}

/**
 * Mass of motor, controller, reduction, pack, and of the jet on a jet boat, kg.
 *
 * @param model the boat
 * @returns kg
 */
export function designMass({ project: { design, boat }, pack }: Model): number {
  return design.motor.mass + design.controller.mass + REDUCTION_MASS[design.reduction.kind] + pack.mass + (boat.drive.kind === 'jet' ? design.jet.mass : 0)
}
