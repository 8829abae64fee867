import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import type { PartPlace, PlacedPart } from '../project/definition/yardFields'
import { balanceOf } from './balance'

/** A place for a part that trims her less, and what is left of trim and list. m, rad. */
export interface BetterPlace {
  place: PartPlace
  /** aft of where it stands now */
  moves: number
  trim: number
  list: number
  /** it stands in a space that was measured and placed */
  space: string | null
}

/** How far from the ends of the waterline a part may stand, share of its length. */
const INSIDE = 0.1

/** The boat with a part elsewhere. */
export const withPlace = (project: Project, place: PartPlace): Project =>
  withEdits(project, [edit('yard.places', placesWith(project, place))])

/** The places of the yard with one part elsewhere. */
export const placesWith = ({ yard }: Project, place: PartPlace): PartPlace[] => [
  ...yard.places.filter(p => p.part !== place.part),
  place,
]

/**
 * Where a part trims her least: in the spaces that were measured and placed, else anywhere along the waterline; across,
 * where it takes the list out.
 *
 * @param project the boat
 * @param part what may move
 * @returns the best place; null where it stands best already (within a centimetre)
 *
 * Source: the trim is linear in the place: x = now − trim ÷ (trim for each metre).
 */
export function bestPlace(project: Project, part: PlacedPart = 'pack'): BetterPlace | null {
  const now = balanceOf(project),
    row = now.rows.find(r => r.part === part)
  if (!row || row.mass <= 0) return null
  const { hydro, mass } = now,
    sign = row.way === 'in' ? 1 : -1,
    perMetre = (sign * hydro.length * row.mass) / (mass * hydro.bml)
  const wanted = row.along - now.trim.value / perMetre,
    spaces = project.boat.compartments.flatMap(c => (c.along === null ? [] : [{ name: c.name, at: c.along }]))
  const inside = (x: number) =>
    Math.min(hydro.from + (1 - INSIDE) * hydro.length, Math.max(hydro.from + INSIDE * hydro.length, x))
  const near = spaces.reduce<(typeof spaces)[number] | null>(
    (a, b) => (!a || Math.abs(b.at - wanted) < Math.abs(a.at - wanted) ? b : a),
    null,
  )
  const along = near ? near.at : inside(wanted)
  const place: PartPlace = { part, along, across: row.across, above: row.above },
    then = balanceOf(withPlace(project, place))
  if (Math.abs(along - row.along) < 0.01 || Math.abs(then.trim.value) >= Math.abs(now.trim.value) - 0.001) return null
  return { place, moves: along - row.along, trim: then.trim.value, list: then.list.value, space: near?.name ?? null }
}
