import type { Migration } from './migration'

/** 9 to 10: a day out, with its legs, stream, wind and loads; none is planned yet. */
export const toVersion10: Migration = document => ({
  ...document,
  day: {
    date: '2027-06-21',
    departs: 32_400,
    zone: null,
    charge: 1,
    sky: 'mixed',
    berth: 'Berth',
    wind: [],
    streams: [],
    loads: [],
    legs: [],
  },
})
