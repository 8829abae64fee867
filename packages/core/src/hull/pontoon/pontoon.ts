import type { BoatDimensions } from '../boat'
import { boatProfile } from '../boatProfile'
import { givenOr } from '../estimate'
import { ONE_ROUND_HULL, type FormEstimate, type HullForm } from '../hullForm'
import type { HullType } from '../hullType'
import { findRoot } from '../../numeric'
import { openWaterInteraction } from '../openWaterInteraction'

/**
 * Fullness along a tube with a nose cone, and the share of its length that its wetted girth holds (common practice).
 */
const FULLNESS = 0.88,
  GIRTH_SHARE = 0.95
/** A tube that is deeper than this share of its diameter has no buoyancy to spare. */
export const DEEPEST_TUBE = 0.9

/**
 * Area of a circle's segment below the water, m².
 *
 * @param diameter m
 * @param draught m, 0 … diameter
 * @returns m²
 * @example segmentArea(0.6, 0.3) // 0.1414
 */
export function segmentArea(diameter: number, draught: number): number {
  const R = diameter / 2,
    d = Math.min(diameter, Math.max(0, draught))
  return R * R * Math.acos((R - d) / R) - (R - d) * Math.sqrt(Math.max(0, 2 * R * d - d * d))
}

/**
 * Form of a pontoon boat: how deep its tubes float, and what of them is wet.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @returns the form of one tube, volume and wetted surface of all; a boat too heavy for its tubes floats at 0.98 of
 *   their diameter
 *
 * Source: segment of a circle.
 */
export function pontoonForm(boat: BoatDimensions, density: number): HullForm {
  const estimates: FormEstimate[] = []
  const tubes = boat.tubes
  const lengthWaterline = givenOr(
    boat.lengthWaterline,
    { field: 'lengthWaterline', value: 0.93 * boat.lengthOverAll, spread: 0.03, basis: '0.93 of the length over all' },
    estimates,
  )
  const diameter = givenOr(
    boat.hullBeam,
    {
      field: 'hullBeam',
      value: Math.min(0.68, 0.22 * boat.beam + 0.05),
      spread: 0.1,
      basis: 'usual for a tube (common practice)',
    },
    estimates,
  )
  const hullSpacing = givenOr(
    boat.hullSpacing,
    {
      field: 'hullSpacing',
      value: Math.max(1.02 * diameter, (boat.beam - diameter) / (tubes - 1)),
      spread: 0.05,
      basis: 'outer tubes under the edge of the deck',
    },
    estimates,
  )
  const volume = boat.mass / density
  const wanted = volume / tubes / (lengthWaterline * FULLNESS)
  const found = findRoot(d => segmentArea(diameter, d) - wanted, 0.001 * diameter, 0.98 * diameter)
  const draughtBody = found.outcome === 'noBracket' ? (found.fHigh < 0 ? 0.98 : 0.001) * diameter : found.x
  const R = diameter / 2
  const beamWaterline =
    draughtBody < R ? 2 * Math.sqrt(Math.max(1e-6, 2 * R * draughtBody - draughtBody ** 2)) : diameter
  const girth = diameter * Math.acos((R - draughtBody) / R)
  return {
    lengthWaterline,
    beamWaterline,
    draughtBody,
    volumeBody: volume,
    volume,
    prismatic: FULLNESS,
    midship: Math.min(0.98, segmentArea(diameter, draughtBody) / (beamWaterline * draughtBody)),
    waterplane: 0.93,
    lcb: -0.02,
    lcf: -0.03,
    wettedSurface: tubes * girth * lengthWaterline * GIRTH_SHARE,
    transomArea: 0,
    halfEntrance: (25 * Math.PI) / 180,
    ...ONE_ROUND_HULL,
    hulls: tubes,
    hullSpacing,
    section: 'tube',
    tubeDiameter: diameter,
    estimates,
  }
}

/** A deck on two or three tubes. */
export const pontoon: HullType = {
  id: 'pontoon',
  label: 'Pontoon boat',
  hint: 'A deck on two or three tubes',
  methods: [
    { method: 'thinShip', doubt: 0.2 },
    { method: 'handbook', doubt: 0 },
  ],
  drives: ['outboard', 'pod'],
  variants: {},
  asks: ['tubes', 'hullBeam', 'hullSpacing'],
  waveBound: true,
  usual: { waterline: 0.93, cruise: 0.6, length: 6.5, hours: 3, house: 0.4 },
  typical: lengthOverAll => ({
    beam: Math.min(2.5, 0.5 * lengthOverAll),
    draught: 0.35,
    mass: 170 * lengthOverAll,
    propellerDiameter: 0.3,
  }),
  form: pontoonForm,
  appendages: () => [],
  interaction: (_, drive) => openWaterInteraction(drive),
  // rails, seats, people and canopy posts
  windage: boat => 0.5 * boat.beam * 1.6,
  elevation: (boat, form) =>
    boatProfile(
      boat,
      { ...form, draughtBody: form.draughtBody },
      {
        bow: (form.tubeDiameter - form.draughtBody) / boat.lengthOverAll,
        stern: (form.tubeDiameter - form.draughtBody) / boat.lengthOverAll,
        overhang: 0.03,
        aft: 0,
        bottom: 'tube',
        house: 'canopy',
      },
    ),
}
