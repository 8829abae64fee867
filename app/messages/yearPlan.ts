/** Words of the year by the hour. */
export const yearWords = {
  title: 'The year, as she is used',
  hint: 'a hundred years of clouds',
  pattern: 'She is used',
  patterns: {
    daySailor: 'Sundays',
    weekends: 'Weekends',
    weekAtAnchor: 'A week at anchor each month',
    passage: 'Five days of passage each month',
    commuter: 'To work and home',
    hire: 'For hire, daily',
  },
  from: 'Season from',
  to: 'to',
  enough: (months: string) => `The sun alone keeps her in ${months}.`,
  never: 'The sun alone keeps her in no month of use.',
  all: 'The sun alone keeps her in every month of use.',
  plugged: (middle: string, low: string, high: string) =>
    `She plugs in on ${middle} days of an ordinary year, ${low} to ${high} of nine years in ten.`,
  given: 'sun gives',
  takes: 'drive and house take',
  days: 'days on the plug',
  axis: 'kWh',
  month: 'Month',
  hour: 'Hour',
  energy: (shore: string, price: string, cycles: string) =>
    `${shore} from the shore, ${price} a year; ${cycles} full cycles of the pack.`,
  typical: (month: string) => `A day in the middle of ${month}`,
  typicalHint: 'watts from the panels by hour',
  skies: { clear: 'clear', mixed: 'mixed', grey: 'grey' },
  house: 'house',
  winter: 'Cold, month by month',
  air: 'Air, °',
  capacity: 'Capacity, %',
  charging: 'Charging',
  charges: { freely: 'yes', little: 'slow', none: 'no' },
  ice: (months: string) => `Still water freezes in ${months}: out of the water, or kept open.`,
  noIce: 'Still water stays open.',
  heat: (energy: string, month: string) => `Heat of a day aboard in ${month}: ${energy}.`,
  working: 'working it out …',
  how:
    'Every hour of the year: panels under that day’s sky, house while she is in use (5 % of it else), drive at ' +
    'cruise. Clouds are random about the month’s mean, common practice from memory, ± 20 %. The pack is as warm as ' +
    'the mean air: cold takes capacity, frost stops charging, heat runs while she is lived in.',
} as const
