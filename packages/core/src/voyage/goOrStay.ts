import type { Project } from '../project'
import { metresPerSecond, longSeconds, share, type Text } from '../units'
import { clockText } from './dayCsv'
import type { DayReport } from './dayReport'

/** One thing to weigh before going. */
export interface Weighed {
  id: 'wind' | 'stream' | 'light' | 'way' | 'charge'
  state: 'fits' | 'caution' | 'stop' | 'note'
  text: Text
}
/** Go, or stay, with how many speak for it and against it. */
export interface GoOrStay {
  go: boolean
  weighed: Weighed[]
  fits: number
  against: number
}

/** Winds that a small boat is glad to miss, and in which she stays, m/s (common practice: 4 and 6 Beaufort). */
const FRESH = 7.9,
  STRONG = 10.8
/** Light that should be left at the berth, s, and chance that is as good as sure (common practice). */
const BEFORE_DARK = 3600,
  SURE = 0.9
/** Share of her speed that a stream against her may take (common practice: half doubles the cost of a mile). */
const FOUL = 0.5
/** At least so many speak for it (common practice among owners: two). */
const IN_FAVOUR = 2

/**
 * Whether to go: wind, stream, light, what makes her slower, charge; at least two must be in favour and none against,
 * and never below the reserve as expected.
 *
 * @param project the boat and her day
 * @param report of the day
 * @returns what speaks for and against
 */
export function goOrStay(project: Project, report: DayReport): GoOrStay {
  const weighed = [wind(project), stream(report), light(report), way(report), charge(project, report)]
  const against = weighed.filter(w => w.state === 'stop').length,
    fits = weighed.filter(w => w.state === 'fits').length
  return { go: against === 0 && fits >= IN_FAVOUR, weighed, fits, against }
}

function wind({ day }: Project): Weighed {
  if (day.wind.length === 0) return { id: 'wind', state: 'note', text: { text: 'not given: read the forecast' } }
  const most = Math.max(...day.wind.map(w => w.speed))
  return {
    id: 'wind',
    state: most >= STRONG ? 'stop' : most >= FRESH ? 'caution' : 'fits',
    text: { text: '{w} at most', params: { w: metresPerSecond(most) } },
  }
}

function stream({ points }: DayReport): Weighed {
  const under = points.filter(p => p.water > 0)
  const worst = Math.min(0, ...under.map(p => p.stream)),
    share_ = under.reduce((most, p) => Math.max(most, -p.stream / p.water), 0)
  if (under.every(p => p.stream === 0)) return { id: 'stream', state: 'fits', text: { text: 'none' } }
  return {
    id: 'stream',
    state: share_ >= 1 ? 'stop' : share_ > FOUL ? 'caution' : 'fits',
    text: worst < 0 ? { text: '{s} against at worst', params: { s: metresPerSecond(-worst) } } : { text: 'with you' },
  }
}

function light({ points, sunrise, sunset }: DayReport): Weighed {
  const leaves = points[0]!.time,
    comes = points.at(-1)!.time
  if (sunrise === null || sunset === null)
    return { id: 'light', state: 'note', text: { text: 'the sun does not set or rise' } }
  const left = sunset - comes
  if (leaves < sunrise)
    return { id: 'light', state: 'caution', text: { text: `leaves before sunrise, ${clockText(sunrise)}` } }
  return {
    id: 'light',
    state: left < 0 ? 'stop' : left < BEFORE_DARK ? 'caution' : 'fits',
    text:
      left < 0
        ? { text: `home after sunset, ${clockText(sunset)}` }
        : { text: `home {t} before sunset, ${clockText(sunset)}`, params: { t: longSeconds(left) } },
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

function way({ bites, outcome }: DayReport): Weighed {
  const worst = bites.at(-1)
  if (!worst) return { id: 'way', state: 'fits', text: { text: 'every leg at its speed' } }
  return {
    id: 'way',
    state: outcome === 'stopped' ? 'stop' : 'caution',
    text: { text: `leg ${worst.leg + 1}, ${clockText(worst.from)}: ${WORDS[worst.why]}` },
  }
}

function charge(project: Project, { least, leftLow, levels, chance }: DayReport): Weighed {
  const state = least < levels.reserve ? 'stop' : chance < SURE ? 'caution' : 'fits'
  return {
    id: 'charge',
    state,
    text: {
      text: state === 'stop' ? '{l} left, the reserve is {r}' : 'badly {b}; the reserve is {r}',
      params: { l: share(least), b: share(leftLow), r: share(levels.reserve) },
    },
  }
}
