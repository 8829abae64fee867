import type { BoatDimensions } from '../boat'
import { givenOr } from '../estimate'
import type { FormEstimate, HullForm } from '../hullForm'

/**
 * Form of a round-bilged displacement launch with a shallow keel and skeg.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @returns the form, with its estimates listed
 *
 * Source: wetted surface of Holtrop & Mennen 1982,
 * S = L (2T + B) CM^½ (0.453 + 0.4425 CB − 0.2862 CM − 0.003467 B/T + 0.3696 CWP).
 * Typical CP 0.60, CM 0.75, CWP 0.72, LCB −1.5 %: common practice.
 */
export function displacementLaunchForm(boat: BoatDimensions, density: number): HullForm {
  const estimates: FormEstimate[] = []
  const lengthWaterline = givenOr(boat.lengthWaterline, { field: 'lengthWaterline', value: 0.93 * boat.lengthOverAll, spread: 0.03, basis: '0.93 of the length over all' }, estimates)
  const beamWaterline = givenOr(boat.beamWaterline, { field: 'beamWaterline', value: 0.92 * boat.beam, spread: 0.04, basis: '0.92 of the greatest beam' }, estimates)
  const prismatic = givenOr(boat.prismatic, { field: 'prismatic', value: 0.6, spread: 0.05, basis: 'usual for a launch (common practice)' }, estimates)
  const midship = givenOr(boat.midship, { field: 'midship', value: 0.75, spread: 0.08, basis: 'usual for a round bilge (common practice)' }, estimates)
  const waterplane = givenOr(boat.waterplane, { field: 'waterplane', value: 0.72, spread: 0.05, basis: 'usual for a launch (common practice)' }, estimates)
  const lcb = givenOr(boat.lcb, { field: 'lcb', value: -0.015, spread: 0.7, basis: 'usual for a launch (common practice)' }, estimates)

  const volume = boat.mass / density
  const volumeBody = 0.985 * volume // skeg and keel timber hold about 1.5 % (common practice)
  const draughtBody = volumeBody / (prismatic * midship * beamWaterline * lengthWaterline)
  const block = prismatic * midship
  const wettedSurface = lengthWaterline * (2 * draughtBody + beamWaterline) * Math.sqrt(midship)
    * (0.453 + 0.4425 * block - 0.2862 * midship - 0.003467 * beamWaterline / draughtBody + 0.3696 * waterplane)
  return {
    lengthWaterline, beamWaterline, draughtBody, volumeBody, volume, prismatic, midship, waterplane, lcb,
    lcf: lcb - 0.02, wettedSurface, transomArea: 0, estimates,
  }
}
