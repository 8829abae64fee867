import type { Project } from '../../project/definition/projectFields'
import { bestPower, cellTemperature, dayOfLight, SOLAR_WIRING_LOSS } from '../../solar'
import { boatSolarMonth, paceOf } from './solarReport'

/** An hour of a day on panels alone. s of the local sun's day, W/m² on the panels, W to the controller, m/s. */
export interface SunHour {
  time: number
  light: number
  power: number
  speed: number
}

/** A mean day of a month without a battery. m, and shares lost. */
export interface SunDirect {
  hours: SunHour[]
  /** s under way */
  underWay: number
  distance: number
  /** the same day's light through a small battery, at one speed from sunrise to sunset */
  throughBattery: number
  /** 1 − the one over the other */
  lostWithoutBattery: number
  /** with one panel in shade: its string without it, and without bypass diodes the whole string */
  shaded: number
  shadedWithoutDiodes: number
}

/** Of what goes into a battery, so much comes out (lithium with its cables, common practice). */
const BATTERY_KEEPS = 0.95
/** s between two lights of the day. */
const STEP = 600

/**
 * A boat driven straight from its panels: each moment as fast as their best power carries, stopped when it is dark. The
 * house is off. A controller that keeps the panels at their best point is taken; without one they give less.
 *
 * @param project a boat with panels
 * @param month 0 is January
 * @param step s between two lights
 * @returns the day by the hour, its way, and what a small battery would add
 *
 * Source: hour by hour, plate × light × temperature; power grows faster than speed, so that an even pace goes farther.
 */
export function sunDirect(project: Project, month: number, step = STEP): SunDirect {
  const {
    design: { solar },
    use,
    boat,
  } = project
  const quiet: Project = { ...project, use: { ...use, houseLoad: 0 } }
  const all = solar.series * solar.parallel
  const lights = dayOfLight(solar, use.place, month, step)
  const powerOf = (light: number, panels: number) => {
    const seen = light * (1 - solar.shading)
    return panels * bestPower(solar.panel, seen, cellTemperature(boat.waterTemperature, seen)) * (1 - SOLAR_WIRING_LOSS)
  }
  const day = (panels: number) =>
    lights.map(({ time, light }): SunHour => {
      const power = powerOf(light, panels)
      return { time, light, power, speed: paceOf(quiet, power) }
    })
  const way = (hours: readonly SunHour[]) => hours.reduce((sum, h) => sum + h.speed * step, 0)
  const hours = day(all),
    distance = way(hours)
  const energy = hours.reduce((sum, h) => sum + h.power * step, 0)
  const daylight = boatSolarMonth(project, month).daylight
  const throughBattery = daylight > 0 ? paceOf(quiet, (BATTERY_KEEPS * energy) / daylight) * daylight : 0
  return {
    hours,
    underWay: hours.filter(h => h.speed > 0).length * step,
    distance,
    throughBattery,
    lostWithoutBattery: throughBattery > 0 ? 1 - distance / throughBattery : 0,
    shaded: way(day(all - 1)),
    shadedWithoutDiodes: way(day(all - solar.series)),
  }
}
