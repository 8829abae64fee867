import { partsMass, partsPrice } from '../project/parts/partsTotals'
import type { Model } from './model'

/**
 * Price of a boat's drive.
 *
 * @param model the boat
 * @returns €, as partsPrice
 */
export const designPrice = ({ project: { design, boat }, pack }: Model): number => partsPrice(design, pack, boat.drive)

/**
 * Mass of a boat's drive.
 *
 * @param model the boat
 * @returns kg, as partsMass
 */
export const designMass = ({ project: { design, boat }, pack }: Model): number => partsMass(design, pack, boat.drive)
