import { edit } from '../../src/project/projectPath'
import { sizeRest } from '../../src/sizing'
import fleet from './fleet.json' with { type: 'json' }
import { KNOT } from '../../src/constants'
import { newProject, withEdits, type Edit, type Project } from '../../src/project'
import type { DriveKind, HullTypeId } from '../../src/hull'

/**
 * Ordinary boats of every kind, none of them a demo boat: estimates by common practice, entered by their ten answers
 * and their waterline, as an owner would.
 */
export const FLEET: readonly Project[] = fleet.map(b => {
  const boat = newProject(
    {
      name: b.id,
      hullType: b.hullType as HullTypeId,
      drive: b.drive as DriveKind,
      lengthOverAll: b.lengthOverAll,
      beam: b.beam,
      mass: b.mass,
      greatestDiameter: b.greatestDiameter,
      oldEnginePower: 1000 * b.oldEngineKw,
      cruiseSpeed: b.cruiseKn * KNOT,
      duration: b.hours * 3600,
    },
    `fleet-${b.id}`,
  )
  const edits: Edit[] = [
    edit('use.topSpeed', b.topKn * KNOT),
    edit('boat.lengthWaterline', b.lengthWaterline),
    edit('boat.water', b.fresh ? 'fresh' : 'sea'),
    ...(b.hullType === 'pontoon' ? [edit('boat.tubes', b.tubes === 2 ? 2 : 3), edit('boat.hullBeam', b.hullBeam)] : []),
    ...(b.hullType === 'catamaran' ? [edit('boat.hullBeam', b.hullBeam)] : []),
  ]
  return withEdits(boat, edits)
})

/** The fleet with the first design that each boat gets; one that gets none keeps its placeholders, which clash. */
export const SIZED_FLEET: readonly Project[] = FLEET.map(boat => {
  const sized = sizeRest(boat)
  return sized.outcome === 'sized' ? withEdits(boat, sized.edits) : boat
})
