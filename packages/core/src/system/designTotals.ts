import { REDUCTION_PRICE } from '../drive'
import type { Model } from './model'

/**
 * Price of motor, controller, reduction and pack, €.
 *
 * @param model the boat
 * @returns €; charger, cables, fuses and propeller are not in it
 */
export function designPrice({ project: { design }, pack }: Model): number {
  return design.motor.price + design.controller.price + REDUCTION_PRICE[design.reduction.kind] + pack.price
}

/**
 * Mass of motor, controller and pack, kg.
 *
 * @param model the boat
 * @returns kg
 */
export function designMass({ project: { design }, pack }: Model): number {
  return design.motor.mass + design.controller.mass + pack.mass
}
