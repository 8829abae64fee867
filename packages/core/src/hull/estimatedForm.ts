import type { BoatDimensions } from './boat'
import { givenOr } from './estimate'
import { ONE_ROUND_HULL, type FormEstimate, type HullForm } from './hullForm'

/** What is usual for a hull, where the owner does not know. */
export interface UsualForm {
  /** share of the length over all, and of the greatest beam */
  waterline: number
  beamWaterline: number
  prismatic: number
  midship: number
  waterplane: number
  lcb: number
  /** immersed transom over the greatest section */
  transom: number
  /** half angle of entrance, rad */
  halfEntrance: number
  /** share of the displaced volume that skeg, keel timber and the like hold */
  appended: number
  /** "a launch" */
  of: string
}

/** Usual coefficients may together be a quarter too full: this share of the least surface is sure (judgement). */
const SURELY = 0.75

/**
 * Wetted surface of a hull body, m².
 *
 * @param form length, beam, draught of the body, and its coefficients
 * @returns m²
 *
 * Source: Holtrop & Mennen 1982: S = L (2T + B) CM^½ (0.453 + 0.4425 CB − 0.2862 CM − 0.003467 B/T + 0.3696 CWP).
 */
export function holtropWettedSurface({
  lengthWaterline: L,
  beamWaterline: B,
  draughtBody: T,
  prismatic,
  midship,
  waterplane,
}: Pick<
  HullForm,
  'lengthWaterline' | 'beamWaterline' | 'draughtBody' | 'prismatic' | 'midship' | 'waterplane'
>): number {
  const formula =
    L *
    (2 * T + B) *
    Math.sqrt(midship) *
    (0.453 + 0.4425 * prismatic * midship - 0.2862 * midship - (0.003467 * B) / T + 0.3696 * waterplane)
  // no section is shorter than two straight lines from its edges to its depth: rafts lie far beyond the formula
  return Math.max(formula, SURELY * L * Math.hypot(B * waterplane, 2 * T * prismatic * midship))
}

/**
 * Form of a body of which the owner knows length, beam and weight: the rest is usual for its kind and marked as an
 * estimate.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @param usual what is usual for the kind
 * @param hulls how many such bodies share the weight, and the waterline beam of one (m), for boats of several hulls
 * @returns the form
 */
export function estimatedForm(
  boat: BoatDimensions,
  density: number,
  usual: UsualForm,
  hulls?: { count: number; beam: number; spacing: number; estimates: FormEstimate[] },
): HullForm {
  const estimates = hulls?.estimates ?? []
  const basis = `usual for ${usual.of} (common practice)`
  const lengthWaterline = givenOr(
    boat.lengthWaterline,
    {
      field: 'lengthWaterline',
      value: usual.waterline * boat.lengthOverAll,
      spread: 0.03,
      basis: `${usual.waterline} of the length over all`,
    },
    estimates,
  )
  const beamWaterline =
    hulls?.beam ??
    givenOr(
      boat.beamWaterline,
      {
        field: 'beamWaterline',
        value: usual.beamWaterline * boat.beam,
        spread: 0.04,
        basis: `${usual.beamWaterline} of the greatest beam`,
      },
      estimates,
    )
  const prismatic = givenOr(
    boat.prismatic,
    { field: 'prismatic', value: usual.prismatic, spread: 0.05, basis },
    estimates,
  )
  const midship = givenOr(boat.midship, { field: 'midship', value: usual.midship, spread: 0.08, basis }, estimates)
  const waterplane = givenOr(
    boat.waterplane,
    { field: 'waterplane', value: usual.waterplane, spread: 0.05, basis },
    estimates,
  )
  const lcb = givenOr(boat.lcb, { field: 'lcb', value: usual.lcb, spread: 0.7, basis }, estimates)
  const volume = boat.mass / density
  const volumeBody = (1 - usual.appended) * volume
  const count = hulls?.count ?? 1
  const draughtBody = volumeBody / count / (prismatic * midship * beamWaterline * lengthWaterline)
  const body = { lengthWaterline, beamWaterline, draughtBody, prismatic, midship, waterplane }
  const { section, tubeDiameter, bottom } = ONE_ROUND_HULL
  // field by field, as this is asked for hundreds of times a second
  return {
    lengthWaterline,
    beamWaterline,
    draughtBody,
    prismatic,
    midship,
    waterplane,
    volumeBody,
    volume,
    lcb,
    lcf: lcb - 0.02,
    wettedSurface: count * holtropWettedSurface(body),
    transomArea: usual.transom * midship * beamWaterline * draughtBody,
    halfEntrance: usual.halfEntrance,
    section,
    tubeDiameter,
    bottom,
    hulls: count,
    hullSpacing: hulls?.spacing ?? 0,
    estimates,
  }
}
