import { edit, withEdits, type Edit, type Leg, type Project } from '../project'
import { metresPerSecond, share, type Text } from '../units'
import { dayAnswers, outcomeOf, wayBack, type DayAnswers, type Departure, type TurnHome } from './dayAnswers'
import { clockText } from './dayCsv'
import { goOrStay, type DayVerdict } from './goOrStay'

/** A change of the plan that was tried. */
export interface DayCure {
  id: 'fuller' | 'hour' | 'slower' | 'shorter'
  label: Text
  edits: Edit[]
  /** chance of coming home above the reserve, charge at the berth, s of the clock, and the verdict with it */
  chance: number
  left: number
  arrives: number
  verdict: DayVerdict
}

/** How good a word is. */
const RANK: Record<DayVerdict, number> = { go: 3, notYet: 2, notThis: 1, stay: 0 }
/** So much of the speed of a leg is tried. */
const SLOWER = [0.9, 0.8, 0.7, 0.6]
/** A cure must change the word, or the chance by so much. */
const WORTH = 0.05
/** A way that is cut short is cut a little shorter than the last turn allows. */
const EARLY = 0.97
/** Hours of departure that are tried whole, and cures that are told. */
const HOURS = 3,
  MOST = 3

/**
 * What would make a better day of it: another hour, slower on one leg, shorter, fuller; each is run whole, and told
 * with what it gives.
 *
 * @param project the boat and her day
 * @param answers of the day as planned
 * @param known the last turn home and the hours that were tried
 * @returns at most three, the best first; none where she goes already; yields between tries
 */
export function* dayCures(
  project: Project,
  answers: DayAnswers,
  { turn, departures }: { turn: TurnHome | null; departures: readonly Departure[] },
): Generator<number, DayCure[]> {
  const now = goOrStay(project, outcomeOf(answers)).verdict
  if (now === 'go' || now === 'notYet' || project.day.legs.length === 0) return []
  const found: DayCure[] = []
  const attempt = (id: DayCure['id'], label: Text, edits: Edit[]): DayCure => {
    const other = withEdits(project, edits),
      then = dayAnswers(other)
    return {
      id,
      label,
      edits,
      chance: then.chance,
      left: then.left,
      arrives: then.run.points.at(-1)!.time,
      verdict: goOrStay(other, outcomeOf(then)).verdict,
    }
  }
  if (project.day.charge < 0.99)
    found.push(
      attempt('fuller', { text: 'Leave full, not with {c}', params: { c: share(project.day.charge) } }, [
        edit('day.charge', 1),
      ]),
    )
  yield 0.74
  const hours = departures
    .filter(d => d.departs !== project.day.departs && d.outcome === 'home')
    .sort((a, b) => b.left - a.left)
    .slice(0, HOURS)
    .map(d => attempt('hour', { text: `Leave at ${clockText(d.departs)}` }, [edit('day.departs', d.departs)]))
  if (hours.length > 0) found.push(hours.reduce(better))
  yield 0.8
  const slower = slowest(project, answers)
  if (slower !== null) {
    let best: DayCure | null = null
    for (const part of SLOWER) {
      const legs = project.day.legs.map((l, i) => (i === slower ? { ...l, speed: part * l.speed } : l)),
        tried = attempt(
          'slower',
          { text: `Leg ${slower + 1} at {v}`, params: { v: metresPerSecond(legs[slower]!.speed) } },
          [edit('day.legs', legs)],
        )
      best = best ? better(best, tried) : tried
      if (best.verdict === 'go') break
    }
    found.push(best!)
  }
  yield 0.85
  const short = turn && shorter(project, answers, turn)
  if (short) found.push(attempt('shorter', { text: `Turn home at ${clockText(turn.time)}` }, [edit('day.legs', short)]))
  return found
    .filter(c => RANK[c.verdict] > RANK[now] || c.chance > answers.chance + WORTH)
    .sort((a, b) => RANK[b.verdict] - RANK[a.verdict] || b.chance - a.chance)
    .slice(0, MOST)
}

const better = (a: DayCure, b: DayCure): DayCure =>
  RANK[b.verdict] > RANK[a.verdict] || (RANK[b.verdict] === RANK[a.verdict] && b.chance > a.chance) ? b : a

/** The leg on which most is spent and whose speed the owner sets; null where there is none. */
function slowest({ day }: Project, { run }: DayAnswers): number | null {
  let found: number | null = null
  for (const [i, leg] of day.legs.entries()) {
    if (leg.does !== 'goes' || (leg.by !== 'water' && leg.by !== 'ground') || leg.speed <= 0) continue
    if (found === null || (run.legs[i]?.drive ?? 0) > (run.legs[found]?.drive ?? 0)) found = i
  }
  return found
}

/** The same way out as far as the last turn, and home by it; null where that is the whole of it. */
function shorter({ day }: Project, { run, bad }: DayAnswers, turn: TurnHome): Leg[] | null {
  if (turn.anywhere) return null
  const reached = EARLY * (turn.distance - run.legs.slice(0, turn.leg).reduce((sum, l) => sum + l.distance, 0)),
    leg = day.legs[turn.leg]
  if (!leg || reached <= 0) return null
  const out: Leg[] = [
    ...day.legs.slice(0, turn.leg),
    { ...leg, measure: 'distance', distance: reached, to: leg.to ? `short of ${leg.to}`.slice(0, 40) : '' },
  ]
  return [...out, ...wayBack(day.legs, bad, { leg: turn.leg, along: reached })]
}
