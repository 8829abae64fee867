import type { Part, PartKindId, PartOf } from '../parts'
import { edit, valueAt, type Edit, type ProjectPath } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { putOnBoat } from './putOnBoat'

/** Where a boat keeps her copy of a part; what is sold whole is taken apart anew. */
const PLACE_OF: Partial<Record<PartKindId, ProjectPath>> = {
  motor: 'design.motor',
  controller: 'design.controller',
  wholeDrive: 'design.wholeDrive',
  jet: 'design.jet',
  cell: 'design.pack.cell',
  pack: 'design.pack.cell',
  charger: 'design.charging.charger',
  fuse: 'design.wiring.fuse',
  panel: 'design.solar.panel',
  chargeController: 'design.solar.controller',
}

/**
 * The edits by which a boat takes over a part that was changed in the library.
 *
 * @param kind of part
 * @param part as it is in the library now
 * @param project a boat that may have an older copy of it
 * @param id that it had when she got it
 * @returns edits; null where she has none, or the same
 * @example takeOver('motor', DEMO.tirrick.design.motor, DEMO.tirrick) // null
 */
export function takeOver(
  kind: PartKindId,
  part: Part | PartOf<'motor'>,
  project: Project,
  id = part.id,
): Edit[] | null {
  const place = PLACE_OF[kind],
    now = place && (valueAt(project, place) as { id: string } | null)
  if (!place || !now || now.id !== id || same(now, part)) return null
  return kind === 'wholeDrive' ? putOnBoat(kind, part as Part, project) : [edit(place, part as never)]
}

/** The same figures, in whatever order. */
function same(a: object, b: object): boolean {
  const sorted = (of: object) => JSON.stringify(Object.entries(of).sort(([x], [y]) => (x < y ? -1 : 1)))
  return sorted(a) === sorted(b)
}
