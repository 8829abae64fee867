import type { Project } from '../project/definition/projectFields'
import { chargeReport } from '../system/charging/chargeReport'
import { summaryOf } from '../system/summary'
import type { TopSpeed } from '../system/topSpeed'
import {
  euros,
  longSeconds,
  metresPerSecond,
  metresTravelled,
  partKilograms,
  seconds,
  smallWatts,
  volts,
  watts,
  type Measured,
  type Text,
} from '../units'
import { TOUCH_LIMIT } from '../wiring'
import type { DesignMerits } from './candidate'

/** From an evening in the berth to the next morning, s (judgement). */
const NIGHT = 12 * 3600
/** Less than this share of difference is none that an owner would notice (judgement). */
const NOTICED = 0.01

const speedOf = (top: TopSpeed): number => (top.outcome === 'none' ? 0 : top.speed)

/**
 * What a design shuts out: faster, farther, longer than it can, a full charge by morning, one's own work on its wires.
 *
 * @param project the boat with the design on her
 * @returns one to three sentences
 */
export function designForbids(project: Project): Text[] {
  const { cruise, top, allDaySpeed, minutesSpeed, model } = summaryOf(project),
    { toEnd } = chargeReport(project)
  const fast = speedOf(minutesSpeed),
    day = speedOf(allDaySpeed)
  return [
    {
      text:
        (fast - day > 3 * NOTICED * fast ? 'No faster than {fast}, or {day} continuously' : 'No faster than {fast}') +
        '; no farther than {way} at cruise with the reserve kept; no longer than {t} at top.',
      params: {
        fast: metresPerSecond(fast),
        day: metresPerSecond(day),
        way: metresTravelled(cruise.distanceLeft),
        t: seconds(top.timeLeft),
      },
    },
    ...(toEnd !== null && toEnd > NIGHT
      ? [{ text: 'Not full again after a night in this berth: that takes {t}.', params: { t: longSeconds(toEnd) } }]
      : []),
    ...(model.pack.fullVoltage > TOUCH_LIMIT
      ? [{ text: 'No work of your own on its wires: above {limit}.', params: { limit: volts(TOUCH_LIMIT) } }]
      : []),
  ]
}

const sentence = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/**
 * How a design differs from the cheapest, in one sentence.
 *
 * @param design what it costs, weighs, reaches and draws
 * @param cheapest the same of the cheapest
 * @returns the sentence; a difference below 1 % is not named
 */
export function againstCheapest(design: DesignMerits, cheapest: DesignMerits): Text {
  const params: Record<string, Measured> = {}
  const clause = (
    name: keyof DesignMerits,
    measured: (x: number) => Measured,
    more: string,
    less: string,
  ): string[] => {
    const by = design[name] - cheapest[name]
    if (Math.abs(by) < NOTICED * cheapest[name]) return []
    params[name] = measured(Math.abs(by))
    return [`{${name}} ${by > 0 ? more : less}`]
  }
  const clauses = [
    ...clause('cost', euros, 'dearer', 'cheaper'),
    ...clause('mass', partKilograms, 'heavier', 'lighter'),
    ...clause('range', metresTravelled, 'farther', 'less far'),
    ...clause('cruisePower', x => (x < 1000 ? smallWatts(x) : watts(x)), 'more at cruise', 'less at cruise'),
  ]
  if (clauses.length === 0) return { text: 'Hardly different from the cheapest.' }
  return { text: `${sentence.format(clauses)} than the cheapest.`, params }
}
