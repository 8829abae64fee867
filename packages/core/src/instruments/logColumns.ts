import { QUANTITIES, UNITS, type Unit, type UnitId } from '../units'
import { INSTRUMENTS, type InstrumentId, type Values } from './instrument'

/** What a column of a log holds: a reading in a unit, the time, or nothing that is wanted. */
export type ColumnIs =
  | { is: 'reading'; what: InstrumentId; unit: UnitId | 'share' }
  | { is: 'time'; as: TimeForm }
  | { is: 'date' }
  | { is: 'none' }
/** How time is written: ISO 8601, s or ms since 1970, a clock, or s or min since the start. */
export type TimeForm = 'iso' | 'unix' | 'unixMs' | 'clock' | 'seconds' | 'minutes'

/** Every column with its heading, and why it was taken for what it is. */
export interface LogColumn {
  heading: string
  column: ColumnIs
  /** whether its unit was guessed, since the heading has none */
  guessed: boolean
}

/** Words in a heading that say what it is; the first that is met. */
const WORDS: readonly (readonly [InstrumentId, RegExp])[] = [
  ['latitude', /\blat/],
  ['longitude', /\b(lon|lng)/],
  ['depth', /depth/],
  ['cells', /(cell|batt\w*|pack|bms)[ _-]*(temp|°|deg)|t[ _-]?(batt|cell)/],
  ['controller', /(control\w*|inverter|esc)[ _-]*(temp|°|deg)|t[ _-]?contr/],
  ['winding', /(motor|winding|engine|stator)[ _-]*(temp|°|deg)|t[ _-]?motor|^temp/],
  ['charge', /\bsoc\b|state of charge|charge[ _-]*(%|percent|level)|battery[ _-]*(%|percent|level)/],
  ['torque', /torque/],
  ['thrust', /thrust|pull/],
  ['shaft', /(shaft|prop\w*)[ _-]*(rpm|speed|rev)/],
  ['rpm', /rpm|rev|motor speed|engine speed/],
  ['water', /stw|water speed|speed (through|in) water|log speed|paddle/],
  ['ground', /sog|gps speed|speed|over ground|knots|\bkn\b/],
  ['course', /cog|course|track/],
  ['heading', /head/],
  ['windSpeed', /wind[ _-]*speed|aws/],
  ['windAngle', /wind[ _-]*(angle|dir)|awa/],
  ['power', /power|watt/],
  ['volts', /volt|\bu\b|\bv\b/],
  ['amps', /amp|current|\ba\b|\bi\b/],
]
const TIME = /time|date|stamp|elapsed|sec|clock|utc/
const UNIT_WORDS: readonly (readonly [RegExp, UnitId])[] = [
  [/km\/?h|kph/, 'kmh'],
  [/mph/, 'mph'],
  [/m\/s|mps/, 'ms'],
  [/\bkn\b|knots?|kts?\b/, 'kn'],
  [/kw\b/, 'kW'],
  [/°?\bf\b|fahrenheit/, 'degF'],
  [/°\s?c|celsius|\bc\b/, 'degC'],
  [/\bft\b|feet/, 'ft'],
  [/%|percent/, 'percent'],
  [/rpm/, 'rpm'],
  [/\bw\b|watts?/, 'W'],
]
/** What a bare number is taken for, where a heading has no unit. */
const USUAL: Partial<Record<InstrumentId, UnitId>> = {
  ground: 'kn',
  water: 'kn',
  windSpeed: 'kn',
  power: 'W',
  charge: 'percent',
  winding: 'degC',
  controller: 'degC',
  cells: 'degC',
}

/** Units of a reading that a mapping may take. */
export const unitsOf = (what: InstrumentId): readonly UnitId[] => QUANTITIES[INSTRUMENTS[what].quantity].units

const plainNumber = (text: string): number => Number(/^-?\d+,\d+$/.test(text) ? text.replace(',', '.') : text)

/**
 * What the columns of a log hold, guessed from their headings and from the first rows.
 *
 * @param headings of the file
 * @param rows the first of them, as text
 * @returns each column; what is not understood is left out
 * @example guessColumns(['Time', 'SOG kn'], [['2027-06-01T10:00:00Z', '4.1']])[1].column.is // 'reading'
 */
export function guessColumns(headings: readonly string[], rows: readonly (readonly string[])[]): LogColumn[] {
  const taken = new Set<InstrumentId>()
  let time = false
  return headings.map((heading, i) => {
    const words = heading.toLowerCase().replaceAll('_', ' ')
    const cells = rows.map(r => (r[i] ?? '').trim()).filter(Boolean)
    if (TIME.test(words) && !time) {
      const as = timeForm(words, cells)
      if (as) {
        time = true
        return { heading, column: { is: 'time', as }, guessed: false }
      }
      if (/date/.test(words) && cells.every(c => /^\d{4}-\d\d-\d\d$/.test(c)))
        return { heading, column: { is: 'date' }, guessed: false }
    }
    const numbers = cells.map(plainNumber).filter(Number.isFinite)
    const what = WORDS.find(([id, pattern]) => pattern.test(words) && !taken.has(id))?.[0]
    if (!what || numbers.length === 0) return { heading, column: { is: 'none' }, guessed: false }
    taken.add(what)
    const units = unitsOf(what),
      said = UNIT_WORDS.find(([pattern, unit]) => units.includes(unit) && pattern.test(words))?.[1]
    const highest = Math.max(...numbers.map(Math.abs))
    const unit = said ?? guessUnit(what, highest)
    return { heading, column: { is: 'reading', what, unit }, guessed: said === undefined && units.length > 1 }
  })
}

/** What bare numbers of a size are: a charge up to 1 is a share, power under 30 is in kW. */
function guessUnit(what: InstrumentId, highest: number): UnitId | 'share' {
  if (what === 'charge' && highest <= 1) return 'share'
  if (what === 'power' && highest < 100) return 'kW'
  return USUAL[what] ?? unitsOf(what)[0]!
}

function timeForm(words: string, cells: readonly string[]): TimeForm | null {
  const first = cells[0] ?? ''
  if (/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d/.test(first)) return 'iso'
  if (/^\d{1,2}:\d\d(:\d\d(\.\d+)?)?$/.test(first)) return 'clock'
  const value = plainNumber(first)
  if (!Number.isFinite(value)) return null
  if (value > 1e11) return 'unixMs'
  if (value > 1e8) return 'unix'
  return /min/.test(words) ? 'minutes' : 'seconds'
}

/** A row as it was read: time in s since 1970, or since the start where there is no date. */
export interface LogRow {
  time: number
  values: Values
}

/** What a row of a log says, or a sentence. */
export type LogRowOutcome = { ok: true; row: LogRow } | { ok: false; message: string }

/**
 * Reads a row of a log by its mapping.
 *
 * @param cells of the row
 * @param columns what they hold
 * @param day s since 1970 of the midnight on which a clock stands
 * @returns time and values in SI; cells that are empty are left out, one that is no number is said
 */
export function readLogRow(cells: readonly string[], columns: readonly LogColumn[], day = 0): LogRowOutcome {
  const values: Values = {}
  let time: number | null = null,
    midnight = day
  for (const [i, { column, heading }] of columns.entries()) {
    const cell = (cells[i] ?? '').trim()
    if (column.is === 'none' || cell === '') continue
    if (column.is === 'date') {
      const date = Date.parse(`${cell}T00:00:00Z`)
      if (Number.isFinite(date)) midnight = date / 1000
      continue
    }
    const value = column.is === 'time' ? timeIn(cell, column.as) : plainNumber(cell)
    if (value === null || !Number.isFinite(value))
      return {
        ok: false,
        message: `${heading}: “${cell.slice(0, 40)}” is not ${column.is === 'time' ? 'a time' : 'a number'}.`,
      }
    if (column.is === 'time') time = value
    else values[column.what] = toSi(value, column.unit)
  }
  if (time === null) return { ok: false, message: 'The row has no time.' }
  const clock = columns.some(c => c.column.is === 'time' && c.column.as === 'clock')
  return { ok: true, row: { time: clock ? midnight + time : time, values } }
}

function timeIn(cell: string, as: TimeForm): number | null {
  switch (as) {
    case 'iso': {
      const zone = /Z|[+-]\d\d:?\d\d$/.test(cell) ? '' : 'Z'
      return Date.parse(cell.replace(' ', 'T') + zone) / 1000
    }
    case 'clock': {
      const [h, m, s] = cell.split(':').map(Number)
      return 3600 * h! + 60 * m! + (s ?? 0)
    }
    case 'unixMs':
      return plainNumber(cell) / 1000
    case 'minutes':
      return 60 * plainNumber(cell)
    default:
      return plainNumber(cell)
  }
}

/** A number in a unit in SI. */
function toSi(value: number, unit: UnitId | 'share'): number {
  if (unit === 'share') return value
  const { scale, offset }: Unit = UNITS[unit]
  return (offset ?? 0) + scale * value
}
