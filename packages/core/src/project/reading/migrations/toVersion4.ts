import { part, type Migration } from './migration'

/** 3 to 4: kinds of propeller and their hand, what old gears stand, heat. */
export const toVersion4: Migration = document => {
  const boat = part(document.boat),
    design = part(document.design)
  return {
    ...document,
    boat: { ...boat, drive: { ...part(boat.drive), torqueLimit: null, rpmLimit: null, reverses: false } },
    use: { ...part(document.use), ambient: 308.15 },
    design: {
      ...design,
      cooling: null,
      propeller: { ...part(design.propeller), kind: 'fixed', efficiencyFactor: null, hand: 'right' },
      motor: { ...part(design.motor), insulation: 'F', weakerDirection: 'none' },
      controller: {
        ...part(design.controller),
        rollbackFrom: 358.15,
        rollbackTo: 373.15,
        regenCurrent: part(design.controller).batteryCurrent,
      },
    },
    heat: { points: [] },
  }
}
