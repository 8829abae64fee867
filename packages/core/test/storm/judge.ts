import { pairs } from 'd3-array'
import type { Project } from '../../src/project'
import { evaluate, modelOf, powerCurve, type OperatingPoint } from '../../src/system'
import { figuresAt, QUESTIONS, speedsOf } from './questions'

/** Something that is wrong with an answer. */
export interface Fault {
  seed: number
  /** what was asked */
  of: string
  /** where in the answer, and what is there */
  what: string
}

/** Where “for ever”, “no limit” or “no date” is the answer: the views say so in words. */
const FOR_EVER = new RegExp(
  [
    '^time(Left|ToEmpty)$',
    '^time (to the reserve|until empty) of distance(Left|ToEmpty)$',
    '\\.(timeLeft|byCycles|cycles|left)$',
  ].join('|'),
)

/** Ends of a band and what lies between them, as answers name them. */
const BANDS = [
  ['low', ['value', 'centre', 'middle', 'mean'], 'high'],
  ['packPowerLow', [], 'packPowerHigh'],
  ['distanceLow', ['distanceLeft'], 'distanceHigh'],
  ['leftLow', ['left'], 'leftHigh'],
] as const

/** What is wrong with the numbers and words of an answer, by their paths; a list's places are left out of them. */
function* wrongIn(value: unknown, path: string, seen: Set<unknown>): Generator<string> {
  if (typeof value === 'number') {
    if (Number.isNaN(value)) yield `${path} is NaN`
    else if (!Number.isFinite(value) && !FOR_EVER.test(path)) yield `${path} is ${value}`
  } else if (typeof value === 'string') {
    if (/\bNaN\b|Infinity|\bundefined\b|\[object/.test(value)) yield `${path} says “${value.slice(0, 160)}”`
  } else if (Array.isArray(value)) {
    for (const each of value) yield* wrongIn(each, `${path}[]`, seen)
  } else if (value && typeof value === 'object' && !seen.has(value)) {
    seen.add(value)
    const group = value as Record<string, unknown>
    for (const [low, between, high] of BANDS) {
      if (typeof group[low] !== 'number' || typeof group[high] !== 'number') continue
      for (const off of [outside(group[low], group[low], group[high])]) if (off) yield `${path}: ${low} above ${high}`
      for (const key of between)
        if (typeof group[key] === 'number' && outside(group[key], group[low], group[high]))
          yield `${path}.${key} lies outside its band`
    }
    for (const [key, each] of Object.entries(group))
      if (key !== 'project' && key !== 'model' && key !== 'library') yield* wrongIn(each, `${path}.${key}`, seen)
  }
}

/** Ends of a band that do not hold the value. */
function outside(value: number, low: number | undefined, high: number | undefined): string | null {
  const slack = Number.isFinite(value) ? 1e-9 * Math.abs(value) + 1e-12 : 0
  if (low !== undefined && !(low <= value + slack)) return 'low end above it'
  if (high !== undefined && !(high >= value - slack)) return 'high end below it'
  return null
}

/** Says an error so that the same one on another boat reads the same. */
function thrown(error: unknown): string {
  const { message, stack = '' } = error as Error
  const at = stack.split('\n').find(line => line.includes(' at ')) ?? ''
  return `throws ${message.replace(/-?\d[\d.e+-]*/g, '#')} ${at.trim()}`
}

/** What no boat can have less than none of, at any speed. */
const NEVER_NEGATIVE = [
  'effectivePower',
  'thrust',
  'propellerTorque',
  'deliveredPower',
  'shaftPower',
  'motorLoss',
  'motorInput',
  'controllerLoss',
  'packPower',
  'packCurrent',
] as const
/** Share of a curve over which the power may fall: behind the hump of her waves it does. */
const MAY_FALL = 0.15
/**
 * In deep water, since past the speed of the wave of her depth a boat does leave her waves behind; and where a method
 * holds, since beyond them all the answer says that nothing does.
 */
const inDeepWater = (boat: Project): Project => ({ ...boat, boat: { ...boat.boat, waterDepth: null } })
const aMethodHolds = ({ resistance }: OperatingPoint) => resistance.methods.some(m => m.holds && !m.rule)

function* wrongAt(boat: Project, speed: number): Generator<string> {
  const { point } = evaluate(boat, speed)
  yield* wrongIn(point, '', new Set())
  for (const key of NEVER_NEGATIVE) if (point.drive[key] < 0) yield `${key} is below 0`
  for (const method of point.resistance.methods) if (method.value < 0) yield `resistance of ${method.id} is below 0`
}

function* wrongFigures(boat: Project, speed: number): Generator<string> {
  const at = speed === 0 ? ' at rest' : ''
  for (const { id, value, low, high, inputs, says } of figuresAt(boat, speed)) {
    for (const what of wrongIn(value, id, new Set())) yield what + at
    for (const [name, input] of inputs) for (const what of wrongIn(input, name, new Set())) yield what + at
    const off = outside(value, low, high)
    if (off) yield `${id}: ${off}`
    if (says.length < 5) yield `${id} says nothing of where it holds`
  }
}

function* wrongCurve(boat: Project): Generator<string> {
  // readings may say anything, and the curve follows them; a hull that planes takes less beyond her hump
  if (boat.trial.use === 'measured' || boat.log.trips.length > 0 || modelOf(boat).form.bottom) return
  const curve = powerCurve(inDeepWater(boat), 30)
  const falls = pairs(curve).filter(
    ([a, b]) => aMethodHolds(a) && aMethodHolds(b) && b.drive.packPower < a.drive.packPower * (1 - 1e-9),
  )
  if (falls.length > MAY_FALL * curve.length) yield 'power falls over more than 15 % of the curve'
}

/** Figures with all their inputs take most of the time: so many boats for one that is asked. */
const FIGURES_EACH = 8

/** How everything that was asked took its time, ms, by question. */
export type Times = Map<string, number[]>

/**
 * Asks a boat at seven speeds, its figures at one of them, and everything else whose turn it is.
 *
 * @param boat valid
 * @param seed it came from
 * @param times added to
 * @param all also what is asked only of every so many boats
 * @returns what is wrong with the answers
 */
export function faultsOf(boat: Project, seed: number, times: Times = new Map(), all = false): Fault[] {
  const faults: Fault[] = []
  const ask = (of: string, act: () => Iterable<string>) => {
    const from = performance.now()
    try {
      for (const what of act()) faults.push({ seed, of, what })
    } catch (error) {
      faults.push({ seed, of, what: thrown(error) })
    }
    const took = performance.now() - from,
      known = times.get(of)
    if (known) known.push(took)
    else times.set(of, [took])
  }
  const speeds = speedsOf(boat)
  for (const speed of speeds) {
    // the answer alone is what an owner waits for
    ask('answer at a speed', () => (evaluate(boat, speed), []))
    ask('that answer, looked through', () => wrongAt(boat, speed))
  }
  if (all || seed % FIGURES_EACH === 0)
    for (const speed of all ? speeds : [speeds[(seed / FIGURES_EACH) % speeds.length]!])
      ask('figures and their inputs', () => wrongFigures(boat, speed))
  for (const { name, each, ask: act } of QUESTIONS)
    if (all || seed % each === 0) ask(name, () => wrongIn(act(boat), '', new Set()))
  if (all || seed % 10 === 0) ask('power over speed', () => wrongCurve(boat))
  return faults
}
