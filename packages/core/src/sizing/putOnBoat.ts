import type { CableSpec } from '../wiring'
import type { CellSpec } from '../battery'
import type { WholeDriveSpec } from '../drive'
import { wholeDriveParts, type Part, type PartKindId } from '../parts'
import { edit, type Edit, type ProjectPath, type ValueAt } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { wheelOf, type StockPropeller } from '../propulsor'
import { packOf } from './packCandidates'

type Put = (part: Part, project: Project) => Edit[] | null

/** A part of the library goes where a boat holds one of its kind: both are made of the same fields. */
const at =
  <P extends ProjectPath>(path: P): Put =>
  part => [edit(path, part as unknown as ValueAt<P>)]
/** panels and what charges from them count only when they are fitted */
const withPanels =
  <P extends ProjectPath>(path: P): Put =>
  (part, project) => [...at(path)(part, project)!, edit('design.solar.fitted', true)]
/** a whole drive brings motor, controller, leg and propeller, and hangs in the water as it is fitted */
const asWhole: Put = (part, project) => {
  const whole = part as unknown as WholeDriveSpec,
    { motor, controller, drive, legRatio, propeller } = wholeDriveParts(whole)
  return [
    edit('design.wholeDrive', whole),
    edit('design.motor', motor),
    edit('design.controller', controller),
    edit('design.reduction', { kind: 'direct', ratio: 1 }),
    edit('design.propeller', { ...project.design.propeller, ...propeller, efficiencyFactor: null }),
    edit('boat.drive.kind', drive),
    edit('boat.drive.legRatio', legRatio),
  ]
}
const isJet = ({ boat }: Project) => boat.drive.kind === 'jet'
const asPack: Put = (part, project) => {
  const made = packOf(project, part as unknown as CellSpec)
  return made.outcome === 'pack' ? [edit('design.pack', made.pack)] : made.edits
}

/** Where each kind of part goes; the compiler finds a kind that has no place. */
const PUT: Record<PartKindId, Put> = {
  motor: at('design.motor'),
  controller: at('design.controller'),
  wholeDrive: asWhole,
  propeller: (part, project) => {
    const value = { ...wheelOf(part as unknown as StockPropeller), efficiencyFactor: null }
    return isJet(project) ? null : [edit('design.propeller', value)]
  },
  jet: (part, project) => (isJet(project) ? at('design.jet')(part, project) : null),
  cell: asPack,
  pack: asPack,
  charger: at('design.charging.charger'),
  cable: part => {
    const { area, insulation } = part as unknown as CableSpec
    return [edit('design.wiring.mainArea', area), edit('design.wiring.insulation', insulation)]
  },
  fuse: at('design.wiring.fuse'),
  panel: withPanels('design.solar.panel'),
  chargeController: withPanels('design.solar.controller'),
}

/**
 * The edits that put a part of the library on a boat.
 *
 * @param kind of part
 * @param part of that kind
 * @param project the boat
 * @returns edits; null where it has no place on her, or makes no pack for her
 * @example putOnBoat('fuse', PART_KINDS.fuse.shipped[0], DEMO.tirrick).length // 1
 */
export function putOnBoat(kind: PartKindId, part: Part, project: Project): Edit[] | null {
  return PUT[kind](part, project)
}
