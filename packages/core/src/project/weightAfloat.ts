import { designWeights } from './parts/designWeights'
import type { Project } from './definition/projectFields'

/** What a boat weighs with her new drive, kg, and what that is made of. */
export interface WeightAfloat {
  /** as typed */
  typed: number
  /** old engine, gearbox, exhaust and tank; 0 where they are not in what was typed */
  out: number
  /** motor, controller, reduction, jet, pack with box, charger, cables, what the yard lists; 0 where typed along */
  in: number
  mass: number
}

/** What goes out leaves so much of the typed weight at least: an engine heavier than that is mistyped. */
const LEAST_LEFT = 0.4

/**
 * Weight of a boat with her new drive: typed as she floated before, less what comes out, and what goes in.
 *
 * @param project the boat
 * @returns kg
 *
 * Source: handbook, one curve: new weight = typed − out + in.
 */
export function weightAfloat({ boat, design, yard }: Pick<Project, 'boat' | 'design' | 'yard'>): WeightAfloat {
  const typed = boat.mass
  if (boat.massHolds === 'after') return { typed, out: 0, in: 0, mass: typed }
  const sum = (way: 'out' | 'in') => yard.weights.filter(w => w.way === way).reduce((all, w) => all + w.mass, 0)
  // what is listed as going out stands in place of the one number on Boat
  const listed = yard.weights.some(w => w.way === 'out')
  const out = Math.min(listed ? sum('out') : boat.oldEngine.mass, (1 - LEAST_LEFT) * typed)
  const into = designWeights({ boat, design }).reduce((all, w) => all + w.mass, 0) + sum('in')
  return { typed, out, in: into, mass: typed - out + into }
}
