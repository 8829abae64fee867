import { checkFindings, type Finding, type FindingsReport } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { perLibrary } from '../project/parts/perLibrary'
import type { Evaluation } from '../system'
import { provenFixes, type Proof } from './provenFixes'

/**
 * What does not fit, with fixes that were proven on the boat. Both run when they are first read and are kept
 * as long as the document lives.
 *
 * @param evaluation of the boat, at any speed
 * @param library parts that a fix may offer
 * @returns findings, worst first
 */
export const findingsOf = ({ model }: Evaluation, library: Library = SHIPPED_LIBRARY): FindingsReport =>
  proven(model.project, library)

const proven = perLibrary((project, library): FindingsReport => {
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
})
