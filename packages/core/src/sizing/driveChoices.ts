import { REDUCTION_EFFICIENCY, REDUCTION_MASS, REDUCTION_PRICE, type ReductionSpec } from '../drive'
import { isOwn, SHIPPED_LIBRARY, type Library } from '../parts'
import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import {
  kellerAddition,
  kellerAreaRatio,
  propellerOptimum,
  B_SERIES_RANGE,
  stockSize,
  wheelOf,
  type StockPropeller,
} from '../propulsor'
import { centreResistance } from '../system/curve/hullResistance'
import { modelOf } from '../system/model'
import { operatingPoint } from '../system/operatingPoint'
import { greatestShaftSpeed, judged, type PusherChoice } from '../system/propeller/pusherChoices'
import { driveCandidates } from './driveCandidates'

/** A propeller for this boat, beside the fitted one. */
export interface PropellerChoice extends PusherChoice {
  /** of the library; null where it is a size that Remigo works out */
  name: string | null
  blades: number
  diameter: number
  pitch: number
  areaRatio: number
  efficiency: number
}

/** Propellers of the library that are shown beside those worked out. */
const OF_LIBRARY = 5

/**
 * The fitted propeller, the best of two to five blades in the place there is, the best nine tenths as large, and of
 * the library the owner's own and the best.
 *
 * @param project a boat with a propeller
 * @param library its propellers of the fitted kind, as far as they go in the place, are tried
 * @returns choices, the fitted one first; those that the motor cannot turn fast enough are left out
 */
export function propellerChoices(project: Project, library: Library = SHIPPED_LIBRARY): PropellerChoice[] {
  const { design, boat, use } = project
  const model = modelOf(project)
  const thrust = centreResistance(model, use.topSpeed) / (1 - model.interaction.thrustDeduction) / model.drives
  const load = {
    thrust,
    advanceSpeed: use.topSpeed * (1 - model.interaction.wakeFraction),
    density: model.water.density,
  }
  const limit = greatestShaftSpeed(project)
  const best = (blades: number, wanted: number): PropellerChoice | null => {
    const diameter = stockSize(wanted, 'down')
    const [least, most] = B_SERIES_RANGE.tested[blades]!
    const areaRatio = Math.min(
      most,
      Math.max(
        least,
        Math.ceil(
          20 *
            kellerAreaRatio(
              thrust,
              diameter,
              blades,
              boat.drive.shaftDepth,
              model.water.density,
              kellerAddition(design.propeller.kind),
            ),
        ) / 20,
      ),
    )
    const found = propellerOptimum(load, diameter, areaRatio, blades, limit)
    if (found.shaftSpeed > 1.01 * limit) return null
    return choice({ diameter, pitch: stockSize(found.pitchRatio * diameter), areaRatio, blades })
  }
  const choice = (propeller: Partial<Project['design']['propeller']>, name: string | null = null): PropellerChoice => {
    const tried = withEdits(project, [edit('design.propeller', { ...design.propeller, ...propeller })])
    const { diameter, pitch, areaRatio, blades } = tried.design.propeller
    return {
      ...judged(tried),
      name,
      diameter,
      pitch,
      areaRatio,
      blades,
      fitted: false,
      efficiency: operatingPoint(modelOf(tried), use.cruiseSpeed).drive.propellerEfficiency,
    }
  }
  const room = boat.drive.greatestDiameter
  const { diameter, pitch, areaRatio, blades } = design.propeller
  return [
    { ...choice({ diameter, pitch, areaRatio, blades }), fitted: true },
    ...[best(2, room), best(3, room), best(4, room), best(5, room), best(3, 0.9 * room)].filter(c => c !== null),
    ...stockPropellers(project, library)
      .map(stock => ({ own: isOwn(stock), ...choice({ ...wheelOf(stock), efficiencyFactor: null }, stock.name) }))
      .filter(c => c.own || c.state !== 'stop')
      .sort((a, b) => Number(b.own) - Number(a.own) || b.efficiency - a.efficiency)
      .slice(0, OF_LIBRARY),
  ]
}

/** Propellers of a library of the fitted kind that go in the place. */
const stockPropellers = ({ boat, design }: Project, library: Library): StockPropeller[] =>
  library.propellers.filter(p => p.kind === design.propeller.kind && p.diameter <= boat.drive.greatestDiameter + 1e-6)

/** A way to bring the motor's turns to the propeller's, with its best propeller. €, kg, and W lost in it at cruise. */
export interface ReductionChoice {
  project: Project
  reduction: ReductionSpec
  fitted: boolean
  price: number
  mass: number
  loss: number
  noise: 'quiet' | 'hum' | 'whine'
  holds: boolean
}

const NOISE = { direct: 'quiet', belt: 'hum', gear: 'whine' } as const

/**
 * Direct drive, the best belt and the best gear for the fitted motor, each with the propeller that suits it.
 *
 * @param project the boat
 * @returns at most three, each the one that wastes least at cruise of those that hold, else the nearest to holding
 */
export function reductionChoices(project: Project): ReductionChoice[] {
  const { design } = project
  const asked = withEdits(project, [edit('held.motor', true), edit('held.reduction', false)])
  const all = driveCandidates(modelOf(asked), SHIPPED_LIBRARY)
  return (['direct', 'belt', 'gear'] as const).flatMap(kind => {
    const of = all.filter(c => c.reduction.kind === kind)
    if (of.length === 0) return []
    const able = of.filter(c => c.excess <= 1)
    const best = able.length
      ? able.reduce((a, b) => (b.cruisePower < a.cruisePower ? b : a))
      : of.reduce((a, b) => (b.excess < a.excess ? b : a))
    const tried = withEdits(project, [
      edit('design.reduction', best.reduction),
      edit('design.propeller', best.propeller),
      edit('design.jet', best.jet),
    ])
    return [
      {
        project: tried,
        mass: REDUCTION_MASS[kind],
        loss:
          operatingPoint(modelOf(tried), project.use.cruiseSpeed).drive.shaftPower * (1 - REDUCTION_EFFICIENCY[kind]),
        reduction: best.reduction,
        fitted: best.reduction.kind === design.reduction.kind && best.reduction.ratio === design.reduction.ratio,
        price: REDUCTION_PRICE[kind],
        noise: NOISE[kind],
        holds: best.excess <= 1,
      },
    ]
  })
}
