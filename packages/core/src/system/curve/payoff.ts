import { GRAVITY, KNOT } from '../../constants'
import { hullSpeed } from '../../hull'
import { hullResistance, forCentre } from './hullResistance'
import { FINE_FROUDE } from './theoryResistance'
import type { Model } from '../model'

/** Where going faster stops paying. */
export interface Payoff {
  speed: number
  effectivePower: number
  reason: 'steep' | 'hullSpeed' | 'top'
}

/** Steepness at which going faster stops paying: a tenth of a knot for a tenth more power. */
const STEP = 0.1 * KNOT,
  COST = 1.1

/**
 * Speed beyond which each further tenth of a knot costs more than a tenth more power; hull speed where that never comes
 * sooner.
 * Looked for from Fn 0.25 up, since below it a tenth of a knot is itself a large share of the speed.
 * The steepness is that of the methods themselves, at the weights they have there: one that enters its range makes no
 * step.
 *
 * @param boat the boat
 * @returns speed in m/s and the effective power there, W
 */
export function payoffSpeed(boat: Model): Payoff {
  const model = forCentre(boat)
  const own = hullSpeed(model.form.lengthWaterline)
  // a slender or planing hull is not bound by its wave: there the wished top ends the search
  const end = model.hullType.waveBound ? own : Math.max(own, model.project.use.topSpeed)
  let v = FINE_FROUDE * Math.sqrt(GRAVITY * model.form.lengthWaterline)
  let here = hullResistance(model, v)
  while (v + STEP < end) {
    const next = hullResistance(model, v + STEP)
    let rise = 0
    here.methods.forEach((m, i) => {
      if (m.share > 0) rise += m.share * Math.log(next.methods[i]!.value / m.value)
    })
    if ((Math.exp(rise) * (v + STEP)) / v > COST) return { speed: v, effectivePower: here.centre * v, reason: 'steep' }
    v += STEP
    here = next
  }
  return {
    speed: end,
    effectivePower: hullResistance(model, end).centre * end,
    reason: end === own ? 'hullSpeed' : 'top',
  }
}
