import { checkFindings } from '../findings'
import type { Had } from '../have'
import { SHIPPED_LIBRARY, type Library, type Part, type PartKindId } from '../parts'
import { newProject, type FirstAnswers } from '../project/begin/newProject'
import type { Project } from '../project/definition/projectFields'
import { edit, withEdits } from '../project/definition/projectPath'
import { trialToldWith } from '../project/told/runSetup'
import type { ToldReading } from '../trial'
import type { Text } from '../units'
import { answersWith, boatsWith, withChargersOf, type LeftOut } from './haveOnBoat'
import { sizeRest } from './sizeRest'
import { useThatTheyAllow } from './useThatTheyAllow'
import { withinBudget } from './withinBudget'

/** A boat with her first design; what it cannot do, or what is short where nothing fits. */
export interface FirstDesign {
  project: Project
  note: Text | null
  /** parts of the owner, for his library */
  own: { kind: PartKindId; part: Part }[]
  /** what he has and she does not use */
  left: LeftOut[]
  /** what his budget buys; null where he told none */
  bought: Text | null
}

/** What an owner tells beside the ten answers. */
export interface ToldBefore {
  /** readings with what they were made with */
  known?: readonly ToldReading[]
  have?: readonly Had[]
  /** false where nobody asked for a speed: what he has decides */
  wish?: boolean
  /** whether the largest propeller that fits was told; else it is at least the one that he has */
  placeTold?: boolean
}

/** The drive that an owner has today, of which the design knows nothing yet. */
const BEFORE = { made: 'another', name: 'as fitted before' } as const

interface Sized {
  project: Project
  note: Text | null
  stops: number
}
function sized(project: Project, library: Library): Sized {
  const found = sizeRest(project, library)
  return found.outcome === 'sized'
    ? { project: withEdits(project, found.edits), note: found.short, stops: found.stops }
    : { project, note: found.text, stops: Infinity }
}

/** Of several ways to put her blocks together the one that does most of what is wished. */
function bestOf(boats: readonly Project[], library: Library): Sized {
  const all = boats.map(boat => sized(boat, library))
  const faults = ({ project, note, stops }: Sized) =>
    100 * Math.min(stops, 9) + (note ? 20 : 0) + (boats.length > 1 ? checkFindings(project, library).counts.caution : 0)
  return all.map(of => ({ of, bad: faults(of) })).reduce((a, b) => (b.bad < a.bad ? b : a)).of
}

/** Propeller and wiring follow the speed, and the speed the propeller: so often both are made anew. */
const ROUNDS = 3

/**
 * A boat from ten answers with her first design: around what her owner has, and with what he knows of her already.
 *
 * @param answers the ten answers, SI
 * @param id of the new document
 * @param told readings, things that he has, whether he wishes a speed
 * @param library parts to choose from
 * @returns the boat; a note where something is short
 */
export function firstDesign(
  answers: FirstAnswers,
  id: string,
  { known = [], have = [], wish = true, placeTold = false }: ToldBefore = {},
  library: Library = SHIPPED_LIBRARY,
): FirstDesign {
  const { boats, left } = boatsWith(newProject(answersWith(answers, have, placeTold), id), have)
  let first = bestOf(boats, library)
  if (known.length > 0) first = sized(withReadings(first.project, known), library)
  if (!wish && have.length > 0) {
    const { use: usual } = boats[0]!
    for (let round = 0; round < ROUNDS; round++) {
      const use = useThatTheyAllow(first.project, usual)
      if (use === first.project) break
      first = sized(use, library)
    }
  }
  const budget = have.find(h => h.what === 'budget'),
    bought = budget && withinBudget(first, budget.amount, wish ? null : p => sized(p, library), library)
  if (bought) first = bought.sized
  const charged = withChargersOf(first.project, have, library)
  return {
    project: charged.boat,
    note: first.note,
    own: have.flatMap(had => (had.what === 'part' ? [{ kind: had.kind, part: had.part }] : [])),
    left: [...left, ...charged.left],
    bought: bought?.text ?? null,
  }
}

/** As she floated before, through whatever drove her then, readings move the curve and so the design. */
function withReadings(project: Project, known: readonly ToldReading[]): Project {
  const trial = trialToldWith(
    project,
    known.map(({ point, made }) => ({
      point,
      // what was fitted then is not what is designed now
      made: { mass: project.boat.mass, ...made, ...(made.made === 'asFitted' ? BEFORE : {}) },
    })),
  )
  return withEdits(project, [edit('trial', trial)])
}
