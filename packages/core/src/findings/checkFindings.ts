import type { Facts, Finding, PartName, Severity } from './finding'
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
    // where everything that would help is held, sizing anew says what to let go of
    findings.push({ ...found, fixes: found.fixes.length > 0 ? found.fixes : [RESIZE], rule: rule.id, part: rule.part })
    counts[found.severity]++
    const known = worst[rule.part]
    if (!known || ORDER[found.severity] < ORDER[known]) worst[rule.part] = found.severity
  }
  findings.sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
  return { findings, counts, worst }
}
