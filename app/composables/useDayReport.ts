import { ref, toRaw, watch } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { useDocumentStore } from '~/stores/document'
import { useWorkerRun } from './useWorkerRun'

/** ms of rest after which a changed day is worked out anew */
const REST = 120

/** The day of the boat on the board, worked out in a worker; what stood there stays until the new one is ready. */
export function useDayReport() {
  const document = useDocumentStore()
  /** the leg that is chosen; none at first, so that the lever stays where it is */
  const leg = ref(-1)
  const home = ref(false)
  const run = useWorkerRun('day')
  const ask = () => {
    if (document.shown.day.legs.length === 0) {
      run.cancel()
      run.result.value = null
      return
    }
    // a plain copy: what Vue watches cannot be sent
    run.start({ project: structuredClone(toRaw(document.shown)), leg: Math.max(0, leg.value), home: home.value })
  }
  watchDebounced([() => document.shown, leg, home], ask, { debounce: REST, maxWait: 500 })
  // another boat's day is not shown under this one's name
  watch(
    () => document.project.id,
    () => {
      run.result.value = null
      leg.value = -1
    },
  )
  ask()
  return { run, report: run.result, leg, home }
}
