import { useEventListener } from '@vueuse/core'
import { benchOf, BESIDE_SETS, pathOf, SETS, type BenchId } from '~/benches'
import { useViewStore } from '~/stores/view'
import { useRoom } from './useRoom'
import { useDocumentStore } from '~/stores/document'
import { useDraftsStore } from '~/stores/drafts'

const PART_KEYS: Record<string, BenchId> = { b: 'pack', c: 'motor', m: 'motor', p: 'propeller', t: 'curve' }

/**
 * Keys that work everywhere: undo and redo, sets and parts by letter, benches by number within their set, Find, Room.
 */
export function useShortcuts() {
  const document = useDocumentStore()
  const drafts = useDraftsStore()
  const view = useViewStore()
  const room = useRoom()
  const route = useRoute()
  // not navigateTo: while a page is on its way, Nuxt takes it for a guard's answer, and the key would be lost
  const router = useRouter()
  useEventListener(window.document, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    const typing = target.matches('input:not([type=radio]), textarea, select, [contenteditable]')
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
      // a text being typed is taken back first: words letter by letter, a number to what is kept
      const typed = typing ? drafts.held : null
      if (typed?.letterwise && typed.text() !== null) return
      event.preventDefault()
      if (typed && typed.text() !== null) return typed.discard()
      typed?.discard()
      return event.shiftKey ? document.redo() : document.undo()
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
      event.preventDefault()
      view.findOpen = true
      return
    }
    if (event.key === 'Escape' && typing && drafts.held?.text() != null) return drafts.held.discard()
    if (typing || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    const key = event.key.toLowerCase()
    if (key === 'f' || key === '/') {
      event.preventDefault()
      view.findOpen = true
      return
    }
    if (key === 'w') return room.toggle()
    if (event.key === '?') {
      view.keysOpen = true
      return
    }
    const set = SETS.find(s => s.key.toLowerCase() === key)
    if (set) return void router.push(pathOf(view.lastBenches[set.id] ?? set.benches[0]!.id))
    const here = SETS.find(s => s.id === (benchOf(route.path)?.set ?? view.lastSet)) ?? SETS[0]!
    const bench = [...here.benches, ...BESIDE_SETS].find(b => b.key === event.key)
    if (bench) return void router.push(bench.path)
    const part = PART_KEYS[key]
    if (part) return void router.push(pathOf(part))
  })
}
