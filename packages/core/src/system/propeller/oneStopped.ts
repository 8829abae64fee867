import type { IdlePropeller } from '../../resistance'
import { IDLE_PROPELLERS } from '../../resistance'
import { edit, withEdits } from '../../project/definition/projectPath'
import type { Project } from '../../project/definition/projectFields'
import { modelOf } from '../model'
import { operatingPoint } from '../operatingPoint'
import { topSpeed } from '../topSpeed'

/** A boat of two drives with one of them stopped, or failed. m/s, m, W. */
export interface OneStopped {
  /** what the screw that does not drive does */
  still: IdlePropeller
  /** all day, and for minutes, on the other */
  allDaySpeed: number
  minutesSpeed: number
  /** at cruise, or at what is left of it: speed, watts from the pack, way on a full pack with the reserve kept */
  speed: number
  packPower: number
  distance: number
  /** of what she does with both at that speed: above 1 she goes farther on one */
  wayShare: number
  /** the boat on one drive */
  project: Project
}

/**
 * A boat with two drives on one: the other's screw stands, turns or is folded, and drags.
 *
 * @param project the boat
 * @returns one row for each state of the stopped screw; none with a single drive or a jet
 */
export function oneStopped(project: Project): OneStopped[] {
  const { boat, use } = project
  if (boat.drive.count !== 2 || boat.drive.kind === 'jet') return []
  // the stopped drive stays aboard: her weight does not change
  const afloat = modelOf(project).boat.mass
  return IDLE_PROPELLERS.map(still => {
    const single = withEdits(project, [
      edit('boat.mass', afloat),
      edit('boat.massHolds', 'after'),
      edit('boat.drive.count', 1),
      edit('boat.drive.still', still),
    ])
    const model = modelOf(single)
    const allDay = topSpeed(model, 'allDay'),
      minutes = topSpeed(model, 'minutes')
    const allDaySpeed = allDay.outcome === 'none' ? 0 : allDay.speed
    const speed = Math.min(use.cruiseSpeed, allDaySpeed)
    const on = operatingPoint(model, speed),
      both = operatingPoint(modelOf(project), speed)
    return {
      still,
      allDaySpeed,
      minutesSpeed: minutes.outcome === 'none' ? 0 : minutes.speed,
      speed,
      packPower: on.drive.packPower,
      distance: on.distanceLeft,
      project: single,
      wayShare: both.distanceLeft > 0 ? on.distanceLeft / both.distanceLeft : 0,
    }
  })
}
