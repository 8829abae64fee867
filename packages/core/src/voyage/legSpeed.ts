import type { Leg, Project } from '../project'
import type { LimitName } from '../system'
import type { DayDrive, Meets } from './dayDrive'
import { throughWater } from './stream'

/** What made her slower than was wanted, or stopped her. */
export type BiteWhy = 'volts' | 'amps' | 'power' | 'heat' | 'reserve' | 'stream' | 'empty'

/** Speed through the water of a moment: wanted, made, and what takes the difference. m/s. */
export interface SpeedAim {
  wanted: number
  speed: number
  why: BiteWhy | null
  limit: LimitName | null
}

/** The boat at the moment at which a speed is asked for. */
export interface SpeedAsk {
  /** s of the day's clock */
  time: number
  meets: Meets
  /** W of the house */
  house: number
  /** m or s of the leg that are left */
  left: number
  /** the drive is too hot for more than its ratings of hours */
  hot: boolean
  /** she is on the reserve, and nothing feeds her */
  sparing: boolean
}

/** Limits that end amps: of controller and cells, and of what stands between them. */
const AMPS: ReadonlySet<LimitName> = new Set<LimitName>([
  'batteryAmps',
  'phaseAmps',
  'packAmps',
  'bms',
  'fuse',
  'contactor',
  'mainCable',
])
/** How often a search for a speed is made anew while nothing jumps, s. */
const AGAIN = 600
/** On the reserve she goes at the cheapest speed, but no slower than this share of the one wanted: she must arrive. */
const SPARING = 0.5

/** The speed on one leg: as the plan wants it, less what a limit takes. A speed that was searched for is kept. */
export class LegSpeed {
  private kept: (SpeedAim & { at: number }) | null = null

  constructor(
    private readonly project: Project,
    private readonly drive: DayDrive,
    private readonly leg: Leg,
  ) {}

  /** Something jumped: the next speed is searched anew. */
  forget(): void {
    this.kept = null
  }

  /** Speed at a moment. */
  at(ask: SpeedAsk): SpeedAim {
    const { leg, kept } = this
    const fresh = kept && ask.time - kept.at < AGAIN && ask.time >= kept.at
    const wanted = leg.by === 'power' && fresh ? kept.wanted : this.wanted(ask)
    if (fresh && Math.abs(kept.wanted - wanted) < 1e-3) return kept
    const aim = this.limited(wanted, ask)
    this.kept = { ...aim, at: ask.time }
    return aim
  }

  private wanted({ time, meets, left }: SpeedAsk): number {
    const { leg, drive, project } = this
    if (leg.does !== 'goes') return 0
    switch (leg.by) {
      case 'power':
        return drive.byPower(leg.power, leg, meets)
      case 'ground':
        return throughWater(leg.speed, meets.stream, leg.course)
      case 'arrive': {
        if (leg.measure === 'time') return leg.speed
        const until = leg.arrive - time
        return until > 0 ? throughWater(left / until, meets.stream, leg.course) : project.use.topSpeed
      }
      default:
        return leg.speed
    }
  }

  private limited(wanted: number, { meets, house, hot, sparing }: SpeedAsk): SpeedAim {
    const { leg, drive } = this
    const aim: SpeedAim = { wanted, speed: wanted, why: null, limit: null }
    const slower = (speed: number, why: BiteWhy, limit: LimitName | null) => {
      if (speed < aim.speed - 1e-3) Object.assign(aim, { speed, why, limit })
    }
    if (wanted <= 0) return aim
    const tight = drive.limit(drive.at(wanted, leg, meets), 'minutes')
    if (tight.share > 1)
      slower(
        drive.withinRatings(wanted, leg, meets, 'minutes'),
        tight.name === 'voltage' ? 'volts' : AMPS.has(tight.name) ? 'amps' : 'power',
        tight.name,
      )
    if (hot) slower(drive.withinRatings(aim.speed, leg, meets, 'allDay'), 'heat', null)
    if (sparing) slower(Math.max(SPARING * wanted, drive.cheapest(leg, meets, house)), 'reserve', null)
    return aim
  }
}
