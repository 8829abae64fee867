import { SHIPPED_LIBRARY, type Library } from '../parts'
import { newProject, type FirstAnswers } from '../project/begin/newProject'
import type { Project, TrialPoint } from '../project/definition/projectFields'
import { edit, withEdits } from '../project/definition/projectPath'
import type { MadeWith } from '../project/told/madeWith'
import { trialWith } from '../project/told/runSetup'
import type { Text } from '../units'
import { sizeRest } from './sizeRest'

/** A boat with her first design; where nothing fits, with placeholders, and what is short. */
export interface FirstDesign {
  project: Project
  note: Text | null
}

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
 * @param known readings, from readEarly
 * @param library parts to choose from
 * @param made with what drive they were made: none of the design's, since there was none then
 * @returns the boat; a note where nothing fits
 */
export function firstDesign(
  answers: FirstAnswers,
  id: string,
  known: readonly TrialPoint[] = [],
  library: Library = SHIPPED_LIBRARY,
  made: Exclude<MadeWith, 'asFitted'> = 'unknown',
): FirstDesign {
  const first = sized(newProject(answers, id), library)
  if (known.length === 0) return first
  // as she floated before, through whatever drove her then, they move the curve and so the design
  const trial = trialWith(first.project, known)
  const setups = trial.setups.map(setup => ({ ...setup, mass: first.project.boat.mass, made, packKnown: false }))
  const told = withEdits(first.project, [edit('trial', { ...trial, setups })])
  return sized(told, library)
}
