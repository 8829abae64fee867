import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Here } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'

/**
 * Where she is on her day, as the owner last wrote it: kept on this machine for each boat, not in the boat. A day that
 * has changed since is begun anew.
 */
export function useHere() {
  const document = useDocumentStore()
  const kept = useStorage<Record<string, Here & { date: string }>>('remigo-under-way', {})
  const start = computed<Here>(() => ({
    leg: 0,
    along: 0,
    time: document.shown.day.departs,
    charge: document.shown.day.charge,
  }))
  const here = computed<Here>({
    get: () => {
      const { id, day } = document.shown,
        known = kept.value[id]
      return known && known.date === day.date && known.leg < day.legs.length ? known : start.value
    },
    set: to => {
      const { id, day } = document.shown
      kept.value = { ...kept.value, [id]: { ...to, date: day.date } }
    },
  })
  const restart = () => (here.value = start.value)
  return { here, restart }
}
