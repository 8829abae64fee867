import { checkFindings, type Finding, type FindingsReport } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import type { Project } from '../project/projectFields'
import type { Evaluation } from '../system'
import { provenFixes, type Proof } from './provenFixes'

const known = new WeakMap<Project, WeakMap<Library, FindingsReport>>()

/**
 * What does not fit, with fixes that were proven on the boat. Both run when they are first read and are kept
 * as long as the document lives.
 *
 * @param evaluation of the boat, at any speed
 * @param library parts that a fix may offer
 * @returns findings, worst first
 */
export function findingsOf({ model: { project } }: Evaluation, library: Library = SHIPPED_LIBRARY): FindingsReport {
  const byLibrary = known.get(project) ?? new WeakMap<Library, FindingsReport>()
  known.set(project, byLibrary)
  let report = byLibrary.get(library)
  if (!report) byLibrary.set(library, (report = withProof(project, library)))
  return report
}

function withProof(project: Project, library: Library): FindingsReport {
  const raw = checkFindings(project, library)
  const findings = raw.findings.map((finding): Finding => {
    let tried: Proof | undefined
    const proof = () => (tried ??= provenFixes(project, library, finding))
    return {
      ...finding,
      get fixes() {
        return proof().fixes
      },
      get need() {
        return proof().need
      },
    }
  })
  return { ...raw, findings }
}
