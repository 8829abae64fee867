import { DAY, FREEZING, KNOT } from '../constants'
import { airResistance } from '../resistance'
import { bankGone, modelOf, thrustAvailable } from '../system'
import { placeGiven, type ChargeLevels, type Project } from '../project'
import { kelvins, metres, metresPerSecond, metresTravelled, longSeconds, share, type Text } from '../units'
import { clockText } from './dayCsv'
import { isDark, type SunHours } from './daylight'
import { freeboardOf } from './freeboard'
import type { Bite, DayPoint, DayRun } from './simulateDay'
import { driftSpeed, streamAt, type Drift } from './stream'
import { waveHeight } from './waves'
import { windAt } from './wind'
import { isOpenBoat, windLimit, windRow } from './windLimit'

/** What is weighed before going. */
export const WEIGHED = [
  'charge',
  'bad',
  'clash',
  'wind',
  'sea',
  'stream',
  'light',
  'visibility',
  'cold',
  'way',
  'alone',
] as const

/** One thing to weigh before going: in favour, takes care, against, or open. */
export interface Weighed {
  id: (typeof WEIGHED)[number]
  state: 'fits' | 'caution' | 'stop' | 'note'
  text: Text
  /** against any plan of that day, not only this one */
  stays?: boolean
  /** without it nobody can say go */
  wanted?: boolean
}

/** Go; go, but not like this; stay; or not to be said before something is given. */
export type DayVerdict = 'go' | 'notThis' | 'stay' | 'notYet'

/** The verdict with its reason, and all that was weighed. */
export interface GoOrStay {
  verdict: DayVerdict
  why: Text
  weighed: Weighed[]
  fits: number
  against: number
  open: number
}

/** What of a day's run is weighed. */
export interface DayOutcome extends SunHours {
  points: readonly DayPoint[]
  bites: readonly Bite[]
  outcome: DayRun['outcome']
  /** how it ends at the bad edge of the band */
  badOutcome: DayRun['outcome']
  /** least charge of the day as expected, and what is left at the bad edge */
  least: number
  leftLow: number
  chance: number
  levels: ChargeLevels
}

/** Chance of coming home above the reserve that go asks for, and below which she stays (common practice). */
export const GO_CHANCE = 0.9
export const STAY_CHANCE = 0.5
/** Gusts blow so many times the mean (common practice: 1.3 to 1.5). */
const GUST = 1.3
/** Shares of the thrust that she can hold which a gust may take (common practice). */
const GUST_CARE = 0.6,
  GUST_STAY = 0.9
/** A stream that a wind can raise a sea against, m/s. */
const STREAM = 0.5 * KNOT
/** Water in which a swimmer has minutes, K (common practice). */
const COLD = FREEZING + 12
/** Waves against the freeboard of an open boat, and the length of another: care, and stay (judgement). */
const OPEN_SEA = [0.5, 0.9] as const,
  DECKED_SEA = [0.1, 0.17] as const
/** Light that should be left at the berth, s (common practice). */
const BEFORE_DARK = 3600
/** Share of her speed that a stream against her may take (common practice: half doubles the cost of a mile). */
const FOUL = 0.5

/**
 * Whether to go: the chance of coming home above the reserve, the bad case, what of the drive clashes, wind and sea
 * for a boat of her kind and size, stream, light, visibility, cold water, what slows her, and what brings her home if
 * the drive fails. What is not known is open and speaks for nothing; without the wind nobody can say go.
 *
 * @param project the boat and her day
 * @param day how it runs
 * @param clashes of her drive, a few words each
 * @returns the verdict, its reason, what was weighed
 *
 * Source: common practice; each limit beside its name.
 */
export function goOrStay(project: Project, day: DayOutcome, clashes: readonly string[] = []): GoOrStay {
  const weighed: Weighed[] = [
    charge(day),
    badCase(day),
    clash(clashes),
    wind(project, day),
    sea(project, day),
    stream(day),
    light(project, day),
    visibility(project),
    cold(project),
    way(day),
    alone(project),
  ].filter(w => w !== null)
  const of = (state: Weighed['state']) => weighed.filter(w => w.state === state),
    against = of('stop'),
    stays = against.find(w => w.stays),
    wanted = weighed.find(w => w.wanted)
  const [verdict, because]: [DayVerdict, Weighed | undefined] = stays
    ? ['stay', stays]
    : against[0]
      ? ['notThis', against[0]]
      : wanted
        ? ['notYet', wanted]
        : ['go', undefined]
  return {
    verdict,
    why: because ? because.text : withCare(chanceText(day), of('caution')),
    weighed,
    fits: of('fits').length,
    against: against.length,
    open: of('note').length,
  }
}

/**
 * Days of twenty on which she comes home above the reserve: easier to grasp than a share, and never more than it is.
 *
 * @param chance 0 … 1
 * @returns whole days; all of them where it is as good as sure
 * @example daysOfTwenty(0.89) // 17
 */
export const daysOfTwenty = (chance: number): number => (chance > 0.99 ? 20 : Math.floor(20 * chance + 1e-9))

const chanceText = ({ chance }: DayOutcome): Text => ({
  text: `on ${daysOfTwenty(chance)} of 20 such days she is home above the reserve`,
})

/** What asks for care on a day that is good, in a word each. */
const CARE: Record<Weighed['id'], string> = {
  charge: 'the charge',
  bad: 'a bad day',
  clash: 'the drive',
  wind: 'the wind',
  sea: 'the sea',
  stream: 'the stream',
  light: 'the light',
  visibility: 'poor visibility',
  cold: 'cold water',
  way: 'what slows her',
  alone: 'no other way home',
}
const withCare = ({ text, params }: Text, care: readonly Weighed[]): Text => ({
  text: care.length === 0 ? text : `${text}; with care for ${care.map(w => CARE[w.id]).join(', ')}`,
  ...(params ? { params } : {}),
})

/** The verdict on the chance alone. */
export function chanceState(chance: number): 'fits' | 'notThis' | 'stay' {
  return chance < STAY_CHANCE ? 'stay' : chance < GO_CHANCE ? 'notThis' : 'fits'
}

function charge(day: DayOutcome): Weighed {
  const { least, levels, chance } = day,
    state = chanceState(chance),
    { text } = chanceText(day)
  return {
    id: 'charge',
    state: state === 'fits' && least >= levels.reserve ? 'fits' : 'stop',
    stays: state === 'stay',
    text: {
      text: `${text}; {l} left as expected, the reserve is {r} on the gauge`,
      params: { l: share(least), r: share(levels.reserve) },
    },
  }
}

function badCase({ badOutcome, leftLow, levels }: DayOutcome): Weighed {
  const stranded = badOutcome === 'stopped'
  return {
    id: 'bad',
    state: stranded ? 'stop' : leftLow < levels.spared ? 'caution' : 'fits',
    text: stranded
      ? { text: 'on one day in ten she does not come home' }
      : { text: 'one day in ten leaves {b} or less', params: { b: share(leftLow) } },
  }
}

const clash = (clashes: readonly string[]): Weighed | null =>
  clashes.length === 0
    ? null
    : {
        id: 'clash',
        state: 'stop',
        stays: true,
        text: { text: `something of the drive clashes: ${clashes.slice(0, 2).join(', ')}` },
      }

/** The wind at one moment against what a boat of her kind stands. */
export interface WindFelt {
  wind: number
  stream: Drift
  /** where the air goes */
  air: Drift
}

/**
 * How much of a wind she stands: below 1 of either is well.
 *
 * @param project the boat
 * @param felt wind and stream of a moment
 * @param held N that the drive can hold at the quay
 * @returns shares of the winds for care and for staying, the smaller of the two rules
 */
export function windShares(project: Project, { wind: speed, stream, air }: WindFelt, held: number) {
  const { boat } = project,
    against =
      driftSpeed(stream) >= STREAM &&
      air.north * stream.north + air.east * stream.east < -0.5 * speed * driftSpeed(stream),
    chill = isOpenBoat(boat) && boat.waterTemperature < COLD,
    limit = windLimit(windRow(boat) - Number(against) - Number(chill)),
    gust = held > 0 ? airResistance(modelOf(project).windage, 0, GUST * speed) / held : speed > 0 ? 99 : 0
  return {
    care: Math.max(speed / limit.caution, gust / GUST_CARE),
    stay: Math.max(speed / limit.stay, gust / GUST_STAY),
    limit,
    byThrust: gust / GUST_STAY > speed / limit.stay,
    against,
    chill,
  }
}

function wind(project: Project, { points }: DayOutcome): Weighed {
  const { day } = project
  if (day.wind.length === 0)
    return {
      id: 'wind',
      state: 'note',
      wanted: true,
      text: { text: 'the wind is not given: read the forecast, then say it' },
    }
  const model = modelOf(project),
    held = thrustAvailable(model, 0, 'allDay').thrust * (1 - model.interaction.thrustDeduction)
  let worst: (ReturnType<typeof windShares> & { speed: number; point: DayPoint }) | null = null
  for (const point of points) {
    const leg = day.legs[point.leg]
    if (leg?.does !== 'goes') continue
    const air = windAt(day.wind, point.time),
      speed = driftSpeed(air),
      shares = windShares(
        project,
        { wind: speed, air, stream: streamAt(leg.stream > 0 ? day.streams[leg.stream - 1] : null, point.time) },
        held,
      )
    if (!worst || shares.stay > worst.stay) worst = { ...shares, speed, point }
  }
  if (!worst) return { id: 'wind', state: 'fits', text: { text: 'she lies still' } }
  const { stay, care, limit, byThrust, against, chill, speed, point } = worst
  const reasons = [
    ...(against ? ['wind against stream'] : []),
    ...(chill ? ['cold water'] : []),
    ...(byThrust ? ['gusts take the thrust that she can hold'] : []),
  ]
  return {
    id: 'wind',
    state: stay >= 1 ? 'stop' : care >= 1 ? 'caution' : 'fits',
    stays: stay >= 1,
    text: {
      text:
        `{w} on leg ${point.leg + 1} at ${clockText(point.time)}; such a boat takes care from {c} and stays from {s}` +
        (reasons.length > 0 ? ` (${reasons.join(', ')})` : ''),
      params: { w: metresPerSecond(speed), c: metresPerSecond(limit.caution), s: metresPerSecond(limit.stay) },
    },
  }
}

function sea(project: Project, { points }: DayOutcome): Weighed | null {
  const { day, boat } = project
  if (day.wind.length === 0) return null
  if (day.fetch === null)
    return { id: 'sea', state: 'note', text: { text: 'how much open water lies to windward is not given' } }
  const under = points.filter(p => day.legs[p.leg]?.does === 'goes'),
    most = Math.max(0, ...under.map(p => driftSpeed(windAt(day.wind, p.time)))),
    height = waveHeight(most, day.fetch),
    [care, stay] = isOpenBoat(boat)
      ? OPEN_SEA.map(s => s * freeboardOf(project))
      : DECKED_SEA.map(s => s * boat.lengthOverAll)
  return {
    id: 'sea',
    state: height >= stay! ? 'stop' : height >= care! ? 'caution' : 'fits',
    stays: height >= stay!,
    text: {
      text: 'waves of {h} over {f}; she takes care from {c}',
      params: { h: metres(height), f: metresTravelled(day.fetch), c: metres(care!) },
    },
  }
}

function stream({ points }: DayOutcome): Weighed {
  const under = points.filter(p => p.water > 0)
  const worst = Math.min(0, ...under.map(p => p.stream)),
    share_ = under.reduce((most, p) => Math.max(most, -p.stream / p.water), 0)
  if (under.every(p => p.stream === 0)) return { id: 'stream', state: 'note', text: { text: 'none given' } }
  return {
    id: 'stream',
    state: share_ >= 1 ? 'stop' : share_ > FOUL ? 'caution' : 'fits',
    text: worst < 0 ? { text: '{s} against at worst', params: { s: metresPerSecond(-worst) } } : { text: 'with you' },
  }
}

function light(project: Project, day: DayOutcome): Weighed {
  const said = (state: Weighed['state'], text: string, params: Text['params'] = {}): Weighed => ({
    id: 'light',
    state,
    text: { text, params },
  })
  if (!placeGiven(project)) return said('note', 'no place given: sunset is not known')
  const { points, sunrise, sunset, polar } = day,
    under = points.filter(p => project.day.legs[p.leg]?.does === 'goes'),
    comes = points.at(-1)!.time
  if (under.length === 0) return said('fits', 'she lies still')
  if (polar === 'day') return said('fits', 'the sun does not set')
  if (polar === 'night') return said('stop', 'the sun does not rise: all of it in the dark')
  const moments = [...under.map(p => p.time), ...(project.day.legs.at(-1)?.does === 'goes' ? [comes] : [])],
    firstLight = moments.find(t => !isDark(day, t))
  if (firstLight === undefined) return said('stop', `all of it in the dark; sunrise ${clockText(sunrise!)}`)
  // dark before the first light is one thing, dark once it was light another
  if (moments.some(t => t > firstLight && isDark(day, t)))
    return said('stop', `under way after sunset, ${clockText(sunset!)}; home ${clockText(comes)}`)
  if (isDark(day, moments[0]!)) return said('caution', `leaves before sunrise, ${clockText(sunrise!)}`)
  const left = sunset! - sunrise! - ((((comes - sunrise!) % DAY) + DAY) % DAY)
  return said(left < BEFORE_DARK ? 'caution' : 'fits', `home {t} before sunset, ${clockText(sunset!)}`, {
    t: longSeconds(left),
  })
}

function visibility({ day }: Project): Weighed {
  const said = {
    'not said': { state: 'note', text: 'not given' },
    good: { state: 'fits', text: '5 NM and more' },
    poor: { state: 'caution', text: 'less than 5 NM: know where you are, be seen' },
    fog: { state: 'stop', text: 'fog: less than half a mile' },
  } as const
  const { state, text } = said[day.visibility]
  return { id: 'visibility', state, stays: day.visibility === 'fog', text: { text } }
}

function cold({ boat }: Project): Weighed | null {
  if (boat.waterTemperature >= COLD) return null
  return {
    id: 'cold',
    state: 'caution',
    text: {
      text: 'water of {t}: dressed for it, lifejackets on, a way back aboard',
      params: { t: kelvins(boat.waterTemperature) },
    },
  }
}

const WORDS = {
  volts: 'the volts of a low pack make her slower',
  amps: 'the amps make her slower',
  power: 'the motor makes her slower than wished',
  heat: 'the drive becomes too hot and slows',
  reserve: 'she goes slowly on the reserve',
  stream: 'the stream stops her',
  empty: 'the pack is empty on the way',
} as const

function way({ bites, outcome }: DayOutcome): Weighed {
  const worst = bites.at(-1)
  if (!worst) return { id: 'way', state: 'fits', text: { text: 'every leg at its speed' } }
  return {
    id: 'way',
    state: outcome === 'stopped' ? 'stop' : 'caution',
    text: { text: `leg ${worst.leg + 1}, ${clockText(worst.from)}: ${WORDS[worst.why]}` },
  }
}

const OTHER_WAYS = { sails: 'sails', oars: 'oars or paddle', secondDrive: 'a second drive' } as const

function alone(project: Project): Weighed {
  const { use, boat } = project
  if (use.wayHome !== 'none')
    return {
      id: 'alone',
      state: 'fits',
      text: {
        text: `if the drive fails: ${OTHER_WAYS[use.wayHome]}`,
      },
    }
  if (boat.drive.count > 1 || bankGone(project)?.home)
    return { id: 'alone', state: 'fits', text: { text: 'a second drive or bank brings her home' } }
  return {
    id: 'alone',
    state: 'caution',
    text: { text: 'one drive and nothing else: anchor ready, radio, somebody who knows when she is due' },
  }
}
