import { DAY } from '../../constants'
import { restVoltage } from '../../battery'
import { findRoot, remember } from '../../numeric'
import type { Project } from '../../project/definition/projectFields'
import {
  arraysOf,
  solarMonth,
  solarYear,
  stringFaults,
  type SolarArray,
  type SolarLoad,
  type SolarMonth,
} from '../../solar'
import { HOUSE_CONVERTER_EFFICIENCY, LEVER_CHARGE } from '../driveTrain'
import { modelOf } from '../model'
import { operatingPoint } from '../operatingPoint'

/** A month with what the sun alone does for the boat. m/s, s. */
export interface SunMonth extends SolarMonth {
  /**
   * speed that the mean day's sun carries from its rise to its set, the house paid for the whole day; 0 when the house
   * takes it all
   */
  dayPace: number
  /** the same for the clear noon of the month */
  noonPace: number
  /** days to put back what one outing takes; null when it never does */
  refillDays: number | null
}

/** A boat's sun over the year. */
export interface SolarReport {
  months: SunMonth[]
  /** J over the whole year, and the same if the panels ran at their best points all the time */
  year: number
  /**
   * share of the year that a direct connection or a plain switch loses against one that follows the best point; 0 with
   * one that does
   */
  lostWithoutTracking: number
  /** W of all panels as printed */
  power: number
}

const reports = remember<Project, SolarReport>('solarReport')

/** Months as they are asked for, kept with the panels for as long as nothing else of them changes. */
function keptMonths<T>() {
  const kept = remember<SolarArray, { key: string; months: (T | undefined)[] }>('panelMonths')
  return (solar: SolarArray, key: string, month: number, work: () => T): T => {
    const known = kept(solar, () => ({ key, months: [] }))
    if (known.key !== key) Object.assign(known, { key, months: [] })
    return (known.months[month] ??= work())
  }
}
const boatMonths = keptMonths<SolarMonth>(),
  houseMonths = keptMonths<number>(),
  freeMonths = keptMonths<SolarMonth>()
const MONTHS = Array.from({ length: 12 }, (_, month) => month)

/**
 * Mean day of a month for a boat's panels, worked out once for the same panels, place, volts and air.
 *
 * @param project the boat
 * @param month 0 is January
 * @returns what they give
 */
export function boatSolarMonth(project: Project, month: number): SolarMonth {
  const {
    design: { solar },
    use: { place },
  } = project
  const load = solarLoad(project),
    { fullVoltage } = modelOf(project).pack
  const key = [place.latitude, place.longitude, load.packVoltage, load.air, fullVoltage].join(' ')
  return boatMonths(solar, key, month, () => {
    const [first, ...others] = arraysOf(solar, 'drive').map(array => {
      const light = solarMonth(array, place, load, month)
      // panels whose volts do not suit put nothing into the pack: the finding says so
      return stringFaults(array, fullVoltage).length === 0 ? light : { ...light, perDay: 0, noon: 0 }
    })
    return {
      ...first!,
      perDay: first!.perDay + others.reduce((sum, other) => sum + other.perDay, 0),
      noon: first!.noon + others.reduce((sum, other) => sum + other.noon, 0),
    }
  })
}

/**
 * The same of each month.
 *
 * @param project the boat
 * @returns twelve months
 */
export const boatSolarYear = (project: Project): SolarMonth[] => MONTHS.map(month => boatSolarMonth(project, month))

/** Whether any panels have a mast or a boom near them. */
export const hasSpars = ({ design: { solar } }: Project): boolean =>
  solar.spars.length > 0 || solar.others.some(a => a.spars.length > 0)

/**
 * Mean day of a month as the panels would give it with no mast and no boom near them.
 *
 * @param project the boat
 * @param month 0 is January
 * @returns what they would give
 */
export function sunWithoutSpars(project: Project, month: number): SolarMonth {
  const { solar } = project.design
  if (!hasSpars(project)) return boatSolarMonth(project, month)
  const { latitude, longitude } = project.use.place,
    load = solarLoad(project)
  const key = [latitude, longitude, load.packVoltage, load.air, modelOf(project).pack.fullVoltage].join(' ')
  return freeMonths(solar, key, month, () => {
    const others = solar.others.map(a => ({ ...a, spars: [] }))
    return boatSolarMonth({ ...project, design: { ...project.design, solar: { ...solar, spars: [], others } } }, month)
  })
}

/** V of the house that panels of its own feed (common practice: a 12 V battery). */
const HOUSE_VOLTS = 13

/**
 * What panels of the house's own give it on a mean day of a month.
 *
 * @param project the boat
 * @param month 0 is January
 * @returns J; 0 without such panels
 */
export function houseSunOf(project: Project, month: number): number {
  const {
    design: { solar },
    use: { place },
  } = project
  const load = { packVoltage: HOUSE_VOLTS, air: project.boat.waterTemperature }
  return houseMonths(solar, [place.latitude, place.longitude, load.air].join(' '), month, () =>
    arraysOf(solar, 'house').reduce((sum, array) => sum + solarMonth(array, place, load, month).perDay, 0),
  )
}

/** The same of each month: twelve. */
export const houseSun = (project: Project): number[] => MONTHS.map(month => houseSunOf(project, month))

/** The air over the water is about as warm as the water. */
const solarLoad = ({ design, boat }: Project): SolarLoad => ({
  packVoltage: restVoltage(design.pack, LEVER_CHARGE),
  air: boat.waterTemperature,
})

/** Slowest pace that is looked for, m/s. */
const CRAWL = 0.15

/**
 * The sun's share in a boat: energy by month, speed that it carries, time to refill. Worked out once.
 *
 * @param project the boat
 * @returns twelve months and the year
 *
 * Source: solarYear(); pace where the pack's power equals what is left of the sun.
 */
export function solarReport(project: Project): SolarReport {
  return reports(project, () => worked(project))
}

function worked(project: Project): SolarReport {
  const {
    design: { solar },
    use,
  } = project
  const year = boatSolarYear(project),
    house = use.houseLoad / HOUSE_CONVERTER_EFFICIENCY
  const outing = modelOf(project),
    needed =
      operatingPoint(outing, use.cruiseSpeed).drive.packPower *
      (use.stretchKind === 'hours' ? use.duration : use.distance / use.cruiseSpeed)
  const ofItsOwn = solar.fitted ? houseSun(project) : year.map(() => 0)
  const months = year.map((month, i): SunMonth => {
    // what panels of its own give the house need not come out of the pack
    const spare = month.perDay - Math.max(0, house * DAY - ofItsOwn[i]!)
    return {
      ...month,
      dayPace: month.daylight > 0 ? paceOf(project, spare / month.daylight) : 0,
      noonPace: paceOf(project, month.noon - house),
      refillDays: spare > 0 ? needed / spare : null,
    }
  })
  const sum = year.reduce((total, month, i) => total + month.perDay * DAYS_OF_MONTH[i]!, 0)
  return {
    months,
    year: sum,
    lostWithoutTracking: lostWithoutTracking(project, sum),
    power: arraysOf(solar, 'drive').reduce((sum, a) => sum + a.series * a.parallel * a.panel.power, 0),
  }
}

/** Days of each month. */
export const DAYS_OF_MONTH = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/** Against a controller that follows the best point and is never too small. */
function lostWithoutTracking(project: Project, sum: number): number {
  const {
    design: { solar },
    use,
  } = project
  if (!solar.fitted || solar.controller?.tracking) return 0
  const tracked = solarYear(
    {
      ...solar,
      controller: {
        id: 'any',
        estimated: [],
        standIn: false,
        name: 'any',
        tracking: true,
        boosts: true,
        leastPanelVoltage: 1,
        greatestPanelVoltage: 1000,
        leastVoltage: 1,
        greatestVoltage: 1000,
        current: Infinity,
        efficiency: TRACKING_EFFICIENCY,
        listens: true,
        mass: 1,
        price: 0,
      },
    },
    use.place,
    solarLoad(project),
  )
  const best = tracked.reduce((total, month, i) => total + month.perDay * DAYS_OF_MONTH[i]!, 0)
  return best > 0 ? 1 - sum / best : 0
}
/** Of a usual tracking controller (common practice: 0.95 to 0.98). */
const TRACKING_EFFICIENCY = 0.97

/**
 * Speed that a power of the drive carries, the house already paid.
 *
 * @param project the boat
 * @param power W for the drive; 0 or less gives 0
 * @returns m/s, at most the greatest that is worth a sum
 */
export function paceOf(project: Project, power: number): number {
  const model = modelOf(project),
    house = project.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY
  const spare = (speed: number) => operatingPoint(model, speed).drive.packPower - house - power
  if (power <= 0 || spare(CRAWL) >= 0) return 0
  const root = findRoot(spare, CRAWL, Math.max(project.use.topSpeed, 2 * CRAWL), 1e-3)
  return root.outcome === 'root' ? root.x : project.use.topSpeed
}
