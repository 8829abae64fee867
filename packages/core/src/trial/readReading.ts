import { GRAVITY } from '../constants'
import { fieldError, inUnits, keptText } from '../fields'
import { TRIAL_POINT } from '../project/definition/readingFields'
import type { TrialPoint } from '../project/definition/projectFields'
import { amountsIn, METRIC_UNITS, quoted, type QuantityId, type Text, type UnitChoice } from '../units'
import { READINGS } from './readingCharacter'
import { NEW_RUN, streamError } from './readings'

/** A reading of which nothing but the speed is known. */
export const EMPTY_READING: TrialPoint = {
  speed: 0,
  kind: 'battery',
  power: null,
  voltage: null,
  current: null,
  rpm: null,
  pull: null,
  fuelRate: null,
  used: null,
  time: null,
  doubt: null,
  direction: '',
  stream: null,
  sea: '',
  note: '',
  setup: NEW_RUN,
}

/** A reading in an owner's words, understood, or a sentence that says what is missing. */
export type ReadSentence = { ok: true; point: TrialPoint } | { ok: false; message: string }

/** A boat that is tied up shows what the propeller can pull, not what her hull takes. */
const AT_THE_QUAY = /\b(?:quay|dock|bollard|moored|tied up|at rest)\b/i,
  QUAY =
    'A pull at the quay is no reading under way: it tells what the propeller can give, not what the hull takes. ' +
    'Tow her at a speed, or read watts at one.'

/** What numbers of a sentence may measure, in the order in which their units are looked for. */
const MEASURES = [
  'speed',
  'fuelRate',
  'distance',
  'power',
  'voltage',
  'current',
  'rotation',
  'force',
  'ratio',
  'duration',
  'mass',
] as const satisfies readonly QuantityId[]
type Found = Partial<Record<(typeof MEASURES)[number], number>>

const FULL_THROTTLE = /full (?:throttle|speed|power|chat)|flat out|wide open|\bwot\b|top speed/i
const ENGINE = /engine|diesel|petrol|gasoline|outboard|throttle|two-stroke|four-stroke/i
const EXAMPLES =
  '“3.9 kn 1850 W”, “5.5 mph 50 V 38 A”, “6 kn 1900 rpm”, “60 kg of pull at 4 kn”, “2.5 l/h at 6 kn”, ' +
  '“with 90 hp she did 17 mph”, “9 km in 80 min took 35 %”'

/**
 * Understands a reading in an owner's own words: a speed, or a distance in a time, and what was read there.
 *
 * @param sentence as typed, units in any order
 * @param choice the owner's units, for messages
 * @param speed m/s, where the sentence need not say it
 * @returns the reading, or what is missing or says two things
 * @example readReading('full throttle took 130 A at 8.5 mph').ok // true
 */
export function readReading(
  sentence: string,
  choice: UnitChoice = METRIC_UNITS,
  speed: number | null = null,
): ReadSentence {
  const wrong = (message: string): ReadSentence => ({ ok: false, message })
  const words = sentence.trim()
  if (!words) return wrong(`Say a speed and what was read there, for instance ${EXAMPLES}.`)
  const found: Found = {}
  for (const { quantity, value: from, upTo, twoWays, text } of amountsIn(words, MEASURES)) {
    if (twoWays) return wrong(twoWays)
    // "5 to 6 mph" is in the middle
    const value = upTo === null ? from : (from + upTo) / 2
    // 1 h 30 min is one time
    if (quantity === 'duration' && found.duration) found.duration += value
    else if (found[quantity] !== undefined)
      return wrong(`${quoted(text)} is a second one of its kind: one reading at a time, please.`)
    else found[quantity] = value
  }
  const { distance, duration } = found
  const moved = found.speed ?? (distance && duration ? distance / duration : speed)
  if (!moved && AT_THE_QUAY.test(words)) return wrong(QUAY)
  if (!moved) return wrong(`At what speed was that? Add it, for instance ${quoted(`${words} at 3.9 kn`)}.`)
  const reading = whatWasRead(found, words, distance && !duration ? distance / moved : duration)
  if (!reading)
    return wrong(`${keptText(TRIAL_POINT.fields.speed, moved, choice)}, and what was read there? Such as ${EXAMPLES}.`)
  const point: TrialPoint = { ...EMPTY_READING, speed: moved, ...reading, ...wayOf(words, reading.kind) }
  for (const [key, field] of Object.entries(TRIAL_POINT.fields)) {
    if (key === 'setup') continue
    const message = fieldError(field, point[key as keyof TrialPoint], inUnits(choice))
    if (message) return wrong(message)
  }
  const stands = streamError(point, choice)
  return stands ? wrong(`${stands[0]!.toUpperCase()}${stands.slice(1)}`) : { ok: true, point }
}

/** What was read besides the speed: the kind, and its numbers. */
function whatWasRead(
  { power, voltage, current, rotation, force, fuelRate, ratio, mass }: Found,
  words: string,
  time: number | undefined,
): (Pick<TrialPoint, 'kind'> & Partial<TrialPoint>) | null {
  if (ratio !== undefined && time) return { kind: 'charge', used: ratio, time }
  if (current !== undefined) return { kind: 'battery', current, voltage: voltage ?? null, power: power ?? null }
  if (fuelRate !== undefined) return { kind: 'fuel', fuelRate }
  if (force !== undefined) return { kind: 'pull', pull: force }
  if (mass !== undefined && /pull|tow|line|scale|balance/i.test(words)) return { kind: 'pull', pull: mass * GRAVITY }
  if (power !== undefined) {
    if (/shaft/i.test(words)) return { kind: 'shaft', power }
    return { kind: ENGINE.test(words) || /\d\s*(?:hp|bhp|ps|cv|ch|pk)\b/i.test(words) ? 'engine' : 'battery', power }
  }
  if (rotation !== undefined) return { kind: 'rpm', rpm: rotation * TRIAL_POINT.fields.rpm.keptPerSi }
  return FULL_THROTTLE.test(words) ? { kind: 'engine' } : null
}

/** Which way, and what is said of the stream. */
function wayOf(words: string, kind: TrialPoint['kind']): Partial<TrialPoint> {
  if (/both ways|there and back|out and back/i.test(words)) return { doubt: READINGS[kind].noise }
  return {
    direction: /\bback\b|\breturn\b|homeward/i.test(words)
      ? 'back'
      : /\bout(?:ward)?\b(?! of)/i.test(words)
        ? 'out'
        : '',
    stream: /slack|still water|no (?:stream|tide|current)|\blake\b/i.test(words) ? 0 : null,
  }
}

/**
 * What was read, in a few words.
 *
 * @param point the reading
 * @returns a sentence's part with its numbers
 * @example readingText({ ...EMPTY_READING, power: 2400 }).text // '{power}'
 */
export function readingText({ kind, power, voltage, current, rpm, pull, fuelRate, used, time }: TrialPoint): Text {
  const of = (quantity: QuantityId, value: number | null) => ({ quantity, value: value ?? 0 })
  switch (kind) {
    case 'battery':
      return current === null || power !== null
        ? { text: '{power}', params: { power: of('electricPower', power) } }
        : {
            text: voltage === null ? '{a}' : '{v} × {a}',
            params: { a: of('current', current), v: of('voltage', voltage) },
          }
    case 'shaft':
      return { text: '{power} at the shaft', params: { power: of('electricPower', power) } }
    case 'rpm':
      return { text: '{n}', params: { n: of('rotation', (rpm ?? 0) / TRIAL_POINT.fields.rpm.keptPerSi) } }
    case 'pull':
      return { text: '{f} of pull', params: { f: of('force', pull) } }
    case 'fuel':
      return { text: '{f}', params: { f: of('fuelRate', fuelRate) } }
    case 'engine':
      return power === null ? { text: 'engine flat out' } : { text: 'engine {p}', params: { p: of('power', power) } }
    case 'charge':
      return { text: '{share} in {t}', params: { share: of('ratio', used), t: of('duration', time) } }
  }
}
