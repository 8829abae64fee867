import { hullTypeOf, type HullQuestion, type HullTypeId } from '../../hull'
import { edit, type Edit } from '../definition/projectPath'
import type { Project } from '../definition/projectFields'

/** Dimensions that only some kinds of hull ask for, by the question that asks. */
const ASKED_BY = {
  beamWaterline: ['beamWaterline'],
  coefficients: ['prismatic', 'midship', 'waterplane', 'lcb'],
  hullBeam: ['hullBeam'],
  hullSpacing: ['hullSpacing'],
  deadrise: ['deadrise'],
  lcg: ['lcg'],
} as const satisfies Partial<Record<HullQuestion, readonly (keyof Project['boat'])[]>>

/**
 * What changes with the kind of hull: its first variant, a drive that it can have, and no figure that it does not ask
 * for, since that would count without being seen.
 *
 * @param project the boat
 * @param id of the other kind
 * @returns edits
 * @example hullTypeEdits(DEMO.tirrick, 'canoe')[0].value // 'canoe'
 */
export function hullTypeEdits({ boat, typed }: Project, id: HullTypeId): Edit[] {
  const type = hullTypeOf(id)
  const unseen = (Object.keys(ASKED_BY) as (keyof typeof ASKED_BY)[])
    .flatMap<(typeof ASKED_BY)[keyof typeof ASKED_BY][number]>(question =>
      type.asks.includes(question) ? [] : ASKED_BY[question],
    )
    .filter(field => boat[field] !== null)
  const gone = new Set<string>(unseen.map(field => `boat.${field}`))
  return [
    edit('boat.hullType', id),
    edit('boat.variant', Object.keys(type.variants)[0] ?? ''),
    ...(type.drives.includes(boat.drive.kind) ? [] : [edit('boat.drive.kind', type.drives[0]!)]),
    ...unseen.map(field => edit(`boat.${field}`, null)),
    ...(Object.keys(typed).some(path => gone.has(path))
      ? [edit('typed', Object.fromEntries(Object.entries(typed).filter(([path]) => !gone.has(path))))]
      : []),
  ]
}
