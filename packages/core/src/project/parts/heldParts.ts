import type { Edit, ProjectPath } from '../definition/projectPath'
import type { HeldPart, Project } from '../definition/projectFields'

/**
 * What holding a part keeps, by paths of the document: no fix and no sizing changes it. Settings on the part (charge
 * volts, amps, its plate's figures) may change.
 */
export const HELD_PATHS: Record<HeldPart, readonly ProjectPath[]> = {
  motor: ['design.motor'],
  controller: ['design.controller'],
  reduction: ['design.reduction', 'design.reduction.kind', 'design.reduction.ratio'],
  leg: ['boat.drive.legRatio', 'boat.drive.kind'],
  propeller: [
    'design.propeller',
    'design.propeller.diameter',
    'design.propeller.pitch',
    'design.propeller.areaRatio',
    'design.propeller.blades',
    'design.propeller.kind',
    'design.propeller.hand',
    'design.jet',
  ],
  pack: ['design.pack', 'design.pack.cell', 'design.pack.series', 'design.pack.parallel'],
  voltage: ['design.systemVoltage', 'design.pack.series'],
  charger: ['design.charging.charger', 'design.charging.count'],
  panels: [
    'design.solar.panel',
    'design.solar.series',
    'design.solar.parallel',
    'design.solar.controller',
    'design.solar.fitted',
  ],
}

/** The parts that can be held, in the order of the power. */
export const HELD_PARTS = Object.keys(HELD_PATHS) as HeldPart[]

/**
 * The first held part that edits would change.
 *
 * @param project the boat
 * @param edits of a fix
 * @returns the part, or null when nothing that is held changes
 */
export function heldPartOf(project: Project, edits: readonly Edit[]): HeldPart | null {
  return HELD_PARTS.find(part => project.held[part] && edits.some(e => HELD_PATHS[part].includes(e.path))) ?? null
}
