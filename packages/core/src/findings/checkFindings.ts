import { SHIPPED_LIBRARY, type Library } from '../parts'
import { perLibrary } from '../project/parts/perLibrary'
import type { PartName } from '../project/parts/partName'
import type { Project } from '../project/definition/projectFields'
import { factsOf } from '../system'
import type { Facts, Fix, Found, Rule, Severity } from './finding'
import { fieldError } from '../fields'
import { FIELDS, isFieldPath } from '../project/definition/fields'
import type { Text } from '../units'
import { RULES, type RuleId } from './rules'

/** Something that does not fit, as its rule gives it. */
export interface RawFinding extends Found, Pick<Rule, 'part' | 'slowerHelps' | 'reveals'> {
  rule: RuleId
}

/** Something that does not fit. Each fix that it offers was tried: it mends or lessens it and adds no clash. */
export interface Finding extends RawFinding {
  readonly fixes: Fix[]
  /** what would have to be bought or relaxed; null where a fix helps */
  readonly need: Text | null
}

/** What does not fit, worst first, and how many rules found nothing. */
export interface FindingsReport<F extends RawFinding = Finding> {
  findings: F[]
  counts: Record<Severity | 'fits', number>
  /** worst severity of each part; absent when it fits */
  worst: Partial<Record<PartName, Severity>>
}

const ORDER: Record<Severity, number> = { stop: 0, caution: 1, note: 2 }

/** A fix that would leave a field's range (a hundred strings in parallel) is none. */
function isPossible(fix: Fix): boolean {
  return fix.edits.every(
    ({ path, value }) => !isFieldPath(path) || typeof value !== 'number' || fieldError(FIELDS[path], value) === null,
  )
}

const checked = perLibrary((project, library) => runRules({ ...factsOf(project), library }))

/**
 * Runs every rule on a boat. The fixes are not tried yet: advice/findingsOf does. Kept as long as the document lives.
 *
 * @param project the boat
 * @param library parts that a fix may offer
 * @returns findings, worst first, in the order of the rules within a severity
 */
export const checkFindings = (project: Project, library: Library = SHIPPED_LIBRARY): FindingsReport<RawFinding> =>
  checked(project, library)

/** Runs every rule on what is known of a boat. */
export function runRules(facts: Facts): FindingsReport<RawFinding> {
  const counts = { stop: 0, caution: 0, note: 0, fits: 0 }
  const worst: FindingsReport['worst'] = {}
  const findings: RawFinding[] = []
  for (const [id, rule] of Object.entries<Rule>(RULES)) {
    const found = rule.check(facts)
    if (!found) {
      counts.fits++
      continue
    }
    findings.push({
      ...found,
      fixes: found.fixes.filter(isPossible),
      rule: id as RuleId,
      part: rule.part,
      slowerHelps: rule.slowerHelps,
      reveals: rule.reveals,
    })
    counts[found.severity]++
    for (const part of [rule.part, ...(found.also ?? [])]) {
      const known = worst[part]
      if (!known || ORDER[found.severity] < ORDER[known]) worst[part] = found.severity
    }
  }
  findings.sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
  return { findings, counts, worst }
}
