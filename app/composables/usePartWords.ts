import type { PartName } from '@remigo/core'
import { m } from '~/messages'
import type { BENCHES } from '~/benches'
import { useAnswerStore } from '~/stores/answer'

/** What parts and benches are called on this boat: a jet boat has a jet where others have a propeller. */
export function usePartWords() {
  const answer = useAnswerStore()
  const named = (part: PartName) =>
    part === 'propeller' && answer.model.propulsor.kind === 'jet' ? ('jet' as const) : part
  return {
    part: (name: PartName) => m.parts[named(name)],
    short: (name: PartName) => m.partsShort[named(name)],
    bench: (bench: (typeof BENCHES)[number]) => (bench.id === 'propeller' ? m.parts[named('propeller')] : bench.label),
  }
}
