import { boatProfile } from '../boatProfile'
import { estimatedForm, type UsualForm } from '../estimatedForm'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'

const VARIANTS = { canoe: 'Canoe', kayak: 'Kayak', rowing: 'Rowing boat' } as const

/** Long, light and double-ended, or nearly; ratios by kind: common practice. */
const USUAL: Record<keyof typeof VARIANTS, UsualForm> = {
  canoe: {
    waterline: 0.95,
    beamWaterline: 0.9,
    prismatic: 0.56,
    midship: 0.82,
    waterplane: 0.68,
    lcb: 0,
    transom: 0,
    halfEntrance: (12 * Math.PI) / 180,
    appended: 0,
    of: 'a canoe',
  },
  kayak: {
    waterline: 0.92,
    beamWaterline: 0.95,
    prismatic: 0.54,
    midship: 0.8,
    waterplane: 0.66,
    lcb: 0,
    transom: 0,
    halfEntrance: (10 * Math.PI) / 180,
    appended: 0,
    of: 'a kayak',
  },
  rowing: {
    waterline: 0.92,
    beamWaterline: 0.78,
    prismatic: 0.58,
    midship: 0.74,
    waterplane: 0.7,
    lcb: -0.01,
    // with a crew aboard the foot of her transom is wet
    transom: 0.12,
    halfEntrance: (15 * Math.PI) / 180,
    appended: 0.01,
    of: 'a rowing boat',
  },
}
const usualOf = (variant: string) => USUAL[variant as keyof typeof USUAL] ?? USUAL.canoe

/** Canoe, kayak or rowing boat. */
export const canoe: HullType = {
  id: 'canoe',
  label: 'Canoe, kayak, rowing boat',
  hint: 'Long and light; the crew is most of the weight',
  methods: [
    { method: 'thinShip', doubt: 0 },
    { method: 'vanOortmerssen1971', doubt: 0.05 },
    { method: 'delft1998', doubt: 0.05 },
    { method: 'handbook', doubt: 0 },
  ],
  drives: ['outboard', 'pod'],
  variants: VARIANTS,
  asks: ['beamWaterline'],
  waveBound: true,
  usual: { waterline: 0.94, cruise: 0.7, length: 4.9, hours: 3, house: 0 },
  typical: lengthOverAll => ({
    beam: Math.min(1.6, Math.max(0.6, 0.17 * lengthOverAll)),
    draught: 0.14,
    mass: 45 * lengthOverAll,
    propellerDiameter: 0.2,
  }),
  form: (boat, density) => estimatedForm(boat, density, usualOf(boat.variant)),
  appendages: () => [],
  interaction: (_, drive) => openWaterInteraction(drive),
  windage: boat => 0.35 * boat.beam + 0.45,
  elevation: (boat, form) =>
    boatProfile(
      boat,
      form,
      boat.variant === 'kayak'
        ? { bow: 0.055, stern: 0.045, overhang: 0.05, aft: 0.04, bottom: 'rocker', house: 'none' }
        : { bow: 0.1, stern: 0.085, overhang: 0.03, aft: 0.03, bottom: 'rocker', house: 'thwarts' },
    ),
}
