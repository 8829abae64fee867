import { KNOT, NAUTICAL_MILE } from '../constants'
import { fieldError, inUnits, shortened } from '../fields'
import { SEAS, TRIP, type Project, type Trip } from '../project'
import { readTable, writeTable } from '../tables'
import { METRIC_UNITS, quoted, type UnitChoice } from '../units'
import { EMPTY_TRIP } from './tripOf'

/** Trips of a file, or what is wrong with its lines. */
export type TripsOutcome = { ok: true; trips: Trip[] } | { ok: false; errors: string[] }

const HOUR = 3600,
  KWH = 3.6e6
interface Column {
  name: string
  write: (t: Trip) => string | number | null
  read: (text: string, t: Trip) => Partial<Trip> | string
}
/** More of one line than this help nobody. */
const MOST_OF_LINE = 3
type Numeric = { [K in keyof Trip]: Trip[K] extends number | null ? K : never }[keyof Trip]
const digits = (value: number) => Number(value.toPrecision(15))
const number = (name: string, key: Numeric, scale: number): Column => ({
  name,
  write: t => (t[key] === null ? null : digits(t[key] / scale)),
  read: text => {
    const value = Number(text.replace(',', '.'))
    return Number.isFinite(value) ? { [key]: value * scale } : `${name} ${quoted(text)} is not a number`
  },
})
const words = (name: string, key: 'id' | 'date' | 'name' | 'from' | 'to' | 'crew' | 'faults' | 'note'): Column => ({
  name,
  write: t => t[key],
  read: text => ({ [key]: text }),
})
/** Columns of the file; their names carry the unit. */
const COLUMNS: readonly Column[] = [
  words('date', 'date'),
  words('trip', 'name'),
  words('from', 'from'),
  words('to', 'to'),
  number('distance_nm', 'distance', NAUTICAL_MILE),
  number('hours', 'time', HOUR),
  number('used_kwh', 'used', KWH),
  number('shore_kwh', 'shore', KWH),
  number('sun_kwh', 'sun', KWH),
  number('sail_kwh', 'sail', KWH),
  number('generator_kwh', 'generator', KWH),
  number('charge_from_percent', 'chargeFrom', 0.01),
  number('charge_to_percent', 'chargeTo', 0.01),
  number('counted_ah', 'drawn', 1),
  {
    name: 'rested',
    write: t => (t.rested ? 'yes' : 'no'),
    read: text => ({ rested: /^(yes|true|1|y)$/i.test(text) }),
  },
  number('wind_kn', 'wind', KNOT),
  {
    name: 'sea',
    write: t => t.sea,
    read: text => ({ sea: SEAS.find(s => s === text.toLowerCase()) ?? '' }),
  },
  words('aboard', 'crew'),
  number('engine_hours_saved', 'engineSaved', HOUR),
  words('faults', 'faults'),
  words('note', 'note'),
  words('id', 'id'),
]

/** The log as a CSV file. */
export const tripsCsv = ({ log }: Project): string =>
  writeTable([COLUMNS.map(c => c.name), ...log.trips.map(t => COLUMNS.map(c => String(c.write(t) ?? '')))])

/**
 * Reads trips from a CSV file with the columns of tripsCsv, in any order; a date, miles, hours or per cent are enough.
 *
 * @param text of the file
 * @param choice units of the messages
 * @returns trips, or a sentence for each line that makes no sense; a line without an id has one made of what it says
 * @example readTripsCsv('date,distance_nm,hours,used_kwh\n2027-06-01,8,2,3.8').ok // true
 */
export function readTripsCsv(text: string, choice: UnitChoice = METRIC_UNITS): TripsOutcome {
  const { rows } = readTable(text)
  const columns = (rows[0] ?? []).map(h => COLUMNS.find(c => c.name === h.trim().toLowerCase()))
  if (!columns.some(c => c))
    return {
      ok: false,
      errors: [
        `No column is known. Name them ${COLUMNS.slice(0, 5)
          .map(c => c.name)
          .join(', ')} and so on.`,
      ],
    }
  const errors: string[] = [],
    trips: Trip[] = []
  rows.slice(1).forEach((row, i) => {
    if (row.every(c => !c.trim())) return
    let trip: Trip = { ...EMPTY_TRIP, id: '', source: 'table' }
    const wrong: string[] = []
    columns.forEach((column, k) => {
      const cell = (row[k] ?? '').trim()
      if (!column || !cell) return
      const read = column.read(cell, trip)
      if (typeof read === 'string') wrong.push(read)
      else trip = { ...trip, ...read }
    })
    if (!trip.id)
      trip.id = shortened(
        `table-${trip.date}-${trip.name}-${Math.round(trip.distance)}-${Math.round(trip.time)}`,
        TRIP.fields.id,
      )
    for (const key of ['distance', 'time', 'used', 'chargeFrom', 'chargeTo', 'name', 'from', 'to', 'date'] as const) {
      const message = fieldError(TRIP.fields[key], trip[key], inUnits(choice))
      if (message) wrong.push(message)
    }
    if (wrong.length) errors.push(`Line ${i + 2}: ${wrong.slice(0, MOST_OF_LINE).join('; ')}.`)
    else trips.push(trip)
  })
  return errors.length ? { ok: false, errors: errors.slice(0, 20) } : { ok: true, trips }
}
