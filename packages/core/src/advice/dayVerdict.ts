import { checkFindings, type RawFinding, type RuleId } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import type { Project } from '../project'
import { goOrStay, type DayOutcome, type GoOrStay } from '../voyage'

/** Clashes of the design that only a wish of more speed or range, or the yard, is about: they keep nobody ashore. */
const NOT_AFLOAT: ReadonlySet<RuleId> = new Set<RuleId>([
  'rangeShort',
  'cruiseAboveTop',
  'topBeyondHull',
  'budgetOver',
  'packOutgrown',
  'packRoom',
  'chargerWindow',
  'chargerInlet',
  'shoreVolts',
  'shoreWeak',
  'motorRating',
  'motorSpeed',
  'packCurrent',
  'controllerCurrent',
  'phaseCurrent',
  'jetFits',
  'propellerDiameter',
])

/**
 * Whether a finding keeps her ashore whatever the plan of the day.
 *
 * @param finding of the boat
 * @returns true for a clash of what she is driven by, or of what carries her
 */
export const keepsAshore = ({ severity, rule }: Pick<RawFinding, 'severity' | 'rule'>): boolean =>
  severity === 'stop' && !NOT_AFLOAT.has(rule)

/**
 * Whether to go, with what of the drive clashes among it.
 *
 * @param project the boat and her day
 * @param day how it runs
 * @param library parts that a fix may offer
 * @returns the verdict, its reason, what was weighed
 */
export const dayVerdict = (project: Project, day: DayOutcome, library: Library = SHIPPED_LIBRARY): GoOrStay =>
  goOrStay(
    project,
    day,
    checkFindings(project, library)
      .findings.filter(keepsAshore)
      .map(f => f.title),
  )
