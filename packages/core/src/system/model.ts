import { packFigures, type PackFigures } from '../battery'
import { fitMotorLosses, LEG_EFFICIENCY, REDUCTION_EFFICIENCY, SHAFT_EFFICIENCY, type MotorFit } from '../drive'
import { type HullForm, type HullPropellerInteraction, hasLeg, type Appendage } from '../hull'
import type { Project } from '../project/projectFields'
import { afloat, type Afloat } from './afloat'
import { driveDoubt, spreadOf } from './plateDoubt'
import { seriesPropeller, waterjet, type Propulsor, type SeriesPropeller } from '../propulsor'
import {
  HULL_CONDITIONS,
  PAINT_ALLOWANCE,
  resistanceMethodOf,
  type PreparedResistance,
  type ResistanceMethod,
} from '../resistance'

/** One method prepared for the boat as given, and for her heaviest. */
export interface PreparedMethod {
  method: ResistanceMethod
  /** σ of the wave part that is added because of the kind of hull */
  doubt: number
  middle: PreparedResistance
  /** as heavy as she may be */
  heavy: PreparedResistance
}

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
}

const models = new WeakMap<Project, Model>()

/**
 * The boat made ready for any speed. Kept as long as the document object lives, since documents are never changed in
 * place.
 *
 * @param project the boat
 * @returns its model
 */
export function modelOf(project: Project): Model {
  let model = models.get(project)
  if (!model) models.set(project, (model = buildModel(project)))
  return model
}

function buildModel(project: Project): Model {
  const { design } = project
  const { boat, hullType, water, form, heavy } = afloat(project)
  const condition = HULL_CONDITIONS[project.use.hullCondition]
  const methods = hullType.methods.map(({ method: id, doubt }) => {
    const method = resistanceMethodOf(id)
    const prepare = (f: HullForm) =>
      method.prepare({
        form: f,
        water,
        frictionFactor: condition.factor,
        frictionAllowance: PAINT_ALLOWANCE,
      })
    const middle = prepare(form)
    return { method, doubt, middle, heavy: heavy === form ? middle : prepare(heavy) }
  })
  const geared = hasLeg(boat.drive.kind)
  const propeller = seriesPropeller(design.propeller, water.viscosity)
  return {
    project,
    boat,
    drives: boat.drive.count,
    hullType,
    water,
    form,
    heavy,
    methods,
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
