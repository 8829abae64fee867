import type { BoatDimensions } from '../boat'
import { boatProfile } from '../boatProfile'
import { givenOr } from '../estimate'
import { estimatedForm, type UsualForm } from '../estimatedForm'
import type { HullForm } from '../hullForm'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'

const DEGREE = Math.PI / 180

/** Full, straight run to a deep transom; ratios: common practice. */
const USUAL: UsualForm = {
  waterline: 0.86,
  beamWaterline: 0.84,
  prismatic: 0.72,
  midship: 0.68,
  waterplane: 0.82,
  lcb: -0.07,
  transom: 0.85,
  halfEntrance: 22 * DEGREE,
  appended: 0,
  of: 'a planing hull',
}

/**
 * Form of a planing hull with its bottom: chine beam is the beam at the waterline. Deadrise 15°, centre of gravity at
 * 0.38 of the
 * waterline and height 0.35 of the beam are usual (common practice); thrust is taken through the centre of gravity.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @returns the form with its planing bottom
 */
export function planingForm(boat: BoatDimensions, density: number): HullForm {
  const form = estimatedForm(boat, density, USUAL)
  const basis = 'usual for a planing hull (common practice)'
  const deadrise = givenOr(boat.deadrise, { field: 'deadrise', value: 15 * DEGREE, spread: 0.3, basis }, form.estimates)
  const lcg = givenOr(
    boat.lcg,
    { field: 'lcg', value: 0.38 * form.lengthWaterline, spread: 0.08, basis },
    form.estimates,
  )
  return {
    ...form,
    bottom: {
      beamChine: form.beamWaterline,
      deadrise,
      lcg,
      vcg: 0.35 * form.beamWaterline,
      shaftAngle: boat.drive.kind === 'shaft' ? 8 * DEGREE : 0,
      thrustArm: 0,
    },
  }
}

/** Hard-chine motor boat that planes. */
export const planing: HullType = {
  id: 'planing',
  label: 'Planing motor boat',
  hint: 'Hard chines; lifts and skims over the water when there is power enough',
  methods: [
    { method: 'vanOortmerssen1971', doubt: 0.2 },
    { method: 'mercierSavitsky1973', doubt: 0 },
    { method: 'savitsky1964', doubt: 0 },
    { method: 'crouch', doubt: 0 },
    { method: 'wyman1998', doubt: 0 },
  ],
  drives: ['outboard', 'sternDrive', 'shaft'],
  variants: {},
  asks: ['beamWaterline', 'deadrise', 'lcg'],
  waveBound: false,
  usual: { waterline: 0.86, cruise: 2.3, planes: true, length: 5.5, hours: 0.5, house: 0.4 },
  typical: lengthOverAll => ({
    beam: 0.65 * lengthOverAll ** (2 / 3),
    draught: 0.07 * lengthOverAll,
    mass: 1025 * ((0.86 * lengthOverAll) / 5.3) ** 3,
    propellerDiameter: Math.min(0.5, 0.055 * lengthOverAll),
  }),
  form: planingForm,
  appendages: boat =>
    boat.drive.kind === 'shaft'
      ? [{ name: 'rudder and strut', span: 0.3, chord: 0.03 * boat.lengthOverAll, thickness: 0.1 }]
      : [],
  interaction: (_, drive) => openWaterInteraction(drive),
  windage: boat => 0.85 * boat.beam * 0.2 * boat.lengthOverAll,
  elevation: (boat, form) =>
    boatProfile(boat, form, { bow: 0.16, stern: 0.11, overhang: 0.12, aft: 0.02, bottom: 'transom', house: 'console' }),
}
