import { hasMetalHull } from '../hull'
import type { Project } from '../project'
import { modelOf, wiringReport } from '../system'

/** Ω to the hull before power, and for each V while it runs (common practice). */
export const INSULATION = 0.5e6
export const RUNNING = 100
export const PREFERRED = 500
/** V DC up to which an ohmmeter tells enough, and above which a tester puts 1,000 V on it (common practice). */
const LOW = 60,
  HIGH = 450

/** How the insulation of a boat is looked at: against what, and with what. */
export interface HullTest {
  /** what the poles must not touch, as a sentence names it */
  against: string
  by: string
}

/**
 * How the insulation is tested: against a metal hull, else against the metal that reaches the water, with a tester that
 * suits the volts.
 *
 * @param project the boat
 * @returns null where neither hull nor drive is of metal that could carry a current, and the volts are extra-low
 *
 * Source: common practice: 500 V testers up to 450 V of the pack, never into electronics; at extra-low volts an
 * ohmmeter.
 */
export function hullTest(project: Project): HullTest | null {
  const { kind } = project.boat.drive,
    volts = modelOf(project).pack.fullVoltage,
    metal = hasMetalHull(project.boat),
    shaft = kind === 'shaft' || kind === 'sailDrive' || kind === 'sternDrive' || kind === 'jet'
  if (!wiringReport(modelOf(project)).aboveTouch && !metal && !shaft) return null
  const drive = { shaft: 'shaft', sailDrive: 'leg', sternDrive: 'leg', jet: 'jet', outboard: 'leg', pod: 'pod' }[kind]
  return {
    against: metal ? `hull and ${drive}` : `${drive} and motor case`,
    by:
      volts <= LOW
        ? 'ohmmeter on its highest range, electronics unplugged'
        : `${volts > HIGH ? '1,000' : '500'} V tester, electronics unplugged`,
  }
}
