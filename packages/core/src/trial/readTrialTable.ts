import { fieldError, readField } from '../fields'
import { TRIAL_POINT } from '../project/definition/readingFields'
import { PROJECT_FIELDS, type TrialPoint } from '../project/definition/projectFields'
import { readTable } from '../tables'
import { METRIC_UNITS, type UnitChoice } from '../units'
import { EMPTY_READING } from './readReading'
import { streamError } from './readings'

/** A cell that could not be read. Lines and columns count from 1. */
export interface TableError {
  line: number
  column: number
  message: string
}

/** Points of a pasted table or CSV file, or what is wrong with it. */
export type TrialTable = { outcome: 'read'; points: TrialPoint[] } | { outcome: 'wrong'; errors: TableError[] }

type Column =
  | 'speed'
  | 'power'
  | 'shaft'
  | 'voltage'
  | 'current'
  | 'rpm'
  | 'pull'
  | 'fuelRate'
  | 'direction'
  | 'stream'
  | 'doubt'
  | 'notch'
  | 'note'
/** Words that a heading may hold. */
const HEADINGS: readonly (readonly [Column, RegExp])[] = [
  ['stream', /stream|current\s*\(?kn|tide|drift/i],
  ['rpm', /rpm|rev|turns/i],
  ['pull', /pull|tow|force/i],
  ['fuelRate', /fuel|l\/h|gph|gal/i],
  ['doubt', /doubt|off by|±|error/i],
  ['speed', /speed|knots|\bkn\b|km\/h|sog|stw/i],
  ['shaft', /shaft/i],
  ['power', /power|watt|\bk?w\b/i],
  ['voltage', /volt|\bv\b/i],
  ['current', /amp|current|\ba\b/i],
  ['direction', /direction|way|course|out|heading/i],
  ['notch', /notch|step|setting/i],
  ['note', /note|remark|comment/i],
]
/** A row of a notch of the throttle says so in its note. */
const NOTCH = 'notch '
const USUAL: readonly Column[] = ['speed', 'power', 'direction', 'note']

/** Units in a heading ("speed, km/h") stand for bare numbers below it. */
const unitOf = (heading: string): string =>
  /km\/h|kmh|mph|m\/s|kn\b|kW|\bW\b|lbf?\b|l\/h|gph|hp\b|%|\bN\b/i.exec(heading)?.[0] ?? ''

/** As many as a document keeps, and more errors than help anybody. */
const MOST_ROWS = PROJECT_FIELDS.trial.fields.points.longest,
  MOST_ERRORS = 20

/**
 * Reads a sea trial from text: a pasted part of a spreadsheet (tabs) or CSV (comma, or semicolon with decimal commas).
 * With a heading, columns may stand in any order; without one they are speed, power, direction, note.
 *
 * @param text the table
 * @param choice the owner's units, for bare numbers
 * @returns points, or each cell that makes no sense
 * @example readTrialTable('speed kn,power W\n3,820\n4.4,2400').outcome // 'read'
 */
export function readTrialTable(text: string, choice: UnitChoice = METRIC_UNITS): TrialTable {
  const rows = readTable(text).rows.map(r => r.map(c => c.trim()))
  if (rows.length === 0)
    return {
      outcome: 'wrong',
      errors: [
        {
          line: 1,
          column: 1,
          message: 'There is nothing to read. A row holds speed and watts, for instance: 3.9 kn, 1850 W.',
        },
      ],
    }
  const isHeading = !/\d/.test(rows[0]!.join('').replace(/\d*\s*kn/i, ''))
  const headings = isHeading ? rows[0]! : []
  const columns: (Column | null)[] = isHeading
    ? headings.map(h => HEADINGS.find(([, words]) => words.test(h))?.[0] ?? null)
    : USUAL.slice(0, rows[0]!.length)
  if (!columns.includes('speed'))
    return {
      outcome: 'wrong',
      errors: [
        {
          line: 1,
          column: 1,
          message:
            'No column is named speed. Name the columns speed, power (or volts and amps, shaft power, rpm, pull, ' +
            'fuel), direction, stream, note.',
        },
      ],
    }
  const errors: TableError[] = []
  const points: TrialPoint[] = []
  const readings = rows.slice(isHeading ? 1 : 0)
  if (readings.length > MOST_ROWS)
    return {
      outcome: 'wrong',
      errors: [
        {
          line: MOST_ROWS + (isHeading ? 2 : 1),
          column: 1,
          message:
            `The table has ${readings.length} rows; a boat keeps ${MOST_ROWS} readings. ` +
            'Give the mean of each run, or read the whole log on Trips.',
        },
      ],
    }
  for (const [i, row] of readings.entries()) {
    const line = i + (isHeading ? 2 : 1)
    if (row.every(c => !c)) continue
    const before = errors.length
    const point: TrialPoint = { ...EMPTY_READING }
    columns.forEach((column, k) => {
      const cell = row[k] ?? ''
      if (!column || !cell) return
      if (column === 'notch') {
        point.note = `${NOTCH}${cell}`.slice(0, TRIAL_POINT.fields.note.longest)
        return
      }
      if (column === 'note') {
        point.note = cell.slice(0, TRIAL_POINT.fields.note.longest)
        return
      }
      if (column === 'direction') {
        point.direction = /^(out|there|up|with|a|1)/i.test(cell)
          ? 'out'
          : /^(back|return|home|down|against|b|2)/i.test(cell)
            ? 'back'
            : ''
        return
      }
      const field = column === 'shaft' ? 'power' : column
      const text = /[a-z%]/i.test(cell) ? cell : `${cell} ${unitOf(headings[k] ?? '')}`.trim()
      const read = readField(TRIAL_POINT.fields[field], text, choice)
      if (!read.ok) errors.push({ line, column: k + 1, message: read.message })
      else if (column === 'speed') point.speed = read.value ?? 0
      else if (field !== 'speed') point[field] = read.value
    })
    point.kind = kindOf(
      point,
      columns.some((column, k) => column === 'shaft' && row[k]),
    )
    if (errors.length > before) {
      if (errors.length >= MOST_ERRORS) break
      continue
    }
    if (!point.speed)
      errors.push({
        line,
        column: columns.indexOf('speed') + 1,
        message: fieldError(TRIAL_POINT.fields.speed, undefined)!,
      })
    else if (nothingRead(point))
      errors.push({
        line,
        column: 1,
        message: 'This row has neither watts nor volts with amps, nor rpm, pull or fuel.',
      })
    else if (streamError(point, choice))
      errors.push({ line, column: columns.indexOf('stream') + 1, message: streamError(point, choice)! })
    else points.push(point)
    if (errors.length >= MOST_ERRORS) break
  }
  return errors.length ? { outcome: 'wrong', errors } : { outcome: 'read', points }
}

/** What a row of several columns was read by: what comes nearest to the battery first. */
function kindOf(point: TrialPoint, shaft: boolean): TrialPoint['kind'] {
  if (point.power !== null) return shaft ? 'shaft' : 'battery'
  if (point.current !== null) return 'battery'
  if (point.pull !== null) return 'pull'
  if (point.fuelRate !== null) return 'fuel'
  return point.rpm !== null ? 'rpm' : 'battery'
}

const nothingRead = ({ power, current, rpm, pull, fuelRate }: TrialPoint): boolean =>
  [power, current, rpm, pull, fuelRate].every(value => value === null)
