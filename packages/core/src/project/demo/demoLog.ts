import { KNOT } from '../../constants'
import { usualOf } from '../../fields'
import { TRIP, type Due, type Trip } from '../logFields'

// A season of a demo boat: one made by her own physics with some scatter, a pack a little under its plate, and a bottom
// that fouls.

const KWH = 3.6e6,
  MILE = 1852,
  FREEZING = 273.15

/** date, trip, NM, hours, kWh, charge from and to, kWh from the socket, wind in kn, winding and controller in °C */
type Row = readonly [string, string, number, number, number, number, number, number, number, number, number]
const SEASON: readonly Row[] = [
  ['2027-04-11', 'Heron island and back', 10.3, 3.09, 3.87, 1.0, 0.71, 4.2, 4, 43, 32],
  ['2027-04-16', 'North hide', 6.2, 2.03, 1.99, 1.0, 0.85, 2.1, 10, 36, 30],
  ['2027-04-24', 'Along the dam', 8.6, 2.12, 4.67, 1.0, 0.65, 5.0, 8, 63, 46],
  ['2027-04-30', 'Round the reservoir', 10.0, 2.83, 4.08, 1.0, 0.7, 4.4, 4, 47, 35],
  ['2027-05-07', 'To the club’s jetty', 13.4, 3.58, 6.22, 1.0, 0.53, 6.7, 4, 54, 40],
  ['2027-05-15', 'Reed count', 8.1, 2.45, 3.0, 0.94, 0.72, 3.2, 3, 42, 32],
  ['2027-05-20', 'Tern rafts', 9.0, 2.73, 3.36, 1.0, 0.75, 3.6, 4, 43, 33],
  ['2027-05-26', 'East arm', 13.5, 3.25, 7.56, 1.0, 0.43, 8.1, 11, 66, 47],
  ['2027-05-31', 'Young gulls', 5.2, 1.38, 2.46, 1.0, 0.83, 2.6, 7, 55, 40],
  ['2027-06-05', 'Evening at the hide', 11.0, 3.52, 3.65, 1.0, 0.72, 3.9, 10, 38, 29],
  ['2027-06-13', 'Heron island and back', 11.6, 2.85, 6.3, 1.0, 0.52, 6.8, 9, 64, 46],
  ['2027-06-20', 'North hide', 5.4, 1.46, 2.48, 0.94, 0.75, 2.7, 4, 52, 39],
  ['2027-06-27', 'Along the dam', 5.3, 1.35, 2.72, 1.0, 0.79, 2.9, 7, 59, 43],
  ['2027-07-03', 'Round the reservoir', 11.0, 3.27, 4.29, 1.0, 0.68, 4.6, 9, 44, 33],
  ['2027-07-11', 'To the club’s jetty', 6.7, 1.8, 3.11, 1.0, 0.76, 3.3, 6, 54, 39],
  ['2027-07-19', 'Reed count', 9.4, 2.9, 3.32, 1.0, 0.75, 3.6, 4, 40, 31],
  ['2027-07-27', 'Tern rafts', 9.9, 2.98, 3.74, 1.0, 0.72, 4.0, 5, 42, 32],
  ['2027-08-03', 'East arm', 11.9, 3.07, 6.1, 0.92, 0.46, 6.6, 9, 60, 43],
  ['2027-08-10', 'Young gulls', 8.7, 2.2, 4.55, 1.0, 0.65, 4.9, 11, 61, 44],
  ['2027-08-16', 'Evening at the hide', 14.9, 3.63, 8.25, 1.0, 0.38, 8.9, 7, 65, 47],
  ['2027-08-22', 'Heron island and back', 8.8, 2.78, 3.2, 1.0, 0.75, 3.4, 4, 41, 31],
  ['2027-08-28', 'North hide', 12.0, 3.47, 4.98, 1.0, 0.62, 5.4, 5, 47, 35],
  ['2027-09-04', 'Along the dam', 6.0, 1.95, 1.99, 1.0, 0.85, 2.1, 5, 37, 30],
  ['2027-09-09', 'Round the reservoir', 10.0, 2.4, 5.79, 0.94, 0.51, 6.2, 6, 68, 49],
  ['2027-09-14', 'To the club’s jetty', 9.0, 2.52, 3.98, 1.0, 0.7, 4.3, 2, 49, 36],
]

/** The twenty-five trips of the season. */
export const seasonTrips: Trip[] = SEASON.map(
  ([date, name, miles, hours, used, from, to, shore, wind, motor, esc], i) => ({
    ...usualOf(TRIP.fields),
    id: `season-${i + 1}`,
    planned: { used: null, time: null, left: null },
    source: 'instruments',
    date,
    name,
    distance: miles * MILE,
    time: hours * 3600,
    used: used * KWH,
    shore: shore * KWH,
    chargeFrom: from,
    chargeTo: to,
    rested: true,
    wind: wind * KNOT,
    stretches: [
      {
        speed: (miles * MILE) / (hours * 3600),
        water: false,
        power: (used * KWH) / (hours * 3600),
        time: Math.round(hours * 3600 * 0.8),
        winding: motor + FREEZING,
        controller: esc + FREEZING,
      },
    ],
    setup: 0,
  }),
)

const due = (id: string, name: string, by: Due['by'], every: number, doneOn: string, of: Partial<Due> = {}): Due => ({
  id,
  name,
  by,
  every,
  doneOn,
  doneHours: 0,
  doneTrips: 0,
  date: '',
  note: '',
  ...of,
})

/** What is due on her, as it stood at the end of the season. */
export const seasonDue: Due[] = [
  due('lugs', 'Lugs by the wrench', 'hours', 100, '2027-04-02'),
  due('isolator', 'Main isolator and emergency stop tried', 'months', 12, '2027-04-02'),
  due('cells', 'Cell volts read at rest', 'months', 3, '2027-07-02', { note: 'Written under Cells.' }),
  due('bottom', 'Tubes and propeller cleaned', 'months', 6, '2027-04-02'),
  due('bms', 'BMS limits tried', 'months', 12, '2027-04-02'),
  due('trips', 'Mooring lines looked at', 'trips', 30, '2027-04-02'),
]

/** Volts of her sixteen cells at rest, the eleventh so far below the others, V. */
export const seasonCells = (below: number): number[] =>
  Array.from({ length: 16 }, (_, i) => 3.331 + [0, 2, 1, 3, 1, 0, 2, 2][i % 8]! / 1000 - (i === 10 ? 0.004 + below : 0))
