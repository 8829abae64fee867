import { estimatesOf, type Part, type PartKindId } from '../../parts'
import type { Project } from '../../project/definition/projectFields'

/** Wake, thrust deduction and propeller are estimates: σ of ln of any power that they leave (common practice). */
export const DRIVE_DOUBT = 0.1

/** A range holds four chances in five: so many σ of its ln either way. */
const SIGMAS = 1.2816

/**
 * Factor by which an estimated figure of a part may be off either way, four chances in five.
 *
 * @param kind of part
 * @param part with `estimated`
 * @param key of the figure
 * @returns 1 for a figure that is known
 */
export function spreadOf(kind: PartKindId, part: { estimated: readonly string[] }, key: string): number {
  if (!part.estimated.includes(key)) return 1
  const found = estimatesOf(kind, part as unknown as Part).find(e => e.key === key)
  return found && found.low !== null && found.low > 0 && typeof found.value === 'number' ? found.value / found.low : 1
}

/**
 * What the drive leaves open of any power: wake and propeller, and plates whose efficiency nobody knows.
 *
 * @param project the boat
 * @returns σ of ln of the power
 */
export function driveDoubt({ boat, design }: Project): number {
  const spreads = [
    spreadOf('motor', design.motor, 'ratedEfficiency'),
    spreadOf('controller', design.controller, 'efficiency'),
    boat.drive.kind === 'jet' ? spreadOf('jet', design.jet, 'pumpEfficiency') : 1,
    design.wholeDrive ? spreadOf('wholeDrive', design.wholeDrive, 'ratedPower') : 1,
  ]
  return Math.hypot(DRIVE_DOUBT, ...spreads.map(s => Math.log(s) / SIGMAS))
}
