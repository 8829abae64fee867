import { computed } from 'vue'
import { useTitle } from '@vueuse/core'
import { benchOf } from '~/benches'
import { useDocumentStore } from '~/stores/document'

/** The title of the window: boat and bench, so that tabs and history tell pages apart. */
export function usePageTitle() {
  const route = useRoute()
  const document = useDocumentStore()
  const page = computed(
    () => (route.meta.title as string | undefined) ?? (route.meta.alone ? null : benchOf(route.path)?.label),
  )
  useTitle(computed(() => [page.value, document.shown.name, 'Remigo'].filter(Boolean).join(', ')))
}
