import { INSTRUMENT_IDS, instrument, type InstrumentId, type Values } from './instrument'
import { heardOf, momentOf, type TransducerNames } from './observations'
import { readSentence } from './sentence'

/** What is wrong with a reading. */
export type Mark = 'stale' | 'impossible' | 'stuck'

/** What all instruments said in a second. Time in s since 1970, UTC. */
export interface Sample {
  time: number
  values: Values
  marks: Partial<Record<InstrumentId, Mark>>
}

/** Lines that were heard: taken, broken, of no use, too late. */
export interface LineCount {
  lines: number
  broken: number
  unread: number
  late: number
  /** transducers that nothing is known of, and sentences that are not read; each at most 40 */
  unknown: string[]
}

interface Kept {
  value: number
  at: number
  /** since when it has been the very same */
  since: number
}

/** Names that are kept of what is not known. */
const MOST_UNKNOWN = 40
/** A clock that goes back by more is another log, s. */
const LATE = 5
/** A clock that goes on by more is not believed at once, s. */
const LEAP = 6 * 3600

/**
 * Gathers sentences to one sample a second. What is impossible or old is marked and left out of the values. Nothing
 * grows with the number of lines.
 */
export class Sampler {
  readonly heard: LineCount = { lines: 0, broken: 0, unread: 0, late: 0, unknown: [] }
  private readonly kept = new Map<InstrumentId, Kept>()
  private readonly marked = new Map<InstrumentId, number>()
  private date: number | null = null
  private now: number | null = null
  private second: number | null = null

  /**
   * @param names what transducers are, where the owner has said so
   * @param clock whether time is that of the sentences (a log), or that at which a line comes (live)
   */
  constructor(
    private readonly names: TransducerNames = {},
    private readonly clock: 'sentences' | 'arrival' = 'sentences',
  ) {}

  /**
   * Takes a line.
   *
   * @param line as it came
   * @param arrival s since 1970, for a live stream
   * @returns the second that this line ends, or null
   */
  take(line: string, arrival: number | null = null): Sample | null {
    this.heard.lines++
    const read = readSentence(line)
    if (!read.ok) {
      if (read.why !== 'empty') this.heard.broken++
      return null
    }
    const heard = heardOf(read.sentence, this.names)
    for (const name of heard.unknown) this.miss(name)
    if (heard.observations.length === 0 && heard.clock === null) {
      this.heard.unread++
      return null
    }
    if (this.clock === 'arrival') {
      if (arrival !== null) this.now = arrival
    } else if (heard.clock !== null) {
      if (heard.date !== null) this.date = heard.date
      const moment = momentOf(heard.clock, heard.date, this.now)
      if (this.now !== null && moment < this.now - LATE) {
        this.heard.late++
        return null
      }
      if (this.now !== null && moment > this.now + LEAP && heard.date === null) return null
      this.now = Math.max(moment, this.now ?? moment)
    }
    if (this.now === null) return null
    const ended = this.end(this.now)
    for (const { what, value } of heard.observations) this.put(what, value, this.now)
    return ended
  }

  /** The second that is going on, as far as it was heard. */
  last(): Sample | null {
    return this.second === null || this.now === null ? null : this.sample(this.now)
  }

  /** Takes values that were read from a table instead of from sentences. */
  put(what: InstrumentId, value: number, at: number): void {
    const { least, most, fastest } = instrument(what),
      before = this.kept.get(what)
    const jumps =
      fastest !== null &&
      before !== undefined &&
      at - before.at < 30 &&
      Math.abs(value - before.value) > fastest * Math.max(1, at - before.at)
    if (!(value >= least && value <= most) || jumps) {
      this.marked.set(what, at)
      return
    }
    this.marked.delete(what)
    this.kept.set(what, { value, at, since: before?.value === value ? before.since : at })
  }

  /** Closes the second before a moment. */
  private end(now: number): Sample | null {
    const second = Math.floor(now)
    if (this.second === null) {
      this.second = second
      return null
    }
    if (second <= this.second) return null
    const sample = this.sample(this.second)
    this.second = second
    return sample
  }

  private sample(time: number): Sample {
    const values: Values = {},
      marks: Sample['marks'] = {}
    const runs = Math.abs(this.kept.get('amps')?.value ?? 0) > 1 || (this.kept.get('rpm')?.value ?? 0) > 1
    for (const id of INSTRUMENT_IDS) {
      const kept = this.kept.get(id),
        { stale, stuck } = instrument(id)
      if (this.marked.has(id) && time - this.marked.get(id)! < stale) marks[id] = 'impossible'
      if (!kept) continue
      if (time - kept.at > stale) marks[id] = 'stale'
      else if (runs && stuck !== null && kept.at - kept.since > stuck) marks[id] = 'stuck'
      if (!marks[id]) values[id] = kept.value
    }
    if (values.power === undefined && values.volts !== undefined && values.amps !== undefined)
      values.power = values.volts * values.amps
    return { time, values, marks }
  }

  private miss(name: string) {
    const { unknown } = this.heard
    if (unknown.length < MOST_UNKNOWN && !unknown.includes(name)) unknown.push(name.slice(0, 40))
  }
}

/**
 * All samples of a log of sentences.
 *
 * @param lines of the file
 * @param names what transducers are
 * @returns samples in order, and what was heard
 */
export function samplesOf(
  lines: Iterable<string>,
  names: TransducerNames = {},
): { samples: Sample[]; heard: LineCount } {
  const sampler = new Sampler(names),
    samples: Sample[] = []
  for (const line of lines) {
    const sample = sampler.take(line)
    if (sample) samples.push(sample)
  }
  const last = sampler.last()
  if (last) samples.push(last)
  return { samples, heard: sampler.heard }
}
