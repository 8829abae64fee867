import { packFigures, type PackFigures } from '../battery'
import { fitMotorLosses, LEG_EFFICIENCY, REDUCTION_EFFICIENCY, SHAFT_EFFICIENCY, type MotorFit } from '../drive'
import { type HullPropellerInteraction, hasLeg, type Appendage } from '../hull'
import type { Project } from '../project/definition/projectFields'
import type { ChainRating } from './banks/chainRating'
import { afloat, type Afloat } from './afloat'
import { driveDoubt, spreadOf } from './curve/plateDoubt'
import { preparedMethods, type PreparedMethod } from './curve/preparedMethods'
import { seriesPropeller, waterjet, type Propulsor, type SeriesPropeller } from '../propulsor'
import { remember } from '../numeric'

/** Everything about a boat that does not depend on speed. Worked out once for a document. */
export interface Model extends Afloat {
  project: Project
  /** how many motors and propellers share the thrust; torque, turns and amps are those of each */
  drives: 1 | 2
  appendages: Appendage[]
  windage: number
  interaction: HullPropellerInteraction
  methods: PreparedMethod[]
  /** what pushes her: the jet of a jet boat, else the propeller */
  propulsor: Propulsor
  propeller: SeriesPropeller
  motor: MotorFit
  /** motor turns for one turn of the propeller */
  totalRatio: number
  /** from the motor's shaft to the propeller */
  transmission: number
  pack: PackFigures
  /** σ of ln of any power that drive and unknown plates leave */
  driveDoubt: number
  /** factor by which the pack's charge may be off either way; 1 where its plate is known */
  chargeSpread: number
  /** what stands between pack and controller, where it is that of another document: she with a bank gone, or her day */
  chain?: readonly ChainRating[]
}

const models = remember<Project, Model>('model')

/**
 * The boat made ready for any speed. Kept as long as the document object lives, since documents are never changed in
 * place.
 *
 * @param project the boat
 * @returns its model
 */
export function modelOf(project: Project): Model {
  return models(project, () => buildModel(project))
}

function buildModel(project: Project): Model {
  const { design } = project
  const atRest = afloat(project)
  const { boat, hullType, water, form } = atRest
  const geared = hasLeg(boat.drive.kind)
  const propeller = seriesPropeller(design.propeller, water.viscosity)
  return {
    project,
    ...atRest,
    drives: boat.drive.count,
    methods: preparedMethods(atRest, project.use.hullCondition),
    propeller,
    appendages: hullType.appendages(boat, form),
    windage: hullType.windage(boat),
    interaction: hullType.interaction(form, boat.drive.kind, boat.keel),
    propulsor: boat.drive.kind === 'jet' ? waterjet(design.jet) : propeller,
    motor: fitMotorLosses(design.motor),
    totalRatio: design.reduction.ratio * (geared ? boat.drive.legRatio : 1),
    transmission: REDUCTION_EFFICIENCY[design.reduction.kind] * (geared ? LEG_EFFICIENCY : SHAFT_EFFICIENCY),
    pack: packFigures(design.pack, design.banks),
    driveDoubt: driveDoubt(project),
    chargeSpread: spreadOf('cell', design.pack.cell, 'capacityAh'),
  }
}
