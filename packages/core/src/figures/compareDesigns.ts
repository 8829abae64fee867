import { evaluate } from '../system'
import type { Project } from '../project/definition/projectFields'
import type { QuantityId } from '../units'
import { valueOf } from './explain'
import { figureOn, type FigureId } from './figures'

/** One figure before and after a change. */
export interface Change {
  id: FigureId
  label: string
  quantity: QuantityId
  before: number
  after: number
  relative: number
}

/** The figures that an owner weighs a change by. */
const WEIGHED: readonly FigureId[] = [
  'cruiseRange',
  'cruisePower',
  'allDaySpeed',
  'designPrice',
  'designMass',
  'packFull',
  'packAvailable',
  'motorUse',
  'propellerEfficiency',
]

/**
 * What a change does, largest relative change first; figures that stay within half a per cent are left out.
 *
 * @param before the boat as it is
 * @param after the boat as tried
 * @param speed of the lever, m/s
 * @param most how many to give
 * @returns before and after
 */
export function compareDesigns(before: Project, after: Project, speed: number, most = 4): Change[] {
  const a = evaluate(before, speed),
    b = evaluate(after, speed)
  const changes: Change[] = []
  for (const id of WEIGHED) {
    const figure = figureOn(id, after)
    const x = valueOf(figure, a).value,
      y = valueOf(figure, b).value
    const relative = x === 0 ? (y === 0 ? 0 : 1) : (y - x) / Math.abs(x)
    if (Math.abs(relative) > 0.005)
      changes.push({ id, label: figure.label, quantity: figure.quantity, before: x, after: y, relative })
  }
  return changes.sort((p, q) => Math.abs(q.relative) - Math.abs(p.relative)).slice(0, most)
}
