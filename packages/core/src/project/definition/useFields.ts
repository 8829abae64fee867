import { YEAR } from '../../constants'
import { choice, group, number } from '../../fields/field'
import { HELPERS } from './helpers'
import { WAYS_HOME } from '../wayHome'

// Fields of what she is for. See projectFields.ts.

/** What fuel and power cost, for ways side by side. */
const COSTS = group('Costs', {
  fuel: choice({ label: 'Fuel', options: ['diesel', 'petrol'], usual: 'diesel' }),
  fuelPrice: number({ label: 'Fuel costs', quantity: 'pricePerFuel', least: 0, most: 20_000, usual: 1800 }),
  shorePrice: number({
    label: 'Shore power costs',
    quantity: 'pricePerEnergy',
    least: 0,
    most: 5 / 3.6e6,
    usual: 0.3 / 3.6e6,
  }),
  years: number({ label: 'Counted over', quantity: 'years', least: 1, most: 40, keptPerSi: 1 / YEAR, usual: 10 }),
})
/** How she is used over the year. */
const YEAR_OF_USE = group('Year', {
  pattern: choice({
    label: 'She is used',
    options: ['daySailor', 'weekends', 'weekAtAnchor', 'passage', 'commuter', 'hire'],
    usual: 'daySailor',
  }),
  seasonFrom: number({ label: 'Season from month', quantity: 'count', least: 0, most: 11, whole: true, usual: 3 }),
  seasonTo: number({ label: 'To month', quantity: 'count', least: 0, most: 11, whole: true, usual: 9 }),
  heating: number({
    label: 'Electric heat aboard, at freezing point',
    quantity: 'smallPower',
    least: 0,
    most: 10_000,
    usual: 0,
    hint: 'Of it less in milder weather; 500 to 2,000 W',
  }),
  coldest: number({
    label: 'Coldest month, mean air',
    quantity: 'temperature',
    least: 223,
    most: 303,
    open: true,
    hint: 'Empty: by the latitude',
  }),
})
/** What she is for: speeds, times, weather, habits, prices. */
export const USE = group('Use', {
  costs: COSTS,
  year: YEAR_OF_USE,
  cruiseSpeed: number({ label: 'Cruise', quantity: 'speed', least: 0.2, most: 20 }),
  topSpeed: number({
    label: 'Top',
    quantity: 'speed',
    least: 0.2,
    most: 25,
    hint: 'The fastest that you want her to go',
  }),
  topTime: number({
    label: 'Top held for',
    quantity: 'shortTime',
    least: 10,
    most: 86_400,
    hint: 'For the motor an hour counts as continuous',
  }),
  stretchKind: choice({ label: 'Stretch by', options: ['hours', 'distance'], usual: 'hours' }),
  duration: number({ label: 'Hours at cruise', quantity: 'duration', least: 60, most: 1_440_000 }),
  distance: number({ label: 'Distance at cruise', quantity: 'distance', least: 50, most: 4_000_000 }),
  reserve: number({
    label: 'Reserve',
    quantity: 'ratio',
    least: 0,
    most: 0.6,
    usual: 0.2,
    hint: 'Of the usable energy, never planned with',
  }),
  headroom: number({
    label: 'Headroom',
    quantity: 'ratio',
    least: 0,
    most: 0.6,
    usual: 0.2,
    hint: 'Kept free of every rating at cruise',
  }),
  houseLoad: number({
    label: 'House load',
    quantity: 'smallPower',
    least: 0,
    most: 20_000,
    hint: 'Lights, instruments, fridge, on average',
  }),
  seaMargin: number({
    label: 'Sea margin',
    quantity: 'ratio',
    least: 0,
    most: 1.5,
    usual: 0.15,
    hint: 'Calm 10\u00A0%, chop 20 to 30\u00A0%, head sea 50\u00A0%',
  }),
  ambient: number({
    label: 'Hot day beside the motor',
    quantity: 'temperature',
    least: 263,
    most: 338,
    usual: 308.15,
  }),
  headWind: number({ label: 'Head wind', quantity: 'speed', least: 0, most: 40, usual: 0 }),
  hullCondition: choice({
    label: 'Bottom',
    options: ['unknown', 'clean', 'slime', 'weed', 'barnacles'],
    usual: 'unknown',
  }),
  houseHours: number({
    label: 'Between two charges',
    quantity: 'duration',
    least: 3600,
    most: 2_600_000,
    usual: 86_400,
    hint: 'What its own battery must carry',
  }),
  mooredStream: number({
    label: 'Stream at the mooring',
    quantity: 'speed',
    least: 0,
    most: 5,
    usual: 1,
    hint: 'Past the propeller while she lies still',
  }),
  outings: number({
    label: 'Outings in a year',
    quantity: 'count',
    least: 0,
    most: 366,
    usual: 40,
    hint: 'As long as above',
  }),
  wayHome: choice({ label: 'Way home', options: WAYS_HOME }),
  beside: group('Beside the motor', {
    kind: choice({ label: 'Beside the motor', options: HELPERS, usual: 'none' }),
    sailSpeed: number({
      label: 'Speed under sail alone',
      quantity: 'speed',
      least: 0.1,
      most: 15,
      usual: 1.5,
      hint: 'In the wind that you mean',
    }),
    power: number({
      label: 'They give',
      quantity: 'smallPower',
      least: 5,
      most: 300_000,
      usual: 80,
      hint: 'A person 70 to 120 W for hours; an engine at its shaft',
    }),
    motorPower: number({
      label: 'The motor adds',
      quantity: 'smallPower',
      least: 5,
      most: 300_000,
      usual: 400,
      hint: 'From the pack',
    }),
  }),
  place: group('Place', {
    latitude: number({
      label: 'Latitude',
      quantity: 'coordinate',
      least: -1.5708,
      most: 1.5708,
      usual: (50.5 * Math.PI) / 180,
      hint: 'South is negative',
    }),
    longitude: number({
      label: 'Longitude',
      quantity: 'coordinate',
      least: -3.1416,
      most: 3.1416,
      usual: (-8 * Math.PI) / 180,
      hint: 'West is negative',
    }),
  }),
})
