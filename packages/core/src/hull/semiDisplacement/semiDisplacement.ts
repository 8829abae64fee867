import { boatProfile } from '../boatProfile'
import { estimatedForm, type UsualForm } from '../estimatedForm'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'

/** Fuller ends and a wet transom; ratios: common practice. */
const USUAL: UsualForm = {
  waterline: 0.9,
  beamWaterline: 0.9,
  prismatic: 0.66,
  midship: 0.74,
  waterplane: 0.77,
  lcb: -0.035,
  transom: 0.35,
  halfEntrance: (18 * Math.PI) / 180,
  appended: 0.01,
  of: 'a semi-displacement hull',
}

/** Round-bilge or hard-chine motor boat that runs above hull speed without planing fully. */
export const semiDisplacement: HullType = {
  id: 'semiDisplacement',
  label: 'Semi-displacement',
  hint: 'Wide, flat run and a transom in the water; passes hull speed, never quite planes',
  methods: [
    { method: 'vanOortmerssen1971', doubt: 0.1 },
    { method: 'holtrop1984', doubt: 0 },
    { method: 'mercierSavitsky1973', doubt: 0 },
    { method: 'wyman1998', doubt: 0 },
  ],
  drives: ['shaft', 'sternDrive', 'outboard', 'pod'],
  variants: {},
  asks: ['beamWaterline', 'coefficients'],
  waveBound: false,
  usual: { waterline: 0.9, cruise: 0.85, length: 9, hours: 3, house: 0.75 },
  typical: lengthOverAll => ({
    beam: 0.72 * lengthOverAll ** (2 / 3),
    draught: 0.09 * lengthOverAll,
    mass: 1025 * ((0.9 * lengthOverAll) / 5.2) ** 3,
    propellerDiameter: Math.min(0.7, 0.05 * lengthOverAll),
  }),
  form: (boat, density) => estimatedForm(boat, density, USUAL),
  appendages: (boat, form) =>
    boat.drive.kind === 'shaft'
      ? [
          {
            name: 'skeg',
            span: Math.max(0.05, 0.5 * (boat.draught - form.draughtBody)),
            chord: 0.5 * form.lengthWaterline,
            thickness: 0.03,
          },
          { name: 'rudder', span: 0.7 * boat.draught, chord: 0.05 * form.lengthWaterline, thickness: 0.1 },
        ]
      : [],
  interaction: (_, drive) => openWaterInteraction(drive),
  windage: boat => 0.85 * boat.beam * 0.24 * boat.lengthOverAll,
  elevation: (boat, form) =>
    boatProfile(boat, form, { bow: 0.15, stern: 0.1, overhang: 0.07, aft: 0.02, bottom: 'transom', house: 'saloon' }),
}
