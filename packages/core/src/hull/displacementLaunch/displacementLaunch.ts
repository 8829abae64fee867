import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'
import { displacementLaunchElevation } from './elevation'
import { displacementLaunchForm } from './form'

/** Displacement launch: round bilge, skeg, one screw in an aperture. Ratios of the typical boat: common practice. */
export const displacementLaunch: HullType = {
  id: 'displacementLaunch',
  label: 'Displacement launch',
  hint: 'Round bilge, no ballast keel, never planes',
  methods: [
    { method: 'vanOortmerssen1971', doubt: 0 },
    { method: 'holtrop1984', doubt: 0 },
    { method: 'delft1998', doubt: 0.1 },
    { method: 'andersenGuldhammer1986', doubt: 0 },
    { method: 'thinShip', doubt: 0.05 },
    { method: 'handbook', doubt: 0 },
    { method: 'wyman1998', doubt: 0 },
  ],
  drives: ['shaft', 'outboard', 'pod'],
  variants: {},
  asks: ['beamWaterline', 'coefficients'],
  waveBound: true,
  usual: { waterline: 0.93, cruise: 0.72, length: 7, hours: 4, house: 0.5 },
  typical: (lengthOverAll: number) => ({
    beam: 0.56 * lengthOverAll ** (2 / 3),
    draught: 0.085 * lengthOverAll,
    mass: 1025 * ((0.93 * lengthOverAll) / 5.4) ** 3,
    propellerDiameter: Math.min(0.6, 0.052 * lengthOverAll),
  }),
  form: displacementLaunchForm,
  appendages: (boat, form) => {
    const depth = Math.max(0.1, boat.draught - form.draughtBody)
    return [
      // a skeg is a wedge: half as deep in the mean as at its heel
      { name: 'skeg', span: 0.5 * depth, chord: 0.6 * form.lengthWaterline, thickness: 0.02 },
      { name: 'rudder', span: 0.9 * boat.draught, chord: 0.06 * form.lengthWaterline, thickness: 0.08 },
    ]
  },
  interaction: (form, drive) => {
    // a leg or pod stands beside the deadwood's wake, not in it
    if (drive !== 'shaft') return openWaterInteraction(drive)
    const block = form.volumeBody / (form.lengthWaterline * form.beamWaterline * form.draughtBody)
    return {
      wakeFraction: 1 - (1.11 - 0.6 * block),
      thrustDeduction: 0.16,
      relativeRotative: 1,
      basis:
        'Single screw behind deadwood: 1 − w = 1.11 − 0.6 CB (Gerr); thrust deduction 0.10 to 0.20 (common practice).',
    }
  },
  windage: boat => 0.85 * boat.beam * 0.16 * boat.lengthOverAll,
  elevation: displacementLaunchElevation,
}
