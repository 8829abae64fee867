import { computed } from 'vue'
import {
  atOdds,
  FIELDS,
  contradictionsOf,
  fillText,
  keptText,
  readField,
  valueAt,
  withEdits,
  type FieldPath,
  type Project,
  type UnitChoice,
  edit,
} from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useDraft } from './useDraft'

/**
 * One number of the document as text that an owner types: shows it in their unit, remembers what they typed as long as
 * it is still that number,
 * commits on Enter or on leaving, and keeps the last good value when the text makes no sense.
 *
 * @param path of the field
 * @returns text, error, placeholder, and the handlers
 */
export function useFieldEdit(path: FieldPath) {
  const document = useDocumentStore()
  const view = useViewStore()
  const field = FIELDS[path]
  const kept = computed(() => valueAt(document.shown, path) as number | null)
  const shown = computed(() => (kept.value === null ? '' : plain(keptText(field, kept.value, view.choice))))
  /** as it was typed, unless something else has changed the number since */
  const recalled = computed(() => {
    const source = document.shown.typed[path]
    if (source === undefined || kept.value === null) return undefined
    const read = readField(field, source, view.choice, kept.value)
    const still = read.ok && Math.abs((read.value ?? 0) - kept.value) <= 1e-9 * Math.abs(kept.value)
    return still ? source : undefined
  })

  function take(source: string) {
    const read = readField(field, source, view.choice, kept.value)
    if (!read.ok) return read.message
    const { value } = read
    if (value === null) return kept.value === null ? null : clear
    return (
      contradiction(document.shown, path, value, view.choice) ??
      (() =>
        document.edit(field.label, [edit(path, value), edit('typed', { ...document.shown.typed, [path]: source })]))
    )
  }
  const { text, error, enter, leave, commit, retype, discard } = useDraft({
    shown: () => shown.value,
    recalled: () => recalled.value,
    take,
    key: path,
  })

  function clear() {
    const { [path]: _, ...rest } = document.shown.typed
    discard()
    document.edit(field.label, [edit(path, null), edit('typed', rest)])
  }
  return { field, text, error, kept, focus: enter, leave, commit, retype, clear }
}

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

/**
 * A figure that cannot be beside the others: a dimension that no boat of that size can have, a plate at odds with
 * itself. Where they are at odds already, another figure may be what mends it.
 */
function contradiction(project: Project, path: FieldPath, value: number, choice: UnitChoice): string | null {
  const after = withEdits(project, [edit(path, value)])
  if (path.startsWith('boat.')) {
    const found = contradictionsOf(after.boat)[0]
    return found && contradictionsOf(project.boat).length === 0 ? `${fillText(found.message, choice)}.` : null
  }
  return atOdds(project).length === 0 ? (atOdds(after)[0]?.message ?? null) : null
}
