import type { Facts, Finding, Fix, PartName, Severity } from './finding'
import { FIELDS, fieldError, type FieldPath } from '../project/fields'
import { RESIZE } from './fixes'
import { RULES } from './rules'

/** What does not fit, worst first, and how many rules found nothing. */
export interface FindingsReport {
  findings: Finding[]
  counts: Record<Severity | 'fits', number>
  /** worst severity of each part; absent when it fits */
  worst: Partial<Record<PartName, Severity>>
}

const ORDER: Record<Severity, number> = { stop: 0, caution: 1, note: 2 }

/** A fix that would leave a field's range (a hundred strings in parallel) is none. */
function isPossible(fix: Fix): boolean {
  return fix.edits.every(({ path, value }) => !(path in FIELDS) || typeof value !== 'number' || fieldError(path as FieldPath, value) === null)
}

/**
 * Runs every rule.
 *
 * @param facts of the boat
 * @returns findings, worst first, in the order of the rules within a severity
 */
export function checkFindings(facts: Facts): FindingsReport {
  const counts = { stop: 0, caution: 0, note: 0, fits: 0 }
  const worst: FindingsReport['worst'] = {}
  const findings: Finding[] = []
  for (const rule of RULES) {
    const found = rule.check(facts)
    if (!found) { counts.fits++; continue }
    const fixes = found.fixes.filter(isPossible)
    // where nothing simple helps, or all of it is held, sizing anew says what to let go of
    findings.push({ ...found, fixes: fixes.length > 0 ? fixes : [RESIZE], rule: rule.id, part: rule.part })
    counts[found.severity]++
    const known = worst[rule.part]
    if (!known || ORDER[found.severity] < ORDER[known]) worst[rule.part] = found.severity
  }
  findings.sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
  return { findings, counts, worst }
}
