import { edit } from '../project/definition/projectPath'
import { partContradictions } from '../parts/partContradictions'
import type { Part } from '../parts/partKinds'
import { FIELDS, isFieldPath } from '../project/definition/fields'
import type { Project } from '../project/definition/projectFields'
import type { Fix, Found } from './finding'

/**
 * What is found of a motor or controller whose figures contradict each other: the first that is known to be at least so
 * much.
 *
 * @param kind of part
 * @param project the boat
 * @param others fixes beside raising that figure
 * @returns the finding, or null when its plate agrees with itself
 */
export function plateFinding(kind: 'motor' | 'controller', { design }: Project, others: () => Fix[]): Found | null {
  const part = design[kind] as unknown as Part
  for (const { key, message, least } of partContradictions(kind, part)) {
    const path = `design.${kind}.${key}`
    if (least === null || !isFieldPath(path)) continue
    const { label, quantity, keptPerSi = 1 } = FIELDS[path]
    const shown = (kept: unknown) => ({ value: Number(kept) / keptPerSi, quantity })
    return {
      severity: 'stop',
      title: 'plate',
      amount: { text: '' },
      sentence: {
        text: `${message.replace(/\.$/, '')}: it says {is}, and {least} is the least.`,
        params: { is: shown(part[key]), least: shown(least) },
      },
      fixes: [
        { label: { text: `${label} {v}`, params: { v: shown(least) } }, edits: [edit(path, least)] },
        ...others(),
      ],
    }
  }
  return null
}
