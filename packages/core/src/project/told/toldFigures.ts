import { withFigures, type Part, type PartKindId } from '../../parts'
import { edit, valueAt, type Edit, type ProjectPath, type ValueAt } from '../definition/projectPath'
import type { Project } from '../definition/projectFields'

/** Where a boat holds parts of which figures may be estimates. */
const PARTS: Partial<Record<ProjectPath, PartKindId>> = {
  'design.motor': 'motor',
  'design.controller': 'controller',
  'design.jet': 'jet',
  'design.pack.cell': 'cell',
  'design.charging.charger': 'charger',
  'design.solar.panel': 'panel',
}

/**
 * Edits in which a figure told of a part is no estimate any more, and what was estimated from less is estimated anew.
 *
 * @param project the boat
 * @param edits as they were made
 * @returns the same, but for figures of parts with estimates
 */
export function toldFigures(project: Project, edits: readonly Edit[]): Edit[] {
  return edits.map(made => {
    const cut = made.path.lastIndexOf('.'),
      at = made.path.slice(0, cut) as ProjectPath,
      key = made.path.slice(cut + 1),
      kind = PARTS[at]
    if (!kind) return made
    const part = valueAt(project, at) as unknown as Part
    if (((part.estimated as string[] | undefined) ?? []).length === 0) return made
    return edit(at, withFigures(kind, part, { [key]: made.value }) as unknown as ValueAt<typeof at>)
  })
}
