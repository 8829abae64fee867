import type { PartName } from '@remigo/core'
import { boardWords } from '~/messages/board'
import type { BENCHES } from '~/benches'
import { useAnswerStore } from '~/stores/answer'

/** What parts and benches are called on this boat: a jet boat has a jet where others have a propeller. */
export function usePartWords() {
  const answer = useAnswerStore()
  const named = (part: PartName) =>
    part === 'propeller' && answer.model.propulsor.kind === 'jet' ? ('jet' as const) : part
  return {
    part: (name: PartName) => boardWords.parts[named(name)],
    short: (name: PartName) => boardWords.partsShort[named(name)],
    bench: (bench: (typeof BENCHES)[number]) =>
      bench.id === 'propeller' ? boardWords.parts[named('propeller')] : bench.label,
  }
}
