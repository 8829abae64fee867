import { computed, onMounted, ref } from 'vue'
import { useStorage } from '@vueuse/core'
import { shelfWords } from '~/messages/shelf'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'

/**
 * Whether the browser may throw boats away when its disk fills. Once a boat of the owner's own is saved they are asked,
 * once, whether it shall not; the browser may ask in turn, and decides.
 */
export function useLastingStore() {
  const boats = useBoatsStore()
  const document = useDocumentStore()
  const asked = useStorage('remigo-asked-to-last', false)
  const lasting = ref(true)
  onMounted(async () => {
    lasting.value = (await navigator.storage?.persisted?.().catch(() => true)) ?? true
  })
  const ask = computed(
    () => !asked.value && !lasting.value && boats.savedAt !== null && !document.project.id.startsWith('demo-'),
  )
  async function last() {
    asked.value = true
    lasting.value = await navigator.storage.persist().catch(() => false)
    boats.notice = lasting.value ? shelfWords.lasting.granted : shelfWords.lasting.refused
  }
  const leave = () => (asked.value = true)
  return { ask, last, leave }
}
