import { part, type Migration } from './migration'

/** 12 to 13: no spars stand near the panels; a socket on the way costs what the berth's does. */
export const toVersion13: Migration = document => {
  const design = part(document.design),
    solar = part(design.solar),
    day = part(document.day)
  const each = (list: unknown, more: object) => (Array.isArray(list) ? list : []).map(x => ({ ...part(x), ...more }))
  return {
    ...document,
    design: { ...design, solar: { ...solar, spars: [], bow: 0, others: each(solar.others, { spars: [] }) } },
    day: { ...day, legs: each(day.legs, { price: null }) },
  }
}
