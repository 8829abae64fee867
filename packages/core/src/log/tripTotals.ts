import { packFigures } from '../battery'
import { ENGINES } from '../oldEngine'
import type { Project, Trip } from '../project'
import { energyOf } from '../trial'

/** Sums over trips. SI. */
export interface TripTotals {
  trips: number
  distance: number
  time: number
  /** J out of the pack; trips without a reading of it are left out */
  used: number
  shore: number
  sun: number
  sail: number
  generator: number
  /** J/m over the trips of which both are known; null for none */
  perDistance: number | null
  /** hours that the engine would have run, s, and m³ that it would have burnt; null without an engine */
  engineTime: number
  fuel: number | null
}

/** J that a trip took, 0 where nobody knows. */
export const tripEnergy = ({ log, design }: Project, trip: Trip, packEnergy = plate(design)): number =>
  energyOf(trip, log.setups[trip.setup]?.packEnergy ?? packEnergy)?.energy ?? 0
const plate = ({ pack, banks }: Project['design']): number => packFigures(pack, banks).energy

/**
 * What trips come to.
 *
 * @param project the boat
 * @param trips some of her log, or all
 * @returns sums; the fuel by the old engine at the part of its power that these speeds take
 */
export function tripTotals(project: Project, trips: readonly Trip[] = project.log.trips): TripTotals {
  const sum = (read: (t: Trip) => number) => trips.reduce((s, t) => s + read(t), 0)
  const known = trips.filter(t => t.distance > 0 && tripEnergy(project, t) > 0)
  const used = sum(t => tripEnergy(project, t)),
    distance = sum(t => t.distance)
  const { oldEngine } = project.boat
  const way = known.reduce((s, t) => s + t.distance, 0)
  // the propeller took most of what the pack gave (common practice)
  const [least, most] = oldEngine.ratedPower > 0 ? ENGINES[oldEngine.kind].fuelPerJoule : [0, 0]
  return {
    trips: trips.length,
    distance,
    time: sum(t => t.time),
    used,
    shore: sum(t => t.shore),
    sun: sum(t => t.sun),
    sail: sum(t => t.sail),
    generator: sum(t => t.generator),
    perDistance: way > 0 ? known.reduce((s, t) => s + tripEnergy(project, t), 0) / way : null,
    engineTime: sum(t => t.engineSaved ?? t.time),
    fuel: most > 0 ? (FROM_PACK_TO_SHAFT * used * (least + most)) / 2 : null,
  }
}
const FROM_PACK_TO_SHAFT = 0.8

/** Sums of each month that has trips, as YYYY-MM. */
export function monthTotals(project: Project): { month: string; totals: TripTotals }[] {
  const months = [...new Set(project.log.trips.map(t => t.date.slice(0, 7)))].sort()
  return months.map(month => ({
    month,
    totals: tripTotals(
      project,
      project.log.trips.filter(t => t.date.slice(0, 7) === month),
    ),
  }))
}
