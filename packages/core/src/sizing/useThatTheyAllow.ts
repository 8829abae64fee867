import { KNOT } from '../constants'
import { hullTypeOf } from '../hull'
import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import type { LimitName } from '../system/banks/limitName'
import { limitShares } from '../system/banks/limits'
import { modelOf } from '../system/model'
import { operatingPoint } from '../system/operatingPoint'
import { summaryOf } from '../system/summary'

/** Cruise as a share of the speed that the drive holds: its power is then below four fifths, which is headroom. */
const EASY = 0.88
/** So much of what the parts hold is asked of them. */
const HELD = 0.98
/** So many times her usual top a boat may go, if the motor that he has carries it. */
const FASTER = { waveBound: 1.4, planes: 3 } as const
/** No method goes farther, m/s. */
const MOST = 28
/** Slower is no speed to steer by, m/s. */
const SLOWEST = 0.3
const HALVINGS = 14

/**
 * The use that what is held allows, where nobody asked for one: top is what the held parts carry for hours, cruise
 * leaves headroom, and hours are those of a charge with the reserve kept.
 *
 * @param project the boat, sized around what is held
 * @param usual what is usual of her kind: no more is asked than that, but top where she planes
 * @returns the boat with that use; the same one where neither motor nor pack is held
 */
export function useThatTheyAllow(project: Project, usual: Project['use']): Project {
  const { held } = project
  if (!held.motor && !held.pack) return project
  const faster = !held.motor ? 1 : hullTypeOf(project.boat.hullType).waveBound ? FASTER.waveBound : FASTER.planes
  const most = Math.min(faster * usual.topSpeed, MOST)
  const carried = speedThatTheyCarry(project, most)
  const cruiseSpeed = toTenth(Math.min(usual.cruiseSpeed, EASY * carried)),
    topSpeed = Math.max(cruiseSpeed, carried < most ? toTenth(HELD * carried) : most)
  const allowed = withEdits(project, [
    edit('use.cruiseSpeed', cruiseSpeed),
    edit('use.topSpeed', topSpeed),
    edit('use.distance', usual.duration * cruiseSpeed),
  ])
  if (!held.pack) return allowed
  const { distanceLeft } = summaryOf(allowed).cruise
  const hours = Math.max(
    0.1,
    Math.floor((10 * Math.min(usual.duration, (HELD * distanceLeft) / cruiseSpeed)) / 3600) / 10,
  )
  return withEdits(allowed, [edit('use.duration', hours * 3600), edit('use.distance', hours * 3600 * cruiseSpeed)])
}

const toTenth = (speed: number) => Math.max(0.5, Math.round((speed / KNOT) * 10) / 10) * KNOT

/** m/s at which the tightest held part is at its continuous rating; no more than is asked. */
function speedThatTheyCarry(project: Project, most: number): number {
  const { held } = project,
    model = modelOf(project)
  const counts = new Set<LimitName>([
    ...(held.motor ? (['motorTorque'] as const) : []),
    ...(held.controller ? (['batteryAmps', 'phaseAmps'] as const) : []),
    ...(held.pack ? (['packAmps', 'packPower'] as const) : []),
  ])
  // its propeller is made for top: what turns it needs beyond says nothing of one that will be made for more
  const turnsCount = (speed: number) => held.motor && (held.propeller || speed <= project.use.topSpeed)
  const holds = (speed: number) =>
    limitShares(model, operatingPoint(model, speed).drive).every(
      l => l.allDay <= 1 || !(l.name === 'voltage' || l.name === 'motorRpm' ? turnsCount(speed) : counts.has(l.name)),
    )
  if (holds(most)) return most
  let low = SLOWEST,
    high = most
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (holds(middle)) low = middle
    else high = middle
  }
  return low
}
