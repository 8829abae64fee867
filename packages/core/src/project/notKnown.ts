/** Dimensions of a boat whose owner has not measured them: all are estimated. */
export const NOT_MEASURED = {
  prismatic: null,
  midship: null,
  waterplane: null,
  lcb: null,
  hullBeam: null,
  hullSpacing: null,
  tubes: 2,
  deadrise: null,
  lcg: null,
  waterDepth: null,
} as const

/** Old gears of which nothing is known. */
export const UNKNOWN_GEARS = { torqueLimit: null, rpmLimit: null, reverses: false, astern: 'motor' } as const

/** A document without runs, readings and typed words. */
export const NOTHING_RECORDED = {
  trial: { points: [], setups: [], use: 'theory' as const },
  heat: { points: [] },
  typed: {},
}

/** A design of which nothing is bought yet. */
export const NOTHING_HELD = {
  motor: false,
  controller: false,
  reduction: false,
  propeller: false,
  pack: false,
  voltage: false,
  charger: false,
  panels: false,
} as const
