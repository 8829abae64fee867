import { CHEMISTRIES, peukertShare, type Chemistry } from '../battery'
import type { DriveTrain } from './driveTrain'
import type { Model } from './model'

/** Energy for the use, J, and what the pack holds against it. */
export interface EnergyBalance {
  /** at cruise for the hours or the distance wished */
  needed: number
  /** usable, reserve taken off */
  available: number
  reserve: number
  duration: number
  distance: number
}

/**
 * Time and distance of the use at cruise.
 *
 * @param use what the owner wants
 * @returns duration in s, distance in m
 * @example stretchOf({ stretchKind: 'hours', duration: 7200, distance: 0, cruiseSpeed: 2.5 }).distance // 18000
 */
export function stretchOf(use: {
  stretchKind: 'hours' | 'distance'
  duration: number
  distance: number
  cruiseSpeed: number
}): { duration: number; distance: number } {
  return use.stretchKind === 'hours'
    ? { duration: use.duration, distance: use.duration * use.cruiseSpeed }
    : { duration: use.distance / use.cruiseSpeed, distance: use.distance }
}

/**
 * Usable energy of a boat's pack at a current: what is printed, less what lead loses when it is drawn fast.
 *
 * @param model the boat
 * @param current A that the drive takes
 * @returns J
 *
 * Source: peukertShare().
 */
export function usableAt({ pack, project: { design } }: Model, current: number): number {
  const { peukert }: Chemistry = CHEMISTRIES[design.pack.cell.chemistry]
  return current > 0 ? pack.usableEnergy * peukertShare(peukert, current / pack.workingAh) : pack.usableEnergy
}

/**
 * How long a charge lasts at what is drawn. The one answer to "how far from here": the lever and the sheet ask it once,
 * since in still water nothing changes on the way; day, reach and last turn home ask it step by step; the helm asks it
 * with the amps that it reads.
 *
 * @param model the boat
 * @param load W and A from the pack
 * @param from charge now, share of the whole; full where it is left out
 * @param until charge at which it ends; all of it where it is left out
 * @returns s; without end where nothing is drawn, 0 where the charge is below that already
 *
 * Source: t = (q₁ − q₀) E / P, E by usableAt().
 */
export function chargeLasts(model: Model, load: { power: number; current: number }, from = 1, until = 0): number {
  if (!(load.power > 0)) return Infinity
  const { usableShare } = CHEMISTRIES[model.project.design.pack.cell.chemistry]
  return (Math.max(0, from - until) * usableAt(model, load.current)) / usableShare / load.power
}

/**
 * Energy that the use asks for, against what the pack gives with the reserve kept back.
 *
 * @param model the boat
 * @param cruise the drive at cruising speed
 * @returns J
 */
export function energyBalance(model: Model, cruise: DriveTrain): EnergyBalance {
  const { duration, distance } = stretchOf(model.project.use)
  const usable = usableAt(model, cruise.packCurrent),
    reserve = usable * model.project.use.reserve
  return { needed: cruise.packPower * duration, available: usable - reserve, reserve, duration, distance }
}
