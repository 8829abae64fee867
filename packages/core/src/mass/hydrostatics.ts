import { GRAVITY } from '../constants'
import type { BoatDimensions, Elevation, HullForm } from '../hull'
import type { Ranged } from '../numeric'
import { planeFigures, waterlineOf, type PlaneFigures } from './waterplane'

/** How a boat floats. m, m², m³, kg; places in m aft of the bow. */
export interface Hydrostatics {
  /** where the waterline begins, and its length */
  from: number
  length: number
  /** hulls side by side, and between their middle lines */
  hulls: number
  hullSpacing: number
  /** of all hulls together */
  plane: PlaneFigures
  /** half breadths of one hull, for drawing */
  halfBreadths: readonly number[]
  /** centre of flotation: she turns about it */
  flotation: number
  volume: number
  /** kg that sink her a metre */
  perMetre: number
  /** metacentric radii, BM */
  bml: number
  bmt: number
  /** centre of buoyancy below the water */
  buoyancyDepth: number
  gm: Ranged
  gmBasis: 'measured' | 'roll' | 'estimate'
}

/** What the owner measured of how she rolls. */
export interface RollKnown {
  gm: number | null
  /** s of a whole roll */
  roll: number | null
}

/** Radius of gyration in roll with the water that moves along, share of the beam (common practice: 0.35 to 0.45). */
const GYRATION = 0.4
/** Centre of gravity above the water, share of the beam, and its doubt: keel yachts; all else (common practice). */
const GRAVITY_HEIGHT = { keel: [0, 0.05], other: [0.08, 0.08] } as const

/**
 * Waterplane, flotation and metacentre of a boat.
 *
 * @param boat dimensions
 * @param form of her hull (of one hull and all volumes)
 * @param elevation where her waterline begins
 * @param density of the water, kg/m³
 * @param known what was measured
 * @returns how she floats
 *
 * Source: BM = I/∇; KB by Morrish, T (5/6 − CB/(3 CWP)); hulls apart add A d²; GM from a roll: (2π k B/T)²/g.
 */
export function hydrostatics(
  boat: Pick<BoatDimensions, 'beam' | 'hullType'>,
  form: HullForm,
  elevation: Pick<Elevation, 'waterlineFrom'>,
  density: number,
  known: RollKnown,
): Hydrostatics {
  const offsets = waterlineOf(form),
    one = planeFigures(offsets),
    apart = Array.from({ length: form.hulls }, (_, i) => (i - (form.hulls - 1) / 2) * form.hullSpacing)
  const plane: PlaneFigures = {
    area: form.hulls * one.area,
    centre: one.centre,
    longitudinal: form.hulls * one.longitudinal,
    transverse: apart.reduce((sum, d) => sum + one.transverse + one.area * d * d, 0),
  }
  const block = form.prismatic * form.midship,
    buoyancyDepth = form.draughtBody * (1 - (5 / 6 - block / (3 * Math.max(block, form.waterplane)))),
    bmt = plane.transverse / form.volume
  const estimate = (): Ranged => {
    const [height, doubt] = GRAVITY_HEIGHT[boat.hullType === 'keelYacht' ? 'keel' : 'other'],
      value = bmt - buoyancyDepth - height * boat.beam,
      off = Math.hypot(doubt * boat.beam, 0.1 * bmt),
      least = 0.05 * bmt
    return {
      value: Math.max(least, value),
      low: Math.max(least / 2, value - off),
      high: Math.max(2 * least, value + off),
    }
  }
  const about = (value: number, share: number): Ranged => ({
    value,
    low: value * (1 - share),
    high: value * (1 + share),
  })
  const rolled = known.roll === null ? null : ((2 * Math.PI * GYRATION * boat.beam) / known.roll) ** 2 / GRAVITY
  return {
    from: elevation.waterlineFrom,
    length: form.lengthWaterline,
    hulls: form.hulls,
    hullSpacing: form.hullSpacing,
    plane,
    halfBreadths: offsets.halfBreadths,
    flotation: elevation.waterlineFrom + one.centre,
    volume: form.volume,
    perMetre: density * plane.area,
    bml: plane.longitudinal / form.volume,
    bmt,
    buoyancyDepth,
    gm: known.gm !== null ? about(known.gm, 0.1) : rolled !== null ? about(rolled, 0.3) : estimate(),
    gmBasis: known.gm !== null ? 'measured' : rolled !== null ? 'roll' : 'estimate',
  }
}
