import { DAY } from '../constants'
import { restVoltage, type ChargeSetup } from '../battery'
import { controllerTemperature, rollback, temperaturesAfter, type MotorTemperatures } from '../drive'
import { chargeLevels, type HouseUse, type Leg, type Project } from '../project'
import {
  chargeSetup,
  coldDrive,
  driveHeat,
  HOUSE_CONVERTER_EFFICIENCY,
  motorHeatAt,
  type DriveHeat,
  type DriveTrain,
  type LimitName,
} from '../system'
import { CRAWL, DayDrive, type Meets } from './dayDrive'
import { LegSpeed, type BiteWhy } from './legSpeed'
import { keptShare, packFlow, type PackFlow } from './packFlow'
import { daylight, type Daylight } from './daylight'
import { along, overGround, streamAt } from './stream'
import { windAt } from './wind'
import { coldOfDay } from './winter'

/** Longest step, s; legs end exactly. */
const STEP = 60
/** A leg that makes no way is given up after so long, and a day after so many legs' time, s. */
const PATIENCE = 6 * 3600,
  LONGEST = 14 * DAY
/** A drive that was too hot goes on once it is so much cooler, K. */
const COOLER = 5

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
  why: BiteWhy
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
  /** from the chargers, on a socket or a generator */
  shore: number
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
export const simulateDay = (project: Project, start: DayStart = {}): DayRun => new DayRunner(project, start).run()

/** What a leg has come to while it is run. */
interface LegSums {
  index: number
  departs: number
  /** m, J, J */
  way: number
  used: number
  driven: number
  shore: number
  /** sums over time of the speed through the water and of the stream, m */
  water: number
  stream: number
  /** s without way */
  still: number
}

/** A step of a leg: what she meets in its middle, and what she does about it. */
interface Step {
  time: number
  middle: number
  meets: Meets
  house: number
  water: number
  ground: number
  towed: number
  train: DriveTrain
  why: BiteWhy | null
  limit: LimitName | null
}

/** What a step takes from the pack and gives to it, W. */
interface Flows {
  sun: number
  house: number
  taken: number
  flow: PackFlow
}

/** The boat while her day is run. */
class DayRunner {
  private readonly legs: readonly Leg[]
  private readonly drive: DayDrive
  private readonly light: Daylight
  private readonly levels: ReturnType<typeof chargeLevels>
  private readonly longest: number
  private readonly cold: ReturnType<typeof coldOfDay>
  private readonly shore: ChargeSetup
  private readonly ways: DriveHeat | null
  private readonly first: number
  private readonly points: DayPoint[] = []
  private readonly runs: LegRun[] = []
  private readonly bites: Bite[] = []
  private readonly energy: DayRun['energy'] = { drive: 0, house: 0, sun: 0, shore: 0, towed: 0, lost: 0, stored: 0 }
  private time: number
  private charge: number
  private north = 0
  private east = 0
  private winding: MotorTemperatures | null
  private controller: number | null
  private hot = false
  /** the generator, once it was started, runs until the charge at which it stops */
  private generating = false
  private stopped = false

  constructor(
    private readonly project: Project,
    private readonly start: DayStart,
  ) {
    const { day } = project
    this.legs = start.legs ?? day.legs
    this.drive = start.drive ?? new DayDrive(project, start.z ?? 0)
    this.light = start.light ?? daylight(project)
    this.levels = chargeLevels(project)
    this.longest = start.step ?? STEP
    this.cold = coldOfDay(project)
    // the day's own cold, not that of the coldest charge of the year
    this.shore = { ...chargeSetup(project), temperature: this.cold.air }
    this.ways = driveHeat(this.drive.model)
    this.first = this.time = start.departs ?? day.departs
    this.charge = start.charge ?? day.charge
    this.winding = this.ways && coldDrive(this.ways.path)
    this.controller = this.ways && this.ways.controller.ambient
  }

  run(): DayRun {
    for (const [index, leg] of this.legs.entries()) {
      if (this.stopped) break
      this.runLeg(leg, index)
    }
    this.points.push(this.lastPoint())
    return {
      points: this.points,
      legs: this.runs,
      bites: this.bites,
      energy: this.energy,
      outcome: this.stopped || this.runs.length < this.legs.length ? 'stopped' : 'home',
      distance: this.runs.reduce((sum, r) => sum + r.distance, 0),
    }
  }

  private runLeg(leg: Leg, index: number): void {
    const sums: LegSums = {
      index,
      departs: this.time,
      way: 0,
      used: 0,
      driven: 0,
      shore: 0,
      water: 0,
      stream: 0,
      still: 0,
    }
    const speed = new LegSpeed(this.project, this.drive, leg),
      byTime = leg.does !== 'goes' || leg.measure === 'time'
    const left = () => (byTime ? leg.duration - (this.time - sums.departs) : leg.distance - sums.way)
    while (!this.stopped && left() > (byTime ? 1e-6 : 1e-4) && this.time - this.first < LONGEST) {
      const remaining = left()
      let time = byTime ? Math.min(this.longest, remaining) : this.longest,
        step = this.measure(leg, speed, time, remaining)
      if (!byTime && step.ground > 0 && remaining / step.ground < time) {
        time = remaining / step.ground
        step = { ...step, time, middle: this.time + time / 2 }
      }
      if (!byTime) step.ground = Math.max(0, step.ground)
      const flows = this.flowsOf(leg, step),
        stops = this.stopsAfter(flows, time)
      if (stops !== null) step = { ...step, time: stops, middle: this.time + stops / 2 }
      this.take(leg, speed, sums, step, flows)
    }
    const took = this.time - sums.departs,
      mean = (sum: number) => (took > 0 ? sum / took : 0)
    this.runs.push({
      departs: sums.departs,
      arrives: this.time,
      distance: sums.way,
      energy: sums.used,
      drive: sums.driven,
      shore: sums.shore,
      charge: this.charge,
      water: mean(sums.water),
      ground: mean(sums.way),
      stream: mean(sums.stream),
    })
  }

  /** What she meets in the middle of a step, and the speed that she makes of it. */
  private measure(leg: Leg, speed: LegSpeed, time: number, left: number): Step {
    const { project, light } = this,
      { day } = project,
      middle = this.time + time / 2,
      goes = leg.does === 'goes',
      stream = leg.stream > 0 ? day.streams[leg.stream - 1] : null
    const dark = light.dark(middle)
    const meets: Meets = { stream: streamAt(stream, middle), wind: windAt(day.wind, middle), charge: this.charge },
      house = housePower(project, leg, dark)
    const sparing =
      this.start.until === undefined && this.charge <= this.levels.reserve && !leg.plugged && !this.generating
    const aim = speed.at({ time: middle, meets, house, left, hot: this.hot, sparing })
    // under sail alone the propeller may charge; with the motor it does not
    const sailsAlone = goes && leg.sailing > 0 && aim.wanted <= leg.sailing + 1e-9,
      towed = sailsAlone && leg.regenerates ? this.drive.towed(leg.sailing) : { power: 0, speedLost: 0 },
      water = sailsAlone && leg.by === 'water' ? Math.max(0, leg.sailing - towed.speedLost) : aim.speed
    return {
      time,
      middle,
      meets,
      house,
      water,
      ground: goes ? overGround(water, meets.stream, leg.course) : 0,
      towed: towed.power,
      train: this.drive.at(sailsAlone ? 0 : water, leg, meets),
      why: goes ? aim.why : null,
      limit: aim.limit,
    }
  }

  /** What is taken and given in a step, and what that does at the pack. */
  private flowsOf(leg: Leg, { time, middle, house: asked, train, towed }: Step): Flows {
    const { light, drive } = this,
      goes = leg.does === 'goes',
      sun = light.drivePower(middle, goes),
      house = Math.max(0, asked - light.housePower(middle, goes)) / HOUSE_CONVERTER_EFFICIENCY,
      taken = train.packPower + house
    return {
      sun,
      house,
      taken,
      flow: packFlow(drive.model, {
        charge: this.charge,
        taken,
        given: sun + towed,
        chargers: this.fed(leg) ? this.socketOf(leg) : null,
        time,
        cold: this.cold,
      }),
    }
  }

  /** s after which the charge at which she is to stop is reached within a step; null where it is not. */
  private stopsAfter({ flow }: Flows, time: number): number | null {
    const { until } = this.start
    if (until === undefined || flow.change >= 0 || this.charge + flow.change * time >= until) return null
    return Math.max(0, (until - this.charge) / flow.change)
  }

  /** Takes a step: what flows, what is written down, where she is then. */
  private take(leg: Leg, speed: LegSpeed, sums: LegSums, step: Step, { flow, sun, house, taken }: Flows): void {
    const { time, water, ground, train } = step,
      goes = leg.does === 'goes',
      with_ = goes ? along(step.meets.stream, leg.course).with : 0
    if (step.why) this.bite({ why: step.why, limit: step.limit, leg: sums.index, slowest: water }, time)
    if (goes && leg.measure === 'distance' && ground < CRAWL) {
      this.bite({ why: 'stream', limit: null, leg: sums.index, slowest: water }, time)
      sums.still += time
    }
    this.points.push({
      time: this.time,
      leg: sums.index,
      along: sums.way,
      north: this.north,
      east: this.east,
      water,
      ground,
      stream: with_,
      charge: this.charge,
      volts: flow.volts,
      amps: flow.amps,
      drive: train.packPower,
      house,
      sun,
      shore: flow.shore,
      towed: step.towed,
      winding: this.winding?.winding ?? null,
      controller: this.controller,
    })
    const stored = this.account({ flow, time, taken, sun, towed: step.towed, drive: train.packPower, house })
    sums.used -= stored
    sums.driven += train.packPower * time
    sums.shore += flow.shore * time
    sums.way += ground * time
    sums.water += water * time
    sums.stream += with_ * time
    this.north += ground * Math.cos(leg.course) * time
    this.east += ground * Math.sin(leg.course) * time
    if (this.warm(train, time)) speed.forget()
    this.time += time
    this.mayStop(leg, sums, train)
  }

  /** What feeds the chargers: where the leg's socket has amps of its own, these. */
  private socketOf({ plugged, amps }: Leg): ChargeSetup {
    const { shore } = this
    if (!plugged || amps === null || shore.supply?.kind !== 'shore') return shore
    return { ...shore, supply: { ...shore.supply, current: amps } }
  }

  /** Whether chargers are fed: on a socket, or by the generator between its two levels. */
  private fed(leg: Leg): boolean {
    const { day } = this.project,
      own = this.shore.supply?.kind === 'generator' && day.generatorStart > 0
    if (own) this.generating = this.charge <= day.generatorStart || (this.generating && this.charge < day.generatorStop)
    return leg.plugged || (own && this.generating)
  }

  /** Changes the charge and sums up the energies; only what is used or stored is taken from the panels. J stored. */
  private account(of: {
    flow: PackFlow
    time: number
    taken: number
    sun: number
    towed: number
    drive: number
    house: number
  }): number {
    const { flow, time, taken, sun, towed } = of,
      { model } = this.drive,
      before = this.charge
    this.charge = Math.min(1, before + flow.change * time)
    const stored = (this.charge - before) * model.pack.energy * this.cold.capacity,
      given = sun + towed
    const taking =
      flow.into > 0 || flow.shore > 0
        ? Math.max(0, taken + (flow.into > 0 ? flow.into / keptShare(model) : 0) - flow.shore)
        : given
    const share = given > 0 ? Math.min(1, taking / given) : 0,
      { energy } = this
    energy.drive += of.drive * time
    energy.house += of.house * time
    energy.sun += sun * share * time
    energy.towed += towed * share * time
    energy.shore += flow.shore * time
    energy.stored += stored
    energy.lost += (given * share + flow.shore - taken) * time - stored
    return stored
  }

  /** Warms motor and controller; true when the drive became too hot, or cool enough again. */
  private warm(train: DriveTrain, time: number): boolean {
    const { ways, drive } = this
    if (!ways || !this.winding || this.controller === null) return false
    this.winding = temperaturesAfter(ways.path, motorHeatAt(drive.model, train), this.winding, time)
    this.controller = controllerTemperature(
      ways.controller,
      train.controllerLoss / drive.model.drives,
      this.controller,
      time,
    )
    const { winding } = this.winding,
      tooHot = winding >= ways.path.limit || rollback(ways.controller, this.controller) < 1,
      cool = winding < ways.path.limit - COOLER && this.controller < ways.controller.from - COOLER
    if (tooHot === this.hot || !(tooHot || cool)) return false
    this.hot = tooHot
    return true
  }

  /** Ends the day where the charge asked for is reached, the pack is empty, or she makes no way. */
  private mayStop(leg: Leg, sums: LegSums, train: DriveTrain): void {
    const goes = leg.does === 'goes',
      { until } = this.start
    if (until !== undefined && this.charge <= until + 1e-9) this.stopped = true
    else if (
      this.charge <= this.levels.spared + 1e-9 &&
      !leg.plugged &&
      !this.generating &&
      goes &&
      train.packPower > 0
    ) {
      this.bite({ why: 'empty', limit: null, leg: sums.index, slowest: 0 }, 0)
      this.stopped = true
    } else if (this.charge <= 0) {
      this.charge = 0
      this.stopped ||= goes
    }
    this.stopped ||= sums.still > PATIENCE
  }

  private bite(of: Omit<Bite, 'from' | 'until'>, time: number): void {
    const last = this.bites.at(-1),
      until = this.time + time
    if (last && last.why === of.why && last.leg === of.leg && Math.abs(last.until - this.time) < 1) {
      last.until = until
      last.slowest = Math.min(last.slowest, of.slowest)
    } else this.bites.push({ ...of, from: this.time, until })
  }

  /** The moment at which she has arrived. */
  private lastPoint(): DayPoint {
    return {
      ...(this.points.at(-1) ?? {
        leg: 0,
        water: 0,
        ground: 0,
        stream: 0,
        volts: restVoltage(this.project.design.pack, this.charge),
        amps: 0,
        drive: 0,
        house: 0,
        sun: 0,
        shore: 0,
        towed: 0,
        winding: null,
        controller: null,
      }),
      time: this.time,
      north: this.north,
      east: this.east,
      charge: this.charge,
      along: this.runs.at(-1)?.distance ?? 0,
    }
  }
}
