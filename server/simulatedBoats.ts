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
/** Takes her out, unless another has come under her name meanwhile. */
export const haul = (id: string, boat: SimulatedBoat): boolean => boats.get(id) === boat && boats.delete(id)
/** The boat of a stream. */
export const afloat = (id: string): SimulatedBoat | undefined => boats.get(id)

const streams = new Set<() => void>()
/** Remembers how a stream is closed; returns what forgets it. */
export function streaming(close: () => void): () => void {
  streams.add(close)
  return () => streams.delete(close)
}
/** Closes every stream, as the server stops. */
export const closeStreams = (): void => streams.forEach(close => close())
