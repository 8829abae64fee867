import type { Migration } from './migration'

/** 11 to 12: nothing is logged yet. */
export const toVersion12: Migration = document => ({
  ...document,
  log: { trips: [], due: [], joints: [], trials: [], hoursBefore: 0, waterFactor: 1, setups: [] },
})
