import { wholeDriveParts, type Part, type PartKindId, type PartOf } from '../parts'
import { edit, type Edit } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { wheelOf } from '../propulsor'
import { packOf } from './packCandidates'

type Put<K extends PartKindId> = (part: PartOf<K>, project: Project) => Edit[] | null

/** panels and what charges from them count only when they are fitted */
const PANELS_FITTED = edit('design.solar.fitted', true)
const isJet = ({ boat }: Project) => boat.drive.kind === 'jet'
const asPack: Put<'cell' | 'pack'> = (cell, project) => {
  const made = packOf(project, cell)
  return made.outcome === 'pack' ? [edit('design.pack', made.pack)] : made.edits
}

/** Where each kind of part goes, which holds the same fields there; the compiler finds a kind that has no place. */
const PUT: { [K in PartKindId]: Put<K> } = {
  motor: part => [edit('design.motor', part)],
  controller: part => [edit('design.controller', part)],
  // it brings motor, controller, leg and propeller, and hangs in the water as it is fitted
  wholeDrive: (whole, project) => {
    const { motor, controller, drive, legRatio, propeller } = wholeDriveParts(whole)
    return [
      edit('design.wholeDrive', whole),
      edit('design.motor', motor),
      edit('design.controller', controller),
      edit('design.reduction', { kind: 'direct', ratio: 1 }),
      edit('design.propeller', { ...project.design.propeller, ...propeller, efficiencyFactor: null }),
      edit('boat.drive.kind', drive),
      edit('boat.drive.legRatio', legRatio),
    ]
  },
  propeller: (part, project) =>
    isJet(project) ? null : [edit('design.propeller', { ...wheelOf(part), efficiencyFactor: null })],
  jet: (part, project) => (isJet(project) ? [edit('design.jet', part)] : null),
  cell: asPack,
  pack: asPack,
  charger: part => [edit('design.charging.charger', part)],
  cable: ({ area, insulation }) => [edit('design.wiring.mainArea', area), edit('design.wiring.insulation', insulation)],
  fuse: part => [edit('design.wiring.fuse', part)],
  panel: part => [edit('design.solar.panel', part), PANELS_FITTED],
  chargeController: part => [edit('design.solar.controller', part), PANELS_FITTED],
}

/**
 * The edits that put a part of the library on a boat.
 *
 * @param kind of part
 * @param part of that kind: the readers and forms of the library made it of its fields
 * @param project the boat
 * @returns edits; null where it has no place on her, or makes no pack for her
 * @example putOnBoat('fuse', PART_KINDS.fuse.shipped[0], DEMO.tirrick).length // 1
 */
export function putOnBoat<K extends PartKindId>(kind: K, part: PartOf<K> | Part, project: Project): Edit[] | null {
  return PUT[kind](part as PartOf<K>, project)
}
