import { boatProfile } from '../boatProfile'
import { estimatedForm, type UsualForm } from '../estimatedForm'
import type { HullType } from '../hullType'

/** A box with a short swim at each end; ratios: common practice. */
const USUAL: UsualForm = {
  waterline: 0.96,
  beamWaterline: 0.985,
  prismatic: 0.87,
  midship: 0.96,
  waterplane: 0.92,
  lcb: 0,
  transom: 0.05,
  halfEntrance: (40 * Math.PI) / 180,
  appended: 0.005,
  of: 'a canal boat',
}

/** Long, narrow or wide, flat-bottomed and full to the ends, mostly of steel, for still and narrow water. */
export const canalBoat: HullType = {
  id: 'canalBoat',
  label: 'Canal boat',
  hint: 'A long box with blunt ends, slow and heavy',
  methods: [
    { method: 'bluffBox', doubt: 0 },
    { method: 'handbook', doubt: 0 },
  ],
  drives: ['shaft', 'outboard', 'pod'],
  variants: {},
  asks: ['beamWaterline', 'coefficients'],
  waveBound: true,
  usual: { waterline: 0.96, cruise: 0.37, length: 12, hours: 6, house: 0.5 },
  typical: lengthOverAll => ({
    beam: Math.min(2.1, 0.25 * lengthOverAll),
    draught: Math.min(0.6, 0.05 * lengthOverAll),
    // a box of that beam, four fifths filled
    mass: 800 * lengthOverAll * Math.min(2.1, 0.25 * lengthOverAll) * Math.min(0.5, 0.04 * lengthOverAll),
    propellerDiameter: Math.min(0.45, 0.035 * lengthOverAll),
  }),
  form: (boat, density) => estimatedForm(boat, density, USUAL),
  appendages: boat => [{ name: 'rudder', span: 0.8 * boat.draught, chord: 0.6, thickness: 0.05 }],
  interaction: (_, drive) =>
    drive === 'shaft'
      ? {
          wakeFraction: 0.2,
          thrustDeduction: 0.2,
          relativeRotative: 0.98,
          basis:
            'Behind a full stern and its swim: wake 0.15 to 0.30, thrust deduction 0.15 to 0.25 (common practice).',
        }
      : {
          wakeFraction: 0.05,
          thrustDeduction: 0.1,
          relativeRotative: 1,
          basis: 'Below a blunt stern: wake about 0.05, thrust deduction about 0.10 (common practice).',
        },
  windage: boat => 0.9 * boat.beam * 1.6,
  elevation: (boat, form) =>
    boatProfile(boat, form, {
      bow: Math.min(0.1, 1.05 / boat.lengthOverAll),
      stern: Math.min(0.09, 0.9 / boat.lengthOverAll),
      overhang: 0.02,
      aft: 0.015,
      bottom: 'transom',
      house: 'cabin',
    }),
}
