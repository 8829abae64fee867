import { FREEZING, KNOT, NAUTICAL_MILE } from '../../constants'
import { usualOf } from '../../fields'
import { TRIP, type Due, type Trip } from '../definition/logFields'

// A season of a demo boat: one made by her own physics with some scatter, a pack a little under its plate, and a bottom
// that fouls.

const KWH = 3.6e6

/** date, trip, NM, hours, kWh, charge from and to, kWh from the socket, wind in kn, winding and controller in °C */
type Row = readonly [string, string, number, number, number, number, number, number, number, number, number]
const SEASON: readonly Row[] = [
  ['2027-04-11', 'Heron island and back', 10.3, 3.09, 2.66, 1.0, 0.8, 2.9, 4, 34, 26],
  ['2027-04-16', 'North hide', 6.2, 2.03, 1.35, 1.0, 0.89, 1.4, 10, 29, 25],
  ['2027-04-24', 'Along the dam', 8.6, 2.12, 3.25, 1.0, 0.75, 3.5, 8, 48, 37],
  ['2027-04-30', 'Round the reservoir', 10.0, 2.83, 2.84, 1.0, 0.8, 3.1, 4, 37, 29],
  ['2027-05-07', 'To the club’s jetty', 13.4, 3.58, 4.31, 1.0, 0.68, 4.6, 4, 42, 32],
  ['2027-05-15', 'Reed count', 8.1, 2.45, 2.06, 0.94, 0.79, 2.2, 3, 33, 27],
  ['2027-05-20', 'Tern rafts', 9.0, 2.73, 2.3, 1.0, 0.83, 2.5, 4, 34, 27],
  ['2027-05-26', 'East arm', 13.5, 3.25, 5.28, 1.0, 0.6, 5.7, 11, 51, 37],
  ['2027-05-31', 'Young gulls', 5.2, 1.38, 1.7, 1.0, 0.89, 1.8, 7, 43, 32],
  ['2027-06-05', 'Evening at the hide', 11.0, 3.52, 2.48, 1.0, 0.81, 2.7, 10, 31, 24],
  ['2027-06-13', 'Heron island and back', 11.6, 2.85, 4.39, 1.0, 0.67, 4.7, 9, 49, 37],
  ['2027-06-20', 'North hide', 5.4, 1.46, 1.72, 0.94, 0.8, 1.8, 4, 41, 31],
  ['2027-06-27', 'Along the dam', 5.3, 1.35, 1.88, 1.0, 0.85, 2.0, 7, 45, 35],
  ['2027-07-03', 'Round the reservoir', 11.0, 3.27, 2.95, 1.0, 0.78, 3.2, 9, 35, 28],
  ['2027-07-11', 'To the club’s jetty', 6.7, 1.8, 2.16, 1.0, 0.83, 2.3, 6, 42, 32],
  ['2027-07-19', 'Reed count', 9.4, 2.9, 2.26, 1.0, 0.83, 2.4, 4, 32, 26],
  ['2027-07-27', 'Tern rafts', 9.9, 2.98, 2.57, 1.0, 0.81, 2.8, 5, 33, 27],
  ['2027-08-03', 'East arm', 11.9, 3.07, 4.22, 0.92, 0.6, 4.5, 9, 46, 34],
  ['2027-08-10', 'Young gulls', 8.7, 2.2, 3.15, 1.0, 0.76, 3.4, 11, 47, 35],
  ['2027-08-16', 'Evening at the hide', 14.9, 3.63, 5.75, 1.0, 0.57, 6.2, 7, 50, 37],
  ['2027-08-22', 'Heron island and back', 8.8, 2.78, 2.17, 1.0, 0.83, 2.3, 4, 32, 26],
  ['2027-08-28', 'North hide', 12.0, 3.47, 3.46, 1.0, 0.74, 3.7, 5, 37, 29],
  ['2027-09-04', 'Along the dam', 6.0, 1.95, 1.35, 1.0, 0.9, 1.4, 5, 30, 25],
  ['2027-09-09', 'Round the reservoir', 10.0, 2.4, 4.05, 0.94, 0.64, 4.4, 6, 52, 39],
  ['2027-09-14', 'To the club’s jetty', 9.0, 2.52, 2.76, 1.0, 0.79, 3.0, 2, 39, 30],
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
    distance: miles * NAUTICAL_MILE,
    time: hours * 3600,
    used: used * KWH,
    shore: shore * KWH,
    chargeFrom: from,
    chargeTo: to,
    rested: true,
    wind: wind * KNOT,
    stretches: [
      {
        speed: (miles * NAUTICAL_MILE) / (hours * 3600),
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
