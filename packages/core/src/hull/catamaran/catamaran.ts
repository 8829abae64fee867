import type { BoatDimensions } from '../boat'
import { boatProfile } from '../boatProfile'
import type { UsualForm } from '../estimatedForm'
import type { HullForm } from '../hullForm'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'
import { twinHullForm } from '../twinHullForm'

/** One slender hull of a cruising catamaran; ratios: common practice. */
const USUAL: UsualForm = {
  waterline: 0.94,
  beamWaterline: 0,
  prismatic: 0.61,
  midship: 0.76,
  waterplane: 0.71,
  lcb: -0.025,
  transom: 0.05,
  halfEntrance: (8 * Math.PI) / 180,
  appended: 0.01,
  of: 'a catamaran’s hull',
}

/** Form of a catamaran: one hull's dimensions, both hulls' volume and wetted surface. */
export const catamaranForm = (boat: BoatDimensions, density: number): HullForm =>
  twinHullForm(boat, density, USUAL, {
    beam: 0.1 * boat.lengthOverAll,
    basis: 'a tenth of the length (common practice)',
    flare: 1.25,
  })

/** Sailing or power catamaran. */
export const catamaran: HullType = {
  id: 'catamaran',
  label: 'Catamaran',
  hint: 'Two slender hulls, under sail or power',
  methods: [
    { method: 'thinShip', doubt: 0 },
    { method: 'handbook', doubt: 0 },
  ],
  drives: ['sailDrive', 'shaft', 'outboard', 'pod'],
  variants: { sail: 'Sailing catamaran', power: 'Power catamaran' },
  asks: ['hullBeam', 'hullSpacing', 'coefficients'],
  waveBound: false,
  usual: { waterline: 0.94, cruise: 0.72, length: 11, hours: 4, house: 0.75 },
  typical: lengthOverAll => ({
    beam: 0.55 * lengthOverAll,
    draught: 0.1 * lengthOverAll,
    mass: 1025 * 2 * ((0.94 * lengthOverAll) / 7) ** 3,
    propellerDiameter: Math.min(0.5, 0.036 * lengthOverAll),
  }),
  form: catamaranForm,
  appendages: (boat, form) => {
    const rudder = { name: 'rudder', span: 0.7 * boat.draught, chord: 0.035 * form.lengthWaterline, thickness: 0.1 }
    const keel = {
      name: 'keel',
      span: Math.max(0.05, boat.draught - form.draughtBody),
      chord: 0.22 * form.lengthWaterline,
      thickness: 0.1,
    }
    return boat.variant === 'power' ? [rudder, rudder] : [rudder, rudder, keel, keel]
  },
  interaction: (_, drive) => openWaterInteraction(drive),
  windage: boat =>
    0.8 * boat.beam * 0.17 * boat.lengthOverAll +
    (boat.variant === 'power' ? 0 : 1.3 * boat.lengthOverAll * 0.02 * boat.lengthOverAll),
  elevation: (boat, form) =>
    boatProfile(boat, form, {
      bow: 0.13,
      stern: 0.09,
      overhang: 0.02,
      aft: 0.04,
      bottom: 'rocker',
      house: 'saloon',
      mast: boat.variant !== 'power',
    }),
}
