import type { BoatDimensions } from './boat'
import { givenOr } from './estimate'
import { estimatedForm, type UsualForm } from './estimatedForm'
import type { FormEstimate, HullForm } from './hullForm'

/** What is usual for the two hulls of a kind. */
export interface UsualTwins {
  /** beam of one at the water, m, and why */
  beam: number
  basis: string
  /** greatest beam less hull spacing, in beams of one hull: flare outwards is more than 1 */
  flare: number
}

/**
 * Form of a boat on two hulls: one hull's dimensions, both hulls' volume and wetted surface.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @param usual what is usual for one hull
 * @param twins what is usual for the two
 * @returns the form
 */
export function twinHullForm(
  boat: BoatDimensions,
  density: number,
  usual: UsualForm,
  { beam: usualBeam, basis, flare }: UsualTwins,
): HullForm {
  const estimates: FormEstimate[] = []
  const beam = givenOr(boat.hullBeam, { field: 'hullBeam', value: usualBeam, spread: 0.12, basis }, estimates)
  const spacing = givenOr(
    boat.hullSpacing,
    {
      field: 'hullSpacing',
      value: Math.max(1.05 * beam, boat.beam - flare * beam),
      spread: 0.05,
      basis: 'outer sides at the greatest beam',
    },
    estimates,
  )
  return estimatedForm(boat, density, usual, { count: 2, beam, spacing, estimates })
}
