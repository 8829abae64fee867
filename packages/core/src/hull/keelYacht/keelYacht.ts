import type { BoatDimensions } from '../boat'
import type { HullForm } from '../hullForm'
import type { HullType } from '../hullType'
import { keelYachtElevation } from './elevation'
import { keelGeometry, keelYachtForm } from './form'

/** Keel sailing yacht, fin or long keel. Ratios of the typical boat: common practice. */
export const keelYacht: HullType = {
  id: 'keelYacht',
  label: 'Keel sailing yacht',
  hint: 'Ballast keel, sails, an auxiliary engine',
  methods: [
    { method: 'delft1998', doubt: 0 },
    { method: 'vanOortmerssen1971', doubt: 0.1 },
    { method: 'holtrop1984', doubt: 0.05 },
    { method: 'andersenGuldhammer1986', doubt: 0.05 },
    { method: 'handbook', doubt: 0 },
  ],
  drives: ['shaft', 'sailDrive', 'pod', 'outboard'],
  variants: {},
  asks: ['keel', 'beamWaterline', 'coefficients'],
  waveBound: true,
  usual: { waterline: 0.84, cruise: 0.72, length: 9, hours: 4, house: 0.75 },
  typical: (lengthOverAll: number) => ({
    beam: 0.68 * lengthOverAll ** (2 / 3),
    draught: 0.165 * lengthOverAll,
    mass: 1025 * ((0.84 * lengthOverAll) / 4.9) ** 3,
    propellerDiameter: Math.min(0.5, 0.042 * lengthOverAll),
  }),
  form: keelYachtForm,
  appendages: (boat: BoatDimensions, form: HullForm) => {
    const { keel, rudder } = keelGeometry(boat, form.lengthWaterline, form.draughtBody)
    return [
      { name: 'keel', ...keel },
      { name: 'rudder', ...rudder },
    ]
  },
  interaction: (form, drive, keel) => {
    if (drive !== 'shaft') {
      return {
        wakeFraction: 0.07,
        thrustDeduction: 0.05,
        relativeRotative: 1,
        basis: 'Leg or pod in open water: wake 0.05 to 0.10, thrust deduction 0 to 0.10 (common practice).',
      }
    }
    if (keel === 'fin') {
      return {
        wakeFraction: 0.1,
        thrustDeduction: 0.1,
        relativeRotative: 1,
        basis: 'Shaft on a strut behind a fin keel: wake about 0.10, thrust deduction 0.05 to 0.15 (common practice).',
      }
    }
    const block = form.volumeBody / (form.lengthWaterline * form.beamWaterline * form.draughtBody)
    return {
      wakeFraction: 1 - (1.11 - 0.6 * block),
      thrustDeduction: 0.17,
      relativeRotative: 1,
      basis:
        'Aperture behind a long keel: 1 − w = 1.11 − 0.6 CB (Gerr); thrust deduction 0.10 to 0.20 (common practice).',
    }
  },
  // hull above water seen from ahead, plus mast and rigging
  windage: boat => 0.8 * boat.beam * 0.15 * boat.lengthOverAll + 1.3 * boat.lengthOverAll * 0.02 * boat.lengthOverAll,
  elevation: keelYachtElevation,
}
