import type { Project } from '../../src/project'
import { figuresAt, QUESTIONS, speedsOf } from './questions'

/** Something that is wrong with an answer. */
export interface Fault {
  seed: number
  /** what was asked */
  of: string
  /** where in the answer, and what is there */
  what: string
}

/** Where “for ever”, “never full” or “no limit” is the answer: the views say so in words. */
const FOR_EVER = /^timeLeft$|^time left of distanceLeft$|\.(timeLeft|byCycles|cycles|left)$/

/** Numbers of an answer that are none, by their paths; a list's places are left out of them. */
function* noNumbers(value: unknown, path: string, seen: Set<unknown>): Generator<string> {
  if (typeof value === 'number') {
    if (Number.isNaN(value)) yield `${path} is NaN`
    else if (!Number.isFinite(value) && !FOR_EVER.test(path)) yield `${path} is ${value}`
  } else if (typeof value === 'string') {
    if (/\bNaN\b|Infinity|\bundefined\b|\[object/.test(value)) yield `${path} says “${value.slice(0, 160)}”`
  } else if (Array.isArray(value)) {
    for (const each of value) yield* noNumbers(each, `${path}[]`, seen)
  } else if (value && typeof value === 'object' && !seen.has(value)) {
    seen.add(value)
    for (const [key, each] of Object.entries(value))
      if (key !== 'project' && key !== 'model' && key !== 'library') yield* noNumbers(each, `${path}.${key}`, seen)
  }
}

/** Ends of a band that do not hold the value. */
function outside(value: number, low: number | undefined, high: number | undefined): string | null {
  const slack = Number.isFinite(value) ? 1e-9 * Math.abs(value) + 1e-12 : 0
  if (low !== undefined && !(low <= value + slack)) return `low ${low} > ${value}`
  if (high !== undefined && !(high >= value - slack)) return `high ${high} < ${value}`
  return null
}

/** Says an error so that the same one on another boat reads the same. */
const thrown = (error: unknown) => {
  const { message, stack = '' } = error as Error
  const at = stack.split('\n').find(line => line.includes(' at '))
  return `throws ${message.replace(/-?\d[\d.e+-]*/g, '#')} ${at?.trim() ?? ''}`
}

/**
 * Asks a boat everything whose turn it is.
 *
 * @param boat valid
 * @param seed it came from
 * @param times ms by question, added to; left out where none are wanted
 * @param all also what is asked only of every so many boats
 * @returns what is wrong with the answers
 */
export function faultsOf(boat: Project, seed: number, times?: Map<string, number[]>, all = false): Fault[] {
  const faults: Fault[] = []
  const note = (of: string, what: string) => void faults.push({ seed, of, what })
  const ask = (of: string, act: () => unknown) => {
    const from = performance.now()
    let answer: unknown
    try {
      answer = act()
    } catch (error) {
      return note(of, thrown(error))
    }
    const took = performance.now() - from
    if (times) times.set(of, [...(times.get(of) ?? []), took])
    if (of === 'figures') return
    for (const what of noNumbers(answer, '', new Set())) note(of, what)
  }
  for (const speed of speedsOf(boat))
    ask('figures', () => {
      for (const { id, value, low, high, inputs, says } of figuresAt(boat, speed)) {
        const at = speed === 0 ? ' at rest' : ''
        for (const what of noNumbers(value, id, new Set())) note('figures', what + at)
        for (const [name, input] of inputs)
          for (const what of noNumbers(input, name, new Set())) note('inputs', what + at)
        const off = outside(value, low, high)
        if (off) note('bands', `${id}: ${off.replace(/-?\d[\d.e+-]*/g, '#')}`)
        if (says.length < 5) note('figures', `${id} says nothing of where it holds`)
      }
    })
  for (const { name, each, ask: act } of QUESTIONS) if (all || seed % each === 0) ask(name, () => act(boat))
  return faults
}
