import { voltageNeeded } from '../../drive'
import { SHIPPED_JETS } from '../../parts'
import { edit, withEdits } from '../../project/definition/projectPath'
import type { Project } from '../../project/definition/projectFields'
import { propellerOptimum, stockSize, type JetSpec } from '../../propulsor'
import { centreResistance } from '../curve/hullResistance'
import type { LimitName } from '../banks/limitName'
import { modelOf } from '../model'
import { operatingPoint } from '../operatingPoint'

/** A propeller pitch or a jet tried on this boat. */
export interface PusherChoice {
  /** the boat with it */
  project: Project
  fitted: boolean
  /** the rating that is used most at top, and how much of it */
  tightest: { name: LimitName; share: number }
  state: 'fits' | 'caution' | 'stop'
}

/** A stock pitch on this boat; its own, m. */
export interface PitchChoice extends PusherChoice {
  pitch: number
}

/** A jet of the library on this boat. */
export interface JetChoice extends PusherChoice {
  jet: JetSpec
}

/** Between the pitches shown, m (about an inch). */
const PITCH_STEP = 0.025

/**
 * The fitted pitch and the stock pitches around it, each tried on the boat.
 *
 * @param project the boat
 * @returns choices, fine to coarse; those outside 0.45 to 1.5 of the diameter are left out
 */
export function pitchChoices(project: Project): PitchChoice[] {
  const { diameter, pitch } = project.design.propeller
  const pitches = [-3, -2, -1, 0, 1, 2, 3].map(k => (k === 0 ? pitch : stockSize(pitch + k * PITCH_STEP)))
  return pitches
    .filter(p => p >= 0.45 * diameter && p <= 1.5 * diameter)
    .map(p => {
      const tried = p === pitch ? project : withEdits(project, [edit('design.propeller.pitch', p)])
      return { ...judged(tried), fitted: p === pitch, pitch: p }
    })
}

/** How a boat tried stands at the top speed wished. */
export function judged(project: Project): Omit<PusherChoice, 'fitted'> {
  const { tightest, holds } = operatingPoint(modelOf(project), project.use.topSpeed)
  return { project, tightest, state: holds === 'allDay' ? 'fits' : holds === 'minutes' ? 'caution' : 'stop' }
}

/**
 * The jets of a library, each tried on the boat.
 *
 * @param project a jet boat
 * @param jets to try
 * @returns choices in the library's order; one that does not go in the place measured is a stop
 */
export function jetChoices(project: Project, jets: readonly JetSpec[] = SHIPPED_JETS): JetChoice[] {
  return jets.map(jet => {
    const choice = judged(withEdits(project, [edit('design.jet', jet)]))
    return {
      ...choice,
      jet,
      fitted: jet.id === project.design.jet.id,
      state: jet.impellerDiameter > project.boat.drive.greatestDiameter + 0.0005 ? 'stop' : choice.state,
    }
  })
}

/**
 * The pitch of best efficiency at the top speed wished, for this diameter, area and reduction.
 *
 * @param project the boat
 * @returns pitch in m, rounded to 5 mm, and what decided it
 */
export function bestPitch(project: Project): { pitch: number; limitedBy: 'efficiency' | 'shaftSpeed' | 'series' } {
  const model = modelOf(project)
  const { design, use } = project
  const thrust = centreResistance(model, use.topSpeed) / (1 - model.interaction.thrustDeduction) / model.drives
  const limit = greatestShaftSpeed(project)
  const best = propellerOptimum(
    { thrust, advanceSpeed: use.topSpeed * (1 - model.interaction.wakeFraction), density: model.water.density },
    design.propeller.diameter,
    design.propeller.areaRatio,
    design.propeller.blades,
    limit,
  )
  return { pitch: stockSize(best.pitchRatio * design.propeller.diameter), limitedBy: best.limitedBy }
}

/** rev/s of the propeller that the motor reaches at its rated torque on the pack's nominal voltage. */
export function greatestShaftSpeed(project: Project): number {
  const model = modelOf(project)
  const { motor } = project.design
  if (model.motor.outcome !== 'fitted') return Infinity
  const { losses } = model.motor
  const torque = motor.ratedPower / ((motor.ratedRpm * 2 * Math.PI) / 60)
  const drop = voltageNeeded(losses, torque, 0)
  const omega = (model.pack.nominalVoltage - drop) / losses.torqueConstant
  return Math.min(motor.greatestRpm / 60, omega / (2 * Math.PI)) / model.totalRatio
}
