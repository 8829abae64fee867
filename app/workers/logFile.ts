import Papa from 'papaparse'
import {
  guessColumns,
  readLogRow,
  readTrack,
  readTripsCsv,
  Sampler,
  SentenceLines,
  tripOf,
  type LogColumn,
  type Sample,
  type TransducerNames,
  type Trip,
  type UnitChoice,
} from '@remigo/core'
import { decodeText } from '../files/decodeText'

/** A file that is to be read: with columns once its owner has seen them. */
export interface LogFileQuestion {
  file: File
  names: TransducerNames
  choice: UnitChoice
  columns?: LogColumn[]
}
/** What it holds, what its columns are taken for, or why it is not read. */
export type LogFileNews =
  | {
      outcome: 'trips'
      trips: Trip[]
      says: {
        kind: 'sentences' | 'track' | 'table' | 'rows'
        lines: number
        left: number
        first: string
        unknown: string[]
      }
    }
  | { outcome: 'columns'; columns: LogColumn[]; rows: string[][] }
  | { outcome: 'wrong'; errors: string[] }

/** Bytes that are looked at to see what a file is, and the most that a file may have. */
const LOOK = 65_536,
  MOST = 400 * 1024 * 1024
const SHOWN = 5
/** Two samples of a table lie at least so far apart, s. */
const APART = 1

type Tell = (share: number) => unknown

/** What the page may ask: one file. */
export interface LogFileReader {
  read(question: LogFileQuestion, tell: Tell): Promise<LogFileNews>
}
/** Reads log files for the page. */
export const LOG_FILE: LogFileReader = { read }
const bytesOf = async (file: Blob) => new Uint8Array(await file.arrayBuffer())

async function read({ file, names, choice, columns }: LogFileQuestion, tell: Tell): Promise<LogFileNews> {
  if (file.size > MOST) return { outcome: 'wrong', errors: ['The file is larger than 400 MB. Cut it into days.'] }
  const head = decodeText(await bytesOf(file.slice(0, LOOK)))
  if (/<gpx[\s>]/i.test(head)) {
    const track = readTrack(decodeText(await bytesOf(file)))
    if (!track.ok) return { outcome: 'wrong', errors: [track.message] }
    return found([tripOf(track.samples, 'track')], 'track', track.samples.length, 0, '')
  }
  if (/^\s*(\\[^\\]*\\)?[$!][A-Z]{5},/m.test(head)) return sentences(file, names, tell)
  if (/distance_nm|used_kwh|charge_to_percent/i.test(head.split('\n')[0] ?? '')) {
    const trips = readTripsCsv(decodeText(await bytesOf(file)), choice)
    return trips.ok
      ? found(trips.trips, 'table', trips.trips.length, 0, '')
      : { outcome: 'wrong', errors: trips.errors }
  }
  return columns ? table(file, columns, tell) : lookAt(head)
}
type Kind = 'sentences' | 'track' | 'table' | 'rows'
const found = (
  trips: Trip[],
  kind: Kind,
  lines: number,
  left: number,
  first: string,
  unknown: string[] = [],
): LogFileNews => ({
  outcome: 'trips',
  trips,
  says: { kind, lines, left, first, unknown },
})

async function sentences(file: File, names: TransducerNames, tell: Tell): Promise<LogFileNews> {
  const sampler = new Sampler(names),
    samples: Sample[] = []
  const reader = file.stream().pipeThrough(new TextDecoderStream()).getReader()
  const cut = new SentenceLines()
  let seen = 0
  const take = (line: string) => {
    const sample = sampler.take(line)
    if (sample) samples.push(sample)
  }
  for (;;) {
    const { value, done } = await reader.read()
    if (done) break
    seen += value.length
    cut.take(value).forEach(take)
    tell(seen / file.size)
  }
  cut.end().forEach(take)
  const last = sampler.last()
  if (last) samples.push(last)
  if (samples.length < 2)
    return { outcome: 'wrong', errors: ['No sentence of the file has a time. RMC, GGA, GLL or ZDA would give one.'] }
  return found(
    [tripOf(samples, 'instruments')],
    'sentences',
    sampler.heard.lines,
    sampler.heard.broken,
    '',
    sampler.heard.unknown,
  )
}

/** What the first rows of a table look like. */
function lookAt(head: string): LogFileNews {
  const { data } = Papa.parse<string[]>(head, { preview: 30, skipEmptyLines: true })
  const [headings, ...rows] = data
  if (!headings || headings.length < 2 || rows.length === 0)
    return {
      outcome: 'wrong',
      errors: [
        'This is neither a GPX track nor NMEA 0183 nor a table with headings. The first line names the columns.',
      ],
    }
  return { outcome: 'columns', columns: guessColumns(headings, rows), rows: rows.slice(0, SHOWN) }
}

/** A whole table by its columns, by the chunk. */
function table(file: File, columns: LogColumn[], tell: Tell): Promise<LogFileNews> {
  const samples: Sample[] = []
  let line = 0,
    left = 0,
    first = ''
  return new Promise(resolve => {
    Papa.parse<string[]>(file, {
      skipEmptyLines: true,
      chunk: ({ data, meta }) => {
        for (const row of data) {
          line++
          if (line === 1) continue
          const read = readLogRow(row, columns)
          if (!read.ok) {
            left++
            first ||= `Line ${line}: ${read.message}`
            continue
          }
          const last = samples.at(-1)
          if (last && read.row.time - last.time < APART) continue
          const { values } = read.row
          if (values.power === undefined && values.volts !== undefined && values.amps !== undefined)
            values.power = values.volts * values.amps
          samples.push({ time: read.row.time, values, marks: {} })
        }
        tell(Math.min(1, meta.cursor / Math.max(1, file.size)))
      },
      complete: () =>
        resolve(
          samples.length < 2
            ? { outcome: 'wrong', errors: [first || 'The file has fewer than two rows with a time.'] }
            : found([tripOf(samples, 'table')], 'rows', line - 1, left, first),
        ),
      error: () => resolve({ outcome: 'wrong', errors: ['The file could not be read to its end.'] }),
    })
  })
}
