import { GRAVITY } from '../constants'
import { maximise } from '../numeric'
import { edit, withEdits, type Leg, type Project } from '../project'
import {
  BAND,
  centreResistance,
  chainRatings,
  driveTrain,
  hullResistance,
  limitShares,
  modelOf,
  regenerationAt,
  tightestLimit,
  type DriveTrain,
  type HullResistance,
  type LimitName,
  type Model,
} from '../system'
import { overGround, type Drift } from './stream'
import { windDrag } from './wind'

/** What a leg meets at a moment. */
export interface Meets {
  stream: Drift
  wind: Drift
  charge: number
}

/** Halvings of a search for a speed: a thousandth of a knot. */
const HALVINGS = 14
/** A pull of so many times her weight is as good as any greater: where every method has long ended. */
const MOST_PULL = 1000
/** Speeds below this, m/s, are no way. */
export const CRAWL = 0.05

/** The drive of a boat on any leg of a day, at one place in the band of what is not known. */
export class DayDrive {
  /** the boat in calm air without her house: wind and loads are the day's */
  readonly model: Model
  private readonly pulls = new Map<number, HullResistance>()
  private readonly sigmaMore: number

  /**
   * @param project the boat
   * @param z standard deviations by which her power is above what is expected
   */
  constructor(
    readonly project: Project,
    readonly z: number,
  ) {
    // through the fuse and cables that she has, not those that such a boat would get
    this.model = {
      ...modelOf(withEdits(project, [edit('use.headWind', 0), edit('use.houseLoad', 0)])),
      chain: chainRatings(modelOf(project)),
    }
    // a charge that nobody is sure of is as good as a power that is as far off
    this.sigmaMore = Math.log(this.model.chargeSpread) / BAND
  }

  /** Pull that the motor must give at a speed through the water, N. */
  pull(water: number, leg: Leg, meets: Meets): number {
    if (water <= 0) return 0
    const key = Math.round(water * 1e4)
    let hull = this.pulls.get(key)
    if (!hull) this.pulls.set(key, (hull = hullResistance(this.model, key / 1e4)))
    const margin = 1 + (leg.sea ?? this.project.use.seaMargin)
    const still = (hull.centre * this.factor(hull) * margin) / (1 + this.project.use.seaMargin)
    const wind = windDrag(
      this.model.windage,
      meets.wind,
      Math.max(0, overGround(water, meets.stream, leg.course)),
      leg.course,
    )
    const sails = leg.sailing > 0 ? centreResistance(this.model, leg.sailing) : 0
    return Math.min(MOST_PULL * GRAVITY * this.model.boat.mass, Math.max(0, still + wind * margin - sails))
  }

  /** Factor of the band at z standard deviations: its ends are those of bandOf. */
  private factor({ powerSigma, lift }: HullResistance): number {
    const sigma = Math.hypot(powerSigma, this.sigmaMore)
    if (this.z <= 0) return Math.exp(this.z * sigma)
    return Math.exp(Math.hypot(this.z * sigma, (this.z / BAND) * Math.log(lift)))
  }

  /** What the drive does at a speed through the water. */
  at(water: number, leg: Leg, meets: Meets): DriveTrain {
    return driveTrain(this.model, Math.max(0, water), this.pull(water, leg, meets), meets.charge)
  }

  /** The limit that is passed at a speed, by the ratings of hours or of minutes. */
  limit(train: DriveTrain, which: 'allDay' | 'minutes'): { name: LimitName; share: number } {
    return tightestLimit(limitShares(this.model, train), which)
  }

  /** Greatest speed up to one wanted that stays within the ratings, m/s. */
  withinRatings(wanted: number, leg: Leg, meets: Meets, which: 'allDay' | 'minutes'): number {
    return this.greatest(wanted, v => this.limit(this.at(v, leg, meets), which).share <= 1)
  }

  /** Speed through the water at which the drive takes a power from the pack, m/s. */
  byPower(power: number, leg: Leg, meets: Meets): number {
    return this.greatest(
      Math.max(this.project.use.topSpeed * 1.5, leg.speed),
      v => this.at(v, leg, meets).packPower <= power,
    )
  }

  /** Speed through the water that takes least energy for each mile over ground, the house counted, m/s. */
  cheapest(leg: Leg, meets: Meets, house: number): number {
    const most = Math.max(this.project.use.topSpeed, 2 * CRAWL)
    const cost = (v: number) => {
      const ground = overGround(v, meets.stream, leg.course)
      return ground < CRAWL ? -1e12 * (1 + CRAWL - ground) : -(this.at(v, leg, meets).packPower + house) / ground
    }
    return maximise(cost, CRAWL, most, 0.005).x
  }

  /** W into the pack by the towed propeller at a speed under sail, and the speed that this costs. */
  towed(speed: number): { power: number; speedLost: number } {
    if (this.model.propulsor.kind === 'jet' || speed <= 0) return { power: 0, speedLost: 0 }
    const { packPower, speedLost } = regenerationAt(this.model, speed)
    return { power: packPower, speedLost }
  }

  private greatest(wanted: number, holds: (speed: number) => boolean): number {
    if (holds(wanted)) return wanted
    let low = 0,
      high = wanted
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (low + high) / 2
      if (holds(middle)) low = middle
      else high = middle
    }
    return low
  }
}
