import { fillText, formatDifference, formatQuantity, quantityText, type QuantityId, type Text } from '@remigo/core'
import { useViewStore } from '~/stores/view'

/** Figures and sentences in the owner's units; follows a change of units. */
export function useQuantities() {
  const view = useViewStore()
  return {
    text: (value: number | null, quantity: QuantityId) => quantityText(value, quantity, view.choice),
    format: (value: number | null, quantity: QuantityId) => formatQuantity(value, quantity, view.choice),
    difference: (value: number, quantity: QuantityId) => formatDifference(value, quantity, view.choice),
    fill: (message: Text) => fillText(message, view.choice),
  }
}
