import { part, type Migration } from './migration'

/** 9 to 10: a day out, of which none is planned yet; what fuel and shore power cost. */
export const toVersion10: Migration = document => ({
  ...document,
  use: {
    ...part(document.use),
    year: { pattern: 'daySailor', seasonFrom: 3, seasonTo: 9 },
    costs: { fuel: 'diesel', fuelPrice: 1800, shorePrice: 0.3 / 3.6e6, years: 10 },
  },
  day: {
    date: '2027-06-21',
    departs: 32_400,
    zone: null,
    charge: 1,
    sky: 'mixed',
    berth: 'Berth',
    generatorStart: 0,
    generatorStop: 0.8,
    wind: [],
    streams: [],
    loads: [],
    legs: [],
  },
})
