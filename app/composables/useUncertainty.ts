import { onBeforeUnmount, ref, shallowRef, toRaw, watch } from 'vue'
import { USUAL_SAMPLES, type UncertaintyReport } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import type { UncertaintyNews, UncertaintyQuestion } from '~/workers/uncertainty.worker'

const SEED = 20_111

/** Samples the uncertain inputs of the boat on the board in a worker; a changed boat makes the report old. */
export function useUncertainty() {
  const document = useDocumentStore()
  const report = shallowRef<UncertaintyReport | null>(null)
  const done = ref(0)
  const running = ref(false)
  let worker: Worker | null = null
  let id = 0

  function start() {
    worker ??= connect()
    running.value = true
    done.value = 0
    id += 1
    worker.postMessage({ id, project: toRaw(document.shown), samples: USUAL_SAMPLES, seed: SEED } satisfies UncertaintyQuestion)
  }
  function connect(): Worker {
    const made = new Worker(new URL('../workers/uncertainty.worker.ts', import.meta.url), { type: 'module' })
    made.addEventListener('message', ({ data }: MessageEvent<UncertaintyNews>) => {
      if (data.id !== id) return
      if ('done' in data) { done.value = data.done; return }
      report.value = data.report
      running.value = false
    })
    return made
  }
  function cancel() {
    worker?.postMessage({ cancel: true })
    id += 1
    running.value = false
  }
  watch(() => document.shown, () => {
    cancel()
    report.value = null
  })
  onBeforeUnmount(() => worker?.terminate())
  return { report, done, running, samples: USUAL_SAMPLES, start, cancel }
}
