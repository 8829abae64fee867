import { choice, group, list, number, text, yes, type ValueOf } from '../../fields/field'

// A day out: when it begins, its legs, and the water, wind and loads that they meet. SI; times of day in s.

const clock = <const L extends string>(label: L) => ({ label, quantity: 'duration', least: 0, most: 86_399 }) as const
const compass = <const L extends string>(label: L, hint?: string) =>
  number({ label, quantity: 'angle', least: 0, most: 6.2832, usual: 0, ...(hint ? { hint } : {}) })

/** What decides the speed of a leg. */
export const LEG_SPEEDS = ['water', 'ground', 'arrive', 'power'] as const
/** How the sky is meant. */
export const SKIES = ['clear', 'mixed', 'grey'] as const
/** How far one sees: 5 NM and more, less, less than half a mile. */
export const VISIBILITIES = ['not said', 'good', 'poor', 'fog'] as const
/** Kinds of stream. */
export const STREAM_KINDS = ['steady', 'tide'] as const
/** When a load runs. */
export const LOAD_TIMES = ['always', 'by day', 'by night', 'under way', 'at rest'] as const

/** One leg of a day: under way to a place, or waiting there. */
export const DAY_LEG = group('Leg', {
  to: text({ label: 'To', shortest: 0, longest: 40, usual: '' }),
  does: choice({ label: 'She', options: ['goes', 'waits'], usual: 'goes' }),
  course: compass('Course', 'Over ground, by the compass'),
  measure: choice({ label: 'Measured by', options: ['distance', 'time'], usual: 'distance' }),
  distance: number({ label: 'Distance', quantity: 'distance', least: 0, most: 1_000_000, usual: 1852 }),
  duration: number({ label: 'For', quantity: 'duration', least: 0, most: 864_000, usual: 3600 }),
  by: choice({ label: 'At', options: LEG_SPEEDS, usual: 'water' }),
  speed: number({ label: 'Speed', quantity: 'speed', least: 0, most: 30, usual: 2 }),
  power: number({ label: 'Power from the pack', quantity: 'smallPower', least: 0, most: 500_000, usual: 500 }),
  arrive: number({ ...clock('Arrive by'), usual: 43_200 }),
  stream: number({ label: 'Stream of', quantity: 'count', least: 0, most: 4, whole: true, usual: 0 }),
  sea: number({
    label: 'Sea adds',
    quantity: 'ratio',
    least: 0,
    most: 3,
    open: true,
    hint: 'Empty for the sea margin',
  }),
  sailing: number({ label: 'Sails alone would give', quantity: 'speed', least: 0, most: 15, usual: 0 }),
  regenerates: yes({ label: 'The propeller charges', usual: false }),
  plugged: yes({ label: 'On a socket', usual: false }),
  amps: number({
    label: 'It gives',
    quantity: 'current',
    least: 1,
    most: 400,
    open: true,
    hint: 'Empty: as at the berth',
  }),
  price: number({
    label: 'Its energy costs',
    quantity: 'pricePerEnergy',
    least: 0,
    most: 5 / 3.6e6,
    open: true,
    hint: 'Empty: as at the berth',
  }),
  house: number({ label: 'More house load', quantity: 'smallPower', least: 0, most: 20_000, usual: 0 }),
})

/** A stream at one place. */
export const DAY_STREAM = group('Stream', {
  name: text({ label: 'Where', shortest: 1, longest: 40, usual: 'Everywhere' }),
  kind: choice({ label: 'Kind', options: STREAM_KINDS, usual: 'steady' }),
  set: compass('Sets to', 'Where it goes; a tide turns back'),
  rate: number({ label: 'Rate', quantity: 'speed', least: 0, most: 8, usual: 0.5, hint: 'A tide at springs' }),
  neaps: number({ label: 'Rate at neaps', quantity: 'speed', least: 0, most: 8, usual: 0.25 }),
  springs: number({ label: 'Towards springs', quantity: 'ratio', least: 0, most: 1, usual: 1 }),
  highWater: number({ ...clock('High water'), usual: 43_200 }),
  turns: number({
    label: 'Turns after high water',
    quantity: 'duration',
    least: -22_000,
    most: 22_000,
    usual: 0,
    hint: 'When it begins to set as above',
  }),
  rule: choice({ label: 'Rises by', options: ['twelfths', 'sine'], usual: 'twelfths' }),
})

/** The wind at one hour; between two hours it changes evenly. */
export const DAY_WIND = group('Wind', {
  at: number({ ...clock('At'), usual: 43_200 }),
  from: compass('From'),
  speed: number({ label: 'Wind', quantity: 'speed', least: 0, most: 40, usual: 4 }),
})

/** A load of the house, with when it runs. */
export const DAY_LOAD = group('Load', {
  name: text({ label: 'Load', shortest: 1, longest: 40, usual: 'Load' }),
  power: number({ label: 'Takes', quantity: 'smallPower', least: 0, most: 20_000, usual: 50 }),
  when: choice({ label: 'Runs', options: LOAD_TIMES, usual: 'always' }),
  share: number({ label: 'Of that time', quantity: 'ratio', least: 0, most: 1, usual: 1 }),
})

/** The whole day. */
export const DAY_OUT = group('Day out', {
  date: text({
    label: 'Date',
    shortest: 10,
    longest: 10,
    usual: '2027-06-21',
    like: { pattern: /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])$/, example: '2027-06-21' },
  }),
  departs: number({ ...clock('Departs'), usual: 32_400 }),
  zone: number({
    label: 'Clock ahead of UTC',
    quantity: 'duration',
    least: -43_200,
    most: 50_400,
    open: true,
    hint: 'Empty: by the longitude',
  }),
  charge: number({ label: 'Charge at departure', quantity: 'ratio', least: 0, most: 1, usual: 1 }),
  generatorStart: number({
    label: 'Generator starts at',
    quantity: 'ratio',
    least: 0,
    most: 0.95,
    usual: 0,
    hint: 'Charge; 0 for never',
  }),
  generatorStop: number({ label: 'And stops at', quantity: 'ratio', least: 0.05, most: 1, usual: 0.8 }),
  sky: choice({ label: 'Sky', options: SKIES, usual: 'mixed' }),
  berth: text({ label: 'Berth', shortest: 1, longest: 40, usual: 'Berth' }),
  wind: list({ label: 'Wind by hour', of: DAY_WIND, longest: 12, usual: [] }),
  fetch: number({
    label: 'Open water to windward',
    quantity: 'distance',
    least: 10,
    most: 1_000_000,
    open: true,
    hint: 'How far the wind blows over it; empty if not known',
  }),
  visibility: choice({ label: 'Visibility', options: VISIBILITIES, usual: 'not said' }),
  streams: list({ label: 'Streams', of: DAY_STREAM, longest: 4, usual: [] }),
  loads: list({ label: 'Loads of the house', of: DAY_LOAD, longest: 24, usual: [] }),
  legs: list({ label: 'Legs', of: DAY_LEG, longest: 60, usual: [] }),
})

/** A day out as its owner plans it. */
export type Day = ValueOf<typeof DAY_OUT>
export type Leg = ValueOf<typeof DAY_LEG>
export type Stream = ValueOf<typeof DAY_STREAM>
export type WindHour = ValueOf<typeof DAY_WIND>
export type HouseUse = ValueOf<typeof DAY_LOAD>
