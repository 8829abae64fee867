import { useMediaQuery } from '@vueuse/core'

/** Phone and tablet: the lever lies at the bottom, findings come as a sheet, one bench at a time. */
export function useCompact() {
  return useMediaQuery('(max-width: 899px)')
}
