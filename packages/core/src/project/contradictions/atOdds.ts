import { partContradictions, type Part } from '../../parts'
import { boatContradictions } from './boatContradictions'
import { contradictionText } from './contradiction'
import type { Project } from '../definition/projectFields'

/** Two fields of a document that cannot both be true: the path of the one to look at, and a sentence. */
export interface AtOdds {
  path: string
  message: string
}

/**
 * What in a document cannot be true together, each field by itself being in its range: no such document is written or
 * read.
 *
 * @param project the boat
 * @returns fields at odds; none when all is well
 */
export function atOdds({ boat, design }: Project): AtOdds[] {
  return [
    ...boatContradictions(boat).map(c => ({ path: `boat.${c.field}`, message: `${contradictionText(c)}.` })),
    ...partContradictions('panel', design.solar.panel as unknown as Part).map(c => ({
      path: `design.solar.panel.${c.key}`,
      message: c.message,
    })),
  ]
}
