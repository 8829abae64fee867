import { computed } from 'vue'
import { chargeLevels, type FigureId } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** The same counted until nothing is left: they take the place of the first, and stand nowhere else. */
export const TO_EMPTY: Partial<Record<FigureId, FigureId>> = {
  timeLeft: 'timeToEmpty',
  distanceLeft: 'distanceToEmpty',
  cruiseRange: 'rangeToEmpty',
}

/** Range, miles and time are read to the reserve or until empty, as this owner has chosen; every one says which. */
export function useRangeEnd() {
  const view = useViewStore(),
    document = useDocumentStore()
  const { text } = useQuantities()
  const empty = () => view.rangeEnd === 'empty'
  return {
    /** the figure that stands for this one */
    endId: (id: FigureId): FigureId => (empty() ? TO_EMPTY[id] : undefined) ?? id,
    /** how many times as far as to the reserve */
    longer: computed(() => (empty() ? 1 / (1 - document.shown.use.reserve) : 1)),
    /** "to the reserve" */
    end: computed(() => boardWords.rangeEnds[view.rangeEnd]),
    /** "with 20 % kept back" */
    kept: computed(() =>
      empty()
        ? boardWords.nothingKept
        : boardWords.kept(
            text(document.shown.use.reserve, 'ratio'),
            text(chargeLevels(document.shown).reserve, 'ratio'),
          ),
    ),
  }
}
