import { packFigures, type PackSpec } from '../../battery'
import { FIELDS } from '../definition/fields'
import { edit, withEdits, type Edit } from '../definition/projectPath'
import type { Project } from '../definition/projectFields'

/** System voltages that are spoken of, V. */
export const SYSTEM_VOLTAGES = [12, 24, 36, 48, 72, 96, 144, 300, 400] as const

/**
 * A pack counts as of a system voltage when its nominal volts are that, a seventh more or a tenth less: 16 cells of
 * LFP, 51.2 V, are 48 V (common practice).
 */
const ABOVE = 1.16,
  BELOW = 0.9

/**
 * The system voltage that a pack makes: the usual one that it counts as, else its own nominal volts.
 *
 * @param pack the pack
 * @returns V
 * @example systemVoltageOf(DEMO.tirrick.design.pack) // 48
 */
export function systemVoltageOf(pack: PackSpec): number {
  const { nominalVoltage } = packFigures(pack)
  const { least, most } = FIELDS['design.systemVoltage']
  // a pack beyond what the field holds is told by its own findings
  const own = Math.min(most, Math.max(least, Math.round(nominalVoltage)))
  return usualVoltage(nominalVoltage) ?? own
}

/** The system voltage in use that so many nominal volts count as; undefined where they lie between two. */
export const usualVoltage = (nominal: number) => SYSTEM_VOLTAGES.find(v => nominal >= BELOW * v && nominal <= ABOVE * v)

/**
 * Nominal volts of a pack over those for which its motor is wound, so that it reaches its speed on a loaded pack: 16
 * LFP cells for 48 V (common practice).
 */
export const PACK_ABOVE_MOTOR = 1.06

/**
 * Edits, and the system voltage that follows the pack where they change it: the pack's own volts lead, unless the
 * system voltage is held or changed itself.
 *
 * @param project the boat before
 * @param edits of it
 * @returns the same edits, with one more where the voltage follows
 */
export function withFollowingVoltage(project: Project, edits: readonly Edit[]): Edit[] {
  if (
    !edits.some(e => e.path === 'design.pack' || e.path.startsWith('design.pack.')) ||
    edits.some(e => e.path === 'design.systemVoltage')
  )
    return [...edits]
  const after = withEdits(project, edits)
  if (after.held.voltage) return [...edits]
  const voltage = systemVoltageOf(after.design.pack)
  return voltage === after.design.systemVoltage ? [...edits] : [...edits, edit('design.systemVoltage', voltage)]
}
