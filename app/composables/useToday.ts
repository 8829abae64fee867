import { computed } from 'vue'
import { useNow } from '@vueuse/core'
import { isoDate } from '~/design/times'

/** Today as YYYY-MM-DD; follows midnight. */
export function useToday() {
  const now = useNow({ interval: 60_000 })
  return computed(() => isoDate(now.value))
}
