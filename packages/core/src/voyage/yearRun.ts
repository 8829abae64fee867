import { quantileSorted, sort, sum } from 'd3-array'
import { randomLcg, randomNormal } from 'd3-random'
import { restVoltage } from '../battery'
import { chargeLevels, type Project } from '../project'
import {
  arrayLight,
  arrayPower,
  arraysOf,
  haurwitz,
  sparShade,
  stringFaults,
  sunAngle,
  usualClearness,
  type SolarArray,
} from '../solar'
import { HOUSE_CONVERTER_EFFICIENCY, LEVER_CHARGE, modelOf, operatingPoint, stretchOf } from '../system'
import { winter } from './winter'
import { remember } from '../numeric'

/** How a boat is used over the year. */
export const USE_PATTERNS = ['daySailor', 'weekends', 'weekAtAnchor', 'passage', 'commuter', 'hire'] as const
/** One of them. */
export type UsePattern = (typeof USE_PATTERNS)[number]

/** A month of a year as it was run. J; days. */
export interface YearMonth {
  sun: number
  drive: number
  house: number
  shore: number
  /** days of use, and days on which she had to plug in */
  used: number
  plugged: number
  /** least charge of the month */
  least: number
}

/** A year hour by hour. */
export interface YearRun {
  months: YearMonth[]
  /** J through the pack over its usable energy: full cycles of the year */
  cycles: number
}

/** Months of several years: a tenth are below low, a tenth above high. */
export interface YearSpread {
  years: number
  months: { sun: Spread; plugged: Spread; shore: Spread; used: number; house: number; drive: number }[]
  /** of whole years: a dull month and a bright one even out */
  year: { plugged: Spread; shore: Spread }
  cycles: number
}
/** 10, 50 and 90 per cent. */
export interface Spread {
  low: number
  middle: number
  high: number
}

const HOURS = 8760,
  DEGREES = 180 / Math.PI
/** Any year stands for every one. */
const YEAR = 2026
const MONTH_ENDS = [31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334, 365]
/** Shares of a clear sky for which the panels are asked; between them a day lies evenly. */
const SKIES = [0.15, 0.5, 0.95]
/** Spread of a day's share of a clear sky, and how much of yesterday's it keeps (common practice, from memory). */
const SPREAD = 0.22,
  KEPT = 0.4,
  DARKEST = 0.12,
  CLEAREST = 0.98
/** Share of the house that runs while nobody is aboard: BMS, bilge, alarm (common practice). */
const ALONE = 0.05
/** Energy that reaches the cells of what the shore gives, and of what the sun gives. */
const INTO = 0.97

interface Light {
  /** W into the pack by sky and hour of the year */
  drive: Float64Array[]
  house: Float64Array[]
}
const lights = remember<object, { key: string; light: Light | null }>('yearsLight')

/** W of the panels at every hour of the year under three skies; kept as long as the panels lie as they do. */
function lightOf(project: Project): Light {
  const { solar } = project.design,
    { place } = project.use,
    model = modelOf(project)
  const key = [place.latitude, place.longitude, project.boat.waterTemperature, model.pack.fullVoltage].join(' ')
  const known = lights(solar, () => ({ key, light: null }))
  if (known.light && known.key === key) return known.light
  const load = { packVoltage: restVoltage(project.design.pack, LEVER_CHARGE), air: project.boat.waterTemperature }
  const drive = solar.fitted
      ? arraysOf(solar, 'drive').filter(a => stringFaults(a, model.pack.fullVoltage).length === 0)
      : [],
    house = solar.fitted ? arraysOf(solar, 'house') : []
  const light: Light = {
    drive: SKIES.map(() => new Float64Array(HOURS)),
    house: SKIES.map(() => new Float64Array(HOURS)),
  }
  if (drive.length + house.length > 0) {
    // the clock of the place by the sun
    const start = Date.UTC(YEAR, 0, 1) - ((place.longitude * DEGREES) / 15) * 3_600_000
    for (let h = 0; h < HOURS; h++) {
      const angle = sunAngle(new Date(start + (h + 0.5) * 3_600_000), place),
        clear = haurwitz(Math.sin(angle.altitude))
      if (clear <= 0) continue
      const day = 1 + Math.floor(h / 24),
        shades = new Map([...drive, ...house].map(a => [a, sparShade(a, angle)]))
      SKIES.forEach((sky, s) => {
        const of = (arrays: readonly SolarArray[], packVoltage: number) =>
          arrays.reduce(
            (sum, a) =>
              sum +
              arrayPower(a, arrayLight(a, clear * sky, angle, day, false, shades.get(a)), { ...load, packVoltage }),
            0,
          )
        light.drive[s]![h] = of(drive, load.packVoltage)
        light.house[s]![h] = of(house, 13)
      })
    }
  }
  Object.assign(known, { key, light })
  return light
}

/** Share of a clear sky of each day: random about the month's mean, yesterday's weather kept in part. */
function skiesOf(project: Project, seed: number | null): Float64Array {
  const { latitude } = project.use.place,
    days = new Float64Array(365)
  const draw = seed === null ? () => 0 : randomNormal.source(randomLcg(seed))(0, 1)
  let away = 0
  for (let day = 0; day < 365; day++) {
    away = KEPT * away + Math.sqrt(1 - KEPT * KEPT) * draw()
    const mean = usualClearness(latitude, monthOf(day))
    days[day] = Math.min(CLEAREST, Math.max(DARKEST, mean + SPREAD * away))
  }
  return days
}

const monthOf = (day: number): number => MONTH_ENDS.findIndex(end => day < end)

/** Under way at an hour, and aboard: by the pattern of use. */
function hoursOf(pattern: UsePattern, day: number, season: { from: number; to: number }, stretch: number) {
  const month = monthOf(day),
    inSeason =
      season.from <= season.to
        ? month >= season.from && month <= season.to
        : month >= season.from || month <= season.to,
    weekday = day % 7,
    dayOfMonth = day - (month === 0 ? 0 : MONTH_ENDS[month - 1]!)
  const none = { from: 0, hours: 0, aboard: 0, berth: true }
  const outing = (from: number, hours: number, aboard: number, berth = true) => ({ from, hours, aboard, berth })
  switch (pattern) {
    case 'daySailor':
      return inSeason && weekday === 6 ? outing(10, stretch, stretch + 2) : none
    case 'weekends':
      return inSeason && weekday >= 5 ? outing(10, stretch, 24, weekday === 6) : none
    case 'weekAtAnchor':
      return inSeason && dayOfMonth < 7
        ? outing(11, dayOfMonth === 0 || dayOfMonth === 6 ? stretch : 0, 24, dayOfMonth === 6)
        : none
    case 'passage':
      return inSeason && dayOfMonth < 5 ? outing(6, Math.max(stretch, 10), 24, false) : none
    case 'commuter':
      return weekday < 5 ? outing(7, Math.min(stretch, 1), 2) : none
    case 'hire':
      return inSeason ? outing(10, Math.max(stretch, 4), 8) : none
  }
}

/**
 * Runs a year hour by hour: sun, house, use; where the charge would fall below the reserve she plugs in at her berth.
 *
 * @param project the boat
 * @param seed of the clouds; null for the mean of each month
 * @returns months and full cycles
 *
 * Source: panels as in solarYear, under random skies (AR(1) about the month's mean); energy at cruise.
 */
export function yearRun(project: Project, seed: number | null = null): YearRun {
  const { use } = project,
    model = modelOf(project),
    light = lightOf(project),
    skies = skiesOf(project, seed),
    { reserve, spared } = chargeLevels(project)
  const cruise = operatingPoint(model, use.cruiseSpeed).drive.packPower,
    house = use.houseLoad / HOUSE_CONVERTER_EFFICIENCY,
    drive = Math.max(0, cruise - house),
    { energy } = model.pack,
    stretch = Math.max(1, Math.round(stretchOf(use).duration / 3600)),
    season = { from: use.year.seasonFrom, to: use.year.seasonTo },
    cold = winter(project)
  const months: YearMonth[] = Array.from({ length: 12 }, () => ({
    sun: 0,
    drive: 0,
    house: 0,
    shore: 0,
    used: 0,
    plugged: 0,
    least: 1,
  }))
  let charge = 1,
    drawn = 0
  for (let day = 0; day < 365; day++) {
    const month = months[monthOf(day)]!,
      { capacity, charging, heating } = cold[monthOf(day)]!,
      holds = energy * capacity,
      at = hoursOf(use.year.pattern, day, season, stretch),
      sky = skies[day]!
    // which two skies it lies between
    const s = sky < SKIES[1]! ? 0 : 1,
      share = Math.min(1, Math.max(0, (sky - SKIES[s]!) / (SKIES[s + 1]! - SKIES[s]!)))
    if (at.aboard > 0) month.used++
    let short = false
    for (let hour = 0; hour < 24; hour++) {
      const h = day * 24 + hour
      // cells below their limit take nothing from the panels
      const given =
          charging === 'none' ? 0 : light.drive[s]![h]! + share * (light.drive[s + 1]![h]! - light.drive[s]![h]!),
        own = light.house[s]![h]! + share * (light.house[s + 1]![h]! - light.house[s]![h]!)
      const aboard = at.aboard >= 24 || (at.aboard > 0 && hour >= at.from && hour < at.from + at.aboard),
        runs = hour >= at.from && hour < at.from + at.hours
      const homely = Math.max(0, (aboard ? house + heating : house * ALONE) - own),
        driven = runs ? drive : 0
      const net = given - homely - driven
      // a full pack takes no more of the sun
      const before = charge
      charge = Math.min(1, charge + (3600 * (net > 0 ? INTO * net : net)) / holds)
      const taken = net > 0 ? Math.min(given, homely + driven + ((charge - before) * holds) / 3600 / INTO) : given
      month.sun += taken * 3600
      month.drive += driven * 3600
      month.house += homely * 3600
      if (net < 0) drawn += -net * 3600
      if (charge < month.least) month.least = Math.max(0, charge)
      if (charge < reserve) {
        short = true
        if (charge < spared) {
          // nothing is left: what is missing comes from a socket
          month.shore += (spared - charge) * holds
          charge = spared
        }
      }
    }
    // at her berth by night she plugs in, once the day has taken her below the reserve
    if (short) {
      month.plugged++
      if (at.berth) {
        month.shore += (1 - charge) * holds
        charge = 1
      }
    }
  }
  return { months, cycles: drawn / model.pack.usableEnergy }
}

/**
 * Several years with different clouds.
 *
 * @param project the boat
 * @param years how many
 * @param seed of the first
 * @returns 10, 50 and 90 per cent of each month; yields how far it is, 0 … 1
 */
export function* yearSpread(project: Project, years = 100, seed = 1): Generator<number, YearSpread> {
  const runs: YearRun[] = []
  for (let i = 0; i < years; i++) {
    runs.push(yearRun(project, seed + i))
    yield (i + 1) / years
  }
  const spread = (values: number[]): Spread => {
    const sorted = sort(values)
    return {
      low: quantileSorted(sorted, 0.1)!,
      middle: quantileSorted(sorted, 0.5)!,
      high: quantileSorted(sorted, 0.9)!,
    }
  }
  const of = (month: number, key: 'sun' | 'plugged' | 'shore') => spread(runs.map(r => r.months[month]![key])),
    ofYear = (key: 'plugged' | 'shore') => spread(runs.map(r => sum(r.months, m => m[key])))
  return {
    years,
    months: Array.from({ length: 12 }, (_, m) => ({
      sun: of(m, 'sun'),
      plugged: of(m, 'plugged'),
      shore: of(m, 'shore'),
      used: runs[0]!.months[m]!.used,
      house: runs[0]!.months[m]!.house,
      drive: runs[0]!.months[m]!.drive,
    })),
    year: { plugged: ofYear('plugged'), shore: ofYear('shore') },
    cycles: sum(runs, r => r.cycles) / runs.length,
  }
}

/** An hour of a typical day. W. */
export interface TypicalHour {
  hour: number
  clear: number
  mixed: number
  grey: number
  house: number
}

/**
 * The middle day of a month by hour, under a clear, a mixed and a grey sky.
 *
 * @param project the boat
 * @param month 0 is January
 * @returns twenty-four hours
 */
export function typicalDay(project: Project, month: number): TypicalHour[] {
  const light = lightOf(project),
    mean = usualClearness(project.use.place.latitude, month),
    day = (month === 0 ? 0 : MONTH_ENDS[month - 1]!) + 14
  const at = (sky: number, h: number) => {
    const s = sky < SKIES[1]! ? 0 : 1,
      share = Math.min(1, Math.max(0, (sky - SKIES[s]!) / (SKIES[s + 1]! - SKIES[s]!)))
    return light.drive[s]![h]! + share * (light.drive[s + 1]![h]! - light.drive[s]![h]!)
  }
  return Array.from({ length: 24 }, (_, hour) => ({
    hour,
    clear: at(SKIES[2]!, day * 24 + hour),
    mixed: at(mean, day * 24 + hour),
    grey: at(0.3, day * 24 + hour),
    house: project.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY,
  }))
}
