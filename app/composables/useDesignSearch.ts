import { onBeforeUnmount, ref, shallowRef, toRaw, watch } from 'vue'
import type { DesignSearch } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import type { DesignNews, DesignQuestion } from '~/workers/designs.worker'

/** Searches designs for what is not held, in a worker. The boat as it is kept is searched, not one on trial; a change of her makes the answer old. */
export function useDesignSearch() {
  const document = useDocumentStore()
  const search = shallowRef<DesignSearch | null>(null)
  const share = ref(0)
  const running = ref(false)
  let worker: Worker | null = null
  let id = 0

  function start() {
    worker ??= connect()
    running.value = true
    share.value = 0
    id += 1
    worker.postMessage({ id, project: toRaw(document.project) } satisfies DesignQuestion)
  }
  function connect(): Worker {
    const made = new Worker(new URL('../workers/designs.worker.ts', import.meta.url), { type: 'module' })
    made.addEventListener('message', ({ data }: MessageEvent<DesignNews>) => {
      if (data.id !== id) return
      if ('share' in data) { share.value = data.share; return }
      search.value = data.search
      running.value = false
    })
    return made
  }
  function cancel() {
    worker?.postMessage({ cancel: true })
    id += 1
    running.value = false
  }
  watch(() => document.project, () => {
    cancel()
    search.value = null
  })
  onBeforeUnmount(() => worker?.terminate())
  return { search, share, running, start, cancel }
}
