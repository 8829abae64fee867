import { computed, ref } from 'vue'
import { unitsTyped, type QuantityId } from '@remigo/core'
import { useViewStore } from '~/stores/view'

/**
 * Units that follow what an owner types at Start, until he chooses them himself: who answers in feet and pounds gets
 * them everywhere.
 *
 * @param typed what is typed so far
 * @param before called before other units are shown
 * @returns follow: to be called when an answer is left; told: whether the units changed, and back
 */
export function useUnitsByTyping(typed: () => { text: string; quantity: QuantityId }[], before: () => void) {
  const view = useViewStore()
  const changed = ref(false)
  function follow() {
    if (!view.unitsFollow) return
    const found = unitsTyped(typed())
    if (!found) return
    const { profile, overrides } = view.units
    if (found.profile === profile && JSON.stringify(found.overrides) === JSON.stringify(overrides)) return
    before()
    view.units = { ...view.units, ...found }
    changed.value = true
  }
  function back() {
    view.unitsFollow = false
    before()
    view.units = { ...view.units, profile: view.units.profile === 'us' ? 'metric' : 'us', overrides: {} }
  }
  return { follow, back, told: computed(() => changed.value) }
}
