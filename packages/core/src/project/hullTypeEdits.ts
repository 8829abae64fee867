import { hullTypeOf, type HullQuestion } from '../hull'
import type { Edit } from './projectPath'
import type { Project } from './projectFields'

/** Dimensions that only some kinds of hull ask for, by the question that asks. */
const ASKED_BY: Partial<Record<HullQuestion, readonly string[]>> = {
  beamWaterline: ['beamWaterline'],
  coefficients: ['prismatic', 'midship', 'waterplane', 'lcb'],
  hullBeam: ['hullBeam'],
  hullSpacing: ['hullSpacing'],
  deadrise: ['deadrise'],
  lcg: ['lcg'],
}

/**
 * What changes with the kind of hull: its first variant, a drive that it can have, and no figure that it does not ask
 * for,
 * since that would count without being seen.
 *
 * @param project the boat
 * @param id of the other kind
 * @returns edits
 * @throws RangeError when there is no such kind
 * @example hullTypeEdits(DEMO.tirrick, 'canoe')[0].value // 'canoe'
 */
export function hullTypeEdits({ boat, typed }: Project, id: string): Edit[] {
  const type = hullTypeOf(id)
  const unseen = Object.entries(ASKED_BY)
    .flatMap(([question, fields]) => (type.asks.includes(question as HullQuestion) ? [] : fields))
    .filter(field => boat[field as keyof typeof boat] !== null)
  const gone = new Set(unseen.map(field => `boat.${field}`))
  return [
    { path: 'boat.hullType', value: id },
    { path: 'boat.variant', value: Object.keys(type.variants)[0] ?? '' },
    ...(type.drives.includes(boat.drive.kind) ? [] : [{ path: 'boat.drive.kind', value: type.drives[0] }]),
    ...[...gone].map(path => ({ path, value: null })),
    ...(Object.keys(typed).some(path => gone.has(path))
      ? [{ path: 'typed', value: Object.fromEntries(Object.entries(typed).filter(([path]) => !gone.has(path))) }]
      : []),
  ]
}
