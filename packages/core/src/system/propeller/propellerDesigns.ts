import { REDUCTION_CHOICES, type ReductionSpec } from '../../drive'
import { findRoot } from '../../numeric'
import { edit, withEdits } from '../../project/definition/projectPath'
import type { Project } from '../../project/definition/projectFields'
import {
  B_SERIES_RANGE,
  kellerAddition,
  kellerAreaRatio,
  propellerOptimum,
  seriesPropeller,
  stockSize,
  type PropellerLoad,
} from '../../propulsor'
import { hasLeg } from '../../hull'
import { centreResistance } from '../curve/hullResistance'
import { modelOf } from '../model'
import { operatingPoint } from '../operatingPoint'
import { greatestShaftSpeed, judged, type PusherChoice } from './pusherChoices'

/** What a propeller is designed within: the turns of motor and reduction, the place that there is, or neither. */
export type DesignBasis = 'turns' | 'place' | 'free'

/** A propeller designed anew for the top speed wished, with the reduction that it asks for. */
export interface PropellerDesign extends PusherChoice {
  basis: DesignBasis
  diameter: number
  pitch: number
  reduction: ReductionSpec
  /** rev/s at top, and open-water efficiency at cruise */
  shaftSpeed: number
  efficiency: number
}

/**
 * Without limits a tenth more diameter should still gain this much efficiency (a choice: beyond it weight and draught
 * cost more).
 */
const WORTHWHILE = 0.01
/** The slowest gears that can be had. */
const GREATEST_RATIO = Math.max(...REDUCTION_CHOICES.map(r => r.ratio))
/** Diameters that are looked at, as shares of the place. */
const SHARES = [0.6, 0.65, 0.7, 0.75, 0.8, 0.85, 0.9, 0.95, 1]

/**
 * Propellers designed anew with the blades of the fitted one: for the turns that motor and reduction give, for the
 * place that there
 * is with whatever reduction suits, and free of both, which shows what the place and the gears cost.
 *
 * @param project a boat with a propeller
 * @returns designs in stock sizes; a basis on which the series has no answer is left out. A leg's gears cannot be
 *   chosen: there all keep its turns
 */
export function propellerDesigns(project: Project): PropellerDesign[] {
  const model = modelOf(project)
  const { boat, design, use } = project
  const { blades } = design.propeller
  const room = boat.drive.greatestDiameter,
    leg = hasLeg(boat.drive.kind)
  const load: PropellerLoad = {
    thrust: centreResistance(model, use.topSpeed) / (1 - model.interaction.thrustDeduction) / model.drives,
    advanceSpeed: use.topSpeed * (1 - model.interaction.wakeFraction),
    density: model.water.density,
  }
  const limit = greatestShaftSpeed(project)
  const areaFor = (diameter: number) => {
    const [least, most] = B_SERIES_RANGE.tested[blades] ?? [0.45, 0.8]
    return Math.min(
      most,
      Math.max(
        least,
        Math.ceil(
          20 *
            kellerAreaRatio(
              load.thrust,
              diameter,
              blades,
              boat.drive.shaftDepth,
              load.density,
              kellerAddition(project.design.propeller.kind),
            ),
        ) / 20,
      ),
    )
  }
  /** with the reduction that comes nearest to the turns wanted, and the pitch for the turns that it gives */
  const made = (
    basis: DesignBasis,
    diameter: number,
    wanted: { pitch: number; shaftSpeed: number },
  ): PropellerDesign => {
    const reduction =
      basis === 'turns' || leg
        ? design.reduction
        : nearestReduction((limit * design.reduction.ratio) / wanted.shaftSpeed)
    const turns = (limit * design.reduction.ratio) / reduction.ratio
    const settled =
      basis === 'turns' || leg || !Number.isFinite(turns)
        ? null
        : pitchForTurns(load, { ...design.propeller, diameter, areaRatio: areaFor(diameter) }, turns)
    const pitch = stockSize(settled?.pitch ?? wanted.pitch),
      shaftSpeed = settled ? turns : wanted.shaftSpeed
    const tried = withEdits(project, [
      edit('design.propeller', { ...design.propeller, diameter, pitch, areaRatio: areaFor(diameter) }),
      edit('design.reduction', reduction),
    ])
    return {
      ...judged(tried),
      basis,
      diameter,
      pitch,
      reduction,
      shaftSpeed,
      fitted: false,
      efficiency: operatingPoint(modelOf(tried), use.cruiseSpeed).drive.propellerEfficiency,
    }
  }
  const free = (diameter: number) => propellerOptimum(load, diameter, areaFor(diameter), blades, leg ? limit : Infinity)

  const designs: PropellerDesign[] = []
  if (Number.isFinite(limit)) {
    const able = SHARES.flatMap(share => {
      const diameter = stockSize(share * room, 'down'),
        found = pitchForTurns(load, { ...design.propeller, diameter, areaRatio: areaFor(diameter) }, limit)
      return found ? [{ diameter, ...found }] : []
    })
    const best = able.length ? able.reduce((a, b) => (b.efficiency > a.efficiency ? b : a)) : null
    if (best) designs.push(made('turns', best.diameter, { pitch: best.pitch, shaftSpeed: limit }))
  }
  const inPlace = stockSize(room, 'down'),
    placed = free(inPlace)
  designs.push(made('place', inPlace, { pitch: placed.pitchRatio * inPlace, shaftSpeed: placed.shaftSpeed }))
  if (!leg) {
    let diameter = inPlace,
      found = placed
    // each step a tenth larger, until one gains too little or no gears turn it so slowly; 12 steps are three times the
    // place
    for (let i = 0; i < 12; i++) {
      const larger = stockSize(1.1 * diameter),
        next = free(larger)
      if (
        next.efficiency - found.efficiency < WORTHWHILE ||
        (limit * design.reduction.ratio) / next.shaftSpeed > GREATEST_RATIO
      )
        break
      diameter = larger
      found = next
    }
    if (diameter > inPlace)
      designs.push(made('free', diameter, { pitch: found.pitchRatio * diameter, shaftSpeed: found.shaftSpeed }))
  }
  return designs
}

/**
 * The pitch with which a propeller of this diameter carries the load at these turns; null where the series has none.
 */
function pitchForTurns(
  load: PropellerLoad,
  propeller: Project['design']['propeller'],
  turns: number,
): { pitch: number; efficiency: number } | null {
  const at = (ratio: number) =>
    seriesPropeller({ ...propeller, pitch: ratio * propeller.diameter }).at(
      load.thrust,
      load.advanceSpeed,
      load.density,
    )
  const [least, most] = B_SERIES_RANGE.pitchRatio
  const root = findRoot(ratio => at(ratio).shaftSpeed - turns, least, most, 1e-3)
  return root.outcome === 'root' ? { pitch: root.x * propeller.diameter, efficiency: at(root.x).efficiency } : null
}

const nearestReduction = (ratio: number): ReductionSpec =>
  REDUCTION_CHOICES.reduce((a, b) =>
    Math.abs(Math.log(b.ratio / ratio)) < Math.abs(Math.log(a.ratio / ratio)) ? b : a,
  )
