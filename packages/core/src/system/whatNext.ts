import type { Project } from '../project/definition/projectFields'
import { condition, READINGS } from '../trial'
import { measuredOf, priorAt } from './curve/measured'
import { isMeasured } from './curve/hullResistance'
import { modelOf } from './model'
import { operatingPoint } from './operatingPoint'
import { theoryResistance, type Doubt } from './curve/theoryResistance'

/** Something that an owner can find out, and what of the doubt at cruise it would leave. */
export interface NextStep {
  what: 'cruise' | 'top' | 'weight' | 'bottom' | 'form'
  /** σ of ln power at cruise afterwards */
  sigma: number
}

/** What there is to know about power at cruise, the best first. */
export interface WhatNext {
  /** σ of ln power at cruise today */
  sigma: number
  steps: NextStep[]
}

/** What is left of a doubt that an owner has looked into (common practice: a crane weighs to a few per cent). */
const LOOKED_INTO = 0.2
const LOOKED_AT = ['weight', 'bottom', 'form'] as const satisfies readonly Doubt[]

/**
 * What would narrow the power at cruise most: watts read both ways at cruise or at top, a weighing, a look at the
 * bottom, lines taken off.
 *
 * @param project the boat
 * @returns steps, the best first
 *
 * Source: variance k** − kᵀ (K + N)⁻¹ k with the reading added (handbook, one curve).
 */
export function whatNext(project: Project): WhatNext {
  const model = modelOf(project)
  const { cruiseSpeed, topSpeed } = project.use
  const { resistance } = operatingPoint(model, cruiseSpeed)
  const { margin } = resistance.doubts
  const { points, slowLosses } = isMeasured(model) ? measuredOf(project) : { points: [], slowLosses: 0 }
  const seen = points.map(p => ({ ...p.seen, noise: Math.sqrt(p.variance) }))
  const priorOf = (speed: number) => priorAt(model, speed, theoryResistance(model, speed).doubts, true, slowLosses)
  const atCruise = priorOf(cruiseSpeed)
  const read = (speed: number) => {
    const added = { ...priorOf(speed), away: 0, noise: READINGS.battery.noise }
    // the distance does not matter for what is left: those there are stand as they are
    return Math.hypot(condition([...seen.map(s => ({ ...s, away: 0 })), added]).at(atCruise).sigma, margin)
  }
  const steps: NextStep[] = [
    { what: 'cruise', sigma: read(cruiseSpeed) },
    ...(topSpeed > 1.1 * cruiseSpeed ? [{ what: 'top' as const, sigma: read(topSpeed) }] : []),
    ...LOOKED_AT.map(what => ({
      what,
      sigma: Math.sqrt(resistance.powerSigma ** 2 - (1 - LOOKED_INTO ** 2) * resistance.doubts[what] ** 2),
    })),
  ]
  return { sigma: resistance.powerSigma, steps: steps.sort((a, b) => a.sigma - b.sigma) }
}
