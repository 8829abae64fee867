import { CHEMISTRIES, restVoltage, type Chemistry } from '../battery'
import { controllerTemperature, rollback, temperaturesAfter, type MotorTemperatures } from '../drive'
import type { HouseUse, Leg, Project } from '../project'
import {
  chargeSetup,
  coldDrive,
  driveHeat,
  HOUSE_CONVERTER_EFFICIENCY,
  motorHeatAt,
  type DriveTrain,
  type LimitName,
} from '../system'
import { CRAWL, DayDrive, type Meets } from './dayDrive'
import { keptShare, packFlow } from './packFlow'
import { daylight, type Daylight } from './daylight'
import { along, overGround, streamAt, throughWater } from './stream'
import { windAt } from './wind'

/** Longest step, s; legs end exactly. */
const STEP = 60
/** A leg that makes no way is given up after so long, and a day after so many legs' time, s. */
const PATIENCE = 6 * 3600,
  LONGEST = 14 * 86_400
/** How often a search for a speed is made anew while nothing jumps, s. */
const AGAIN = 600
/** A drive that was too hot goes on once it is so much cooler, K. */
const COOLER = 5
/** On the reserve she goes at the cheapest speed, but no slower than this share of the one wanted: she must arrive. */
const SPARING = 0.5

/** The boat at a moment of her day. SI; time of the day's clock, s. */
export interface DayPoint {
  time: number
  leg: number
  /** m over ground along the leg, and from the berth to the north and east */
  along: number
  north: number
  east: number
  water: number
  ground: number
  /** stream with her, m/s */
  stream: number
  charge: number
  volts: number
  amps: number
  /** W of the drive and the house, and into the pack from panels, socket and towed propeller */
  drive: number
  house: number
  sun: number
  shore: number
  towed: number
  winding: number | null
  controller: number | null
}

/** What made her slower than was wanted, or stopped her. */
export interface Bite {
  why: 'volts' | 'amps' | 'power' | 'heat' | 'reserve' | 'stream' | 'empty'
  limit: LimitName | null
  leg: number
  from: number
  until: number
  /** slowest speed through the water meanwhile, m/s */
  slowest: number
}

/** A leg as it was run. J, m, s. */
export interface LegRun {
  departs: number
  arrives: number
  distance: number
  /** from the pack, less what went into it */
  energy: number
  drive: number
  charge: number
  /** means over its time */
  water: number
  ground: number
  stream: number
}

/** A day as it was run. */
export interface DayRun {
  points: DayPoint[]
  legs: LegRun[]
  bites: Bite[]
  /** J: drive and house took; sun, shore and the towed propeller gave; lost on the way into the cells */
  energy: { drive: number; house: number; sun: number; shore: number; towed: number; lost: number; stored: number }
  /** whether all legs were run */
  outcome: 'home' | 'stopped'
  distance: number
}

/** State of charge below which the reserve is used, and below which the cells are spared. */
export function chargeLevels(project: Project): { reserve: number; spared: number } {
  const { usableShare }: Chemistry = CHEMISTRIES[project.design.pack.cell.chemistry],
    spared = 1 - usableShare
  return { spared, reserve: spared + usableShare * project.use.reserve }
}

/** W of the house at a moment: the loads that run, else the mean of the use bench, and what the leg adds. */
export function housePower(project: Project, leg: Leg | null, dark: boolean): number {
  const { loads } = project.day,
    under = leg?.does === 'goes'
  const runs = ({ when }: HouseUse) =>
    when === 'always' ||
    (when === 'by night' && dark) ||
    (when === 'by day' && !dark) ||
    (when === 'under way' && under) ||
    (when === 'at rest' && !under)
  const base =
    loads.length === 0 ? project.use.houseLoad : loads.filter(runs).reduce((sum, l) => sum + l.power * l.share, 0)
  return base + (leg?.house ?? 0)
}

/** How a day is run, apart from what the document says. */
export interface DayStart {
  /** standard deviations above the expected power */
  z?: number
  /** other legs, another hour, charge or place */
  legs?: readonly Leg[]
  departs?: number
  charge?: number
  /** she stops when so much charge is left, without going slower at the reserve */
  until?: number
  /** longest step, s */
  step?: number
  /** kept between runs of the same day */
  light?: Daylight
  drive?: DayDrive
}

/**
 * Runs a day leg by leg: charge, volts, amps, temperatures, and what makes her slower.
 *
 * @param project the boat and her day
 * @param start what differs from the document
 * @returns every step of at most a minute; legs end exactly
 *
 * Source: Vg by the triangle of velocities; P = drive + house − sun; dq/dt = −P/E with E by Peukert; midpoint rule.
 */
export function simulateDay(project: Project, start: DayStart = {}): DayRun {
  const { day, design } = project
  const legs = start.legs ?? day.legs,
    drive = start.drive ?? new DayDrive(project, start.z ?? 0),
    light = start.light ?? daylight(project),
    { model } = drive
  const { pack } = model,
    kept = keptShare(model),
    levels = chargeLevels(project),
    longest = start.step ?? STEP,
    shore = chargeSetup(project),
    ways = driveHeat(model)
  const points: DayPoint[] = [],
    runs: LegRun[] = [],
    bites: Bite[] = [],
    energy = { drive: 0, house: 0, sun: 0, shore: 0, towed: 0, lost: 0, stored: 0 }
  let time = start.departs ?? day.departs,
    charge = start.charge ?? day.charge,
    north = 0,
    east = 0,
    winding: MotorTemperatures | null = ways && coldDrive(ways.path),
    controller: number | null = ways && ways.controller.ambient,
    hot = false,
    /** the generator, once it was started, runs until the charge at which it stops */
    generating = false
  const first = time
  let stopped = false

  const bite = (why: Bite['why'], limit: LimitName | null, leg: number, dt: number, slowest: number) => {
    const last = bites.at(-1)
    if (last && last.why === why && last.leg === leg && Math.abs(last.until - time) < 1) {
      last.until = time + dt
      last.slowest = Math.min(last.slowest, slowest)
    } else bites.push({ why, limit, leg, from: time, until: time + dt, slowest })
  }

  for (const [index, leg] of legs.entries()) {
    if (stopped) break
    const departs = time,
      stream = leg.stream > 0 ? day.streams[leg.stream - 1] : null,
      goes = leg.does === 'goes',
      byTime = !goes || leg.measure === 'time'
    let way = 0,
      used = 0,
      driven = 0,
      waterSum = 0,
      streamSum = 0,
      still = 0,
      /** a speed that was searched for, and when */
      kept_: { at: number; wanted: number; speed: number; why: Bite['why'] | null; limit: LimitName | null } | null =
        null
    const left = () => (byTime ? leg.duration - (time - departs) : leg.distance - way)
    const wantedAt = (at: number, meets: Meets): number => {
      if (!goes) return 0
      if (leg.by === 'power') return drive.byPower(leg.power, leg, meets)
      if (leg.by === 'ground') return throughWater(leg.speed, meets.stream, leg.course)
      if (leg.by === 'arrive' && !byTime) {
        const until = leg.arrive - at
        return until > 0 ? throughWater(left() / until, meets.stream, leg.course) : project.use.topSpeed
      }
      return leg.speed
    }
    /** the speed that is wanted, less what a limit takes */
    const speedAt = (at: number, meets: Meets, house: number) => {
      const searched = leg.by === 'power',
        fresh = kept_ && at - kept_.at < AGAIN && at >= kept_.at
      const wanted = searched && fresh ? kept_!.wanted : wantedAt(at, meets)
      if (fresh && Math.abs(kept_!.wanted - wanted) < 1e-3) return { ...kept_!, at: kept_!.at }
      let speed = wanted,
        why: Bite['why'] | null = null,
        limit: LimitName | null = null
      const slower = (to: number, reason: Bite['why'], name: LimitName | null) => {
        if (to >= speed - 1e-3) return
        speed = to
        why = reason
        limit = name
      }
      if (speed > 0) {
        const tight = drive.limit(drive.at(speed, leg, meets), 'minutes')
        if (tight.share > 1)
          slower(
            drive.withinRatings(speed, leg, meets, 'minutes'),
            tight.name === 'voltage' ? 'volts' : tight.name.endsWith('Amps') ? 'amps' : 'power',
            tight.name,
          )
        if (hot) slower(drive.withinRatings(speed, leg, meets, 'allDay'), 'heat', null)
        if (start.until === undefined && charge <= levels.reserve && !leg.plugged && !generating)
          slower(Math.max(SPARING * wanted, drive.cheapest(leg, meets, house)), 'reserve', null)
      }
      kept_ = { at, wanted, speed, why, limit }
      return kept_
    }
    while (left() > (byTime ? 1e-6 : 1e-4) && time - first < LONGEST) {
      const remaining = left()
      let dt = byTime ? Math.min(longest, remaining) : longest
      // what she meets in the middle of the step
      const measure = (step: number) => {
        const middle = time + step / 2
        const dark =
          light.sunrise !== null &&
          light.sunset !== null &&
          (middle % 86_400 < light.sunrise || middle % 86_400 > light.sunset)
        const meets: Meets = { stream: streamAt(stream, middle), wind: windAt(day.wind, middle), charge }
        const house = housePower(project, leg, dark)
        const aim = speedAt(middle, meets, house)
        // under sail alone the propeller may charge; with the motor it does not
        const sailsAlone = goes && leg.sailing > 0 && aim.wanted <= leg.sailing + 1e-9
        const towed = sailsAlone && leg.regenerates ? drive.towed(leg.sailing) : { power: 0, speedLost: 0 }
        const water = sailsAlone && leg.by === 'water' ? Math.max(0, leg.sailing - towed.speedLost) : aim.speed
        return {
          meets,
          house,
          aim,
          towed,
          water,
          ground: goes ? overGround(water, meets.stream, leg.course) : 0,
          middle,
          sailsAlone,
        }
      }
      let now = measure(dt)
      if (!byTime && now.ground > 0 && remaining / now.ground < dt) {
        dt = remaining / now.ground
        now = { ...now, middle: time + dt / 2 }
      }
      const { meets, aim, towed, water, middle } = now
      const ground = Math.max(byTime ? -Infinity : 0, now.ground)
      const train: DriveTrain = drive.at(now.sailsAlone ? 0 : water, leg, meets)
      const sun = light.drivePower(middle),
        house = Math.max(0, now.house - light.housePower(middle)) / HOUSE_CONVERTER_EFFICIENCY
      const taken = train.packPower + house,
        given = sun + towed.power
      const own = shore.supply?.kind === 'generator' && day.generatorStart > 0
      if (own) generating = charge <= day.generatorStart || (generating && charge < day.generatorStop)
      const chargers = leg.plugged || (own && generating) ? shore : null
      const {
        volts,
        amps,
        change,
        into,
        shore: shorePower,
      } = packFlow(model, { charge, taken, given, chargers, time: dt })
      if (aim.why && goes) bite(aim.why, aim.limit, index, dt, water)
      if (goes && !byTime && ground < CRAWL) {
        bite('stream', null, index, dt, water)
        still += dt
      }
      points.push({
        time,
        leg: index,
        along: way,
        north,
        east,
        water,
        ground,
        stream: goes ? along(meets.stream, leg.course).with : 0,
        charge,
        volts,
        amps,
        drive: train.packPower,
        house,
        sun,
        shore: shorePower,
        towed: towed.power,
        winding: winding?.winding ?? null,
        controller,
      })
      const before = charge
      charge = Math.min(1, charge + change * dt)
      const stored = (charge - before) * pack.energy
      // only what is used or stored is taken from the panels
      const taking = into > 0 || shorePower > 0 ? Math.max(0, taken + (into > 0 ? into / kept : 0) - shorePower) : given
      const share = given > 0 ? Math.min(1, taking / given) : 0
      energy.drive += train.packPower * dt
      energy.house += house * dt
      energy.sun += sun * share * dt
      energy.towed += towed.power * share * dt
      energy.shore += shorePower * dt
      energy.stored += stored
      energy.lost += (sun * share + towed.power * share + shorePower - taken) * dt - stored
      used -= stored
      driven += train.packPower * dt
      way += ground * dt
      north += ground * Math.cos(leg.course) * dt
      east += ground * Math.sin(leg.course) * dt
      waterSum += water * dt
      streamSum += (goes ? along(meets.stream, leg.course).with : 0) * dt
      if (ways && winding && controller !== null) {
        winding = temperaturesAfter(ways.path, motorHeatAt(model, train), winding, dt)
        controller = controllerTemperature(ways.controller, train.controllerLoss / model.drives, controller, dt)
        const tooHot = winding.winding >= ways.path.limit || rollback(ways.controller, controller) < 1
        const cool = winding.winding < ways.path.limit - COOLER && controller < ways.controller.from - COOLER
        if (tooHot !== hot && (tooHot || cool)) {
          hot = tooHot
          kept_ = null
        }
      }
      time += dt
      if (start.until !== undefined && charge <= start.until) {
        stopped = true
        break
      }
      if (charge <= levels.spared + 1e-9 && !leg.plugged && !generating && goes && train.packPower > 0) {
        bite('empty', null, index, 0, 0)
        stopped = true
        break
      }
      if (charge <= 0) {
        charge = 0
        if (goes) {
          stopped = true
          break
        }
      }
      if (still > PATIENCE) {
        stopped = true
        break
      }
    }
    const took = time - departs
    runs.push({
      departs,
      arrives: time,
      distance: way,
      energy: used,
      drive: driven,
      charge,
      water: took > 0 ? waterSum / took : 0,
      ground: took > 0 ? way / took : 0,
      stream: took > 0 ? streamSum / took : 0,
    })
  }
  const last = points.at(-1)
  points.push({
    ...(last ?? {
      leg: 0,
      along: 0,
      water: 0,
      ground: 0,
      stream: 0,
      volts: restVoltage(design.pack, charge),
      amps: 0,
      drive: 0,
      house: 0,
      sun: 0,
      shore: 0,
      towed: 0,
      winding: null,
      controller: null,
    }),
    time,
    north,
    east,
    charge,
    along: runs.at(-1)?.distance ?? 0,
  })
  return {
    points,
    legs: runs,
    bites,
    energy,
    outcome: stopped || runs.length < legs.length ? 'stopped' : 'home',
    distance: runs.reduce((sum, r) => sum + r.distance, 0),
  }
}
