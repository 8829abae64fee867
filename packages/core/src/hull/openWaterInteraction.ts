import type { DriveKind } from './driveKind'
import type { HullPropellerInteraction } from './hullType'

const BASIS = {
  outboard: 'Outboard below the transom: wake and thrust deduction near nothing (0 to 0.06, common practice).',
  sternDrive: 'Stern drive below the transom: wake and thrust deduction near nothing (0 to 0.06, common practice).',
  sailDrive: 'Leg in open water: wake 0.05 to 0.10, thrust deduction 0 to 0.10 (common practice).',
  pod: 'Pod under the hull: wake about 0.05, thrust deduction about 0.05 (common practice).',
  jet:
    'Jet with its inlet flush in the bottom: it swallows the boundary layer, wake about 0.05; the inlet disturbs the ' +
    'bottom’s flow, thrust deduction about 0.05 (common practice).',
  shaft: 'Shaft on a strut: wake about 0.05, thrust deduction about 0.08 (Blount & Fox 1976, from memory of).',
} as const satisfies Record<DriveKind, string>

/**
 * Wake and thrust deduction of a propeller that stands in nearly open water.
 *
 * @param drive kind of drive
 * @returns interaction
 * @example openWaterInteraction('outboard').thrustDeduction // 0.030
 */
export function openWaterInteraction(drive: DriveKind): HullPropellerInteraction {
  const behind = drive === 'outboard' || drive === 'sternDrive'
  return {
    wakeFraction: behind ? 0.02 : 0.05,
    thrustDeduction: behind ? 0.03 : drive === 'shaft' ? 0.08 : 0.05,
    relativeRotative: drive === 'shaft' ? 0.98 : 1,
    basis: BASIS[drive],
  }
}
