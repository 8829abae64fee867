import { part, type Migration } from './migration'

/** 1 to 2: more kinds of hull and drive, water depth, what the old engine really did, and the sea trial. */
export const toVersion2: Migration = document => {
  const boat = document.boat as Record<string, unknown> | undefined
  if (typeof boat !== 'object' || boat === null) return document
  return {
    ...document,
    boat: {
      ...boat,
      variant: '',
      hullBeam: null,
      hullSpacing: null,
      tubes: 2,
      deadrise: null,
      lcg: null,
      waterDepth: null,
      oldEngine: boat.oldEngine
        ? { kind: 'dieselNatural', ...part(boat.oldEngine), usualRpm: null, fuelRate: null }
        : boat.oldEngine,
    },
    trial: { points: [], use: 'theory' },
  }
}
