import { choice, group, list, number, text, yes, type ValueOf } from '../../fields/field'
import { SEAS } from '../told/seas'

// The log: trips as they were, trials that are kept, and what is due. SI; dates as YYYY-MM-DD, times with their zone.

const energy = (label: string, hint?: string) =>
  number({ label, quantity: 'energy', least: 0, most: 1e11, usual: 0, hint })
const share = (label: string, hint?: string) =>
  number({ label, quantity: 'ratio', least: 0, most: 1, open: true, hint })
const temperature = (label: string) =>
  number({ label, quantity: 'temperature', least: 233.15, most: 523.15, open: true })

/** Where a trip comes from. */
export const TRIP_SOURCES = ['hand', 'instruments', 'track', 'table'] as const

/** A part of a trip at one speed and power. */
export const STRETCH = group('Steady stretch', {
  speed: number({ label: 'Speed', quantity: 'speed', least: 0.1, most: 30 }),
  water: yes({ label: 'Through the water', usual: false }),
  power: number({ label: 'Power', quantity: 'electricPower', least: 0, most: 1_000_000 }),
  time: number({ label: 'For', quantity: 'duration', least: 1, most: 864_000 }),
  winding: temperature('Motor'),
  controller: temperature('Controller'),
})

/** A trip as it was. */
export const TRIP = group('Trip', {
  id: text({ label: 'Short name', shortest: 1, longest: 60 }),
  date: text({ label: 'Date', shortest: 0, longest: 10, usual: '', hint: 'As in 2027-06-14' }),
  name: text({ label: 'Trip', shortest: 0, longest: 60, usual: '' }),
  from: text({ label: 'From', shortest: 0, longest: 40, usual: '' }),
  to: text({ label: 'To', shortest: 0, longest: 40, usual: '' }),
  source: choice({ label: 'Made of', options: TRIP_SOURCES, usual: 'hand' }),
  distance: number({ label: 'Miles', quantity: 'distance', least: 0, most: 2e6, usual: 0, hint: 'Over ground' }),
  time: number({ label: 'Under way', quantity: 'duration', least: 0, most: 2.6e6, usual: 0 }),
  used: energy('Out of the pack', 'Drive and house'),
  shore: energy('From the socket', 'After the trip'),
  sun: energy('From the sun'),
  sail: energy('From the propeller under sail'),
  generator: energy('From the generator'),
  chargeFrom: share('Charge at the start'),
  chargeTo: share('Charge at the end'),
  rested: yes({ label: 'Rested before both were read', usual: false }),
  drawn: number({
    label: 'Counted out',
    quantity: 'charge',
    least: 0,
    most: 1e5,
    open: true,
    hint: 'Ah out, less Ah in',
  }),
  resistance: number({
    label: 'Resistance of the pack',
    quantity: 'resistance',
    least: 0,
    most: 100,
    open: true,
    hint: 'By steps of load',
  }),
  wind: number({ label: 'Wind', quantity: 'speed', least: 0, most: 40, open: true }),
  sea: choice({ label: 'Sea', options: SEAS, usual: '' }),
  crew: text({ label: 'Aboard', shortest: 0, longest: 80, usual: '' }),
  engineSaved: number({ label: 'Engine hours saved', quantity: 'duration', least: 0, most: 2.6e6, open: true }),
  faults: text({ label: 'Faults', shortest: 0, longest: 200, usual: '' }),
  note: text({ label: 'Note', shortest: 0, longest: 300, usual: '' }),
  insulation: number({ label: 'Insulation', quantity: 'insulation', least: 0, most: 1e9, open: true }),
  stretches: list({ label: 'Steady stretches', of: STRETCH, longest: 24, usual: [] }),
  track: list({
    label: 'Track',
    of: group('Place', {
      latitude: number({ label: 'Latitude', quantity: 'coordinate', least: -1.5708, most: 1.5708 }),
      longitude: number({ label: 'Longitude', quantity: 'coordinate', least: -3.1416, most: 3.1416 }),
    }),
    longest: 120,
    usual: [],
  }),
  planned: group('As planned', {
    used: number({ label: 'Energy planned', quantity: 'energy', least: 0, most: 1e11, open: true }),
    time: number({ label: 'Time planned', quantity: 'duration', least: 0, most: 2.6e6, open: true }),
    left: share('Charge planned at the end'),
  }),
  setup: number({ label: 'Setup', quantity: 'count', least: 0, most: 199, whole: true, usual: 0 }),
})

/** How often something is due. */
export const DUE_BY = ['months', 'hours', 'trips', 'date'] as const
/** Something that is due now and then. */
export const DUE = group('Due', {
  id: text({ label: 'Short name', shortest: 1, longest: 40 }),
  name: text({ label: 'What', shortest: 1, longest: 60 }),
  by: choice({ label: 'Every', options: DUE_BY, usual: 'months' }),
  every: number({ label: 'So many', quantity: 'plain', least: 0, most: 10_000, usual: 12 }),
  doneOn: text({ label: 'Last done', shortest: 0, longest: 10, usual: '' }),
  doneHours: number({ label: 'At hours run', quantity: 'duration', least: 0, most: 3.6e8, usual: 0 }),
  doneTrips: number({ label: 'At trips', quantity: 'count', least: 0, most: 100_000, whole: true, usual: 0 }),
  date: text({ label: 'On', shortest: 0, longest: 10, usual: '' }),
  note: text({ label: 'Note', shortest: 0, longest: 200, usual: '' }),
})

/** A joint looked at with an infrared thermometer under load. */
export const JOINT = group('Joint', {
  at: text({ label: 'Day', shortest: 0, longest: 10, usual: '' }),
  name: text({ label: 'Joint', shortest: 1, longest: 40, usual: 'Lug' }),
  temperature: number({ label: 'Joint', quantity: 'temperature', least: 233.15, most: 523.15, usual: 298.15 }),
  beside: number({ label: 'Cable beside it', quantity: 'temperature', least: 233.15, most: 523.15, usual: 298.15 }),
  current: number({ label: 'Amps meanwhile', quantity: 'current', least: 0, most: 5000, usual: 50 }),
})

/** What differed from the trial before. */
export const CHANGES = ['none', 'propeller', 'cleaned', 'fairing', 'rotation', 'cooling', 'weight', 'other'] as const
/** A trial that is kept, to be compared. */
export const KEPT_TRIAL = group('Trial kept', {
  id: text({ label: 'Short name', shortest: 1, longest: 60 }),
  date: text({ label: 'Date', shortest: 0, longest: 10, usual: '' }),
  name: text({ label: 'Trial', shortest: 1, longest: 60, usual: 'Trial' }),
  changed: choice({ label: 'Changed before it', options: CHANGES, usual: 'none' }),
  points: list({
    label: 'Readings',
    of: group('Reading kept', {
      speed: number({ label: 'Speed', quantity: 'speed', least: 0.1, most: 30, hint: 'Through the water' }),
      power: number({
        label: 'Power',
        quantity: 'electricPower',
        least: 0,
        most: 1_000_000,
        hint: 'From the pack, the house taken off',
      }),
      doubt: number({ label: 'May be off by', quantity: 'ratio', least: 0.001, most: 1, usual: 0.05 }),
    }),
    longest: 100,
    usual: [],
  }),
})

/** The log of a boat, but for the setups of its trips. */
export const LOG_FIELDS = {
  trips: list({ label: 'Trips', of: TRIP, longest: 1000, usual: [] }),
  due: list({ label: 'Due', of: DUE, longest: 100, usual: [] }),
  joints: list({ label: 'Joints', of: JOINT, longest: 200, usual: [] }),
  trials: list({ label: 'Trials', of: KEPT_TRIAL, longest: 40, usual: [] }),
  hoursBefore: number({ label: 'Hours run before this log', quantity: 'duration', least: 0, most: 3.6e8, usual: 0 }),
  waterFactor: number({
    label: 'Log reads',
    quantity: 'ratio',
    least: 0.3,
    most: 2,
    usual: 1,
    hint: 'What it shows of the true speed; 100 % when right',
  }),
} as const

/** Parts of the log. */
export type Trip = ValueOf<typeof TRIP>
export type Stretch = ValueOf<typeof STRETCH>
export type Due = ValueOf<typeof DUE>
export type Joint = ValueOf<typeof JOINT>
export type KeptTrial = ValueOf<typeof KEPT_TRIAL>
