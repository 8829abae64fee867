import { DAY, FOOT, FREEZING, KNOT } from '../constants'
import type { InstrumentId } from './instrument'
import type { Sentence } from './sentence'

/** One thing that a sentence says. SI. */
export interface HeardValue {
  what: InstrumentId
  value: number
}

/** What a sentence says, and when: s since 1970 (UTC), or since midnight where it has no date. */
export interface Heard {
  observations: HeardValue[]
  date: number | null
  clock: number | null
  /** names of transducers that nothing is known of */
  unknown: string[]
}

/** What transducers of XDR sentences are, by their names; null for what is to be left out. */
export type TransducerNames = Readonly<Record<string, InstrumentId | null>>

const KMH = 1 / 3.6,
  FATHOM = 6 * FOOT
const radians = (degrees: number) => (degrees * Math.PI) / 180
const number = (text: string | undefined): number | null => {
  if (!text || !/^[+-]?\d*\.?\d+$|^[+-]?\d+\.$/.test(text)) return null
  const value = Number(text)
  return Number.isFinite(value) ? value : null
}
/** 4530.5,N: degrees and minutes */
function place(text: string | undefined, side: string | undefined): number | null {
  const value = number(text)
  if (value === null || value < 0 || !/^[NSEW]$/i.test(side ?? '')) return null
  const degrees = Math.floor(value / 100),
    minutes = value - 100 * degrees
  const whole = degrees + minutes / 60
  if (minutes >= 60 || whole > (/[NS]/i.test(side!) ? 90 : 180)) return null
  const angle = radians(whole)
  return /[SW]/i.test(side!) ? -angle : angle
}
/** hhmmss.ss: s since midnight */
function clockOf(text: string | undefined): number | null {
  const match = /^(\d\d)(\d\d)(\d\d(?:\.\d+)?)$/.exec(text ?? '')
  if (!match) return null
  const [h, m, s] = match.slice(1).map(Number) as [number, number, number]
  return h < 24 && m < 60 && s < 61 ? 3600 * h + 60 * m + s : null
}
/** ddmmyy, or day, month, year apart: s since 1970 of its midnight */
function dateOf(day: string | undefined, month: string | undefined, year: string | undefined): number | null {
  const [d, m, y] = [number(day), number(month), number(year)]
  if (d === null || m === null || y === null || d < 1 || d > 31 || m < 1 || m > 12) return null
  const time = Date.UTC(y < 100 ? 2000 + y : y, m - 1, d)
  return Number.isFinite(time) ? time / 1000 : null
}
const bearing = (degrees: number) => radians(((degrees % 360) + 360) % 360)

type Reader = (f: readonly string[], to: Collector, names: TransducerNames) => void

/** What a sentence has said so far. */
class Collector implements Heard {
  observations: HeardValue[] = []
  date: number | null = null
  clock: number | null = null
  unknown: string[] = []
  put(what: InstrumentId, value: number | null, change: (v: number) => number = v => v) {
    if (value !== null) this.observations.push({ what, value: change(value) })
  }
  position(f: readonly string[], at: number) {
    const latitude = place(f[at], f[at + 1]),
      longitude = place(f[at + 2], f[at + 3])
    if (latitude === null || longitude === null) return
    this.put('latitude', latitude)
    this.put('longitude', longitude)
  }
}

const bySpeedUnit: Readonly<Record<string, number>> = { N: KNOT, K: KMH, M: 1 }
/** Depth under the transducer in the first unit that has a number. */
const depth: Reader = (f, to) => {
  const metres = number(f[2]) ?? scaled(number(f[0]), FOOT) ?? scaled(number(f[4]), FATHOM)
  to.put('depth', metres)
}
const scaled = (value: number | null, by: number) => (value === null ? null : value * by)

/** Each sentence that is read. Source: NMEA 0183, fields in the order of the standard (from memory). */
const READERS: Readonly<Record<string, Reader>> = {
  RMC: (f, to) => {
    to.clock = clockOf(f[0])
    to.date = dateOf(f[8]?.slice(0, 2), f[8]?.slice(2, 4), f[8]?.slice(4, 6))
    if (f[1]?.toUpperCase() !== 'A') return
    to.position(f, 2)
    to.put('ground', number(f[6]), v => v * KNOT)
    to.put('course', number(f[7]), bearing)
  },
  VTG: (f, to) => {
    to.put('course', number(f[0]), bearing)
    const knots = number(f[4])
    to.put('ground', knots === null ? scaled(number(f[6]), KMH) : knots * KNOT)
  },
  GLL: (f, to) => {
    to.clock = clockOf(f[4])
    if (f[5]?.toUpperCase() !== 'V') to.position(f, 0)
  },
  GGA: (f, to) => {
    to.clock = clockOf(f[0])
    if (number(f[5])) to.position(f, 1)
  },
  VHW: (f, to) => {
    to.put('heading', number(f[0]), bearing)
    const knots = number(f[4])
    to.put('water', knots === null ? scaled(number(f[6]), KMH) : knots * KNOT)
  },
  VBW: (f, to) => {
    if (f[2]?.toUpperCase() === 'A') to.put('water', number(f[0]), v => Math.abs(v) * KNOT)
    if (f[5]?.toUpperCase() === 'A') {
      const ahead = number(f[3]),
        across = number(f[4]) ?? 0
      to.put('ground', ahead === null ? null : Math.hypot(ahead, across) * KNOT)
    }
  },
  MWV: (f, to) => {
    const unit = bySpeedUnit[f[3]?.toUpperCase() ?? ''],
      value = number(f[2])
    if (f[4]?.toUpperCase() !== 'A' || unit === undefined || value === null) return
    // T is the true wind reckoned from the bow, not from north
    if (f[1]?.toUpperCase() === 'R') {
      to.put('windAngle', number(f[0]), bearing)
      to.put('windSpeed', value * unit)
    } else if (f[1]?.toUpperCase() === 'T') to.put('trueWind', value * unit)
  },
  MWD: (f, to) => {
    to.put('trueWindFrom', number(f[0]), bearing)
    const knots = number(f[4])
    to.put('trueWind', knots === null ? number(f[6]) : knots * KNOT)
  },
  DPT: (f, to) => {
    const below = number(f[0])
    // a positive offset is to the waterline; a negative one, to the keel, is taken back out
    to.put('depth', below === null ? null : below + Math.max(0, number(f[1]) ?? 0))
  },
  DBT: depth,
  RPM: (f, to) => {
    if (f[4]?.toUpperCase() === 'V') return
    const what = f[0]?.toUpperCase() === 'S' ? 'shaft' : 'rpm'
    to.put(what, number(f[2]), v => Math.abs(v) / 60)
  },
  HDT: (f, to) => to.put('heading', number(f[0]), bearing),
  ZDA: (f, to) => {
    to.clock = clockOf(f[0])
    to.date = dateOf(f[1], f[2], f[3])
  },
  XDR: (f, to, names) => {
    for (let i = 0; i + 3 < f.length; i += 4) {
      const value = number(f[i + 1]),
        [kind, unit, name] = [f[i]!, f[i + 2]!, f[i + 3]!]
      if (value === null) continue
      const what = name in names ? names[name]! : guessTransducer(kind, unit, name)
      if (what === undefined) to.unknown.push(name)
      else if (what !== null) to.put(what, inSi(value, unit, what))
    }
  },
}

/** Sentences that are read, by their three letters. */
export const SENTENCES = Object.keys(READERS)

/** A transducer's value in SI, by its unit and by what it is. */
function inSi(value: number, unit: string, what: InstrumentId): number {
  switch (unit.toUpperCase()) {
    case 'C':
      return value + FREEZING
    case 'F':
      return ((value - 32) * 5) / 9 + FREEZING
    case 'P':
      return value / 100
    case 'R':
      return value / 60
    default:
      return what === 'charge' && value > 1 ? value / 100 : value
  }
}

/**
 * What a transducer is, by its kind, unit and name, where its owner has not said so.
 *
 * @param kind of the standard: U volts, I amps, C temperature, T tachometer, N force, G generic
 * @param unit of the standard
 * @param name as the device says it
 * @returns an instrument, or undefined when it could be anything
 * @example guessTransducer('U', 'V', 'BATT#0') // 'volts'
 */
export function guessTransducer(kind: string, unit: string, name: string): InstrumentId | undefined {
  const k = kind.toUpperCase(),
    n = name.toLowerCase()
  const starter = /start|house|aux|bow/.test(n)
  if (k === 'U' && !starter) return /batt|pack|main|bank|traction|bms|drive|volt/.test(n) ? 'volts' : undefined
  if (k === 'I' && !starter) return /batt|pack|main|bank|traction|bms|drive|amp/.test(n) ? 'amps' : undefined
  if (k === 'C') {
    if (/control|inverter|esc|drive/.test(n)) return 'controller'
    if (/wind|motor|stator|engine/.test(n)) return 'winding'
    return /batt|pack|cell|bms/.test(n) ? 'cells' : undefined
  }
  if (k === 'T') return /shaft|prop/.test(n) ? 'shaft' : /motor|engine|rpm/.test(n) ? 'rpm' : undefined
  if (k === 'N') return /thrust|pull/.test(n) ? 'thrust' : undefined
  if (/soc|charge/.test(n) && !starter) return 'charge'
  if (/torque/.test(n)) return 'torque'
  return /power|watt/.test(n) && unit.toUpperCase() !== 'P' ? 'power' : undefined
}

/**
 * What a sentence says, in SI.
 *
 * @param sentence as it was read
 * @param names what transducers are, where the owner has said so
 * @returns observations; none for a sentence that is not read
 * @example heardOf({ talker: 'HE', type: 'HDT', fields: ['90', 'T'] }).observations[0].value // 1.5708
 */
export function heardOf({ type, fields }: Sentence, names: TransducerNames = {}): Heard {
  const to = new Collector()
  READERS[type]?.(fields, to, names)
  return to
}

/** Moment of a clock: on its date where one is known, else after a moment that was. */
export function momentOf(clock: number, date: number | null, last: number | null): number {
  if (date !== null) return date + clock
  if (last === null) return clock
  const midnight = Math.floor(last / DAY) * DAY
  const same = midnight + clock
  // over midnight
  return same < last - DAY / 2 ? same + DAY : same > last + DAY / 2 ? same - DAY : same
}
