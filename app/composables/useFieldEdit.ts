import { computed } from 'vue'
import {
  FIELDS,
  contradictionsOf,
  fieldError,
  fillText,
  parseQuantity,
  quantityText,
  valueAt,
  withEdits,
  type Field,
  type FieldPath,
  type Project,
  type UnitChoice,
} from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useDraft } from './useDraft'

/** Fields that hold whole numbers. */
const WHOLE: ReadonlySet<string> = new Set(['design.pack.series', 'design.pack.parallel', 'design.propeller.blades'])

/**
 * One number of the document as text that an owner types: shows it in their unit, remembers what they typed as long as
 * it is still that number,
 * commits on Enter or on leaving, and keeps the last good value when the text makes no sense.
 *
 * @param path of the field
 * @param optional whether an empty field means that it is not known
 * @returns text, error, placeholder, and the handlers
 */
export function useFieldEdit(path: FieldPath, optional = false) {
  const document = useDocumentStore()
  const view = useViewStore()
  const field: Field = FIELDS[path]
  const perSi = field.storedPerSi ?? 1
  const stored = computed(() => valueAt(document.shown, path) as number | null)
  const shown = computed(() =>
    stored.value === null ? '' : plain(quantityText(stored.value / perSi, field.quantity, view.choice)),
  )
  /** as it was typed, unless something else has changed the number since */
  const recalled = computed(() => {
    const source = document.shown.typed[path]
    if (source === undefined || stored.value === null) return undefined
    const parsed = parseQuantity(source, field.quantity, view.choice, stored.value / perSi)
    return parsed.ok && Math.abs(parsed.value * perSi - stored.value) <= 1e-9 * Math.abs(stored.value)
      ? source
      : undefined
  })

  function take(source: string) {
    if (!source && optional) return stored.value === null ? null : clear
    const parsed = parseQuantity(
      source,
      field.quantity,
      view.choice,
      stored.value === null ? null : stored.value / perSi,
    )
    if (!parsed.ok) return parsed.message
    const value = parsed.value * perSi
    const wrong =
      fieldError(path, value, view.choice) ??
      (WHOLE.has(path) && !Number.isInteger(value) ? `${field.label} is a whole number.` : null) ??
      contradiction(document.shown, path, value, view.choice)
    return (
      wrong ??
      (() =>
        document.edit(field.label, [
          { path, value },
          { path: 'typed', value: { ...document.shown.typed, [path]: source } },
        ]))
    )
  }
  const { text, error, enter, leave, commit, discard } = useDraft({
    shown: () => shown.value,
    recalled: () => recalled.value,
    take,
    key: path,
  })

  function clear() {
    const { [path]: _, ...rest } = document.shown.typed
    discard()
    document.edit(field.label, [
      { path, value: null },
      { path: 'typed', value: rest },
    ])
  }
  return { field, text, error, stored, focus: enter, leave, commit, clear }
}

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

/**
 * A dimension that no boat of the others' size can have; where they are at odds already, another may be what mends it.
 */
function contradiction(project: Project, path: FieldPath, value: number, choice: UnitChoice): string | null {
  if (!path.startsWith('boat.')) return null
  const found = contradictionsOf(withEdits(project, [{ path, value }]).boat)[0]
  return found && contradictionsOf(project.boat).length === 0 ? `${fillText(found.message, choice)}.` : null
}
