import type { BoatDimensions } from '../boat'
import { estimatedForm, type UsualForm } from '../estimatedForm'
import type { HullForm } from '../hullForm'

/** Typical CP 0.60, CM 0.75, CWP 0.72, LCB −1.5 %; skeg and keel timber hold about 1.5 % (common practice). */
const USUAL: UsualForm = {
  waterline: 0.93,
  beamWaterline: 0.92,
  prismatic: 0.6,
  midship: 0.75,
  waterplane: 0.72,
  lcb: -0.015,
  transom: 0,
  halfEntrance: (20 * Math.PI) / 180,
  appended: 0.015,
  of: 'a launch',
}

/**
 * Form of a round-bilged displacement launch with a shallow keel and skeg.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @returns the form, with its estimates listed
 */
export const displacementLaunchForm = (boat: BoatDimensions, density: number): HullForm =>
  estimatedForm(boat, density, USUAL)
