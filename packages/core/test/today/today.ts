import { DEMO_BOATS, type Project } from '../../src/project'
import { completePart, PART_KINDS, type Part, type PartKindId } from '../../src/parts'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { figuresAt, QUESTIONS } from '../storm/questions'

// What Remigo says today of the demo boats and of some of the fleet, in a file beside this one: a change of a formula,
// a sign, a limit shows there as a difference that one must want. It proves no number right; published cases do that.

/** Every demo boat, and of the fleet those of kinds and sizes that no demo boat has. */
const BOATS: readonly Project[] = [
  ...DEMO_BOATS,
  ...SIZED_FLEET.filter(b =>
    ['fleet-KY1', 'fleet-SD4', 'fleet-PL4', 'fleet-CT1', 'fleet-IN1', 'fleet-CB1'].includes(b.id),
  ),
]
/** Asked of every third boat only: they take seconds. */
const SLOW = ['search of designs', 'volts side by side', 'size the rest', 'year', 'day with its reach', 'fixes']
/** Not asked: texts, which tests of their own read. */
const TEXTS = ['files', 'prints']

/** One line: what it is of, and its numbers. */
export interface TodayLine {
  of: string
  numbers: number[]
}

/** So that a thousandth counts like a million, and each place differently. */
const weighed = (x: number, place: number): number =>
  (Number.isFinite(x) ? Math.asinh(1e4 * x) : x > 0 ? 99 : -99) * Math.cos(1 + 0.7 * place)

/** Every number and every short name in an answer, in order. */
function* leaves(value: unknown, seen: Set<unknown>): Generator<number> {
  if (typeof value === 'number') yield value
  else if (typeof value === 'boolean') yield value ? 1 : 2
  else if (value === null) yield 0.5
  else if (typeof value === 'string') {
    // a sentence may be said better; a name is part of the answer
    if (!/[ \n]/.test(value)) yield [...value].reduce((sum, c, i) => sum + c.codePointAt(0)! * (i + 1), 0)
  } else if (Array.isArray(value)) for (const each of value) yield* leaves(each, seen)
  else if (value && typeof value === 'object' && !seen.has(value)) {
    seen.add(value)
    for (const [key, each] of Object.entries(value))
      if (key !== 'project' && key !== 'model' && key !== 'library') yield* leaves(each, seen)
  }
}

/** How many numbers an answer holds, and their weighed sum. */
function digest(answer: unknown): number[] {
  const all = [...leaves(answer, new Set())]
  return [all.length, all.reduce((sum, x, i) => sum + weighed(x, i), 0)]
}

/** What is asked of a boat, answer by answer. */
function* ofBoat(boat: Project, slow: boolean): Generator<TodayLine> {
  for (const [name, speed] of [
    ['cruise', boat.use.cruiseSpeed],
    ['top', boat.use.topSpeed],
  ] as const)
    for (const { id, value, low, high, inputs } of figuresAt(boat, speed))
      yield {
        of: `${boat.name} at ${name}: ${id}`,
        numbers: [value, low ?? value, high ?? value, ...digest(inputs.map(([, input]) => input)).slice(1)],
      }
  for (const { name, ask } of QUESTIONS) {
    if (TEXTS.includes(name) || (SLOW.includes(name) && !slow)) continue
    const answer = ask(boat)
    for (const [key, part] of Object.entries(answer as Record<string, unknown>))
      yield { of: `${boat.name}, ${name}: ${key}`, numbers: digest(part) }
  }
}

/** What is estimated of a part of which one figure is known. */
function* ofParts(): Generator<TodayLine> {
  for (const kind of Object.keys(PART_KINDS) as PartKindId[]) {
    const { columns, shipped } = PART_KINDS[kind]
    for (const { key } of columns)
      yield {
        of: `${kind} of which only ${key} is known`,
        numbers: digest(
          shipped
            .slice(0, 3)
            .map(part => completePart(kind, { id: 'own/p', name: 'P', estimated: [], [key]: part[key] } as Part)),
        ),
      }
  }
}

/** Everything, in order. */
export function* today(): Generator<TodayLine> {
  for (const [i, boat] of BOATS.entries()) yield* ofBoat(boat, i % 3 === 0)
  yield* ofParts()
}

/** A line as the file has it. */
export const written = ({ of, numbers }: TodayLine): string =>
  `${of}\t${numbers.map(n => Number(n.toPrecision(9))).join('\t')}`
