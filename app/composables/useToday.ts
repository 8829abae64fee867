import { computed } from 'vue'
import { useNow } from '@vueuse/core'

/** Today as YYYY-MM-DD; follows midnight. */
export function useToday() {
  const now = useNow({ interval: 60_000 })
  return computed(() => {
    const d = now.value
    return new Date(d.getTime() - d.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
  })
}
