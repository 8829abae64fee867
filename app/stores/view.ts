import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { BenchId, SetId } from '~/benches'
import {
  METRIC_UNITS,
  KNOT,
  type FigureId,
  type MethodId,
  type Project,
  type UnitChoice,
  type Worked,
} from '@remigo/core'

/**
 * A working that is open: of a figure, at a speed (else the lever's), of another design than the one on the board, or
 * of one method alone.
 */
export interface OpenWorking {
  id: FigureId
  anchor: HTMLElement
  speed?: number
  project?: Project
  method?: MethodId
}

/** A working of a report’s own figure, worked out already. */
export interface OpenWorked {
  worked: Worked
  anchor: HTMLElement
}

/** A word of the trade that explains itself beside where it stands. */
export interface OpenTerm {
  word: string
  meaning: string
  anchor: HTMLElement
}

/**
 * How this owner looks at things: the lever, units, light or dark, the working that is open. Nothing of it is in the
 * boat.
 */
export const useViewStore = defineStore('view', () => {
  const speed = ref(5 * KNOT)
  // a browser that keeps no site data forgets them; useLocalStorage would stop the page there
  const units = useStorage<UnitChoice>('remigo-units', METRIC_UNITS)
  /** whether units follow what is typed at Start: until the owner chooses them */
  const unitsFollow = useStorage('remigo-units-follow', true)
  const theme = useStorage<'board' | 'boardNight' | 'auto'>('remigo-theme', 'auto')
  /** whether range, miles and time are read down to the reserve or until nothing is left */
  const rangeEnd = useStorage<'reserve' | 'empty'>('remigo-range-end', 'reserve')
  const working = shallowRef<OpenWorking | OpenWorked | null>(null)
  const term = shallowRef<OpenTerm | null>(null)
  const findingsOpen = ref(false)
  const settingsOpen = ref(false)
  const focusedFinding = ref<string | null>(null)
  const findOpen = ref(false)
  const keysOpen = ref(false)
  const historyOpen = ref(false)
  /** a part of Remigo could not be fetched: the page is to be loaded anew */
  const partLost = ref(false)
  /** takes a newer Remigo that waits, and loads the page anew; null where none waits */
  const takeNewer = shallowRef<(() => Promise<void>) | null>(null)
  /** the bench last open in each set, that set, and which benches have room by the owner's wish */
  const lastBenches = useStorage<Partial<Record<SetId, BenchId>>>('remigo-last-benches', {})
  const lastSet = useStorage<SetId>('remigo-last-set', 'drive')
  const roomy = useStorage<Partial<Record<BenchId, boolean>>>('remigo-room', {})
  // a plain copy: hundreds of figures read it at each step of the lever
  const choice = computed<UnitChoice>(() => ({
    profile: units.value.profile,
    overrides: { ...units.value.overrides },
    currency: units.value.currency && { ...units.value.currency },
  }))
  return {
    speed,
    units,
    unitsFollow,
    choice,
    theme,
    rangeEnd,
    working,
    term,
    findingsOpen,
    settingsOpen,
    focusedFinding,
    findOpen,
    keysOpen,
    historyOpen,
    partLost,
    takeNewer,
    lastBenches,
    lastSet,
    roomy,
  }
})
