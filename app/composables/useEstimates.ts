import { FIELDS, type FieldPath } from '@remigo/core'
import { useAnswerStore } from '~/stores/answer'
import { useQuantities } from './useQuantities'

/** The figures that Remigo estimates for the boat, as a field shows them: value and likely error. */
export function useEstimates() {
  const answer = useAnswerStore()
  const { text } = useQuantities()
  function estimateOf(path: FieldPath): string | undefined {
    const found = answer.model.form.estimates.find(e => `boat.${e.field}` === path)
    return found && `${text(found.value, FIELDS[path].quantity)} ± ${Math.round(found.spread * 100)} %`
  }
  return { estimateOf }
}
