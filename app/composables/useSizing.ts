import { ref } from 'vue'
import { fillText, withEdits, type Edit, type HeldPart, type Project, edit } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAdvice } from '~/composables/useAdvice'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'

/** Sizing of what is not held, put on trial; and the pins. */
export function useSizing() {
  const document = useDocumentStore()
  const view = useViewStore()
  const library = useLibraryStore()
  const failure = ref<string | null>(null)

  function size() {
    document.putBack()
    return tryOut(document.project)
  }
  /** everything not held, at another system voltage */
  function sizeAt(voltage: number) {
    document.putBack()
    const asked: Edit[] = [edit('design.systemVoltage', voltage)]
    return tryOut(withEdits(document.project, [...asked, edit('held.voltage', true)]), asked)
  }
  const { fetchAdvice } = useAdvice()
  async function tryOut(project: Project, first: Edit[] = []) {
    const { sizeRest } = await fetchAdvice()
    const sized = sizeRest(project, library.library)
    const short = sized.outcome === 'nothingFits' ? sized.text : sized.short
    failure.value = short && fillText(short, view.choice)
    if (sized.outcome === 'sized')
      document.startTrial(
        'size',
        boardWords.held.sized,
        [...first, ...sized.edits],
        sized.reasons.map(r => fillText(r.text, view.choice)),
      )
  }
  function toggle(part: HeldPart) {
    const held = document.shown.held[part]
    failure.value = null
    document.edit(`${held ? boardWords.held.letGo : boardWords.held.hold}: ${boardWords.held.names[part]}`, [
      edit(`held.${part}`, !held),
    ])
  }
  return { failure, size, sizeAt, toggle }
}
