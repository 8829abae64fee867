import { useMediaQuery } from '@vueuse/core'

/**
 * Less than this in width, or so low that bench, strip and lever find no room above each other (a phone lying down, a
 * laptop at 200 %).
 */
const COMPACT = '(max-width: 899px), (max-height: 560px)'

/** Phone and tablet: the lever lies at the bottom, findings come as a sheet, one bench at a time. */
export function useCompact() {
  return useMediaQuery(COMPACT)
}
