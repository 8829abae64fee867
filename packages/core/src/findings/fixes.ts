import { metresPerSecond } from '../units'
import { edit } from '../project/definition/projectPath'
import { KNOT } from '../constants'
import { COOLINGS, type ControllerSpec, type MotorSpec } from '../drive'
import { fittedCooling } from '../system/motor/driveHeat'
import type { Facts, Fix } from './finding'

/** What a fix looks at. */
type Designed = Pick<Facts, 'model' | 'allDaySpeed' | 'library'>

/** Half a tenth of a knot, downwards. */
function roundDown(speed: number): number {
  const step = KNOT / 20
  return Math.floor(speed / step) * step
}

/** Fixes that several rules offer. Each gives a list, empty where it cannot help. */

/**
 * Lower the top speed wished to what motor, controller and pack hold all day.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function lowerTopSpeed({ allDaySpeed, model }: Designed): Fix[] {
  if (allDaySpeed.outcome !== 'limited') return []
  const speed = roundDown(allDaySpeed.speed)
  if (speed < model.project.use.cruiseSpeed) return []
  return [
    {
      label: { text: 'Lower top to {speed}', params: { speed: metresPerSecond(speed) } },
      edits: [edit('use.topSpeed', speed)],
    },
  ]
}

/**
 * Lower cruise until the rating that bites first keeps the headroom; demand rises at least with the square of the
 * speed.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function lowerCruise({ allDaySpeed, model: { project } }: Designed): Fix[] {
  if (allDaySpeed.outcome !== 'limited') return []
  const { headroom, cruiseSpeed } = project.use
  const speed = roundDown(allDaySpeed.speed * Math.sqrt(1 - headroom))
  if (speed >= cruiseSpeed || speed < 0.2) return []
  return [
    {
      label: { text: 'Cruise at {speed}', params: { speed: metresPerSecond(speed) } },
      edits: [edit('use.cruiseSpeed', speed)],
    },
  ]
}

/**
 * More strings in parallel, unless the pack is held.
 *
 * @param facts of the boat
 * @param strings how many in all
 * @returns one fix, or none
 */
export function moreParallel({ model: { project } }: Designed, strings: number): Fix[] {
  if (project.held.pack) return []
  return [
    {
      label: { text: 'Pack of {n} in parallel', params: { n: String(strings) } },
      edits: [edit('design.pack.parallel', strings)],
    },
  ]
}

/**
 * The cheapest motor of the library that gives the power all day at this pack's voltage.
 *
 * @param facts of the boat
 * @param power W at the motor's shaft
 * @returns one fix, or none
 */
export function largerMotor({ library, model: { project, pack } }: Designed, power: number): Fix[] {
  if (project.held.motor) return []
  const fits = (m: MotorSpec) =>
    m.ratedPower >= power && m.leastVoltage <= pack.nominalVoltage && m.greatestVoltage >= pack.fullVoltage
  const found = library.motors.filter(fits).sort((a, b) => a.price - b.price)[0]
  if (!found || found.id === project.design.motor.id) return []
  return [{ label: { text: found.name }, edits: [edit('design.motor', found)] }]
}

/**
 * The cheapest controller of the library that suits the pack and these amps.
 *
 * @param facts of the boat
 * @param needs battery-side and motor-side amps all day
 * @returns one fix, or none
 */
export function otherController(
  { library, model: { project, pack } }: Designed,
  needs: { batteryCurrent: number; phaseCurrent: number },
): Fix[] {
  const fits = (c: ControllerSpec) =>
    c.greatestVoltage >= pack.fullVoltage &&
    c.leastVoltage <= 0.85 * pack.nominalVoltage &&
    c.batteryCurrent >= needs.batteryCurrent &&
    c.phaseCurrent >= needs.phaseCurrent
  const found = library.controllers
    .filter(c => c.id !== project.design.controller.id && fits(c))
    .sort((a, b) => a.price - b.price)[0]
  if (!found) return []
  return [{ label: { text: found.name }, edits: [edit('design.controller', found)] }]
}

/**
 * The next better cooling of the same motor.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function betterCooling({ model: { project } }: Designed): Fix[] {
  const better = COOLINGS[COOLINGS.indexOf(fittedCooling(project.design)) + 1]
  if (!better) return []
  return [
    {
      label: { text: better === 'closed loop' ? 'Closed water loop' : 'Raw water' },
      edits: [edit('design.cooling', better)],
    },
  ]
}

/**
 * Take the old gearbox out and turn the motor round for astern; a leg cannot do without its gears.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function withoutOldGears({
  model: {
    project: { boat },
  },
}: Designed): Fix[] {
  if (boat.drive.kind !== 'shaft') return []
  return [
    {
      label: { text: 'Take the old gears out' },
      edits: [
        edit('boat.drive.torqueLimit', null),
        edit('boat.drive.rpmLimit', null),
        edit('boat.drive.reverses', false),
        edit('boat.drive.astern', 'motor'),
      ],
    },
  ]
}

/** Size whatever is not held again. */
export const RESIZE: Fix = { label: { text: 'Size the rest again' }, edits: [], resize: true }
