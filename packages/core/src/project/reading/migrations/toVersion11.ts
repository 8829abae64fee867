import { part, type Migration } from './migration'

/** 10 to 11: heat aboard, the coldest month; a changeover is not known; in the yard nothing is listed yet. */
export const toVersion11: Migration = document => {
  const boat = part(document.boat),
    use = part(document.use),
    design = part(document.design)
  return {
    ...document,
    boat: {
      ...boat,
      compartments: (Array.isArray(boat.compartments) ? boat.compartments : []).map(c => ({ ...part(c), along: null })),
    },
    use: { ...use, year: { ...part(use.year), heating: 0, coldest: null } },
    yard: {
      weights: [],
      places: [],
      readings: [],
      cells: [],
      items: [],
      tasks: [],
      start: '2027-03-01',
      hoursAWeek: 28_800,
      spare: 0.1,
      sale: 0,
      budget: null,
      fixed: 0,
      engineFixed: 0,
      newEngine: null,
      gm: null,
      roll: null,
      crew: 2,
      platePeople: null,
      plateLoad: null,
      platePower: null,
    },
    design: { ...design, charging: { ...part(design.charging), changeover: false } },
  }
}
