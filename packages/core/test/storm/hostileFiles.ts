import { randomLcg } from 'd3-random'
import { guessColumns, readLogRow, readTrack, Sampler } from '../../src/instruments'
import { readTripsCsv, tripsCsv } from '../../src/log'
import { budgetCsv, readBudgetCsv } from '../../src/money'
import { PART_KINDS, readOtherBoats, readParts, writeParts, type PartKindId } from '../../src/parts'
import { DEMO_BOATS, readProject, writeProject, type Project } from '../../src/project'
import { readTable } from '../../src/tables'
import { readTrialTable } from '../../src/trial'
import { readGpx, routeGpx } from '../../src/voyage'
import type { Dice } from './randomBoat'

/** A damaged or foreign file, and what judges how it is read: null when it is read or refused well. */
export interface Hostile {
  of: string
  text: string
  judge(text: string): string | null
}

/** Numbers of a seed; the first few of neighbours are alike and left out. */
function diceOf(seed: number): Dice {
  const dice = randomLcg((seed * 0x85ebca6b) >>> 0)
  for (let i = 0; i < 5; i++) dice()
  return dice
}
const oneOf = <T>(dice: Dice, of: readonly T[]): T => of[Math.floor(dice() * of.length)]!
const LONGEST_SENTENCE = 400

/** A refusal must say something, in a sentence that one can read to its end. */
function badSentence(messages: readonly string[]): string | null {
  if (messages.length === 0) return 'it is refused without a word'
  if (messages.length > 201) return `it is refused with ${messages.length} sentences`
  const long = messages.find(m => m.length > LONGEST_SENTENCE)
  if (long) return `a sentence has ${long.length} letters: ${long.slice(0, 120)}`
  return messages.find(m => /\bNaN\b|undefined|\[object|TypeError|not a function/.test(m) || m.length < 8) ?? null
}

/** What people and programs leave in a value's place. */
const VALUES: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  -1e308,
  0.1,
  '',
  'x',
  'constructor',
  '1e999',
  '=1+1',
  '<img src=x onerror=alert(1)>',
  'ا'.repeat(700),
  [],
  {},
  [[[]]],
  { toString: 1, valueOf: null },
  { length: 9, 0: 'a' },
  '__proto__',
  '\u0000',
  '\uD800',
]
const KEYS = ['toString', 'constructor', '__proto__', 'length', 'then', 'x', 'version', 'format', 'id'] as const

/** Some values of a document, anywhere in it, made something else; keys go, come and change places. */
function mutated(dice: Dice, document: unknown): unknown {
  const copy = JSON.parse(JSON.stringify(document)) as Record<string, unknown>
  for (let n = 1 + Math.floor(dice() * 3); n > 0; n--) {
    let at: Record<string, unknown> = copy
    for (let deep = Math.floor(dice() * 5); deep > 0; deep--) {
      const inside = Object.values(at).filter(v => typeof v === 'object' && v !== null)
      if (inside.length === 0) break
      at = oneOf(dice, inside) as Record<string, unknown>
    }
    const keys = Object.keys(at),
      way = dice()
    const key = keys.length && way < 0.85 ? oneOf(dice, keys) : oneOf(dice, KEYS)
    if (way < 0.15) Reflect.deleteProperty(at, key)
    else if (!Array.isArray(at) || key !== 'length')
      // as JSON would bring it, whatever name the key has
      Object.defineProperty(at, key, {
        value: structuredClone(oneOf(dice, VALUES)),
        enumerable: true,
        configurable: true,
        writable: true,
      })
  }
  return copy
}

/** Letters of a text knocked out, doubled, swapped, cut short. */
function torn(dice: Dice, text: string): string {
  let now = text
  for (let n = 1 + Math.floor(dice() * 4); n > 0; n--) {
    const at = Math.floor(dice() * now.length),
      way = dice()
    if (way < 0.2) now = now.slice(0, at)
    else if (way < 0.45) now = now.slice(0, at) + now.slice(at + 1 + Math.floor(dice() * 20))
    else if (way < 0.7)
      now =
        now.slice(0, at) +
        oneOf(dice, [
          '"',
          ',',
          ';',
          '\t',
          '\n',
          '\u0000',
          '\uFEFF',
          '9'.repeat(40),
          '-',
          '=',
          '<',
          '&x;',
          '*',
          '$',
          'ß',
        ]) +
        now.slice(at)
    else if (way < 0.85) now = now.slice(0, at) + now.slice(Math.max(0, at - 300), at) + now.slice(at)
    else now = now.replaceAll(oneOf(dice, [',', '\n', '.', '"', '1']), oneOf(dice, [';', '\r\n', ',', "'", '', 'e9']))
  }
  return now
}

const BOAT_FILES = DEMO_BOATS.map(writeProject)
const parsed = BOAT_FILES.map(file => JSON.parse(file) as unknown)

/** Reads a boat; what is read must be written and read again as it is. */
function judgeBoat(text: string): string | null {
  const read = readProject(text)
  if (!read.ok) return read.errors.length > 21 ? 'more than twenty' : badSentence(read.errors.map(e => e.message))
  const again = readProject(writeProject(read.project))
  return again.ok ? null : `its own file is refused: ${again.errors[0]!.message}`
}

const kinds = Object.keys(PART_KINDS) as PartKindId[]
const done = <T>(steps: Generator<unknown, T>): T => {
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}
const judgeParts = (kind: PartKindId) => (text: string) => {
  const read = done(readParts(kind, text))
  if (read.outcome === 'wrong') return badSentence(read.errors.map(e => e.message))
  return new Set(read.parts.map(p => p.id)).size === read.parts.length ? null : 'two parts have one id'
}
const judged = (read: { ok: true } | { ok: false; message: string }) => (read.ok ? null : badSentence([read.message]))

const SENTENCES = [
  '$GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W*6A',
  '$GPVTG,054.7,T,034.4,M,005.5,N,010.2,K*48',
  '$IIXDR,U,52.31,V,BATT,I,41.2,A,BATT,C,31.0,C,MOTOR*2B',
  '\\s:r1,c:1120959341*51\\!AIVDM,1,1,,A,x,0*00',
  '$IIVHW,,T,245.1,M,000.01,N,000.01,K*5F',
  '$SDDBT,12.3,f,3.75,M,2.05,F*38',
] as const
function judgeNmea(text: string): string | null {
  const sampler = new Sampler()
  let samples = 0
  for (const line of text.split('\n')) samples += sampler.take(line) ? 1 : 0
  return samples > text.length ? 'more samples than letters' : null
}
const LOG_CSV =
  'time,volts,amps,rpm,sog kn\n2027-05-01T10:00:00Z,51.2,30,800,3.1\n2027-05-01T10:00:01Z,51.1,31,810,3.2\n'
function judgeLogCsv(text: string): string | null {
  const [heading = [], ...rows] = readTable(text).rows
  const columns = guessColumns(heading, rows)
  for (const row of rows) {
    const read = readLogRow(row, columns)
    if (!read.ok && badSentence([read.message])) return `says “${read.message}”`
  }
  return null
}

/**
 * A line of instruments for each seed, whole or torn.
 *
 * @param seed whole
 * @returns a line
 */
export function hostileLine(seed: number): string {
  const dice = diceOf(seed)
  const line = oneOf(dice, SENTENCES)
  return dice() < 0.3 ? line : torn(dice, line)
}

/** A season, so that the logbook's file has something in it. */
const LOGGED: Project = DEMO_BOATS.reduce((a, b) => (b.log.trips.length > a.log.trips.length ? b : a))
const TRIAL = 'speed kn;power W;way\n3,0;820;out\n3,1;830;back\n4,4;2400;out\n'
const GPX = routeGpx(DEMO_BOATS.find(b => b.day.legs.length > 1) ?? DEMO_BOATS[0]!)
const TRACK =
  '<?xml version="1.0"?><gpx><trk><trkseg><trkpt lat="54" lon="10"><time>2027-05-01T10:00:00Z</time></trkpt>' +
  '<trkpt lat="54.01" lon="10"><time>2027-05-01T10:20:00Z</time></trkpt></trkseg></trk></gpx>'
const OTHERS = 'name,waterline_m,mass_t,speed_kn,power_kW\nA,7,3,4,1.1\nB,9,5,5,2.1\n'

/**
 * A hostile file for each seed: a boat of which values were changed, or any file that Remigo reads, torn.
 *
 * @param seed whole
 * @returns text and what judges how it is read
 */
export function hostileFile(seed: number): Hostile {
  const dice = diceOf(seed),
    turn = seed % 12
  if (turn < 5) {
    const text = JSON.stringify(mutated(dice, oneOf(dice, parsed)))
    return { of: 'boat', text: dice() < 0.1 ? `\uFEFF${text}` : text, judge: judgeBoat }
  }
  const of = (name: string, text: string, judge: Hostile['judge']): Hostile => ({
    of: name,
    text: torn(dice, text),
    judge,
  })
  const kind = oneOf(dice, kinds)
  switch (turn) {
    case 5:
      return of('boat, torn', oneOf(dice, BOAT_FILES), judgeBoat)
    case 6:
      return of('parts', writeParts(kind, PART_KINDS[kind].shipped.slice(0, 6)), judgeParts(kind))
    case 7:
      return of('readings', TRIAL, text => {
        const read = readTrialTable(text)
        return read.outcome === 'read' ? null : badSentence(read.errors.map(e => e.message))
      })
    case 8:
      return of('trips', tripsCsv(LOGGED), text => {
        const read = readTripsCsv(text)
        return read.ok ? null : badSentence(read.errors)
      })
    case 9:
      return dice() < 0.5
        ? of('route', GPX, text => judged(readGpx(text)))
        : of('track', TRACK, text => judged(readTrack(text)))
    case 10:
      return dice() < 0.5
        ? of('budget', budgetCsv(LOGGED), text => judged(readBudgetCsv(LOGGED, text)))
        : of('other boats', OTHERS, text => {
            const read = readOtherBoats(text)
            return read.outcome === 'read' ? null : badSentence(read.errors.map(e => e.message))
          })
    default:
      return dice() < 0.5
        ? of('sentences', Array.from({ length: 8 }, () => oneOf(dice, SENTENCES)).join('\n'), judgeNmea)
        : of('log', LOG_CSV, judgeLogCsv)
  }
}

/**
 * Reads a hostile file.
 *
 * @param seed it comes from
 * @returns what is wrong with how it was read; null when nothing is
 */
export function faultOfFile(seed: number): { of: string; what: string } | null {
  const { of, text, judge } = hostileFile(seed)
  try {
    const what = judge(text)
    return what === null ? null : { of, what }
  } catch (error) {
    const { message, stack = '' } = error as Error
    const at = stack.split('\n').find(line => line.includes(' at ')) ?? ''
    return { of, what: `throws ${message.slice(0, 120)} ${at.trim()}` }
  }
}
