import { SHIPPED_LIBRARY, type Library } from '../parts'
import { newProject, type FirstAnswers } from '../project/begin/newProject'
import type { Project } from '../project/definition/projectFields'
import { edit, withEdits } from '../project/definition/projectPath'
import { trialToldWith } from '../project/told/runSetup'
import type { ToldReading } from '../trial'
import type { Text } from '../units'
import { sizeRest } from './sizeRest'

/** A boat with her first design; where nothing fits, with placeholders, and what is short. */
export interface FirstDesign {
  project: Project
  note: Text | null
}

/** The drive that an owner has today, of which the design knows nothing yet. */
const BEFORE = { made: 'another', name: 'as fitted before' } as const

const sized = (project: Project, library: Library): FirstDesign => {
  const found = sizeRest(project, library)
  return found.outcome === 'sized'
    ? { project: withEdits(project, found.edits), note: null }
    : { project, note: found.text }
}

/**
 * A boat from ten answers with her first design, and with what her owner knows of her already.
 *
 * @param answers the ten answers, SI
 * @param id of the new document
 * @param known readings with what they were made with: none of the design's, since there was none then
 * @param library parts to choose from
 * @returns the boat; a note where nothing fits
 */
export function firstDesign(
  answers: FirstAnswers,
  id: string,
  known: readonly ToldReading[] = [],
  library: Library = SHIPPED_LIBRARY,
): FirstDesign {
  const first = sized(newProject(answers, id), library)
  if (known.length === 0) return first
  // as she floated before, through whatever drove her then, they move the curve and so the design
  const trial = trialToldWith(
    first.project,
    known.map(({ point, made }) => ({
      point,
      // what was fitted then is not what is designed now
      made: { mass: first.project.boat.mass, ...made, ...(made.made === 'asFitted' ? BEFORE : {}) },
    })),
  )
  const told = withEdits(first.project, [edit('trial', trial)])
  return sized(told, library)
}
