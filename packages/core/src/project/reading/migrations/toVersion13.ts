import { part, type Migration } from './migration'

/** 12 to 13: no spars stand near the panels; a socket costs what the berth's does; nobody is named for a task. */
export const toVersion13: Migration = document => {
  const design = part(document.design),
    solar = part(design.solar),
    day = part(document.day),
    yard = part(document.yard)
  const each = (list: unknown, more: object) => (Array.isArray(list) ? list : []).map(x => ({ ...part(x), ...more }))
  return {
    ...document,
    design: { ...design, solar: { ...solar, spars: [], bow: 0, others: each(solar.others, { spars: [] }) } },
    day: { ...day, legs: each(day.legs, { amps: null, price: null }) },
    yard: { ...yard, tasks: each(yard.tasks, { wants: [], by: '' }) },
  }
}
