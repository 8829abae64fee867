import { boatProfile } from '../boatProfile'
import { estimatedForm, type UsualForm } from '../estimatedForm'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'

/** Short and beamy with a transom; ratios: common practice. */
const USUAL: Record<'dinghy' | 'inflatable', UsualForm> = {
  dinghy: {
    waterline: 0.9,
    beamWaterline: 0.82,
    prismatic: 0.6,
    midship: 0.74,
    waterplane: 0.73,
    lcb: -0.02,
    transom: 0.1,
    halfEntrance: (24 * Math.PI) / 180,
    appended: 0.01,
    of: 'a dinghy',
  },
  inflatable: {
    waterline: 0.82,
    beamWaterline: 0.72,
    prismatic: 0.72,
    midship: 0.72,
    waterplane: 0.82,
    lcb: -0.03,
    transom: 0.5,
    halfEntrance: (30 * Math.PI) / 180,
    appended: 0,
    of: 'an inflatable',
  },
}

/** Small dinghy or inflatable, driven slowly. */
export const dinghy: HullType = {
  id: 'dinghy',
  label: 'Dinghy or inflatable',
  hint: 'Short, wide and light, with an outboard',
  methods: [
    { method: 'vanOortmerssen1971', doubt: 0.1 },
    { method: 'delft1998', doubt: 0.15 },
    { method: 'thinShip', doubt: 0.1 },
    { method: 'handbook', doubt: 0 },
    { method: 'wyman1998', doubt: 0 },
  ],
  drives: ['outboard', 'pod'],
  variants: { dinghy: 'Dinghy', inflatable: 'Inflatable' },
  asks: ['beamWaterline'],
  waveBound: true,
  usual: { waterline: 0.88, cruise: 0.75, length: 3.2, hours: 1, house: 0 },
  typical: lengthOverAll => ({
    beam: Math.max(1.2, 0.42 * lengthOverAll),
    draught: 0.18,
    mass: 28 * lengthOverAll ** 2,
    propellerDiameter: 0.22,
  }),
  form: (boat, density) =>
    estimatedForm(boat, density, boat.variant === 'inflatable' ? USUAL.inflatable : USUAL.dinghy),
  appendages: () => [],
  interaction: (_, drive) => openWaterInteraction(drive),
  windage: boat => 0.5 * boat.beam + 0.6,
  elevation: (boat, form) =>
    boatProfile(
      boat,
      form,
      boat.variant === 'inflatable'
        ? { bow: 0.19, stern: 0.13, overhang: 0.14, aft: 0.03, bottom: 'transom', house: 'thwarts' }
        : { bow: 0.18, stern: 0.13, overhang: 0.05, aft: 0.02, bottom: 'rocker', house: 'thwarts' },
    ),
}
