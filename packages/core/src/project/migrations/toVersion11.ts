import { part, type Migration } from './migration'

/** 10 to 11: heat aboard and the coldest month; a changeover between shore and generator is not known. */
export const toVersion11: Migration = document => {
  const use = part(document.use),
    design = part(document.design)
  return {
    ...document,
    use: { ...use, year: { ...part(use.year), heating: 0, coldest: null } },
    design: { ...design, charging: { ...part(design.charging), changeover: false } },
  }
}
