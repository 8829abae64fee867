import { FREEZING, KNOT } from '../constants'
import { randomLcg, randomNormal } from 'd3-random'
import { controllerTemperature, temperaturesAfter, type MotorTemperatures } from '../drive'
import { writeSentence } from '../instruments'
import { interpolate } from '../numeric'
import { asSetUp, edit, withEdits, type Project } from '../project'
import {
  coldDrive,
  driveHeat,
  driveTrain,
  chainRatings,
  limitShares,
  modelOf,
  motorHeatAt,
  theoryResistance,
  tightestLimit,
  type DriveHeat,
  type DriveTrain,
  type Model,
} from '../system'
import { along, packFlow, windDrag, type Drift } from '../voyage'

// A boat that is not there: the document's own physics with differences that nobody is told, so that a trial and the
// instruments can be tried without water.

/** What the simulated boat has otherwise than the document says. SI. */
export interface Hidden {
  /** of the weight that is given */
  weight: number
  /** standard deviations of the bottom, and of what the methods leave open */
  bottom: number
  methods: number
  stream: Drift
  wind: Drift
  /** what the paddle wheel shows of the true speed */
  waterFactor: number
  depth: number
  /** share of seconds in which the receiver begins to be silent */
  dropouts: number
  /** s after which the temperature of the controller stands still; null for never */
  stuckAfter: number | null
}

/** How she is at a moment, as nobody on board knows it. SI; course in rad. */
export interface SimulatedTruth {
  time: number
  water: number
  ground: number
  course: number
  power: number
  volts: number
  amps: number
  rpm: number
  charge: number
  winding: number | null
  controller: number | null
  distance: number
}

/** Speeds of the table of her drive. */
const POINTS = 33
/** What a boat takes along with her when she speeds up (added mass, common practice). */
const ADDED = 1.1
/** Turns of a boat, rad/s. */
const TURN = 0.12
/** m of the earth for a radian of latitude. */
const EARTH = 6_371_000
const DEGREES = 180 / Math.PI
/** σ of what instruments show (common practice): m/s over ground, share of watts and of the wheel, K, rpm share. */
const NOISE = { ground: 0.025, electric: 0.006, water: 0.015, warm: 0.2, rpm: 0.002, wind: 0.4, depth: 0.2 }

/**
 * What a boat hides, drawn from what her document leaves open: weight, bottom and methods as far as they are in doubt,
 * a stream up to half a knot or so, a paddle wheel that is off.
 *
 * @param project the boat
 * @param seed of the draw
 * @returns the differences
 */
export function hiddenOf(project: Project, seed: number): Hidden {
  const source = randomLcg(seed / 4096 + 0.0137),
    even = () => 2 * source() - 1
  // the first draws of near seeds are alike
  for (let i = 0; i < 8; i++) source()
  const normal = randomNormal.source(source)(0, 1)
  const within = (z: number) => Math.max(-2, Math.min(2, z))
  const { massUncertainty } = project.boat
  const set = 2 * Math.PI * source(),
    drift = 0.3 * source(),
    wind = 2.5 * source(),
    from = 2 * Math.PI * source()
  return {
    weight: 1 + (within(normal()) * massUncertainty) / Math.sqrt(3),
    bottom: within(normal()),
    methods: within(normal()),
    stream: { north: drift * Math.cos(set), east: drift * Math.sin(set) },
    wind: { north: -wind * Math.cos(from), east: -wind * Math.sin(from) },
    waterFactor: 1 + 0.08 * even(),
    depth: 8 + 12 * source(),
    dropouts: 0.004,
    stuckAfter: null,
  }
}

/** A simulated boat: it goes on by the second and speaks as instruments do. */
export class SimulatedBoat {
  readonly model: Model
  /** W from the pack that the drive may take for minutes, the whole of the lever */
  readonly most: number
  private readonly speeds: number[]
  private readonly powers: number[]
  private readonly pulls: number[]
  private readonly ways: DriveHeat | null
  private readonly normal: () => number
  private readonly source: () => number
  private winding: MotorTemperatures | null
  private controller: number | null
  private silent = 0
  private lever = 0
  private wanted: number
  private frozen: number | null = null
  private place = { latitude: 0, longitude: 0 }
  readonly truth: SimulatedTruth

  /**
   * @param project the boat as the document has her
   * @param hidden what she has otherwise
   * @param options s since 1970 at the start, seed of the noise, course in rad, state of charge
   */
  constructor(
    readonly project: Project,
    readonly hidden: Hidden,
    options: { time?: number; seed?: number; course?: number; charge?: number } = {},
  ) {
    const { time = 0, seed = 1, course = 0, charge = 0.9 } = options
    const calm = asSetUp(project, undefined),
      mass = modelOf(calm).boat.mass
    const given = modelOf(calm)
    this.model = {
      ...modelOf(withEdits(calm, [edit('boat.mass', mass * hidden.weight), edit('boat.massHolds', 'after')])),
      chain: chainRatings(given),
    }
    const pull = (v: number) => {
      const { centre } = theoryResistance(this.model, v),
        { doubts } = theoryResistance(given, v)
      return centre * Math.exp(hidden.bottom * doubts.bottom + hidden.methods * doubts.methods)
    }
    const fastest = this.greatest(pull, Math.min(30, Math.max(project.use.topSpeed * 1.6, 2)))
    this.speeds = Array.from({ length: POINTS }, (_, i) => (fastest * i) / (POINTS - 1))
    this.pulls = this.speeds.map(v => (v > 0 ? pull(v) : 0))
    this.powers = increasing(this.speeds.map((v, i) => driveTrain(this.model, v, this.pulls[i]!).packPower))
    this.most = this.powers.at(-1)!
    this.ways = driveHeat(this.model)
    this.winding = this.ways && coldDrive(this.ways.path)
    this.controller = this.ways && this.ways.controller.ambient
    this.source = randomLcg((seed % 1000) / 1000)
    this.normal = randomNormal.source(this.source)(0, 1)
    this.wanted = course
    this.place = { latitude: project.use.place.latitude, longitude: 0 }
    this.truth = {
      time,
      water: 0,
      ground: 0,
      course,
      power: 0,
      volts: 0,
      amps: 0,
      rpm: 0,
      charge,
      winding: this.winding?.winding ?? null,
      controller: this.controller,
      distance: 0,
    }
  }

  /** Greatest speed that ratings of minutes allow, m/s. */
  private greatest(pull: (v: number) => number, most: number): number {
    const holds = (v: number) =>
      tightestLimit(limitShares(this.model, driveTrain(this.model, v, pull(v))), 'minutes').share <= 1
    let low = 0.2,
      high = most
    if (holds(high)) return high
    for (let i = 0; i < 12; i++) {
      const middle = (low + high) / 2
      if (holds(middle)) low = middle
      else high = middle
    }
    return low
  }

  /** W from the pack that are asked for, and the course. */
  steer(power: number, course: number): void {
    this.lever = Math.max(0, Math.min(power, this.most))
    this.wanted = course
  }

  /** Speed at which a power ends, m/s. */
  speedAt(power: number): number {
    return interpolate(this.powers, this.speeds, power)
  }

  /** One second further. */
  step(): void {
    const { truth, model, hidden } = this
    truth.time += 1
    const apart = ((this.wanted - truth.course + 3 * Math.PI) % (2 * Math.PI)) - Math.PI
    const turns = Math.max(-TURN, Math.min(TURN, apart))
    truth.course = (truth.course + (truth.water > 0.2 ? turns : apart) + 2 * Math.PI) % (2 * Math.PI)
    const wind = windDrag(model.windage, hidden.wind, truth.ground, truth.course),
      still = windDrag(model.windage, { north: 0, east: 0 }, truth.ground, truth.course)
    // a wind takes power that is not there for the water
    const against = Math.max(1, interpolate(this.speeds, this.pulls, Math.max(truth.water, 0.2)))
    const leftOver = this.lever / Math.max(0.2, 1 + (wind - still) / against),
      ends = this.lever > this.powers[0]! ? this.speedAt(leftOver) : 0
    const pull = interpolate(this.speeds, this.pulls, Math.max(ends, truth.water, 0.2))
    const time = Math.max(1, (ADDED * model.boat.mass * Math.max(ends, truth.water, 0.3)) / (3 * Math.max(1, pull)))
    truth.water += (ends - truth.water) * (1 - Math.exp(-1 / time))
    const ahead = along(hidden.stream, truth.course)
    truth.ground = Math.hypot(Math.max(0, truth.water + ahead.with), ahead.across)
    const power = this.lever > this.powers[0]! ? this.lever : this.powers[0]!
    const train = driveTrain(model, Math.max(ends, 0), interpolate(this.speeds, this.pulls, ends), truth.charge)
    this.flow(power, train)
    const set = this.track()
    this.place.latitude += (set.north * 1) / EARTH
    this.place.longitude += set.east / EARTH / Math.cos(this.place.latitude)
    truth.distance += truth.ground
  }

  private track(): Drift {
    const { truth, hidden } = this
    return {
      north: truth.water * Math.cos(truth.course) + hidden.stream.north,
      east: truth.water * Math.sin(truth.course) + hidden.stream.east,
    }
  }

  private flow(power: number, train: DriveTrain): void {
    const { truth, model } = this
    const flow = packFlow(model, { charge: truth.charge, taken: power, given: 0, chargers: null, time: 1 })
    truth.power = power
    truth.volts = flow.volts
    truth.amps = flow.amps
    truth.charge = Math.max(0, truth.charge + flow.change)
    truth.rpm = train.motorRpm
    if (!this.ways || !this.winding || this.controller === null) return
    this.winding = temperaturesAfter(this.ways.path, motorHeatAt(model, train), this.winding, 1)
    this.controller = controllerTemperature(
      this.ways.controller,
      train.controllerLoss / model.drives,
      this.controller,
      1,
    )
    truth.winding = this.winding.winding
    truth.controller = this.controller
  }

  /** What the instruments say of this second, as lines of NMEA 0183. */
  sentences(): string[] {
    const { truth, hidden, normal } = this
    const shows = (value: number, sigma: number) => value + sigma * normal()
    if (this.silent > 0) this.silent--
    else if (this.source() < hidden.dropouts) this.silent = 3 + Math.floor(6 * this.source())
    const date = new Date(truth.time * 1000),
      two = (n: number) => String(n).padStart(2, '0')
    const clock = `${two(date.getUTCHours())}${two(date.getUTCMinutes())}${two(date.getUTCSeconds())}`
    const day = `${two(date.getUTCDate())}${two(date.getUTCMonth() + 1)}${two(date.getUTCFullYear() % 100)}`
    const set = this.track(),
      course = (Math.atan2(set.east, set.north) * DEGREES + 360) % 360,
      heading = (truth.course * DEGREES) % 360
    const lines: string[] = []
    const knots = (v: number) => Math.max(0, v / KNOT).toFixed(2)
    if (this.silent === 0) {
      const { latitude, longitude } = this.place
      const angle = (value: number, digits: number) => {
        const degrees = Math.abs(value) * DEGREES,
          whole = Math.floor(degrees)
        return `${String(whole).padStart(digits, '0')}${((degrees - whole) * 60).toFixed(4).padStart(7, '0')}`
      }
      lines.push(
        writeSentence('GP', 'RMC', [
          clock,
          'A',
          angle(latitude, 2),
          latitude < 0 ? 'S' : 'N',
          angle(longitude, 3),
          longitude < 0 ? 'W' : 'E',
          knots(shows(truth.ground, NOISE.ground)),
          course.toFixed(1),
          day,
          '',
          '',
          'A',
        ]),
      )
    }
    lines.push(writeSentence('GP', 'ZDA', [clock, day.slice(0, 2), day.slice(2, 4), `20${day.slice(4)}`, '00', '00']))
    lines.push(
      writeSentence('II', 'VHW', [
        heading.toFixed(1),
        'T',
        '',
        'M',
        knots(truth.water * hidden.waterFactor * (1 + NOISE.water * normal())),
        'N',
        '',
        'K',
      ]),
      writeSentence('SD', 'DPT', [shows(hidden.depth, NOISE.depth).toFixed(1), '0.0', '']),
    )
    // wind felt: the true wind less her own way
    const felt = { north: hidden.wind.north - set.north, east: hidden.wind.east - set.east }
    const from = (Math.atan2(-felt.east, -felt.north) * DEGREES - heading + 720) % 360
    const speed = Math.max(0, shows(Math.hypot(felt.north, felt.east), NOISE.wind))
    lines.push(writeSentence('WI', 'MWV', [from.toFixed(0), 'R', (speed / KNOT).toFixed(1), 'N', 'A']))
    lines.push(writeSentence('II', 'RPM', ['E', '1', shows(truth.rpm, NOISE.rpm * truth.rpm).toFixed(0), '', 'A']))
    const electric = (value: number) => value * (1 + NOISE.electric * normal())
    lines.push(
      writeSentence('II', 'XDR', [
        ...['U', (truth.volts + 0.03 * normal()).toFixed(2), 'V', 'PACK'],
        ...['I', electric(truth.amps).toFixed(2), 'A', 'PACK'],
        ...['G', (100 * truth.charge).toFixed(1), '', 'SOC'],
      ]),
    )
    const warm = (k: number) => (shows(k, NOISE.warm) - FREEZING).toFixed(1)
    if (truth.winding !== null && truth.controller !== null) {
      const shown = this.stuck(truth.controller)
      lines.push(
        writeSentence('II', 'XDR', [
          ...['C', warm(truth.winding), 'C', 'MOTOR'],
          ...['C', shown === null ? warm(truth.controller) : shown, 'C', 'CONTROLLER'],
        ]),
      )
    }
    return lines
  }

  private stuck(kelvin: number): string | null {
    const { stuckAfter } = this.hidden
    if (stuckAfter === null || this.truth.time < stuckAfter) return null
    this.frozen ??= kelvin
    return (this.frozen - FREEZING).toFixed(1)
  }
}

/** A table that never falls: what it drops by is left out. */
function increasing(values: number[]): number[] {
  let most = -Infinity
  return values.map((v, i) => (most = Math.max(v, i === 0 ? v : most + 1e-9)))
}
