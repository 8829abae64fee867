import type { BoatDimensions } from '../boat'
import { boatProfile } from '../boatProfile'
import type { UsualForm } from '../estimatedForm'
import type { HullForm } from '../hullForm'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'
import { twinHullForm } from '../twinHullForm'

/** One moulded float: a box with blunt, rounded ends; ratios: common practice. */
const USUAL: UsualForm = {
  waterline: 0.92,
  beamWaterline: 0,
  prismatic: 0.86,
  midship: 0.9,
  waterplane: 0.91,
  lcb: 0,
  transom: 0.3,
  halfEntrance: (60 * Math.PI) / 180,
  appended: 0,
  of: 'a moulded float',
}

/** Form of a craft on two floats: one hull's dimensions, both hulls' volume and wetted surface. */
export const pedalCraftForm = (boat: BoatDimensions, density: number): HullForm =>
  twinHullForm(boat, density, USUAL, {
    beam: 0.3 * boat.beam,
    basis: 'three tenths of the greatest beam (common practice)',
    flare: 1.05,
  })

/** Seats on two blunt floats, pedalled until a motor helps. */
export const pedalCraft: HullType = {
  id: 'pedalCraft',
  label: 'Pedal boat',
  hint: 'Seats on two blunt floats',
  methods: [
    { method: 'bluffBox', doubt: 0.1 },
    { method: 'handbook', doubt: 0 },
  ],
  drives: ['outboard', 'pod'],
  variants: {},
  asks: ['hullBeam', 'hullSpacing', 'coefficients'],
  waveBound: true,
  usual: { waterline: 0.92, cruise: 0.52, length: 3.6, hours: 3, house: 0 },
  typical: lengthOverAll => ({
    beam: 0.46 * lengthOverAll,
    draught: 0.25,
    // the shell and two to four people
    mass: 115 * lengthOverAll,
    propellerDiameter: 0.22,
  }),
  form: pedalCraftForm,
  appendages: boat => [{ name: 'rudder', span: 0.25, chord: 0.06 * boat.lengthOverAll, thickness: 0.1 }],
  interaction: (_, drive) => openWaterInteraction(drive),
  // seats and people
  windage: boat => 0.5 * boat.beam * 1.1,
  elevation: (boat, form) =>
    boatProfile(boat, form, {
      bow: 0.13,
      stern: 0.12,
      overhang: 0.05,
      aft: 0.03,
      bottom: 'tube',
      house: 'seats',
    }),
}
