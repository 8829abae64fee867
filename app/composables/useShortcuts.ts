import { useEventListener } from '@vueuse/core'
import { BENCHES } from '~/benches'
import { useDocumentStore } from '~/stores/document'
import { useDraftsStore } from '~/stores/drafts'
import { useLever } from './useLever'

const PART_KEYS: Record<string, string> = { b: '/pack', c: '/motor', m: '/motor', p: '/propeller', t: '/curve' }

/**
 * Keys that work everywhere: undo and redo, benches by number, parts by letter, the lever by arrows when nothing else
 * wants them.
 */
export function useShortcuts() {
  const doc = useDocumentStore()
  const drafts = useDraftsStore()
  const lever = useLever()
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    const typing = target.matches('input:not([type=radio]), textarea, select, [contenteditable]')
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
      // a text being typed is taken back first: words letter by letter, a number to what is kept
      const typed = typing ? drafts.held : null
      if (typed?.letterwise && typed.text() !== null) return
      event.preventDefault()
      if (typed && typed.text() !== null) return typed.discard()
      typed?.discard()
      return event.shiftKey ? doc.redo() : doc.undo()
    }
    if (event.key === 'Escape' && typing && drafts.held?.text() != null) return drafts.held.discard()
    if (typing || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    const bench = BENCHES.find(b => b.key === event.key)
    if (bench) return void navigateTo(bench.path)
    const part = PART_KEYS[event.key.toLowerCase()]
    if (part) return void navigateTo(part)
    // the lever takes the arrows wherever no scrolling region, menu or radio group has the focus
    if (target === document.body || target.matches('a, button:not([role])')) lever.key(event)
  })
}
