import { DEMO_BOATS, hiddenOf, SimulatedBoat } from '@remigo/core'

// Simulated boats that speak over the network, each for as long as somebody listens. Nothing is kept.

/** Boats at one time. */
export const MOST_BOATS = 16
const boats = new Map<string, SimulatedBoat>()

/**
 * Puts a boat on the water.
 *
 * @param id by which the lever finds her
 * @param boat short name of a demo boat
 * @param seed of what she hides
 * @param time s since 1970
 * @returns the boat; null when there is no such demo boat, or too many are out
 */
export function launch(id: string, boat: string, seed: number, time: number): SimulatedBoat | null {
  const project = DEMO_BOATS.find(b => b.id === boat)
  if (!project || (boats.size >= MOST_BOATS && !boats.has(id))) return null
  const made = new SimulatedBoat(project, hiddenOf(project, seed), { time, seed })
  made.steer(0.4 * made.most, 0)
  boats.set(id, made)
  return made
}
/** Takes her out. */
export const haul = (id: string): boolean => boats.delete(id)
/** The boat of a stream. */
export const afloat = (id: string): SimulatedBoat | undefined => boats.get(id)
