import { DAY } from '../constants'
import { getTimes } from 'suncalc'
import { restVoltage } from '../battery'
import { placeGiven, type Project } from '../project'
import {
  arrayLight,
  arrayPower,
  arraysOf,
  haurwitz,
  stringFaults,
  sunAngle,
  usualClearness,
  type SolarArray,
} from '../solar'
import { LEVER_CHARGE, modelOf } from '../system'

/** Share of a clear sky's light: clear days are never quite clear, grey ones keep a third (common practice, ± 20 %). */
const CLEAR = 0.95,
  GREY = 0.3
/** Between two moments at which the panels are asked, s. */
const STEP = 600
const DEGREES = 180 / Math.PI

/** When the sun is up on a day. */
export interface SunHours {
  /** s of the clock; null where the sun does not rise or set */
  sunrise: number | null
  sunset: number | null
  /** where it does neither: it stays up, or stays down */
  polar: 'day' | 'night' | null
}

/**
 * Whether it is dark.
 *
 * @param sun hours of the day
 * @param time of the clock, s; the next day goes on from 86,400
 * @returns true between sunset and sunrise, and all day where the sun does not rise
 * @example isDark({ sunrise: 21600, sunset: 64800, polar: null }, 70000) // true
 */
export function isDark({ sunrise, sunset, polar }: SunHours, time: number): boolean {
  if (polar) return polar === 'night'
  const up = (((time - sunrise!) % DAY) + DAY) % DAY
  return up > sunset! - sunrise!
}

/** Light and panels of a day, by its clock. */
export interface Daylight extends SunHours {
  /** UTC of its midnight, ms */
  midnight: number
  /** whether the owner said where she lies: else sunrise and sunset are those of a place that stands in */
  placed: boolean
  /** whether it is dark at a time of the clock, s */
  dark(time: number): boolean
  /** W into the pack, and W to the house, at a time of the clock, s; under way her heading is anyone's */
  drivePower(time: number, underWay?: boolean): number
  housePower(time: number, underWay?: boolean): number
}

/** Clock ahead of UTC, s: as given, else by the longitude in whole hours. */
export const zoneOf = ({ day, use }: Project): number =>
  day.zone ?? Math.round((use.place.longitude * DEGREES) / 15) * 3600

/**
 * The day's light at the berth: rise and set, and what each array gives at any time under the sky that is meant.
 *
 * @param project the boat and her day
 * @returns light of this day and the next
 *
 * Source: sun position by package; Haurwitz clear sky; arrayPower().
 */
export function daylight(project: Project): Daylight {
  const { day, design, use, boat } = project
  const midnight = Date.parse(`${day.date}T00:00:00Z`) - 1000 * zoneOf(project)
  const month = Number(day.date.slice(5, 7)) - 1,
    clearness = day.sky === 'clear' ? CLEAR : day.sky === 'grey' ? GREY : usualClearness(use.place.latitude, month)
  const { fullVoltage } = modelOf(project).pack
  const give = (arrays: readonly SolarArray[], packVoltage: number, underWay: boolean): number[] =>
    Array.from({ length: (2 * DAY) / STEP + 1 }, (_, i) => {
      const at = new Date(midnight + 1000 * i * STEP),
        angle = sunAngle(at, use.place),
        light = haurwitz(Math.sin(angle.altitude)) * clearness
      return light <= 0
        ? 0
        : arrays.reduce(
            (sum, array) =>
              sum +
              arrayPower(array, arrayLight(array, light, angle, dayOfYear(at), underWay), {
                packVoltage,
                air: boat.waterTemperature,
              }),
            0,
          )
    })
  const { fitted } = design.solar
  const drive = fitted ? arraysOf(design.solar, 'drive').filter(a => stringFaults(a, fullVoltage).length === 0) : [],
    house = fitted ? arraysOf(design.solar, 'house') : [],
    driveVolts = restVoltage(design.pack, LEVER_CHARGE)
  /** at rest, and under way where that differs */
  const both = (arrays: readonly SolarArray[], volts: number) => {
    if (arrays.length === 0) return { rest: [], way: [] }
    const rest = give(arrays, volts, false)
    return {
      rest,
      way: arrays.every(a => a.swings || (a.tilt === 0 && a.spars.length === 0)) ? rest : give(arrays, volts, true),
    }
  }
  const driven = both(drive, driveVolts),
    lived = both(house, HOUSE_VOLTS)
  const times = getTimes(
    new Date(midnight + (1000 * DAY) / 2),
    use.place.latitude * DEGREES,
    use.place.longitude * DEGREES,
  )
  const clock = (t: Date | null | undefined) =>
    t && Number.isFinite(t.getTime()) ? (t.getTime() - midnight) / 1000 : null
  const sunrise = clock(times.sunrise),
    sunset = clock(times.sunset),
    // at noon the sun stands above the horizon, or it does not rise that day
    noon = sunAngle(new Date(midnight + 1000 * noonOf(project)), use.place),
    polar = sunrise !== null && sunset !== null ? null : noon.altitude > 0 ? ('day' as const) : ('night' as const)
  return {
    midnight,
    sunrise,
    sunset,
    polar,
    placed: placeGiven(project),
    dark: time => isDark({ sunrise, sunset, polar }, time),
    drivePower: (time, underWay = false) => at(underWay ? driven.way : driven.rest, time),
    housePower: (time, underWay = false) => at(underWay ? lived.way : lived.rest, time),
  }
}

/** s of the clock at which the sun is highest, as near as a longitude tells it. */
const noonOf = (project: Project): number =>
  DAY / 2 + zoneOf(project) - (project.use.place.longitude * DEGREES * DAY) / 360

/** V of the house (common practice: a 12 V battery on charge). */
const HOUSE_VOLTS = 13

function at(row: readonly number[], time: number): number {
  if (row.length === 0) return 0
  const t = Math.max(0, time / STEP) % ((2 * DAY) / STEP),
    i = Math.floor(t)
  return row[i]! + ((row[i + 1] ?? row[i]!) - row[i]!) * (t - i)
}

const dayOfYear = (date: Date): number =>
  Math.floor((date.getTime() - Date.UTC(date.getUTCFullYear(), 0, 0)) / (1000 * DAY))
