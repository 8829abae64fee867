import { SHIPPED_LIBRARY, type Library } from '../parts'
import { newProject, type FirstAnswers } from '../project/newProject'
import type { Project, TrialPoint } from '../project/projectFields'
import { edit, withEdits } from '../project/projectPath'
import { trialWith } from '../project/runSetup'
import { READINGS, readReading, type ReadSentence } from '../trial'
import { METRIC_UNITS, type Text, type UnitChoice } from '../units'
import { sizeRest } from './sizeRest'

/** A boat with her first design; where nothing fits, with placeholders, and what is short. */
export interface FirstDesign {
  project: Project
  note: Text | null
}

/** σ of ln of what was read through a drive of which nothing is known (judgement: drives of one kind differ by it). */
const OTHER_DRIVE = 0.2

/**
 * Understands what an owner tells of her before there is a design: another drive stood in her then.
 *
 * @param sentence in the owner's words, such as "with 135 hp she did 22 mph"
 * @param choice the owner's units, for messages
 * @returns the reading with the doubt that this leaves; rpm say nothing without their motor and propeller
 * @example readEarly('4 kn 900 W').ok // true
 */
export function readEarly(sentence: string, choice: UnitChoice = METRIC_UNITS): ReadSentence {
  const read = readReading(sentence, choice)
  if (!read.ok) return read
  const { kind, doubt } = read.point
  if (kind === 'rpm')
    return {
      ok: false,
      message:
        'Rpm tell something once the motor and propeller that turned are on the benches. Add it on the power curve ' +
        'then.',
    }
  if (!READINGS[kind].throughDrive) return read
  return { ok: true, point: { ...read.point, doubt: Math.max(OTHER_DRIVE, doubt ?? 0) } }
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
 * @returns the boat; a note where nothing fits
 */
export function firstDesign(
  answers: FirstAnswers,
  id: string,
  known: readonly TrialPoint[] = [],
  library: Library = SHIPPED_LIBRARY,
): FirstDesign {
  const first = sized(newProject(answers, id), library)
  if (known.length === 0) return first
  // read through a drive like the one found, as she floated before, they move the curve and so the design
  const trial = trialWith(first.project, known)
  const setups = trial.setups.map(setup => ({ ...setup, mass: first.project.boat.mass }))
  const told = withEdits(first.project, [edit('trial', { ...trial, setups })])
  return sized(told, library)
}
