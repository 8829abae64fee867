import { getPosition, getTimes } from 'suncalc'
import { usualClearness } from './cloud'
import { bestPower, cellTemperature, panelCurrent } from './panelCurve'
import type { EarthPlace, SolarArray } from './solarSpecs'
import { sparShade } from './sparShade'
import { haurwitz, onPanel, type SunAngle } from './sunlight'
import { rememberLast } from '../numeric'

/** The sun comes back to within 0.1 %: any year stands for every one. */
const YEAR = 2026
const HOUR = 3_600_000,
  DAY = 24 * HOUR
/** Lost in cables from panel to pack (common practice). */
export const SOLAR_WIRING_LOSS = 0.03
const DEGREES = 180 / Math.PI

/** A month: mean day. J, J/m², s, W. */
export interface SolarMonth {
  /** into the pack */
  perDay: number
  /** on a flat square metre, and the same under a clear sky */
  flat: number
  clear: number
  daylight: number
  /** into the pack at noon of a clear day in the middle of the month */
  noon: number
}

/** What the panels feed: V of the pack, K of the air. */
export interface SolarLoad {
  packVoltage: number
  air: number
}

/**
 * The sun's place in the sky.
 *
 * @param time instant
 * @param place rad
 * @returns rad
 */
export function sunAngle(time: Date, { latitude, longitude }: EarthPlace): SunAngle {
  const { altitude, azimuth } = getPosition(time, latitude * DEGREES, longitude * DEGREES)
  return { altitude: altitude / DEGREES, azimuth: azimuth / DEGREES }
}

/** How panels lie, and what stands near them. */
export type ArrayLie = Pick<
  SolarArray,
  'tilt' | 'heading' | 'swings' | 'spars' | 'bow' | 'panel' | 'series' | 'parallel'
>

/**
 * Light on the panels of a boat, mast and boom in its way.
 *
 * @param array panels, and how they lie
 * @param flat W/m² on a flat square metre
 * @param sun where it stands
 * @param day of the year
 * @param anyHeading under way: her heading is anyone's
 * @param shade share of the direct sun that spars take, where it is known already
 * @returns W/m²
 *
 * Source: onPanel(), sparShade().
 */
export function arrayLight(
  array: ArrayLie,
  flat: number,
  sun: SunAngle,
  day: number,
  anyHeading = false,
  shade = sparShade(array, sun, anyHeading),
): number {
  const heading = array.swings || anyHeading ? null : array.heading
  return onPanel(flat, sun, day, { tilt: array.tilt, heading }, shade)
}

/**
 * Power of the panels into the pack.
 *
 * @param array panels and what they feed through
 * @param sun W/m² on the panels
 * @param load V of the pack, K of the air
 * @returns W
 *
 * Source: plate × light × temperature, or the panel's own curve at the pack's volts where nothing follows its best
 * point.
 */
export function arrayPower(array: SolarArray, sun: number, { packVoltage, air }: SolarLoad): number {
  const { panel, series, parallel, controller, shading } = array
  const light = sun * (1 - shading),
    temperature = cellTemperature(air, light),
    kept = 1 - SOLAR_WIRING_LOSS
  if (!controller?.tracking) {
    const watts = parallel * panelCurrent(panel, packVoltage / series, light, temperature) * packVoltage * kept
    return controller ? Math.min(watts, controller.current * packVoltage) * controller.efficiency : watts
  }
  return Math.min(
    series * parallel * bestPower(panel, light, temperature) * kept * controller.efficiency,
    controller.current * packVoltage,
  )
}

/**
 * What panels give on a mean day of each month, from every hour of the year.
 *
 * @param array panels
 * @param place where she lies, rad
 * @param load what they feed
 * @returns twelve months
 *
 * Source: sun position by package; Haurwitz clear sky times the month's clearness; Erbs; isotropic sky.
 */
export function solarYear(array: SolarArray, place: EarthPlace, load: SolarLoad): SolarMonth[] {
  return Array.from({ length: 12 }, (_, month) => solarMonth(array, place, load, month))
}

/**
 * The same for one month.
 *
 * @param array panels
 * @param place where she lies, rad
 * @param load what they feed
 * @param month 0 is January
 * @returns its mean day
 */
export function solarMonth(array: SolarArray, place: EarthPlace, load: SolarLoad, month: number): SolarMonth {
  const { hours, clear, days, noon, daylight } = sunOfMonth(place, month)
  const clearDay = clear / days,
    clearness = array.sun ? (clearDay > 0 ? array.sun[month]! / clearDay : 0) : usualClearness(place.latitude, month)
  const given = (light: number, { angle, day }: SunHour) =>
    arrayPower(array, arrayLight(array, light, angle, day), load)
  return {
    perDay: array.fitted ? hours.reduce((sum, h) => sum + given(h.clear * clearness, h) * 3600, 0) / days : 0,
    flat: clearDay * clearness,
    clear: clearDay,
    daylight,
    noon: array.fitted ? given(noon.clear, noon) : 0,
  }
}

/** The sun at a moment: light of a clear sky on a flat square metre, W/m², where it stands, and the day of the year. */
interface SunHour {
  clear: number
  angle: SunAngle
  day: number
}
/** The sun over a month at a place: hours of light, J/m² of them all, days, noon and daylight, s, of the middle one. */
interface SunOfMonth {
  hours: SunHour[]
  clear: number
  days: number
  noon: SunHour
  daylight: number
}
/** Where the sun stands is the slow part, and the same for all panels of a place. */
const known = rememberLast<SunOfMonth>('sunOfMonth')

const sunOfMonth = (place: EarthPlace, month: number): SunOfMonth =>
  known([place.latitude, place.longitude, month].join(' '), () => sunThrough(place, month))

function sunThrough(place: EarthPlace, month: number): SunOfMonth {
  const first = Date.UTC(YEAR, month, 1),
    days = (Date.UTC(YEAR, month + 1, 1) - first) / DAY
  const at = (time: number): SunHour => {
    const angle = sunAngle(new Date(time), place)
    return { clear: haurwitz(Math.sin(angle.altitude)), angle, day: dayOfYear(time) }
  }
  const hours = Array.from({ length: 24 * days }, (_, h) => at(first + (h + 0.5) * HOUR)).filter(h => h.clear > 0)
  const middle = first + 14.5 * DAY,
    times = getTimes(new Date(middle), place.latitude * DEGREES, place.longitude * DEGREES)
  return {
    hours,
    clear: hours.reduce((sum, h) => sum + h.clear * 3600, 0),
    days,
    noon: { ...at(times.solarNoon.getTime()), day: dayOfYear(middle) },
    daylight: times.alwaysUp
      ? 86_400
      : times.alwaysDown || !times.sunrise || !times.sunset
        ? 0
        : (times.sunset.getTime() - times.sunrise.getTime()) / 1000,
  }
}

/** A moment of a day: s from its beginning by the sun, W/m² on the panels. */
export interface DayLight {
  time: number
  light: number
}

/**
 * Light on the panels through the mean day in the middle of a month, by the sun's own time.
 *
 * @param array panels; only how they lie, and the month's own light, are read
 * @param place where she lies, rad
 * @param month 0 is January
 * @param step s
 * @returns a moment in the middle of each step, the dark ones too
 */
export function dayOfLight(
  array: ArrayLie & Pick<SolarArray, 'sun'>,
  place: EarthPlace,
  month: number,
  step: number,
): DayLight[] {
  const middle = sunMidnight(place, month)
  const moments = Array.from({ length: Math.round(86_400 / step) }, (_, i) => (i + 0.5) * step)
  const clear = moments.map(time => {
    const angle = sunAngle(new Date(middle + 1000 * time), place)
    return { time, angle, light: haurwitz(Math.sin(angle.altitude)) }
  })
  const whole = clear.reduce((sum, m) => sum + Math.max(0, m.light) * step, 0)
  const clearness = array.sun ? (whole > 0 ? array.sun[month]! / whole : 0) : usualClearness(place.latitude, month)
  return clear.map(({ time, angle, light }) => ({
    time,
    light: light > 0 ? arrayLight(array, light * clearness, angle, dayOfYear(middle + 1000 * time)) : 0,
  }))
}

/** What mast and boom take at an hour of a day. s of the local sun's day, share of the direct sun. */
export interface ShadeHour {
  time: number
  lost: number
}

/** What mast and boom take in a month. */
export interface ShadeOfMonth {
  /** of its middle day, while the sun is up */
  hours: ShadeHour[]
  /** of what the panels would give over the month without them */
  lost: number
}

/**
 * What mast and boom take from the panels, by the hour of a day and over a month.
 *
 * @param array panels
 * @param place where she lies, rad
 * @param load what they feed
 * @param month 0 is January
 * @returns shares, 0 … 1
 *
 * Source: sparShade().
 */
export function shadeOfMonth(array: SolarArray, place: EarthPlace, load: SolarLoad, month: number): ShadeOfMonth {
  const free = solarMonth({ ...array, fitted: true, spars: [] }, place, load, month).perDay
  const hours = Array.from({ length: 96 }, (_, i) => {
    const time = (i + 0.5) * 900,
      sun = sunAngle(new Date(sunMidnight(place, month) + 1000 * time), place)
    return { time, lost: sparShade(array, sun), up: sun.altitude > 0 }
  })
  return {
    hours: hours.filter(h => h.up).map(({ time, lost }) => ({ time, lost })),
    lost: free > 0 ? 1 - solarMonth({ ...array, fitted: true }, place, load, month).perDay / free : 0,
  }
}

/** Midnight by the sun in the middle of a month, ms UTC. */
const sunMidnight = (place: EarthPlace, month: number) =>
  Date.UTC(YEAR, month, 15, 12) - (place.longitude * DEGREES * HOUR) / 15 - DAY / 2

const dayOfYear = (t: number) => Math.floor((t - Date.UTC(YEAR, 0, 1)) / DAY) + 1
