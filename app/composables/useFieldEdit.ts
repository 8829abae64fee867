import { computed, ref, watch } from 'vue'
import { FIELDS, contradictionsOf, fieldError, fillText, parseQuantity, quantityText, valueAt, type Field, type FieldPath, type Project, type UnitChoice } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { withEdits } from '@remigo/core'

/** Fields that hold whole numbers. */
const WHOLE: ReadonlySet<string> = new Set(['design.pack.series', 'design.pack.parallel', 'design.propeller.blades'])

/**
 * One number of the document as text that an owner types: shows it in their unit, remembers what they typed,
 * commits on Enter or on leaving, and keeps the last good value when the text makes no sense.
 *
 * @param path of the field
 * @returns text, error, placeholder, and the handlers
 */
export function useFieldEdit(path: FieldPath) {
  const document = useDocumentStore()
  const view = useViewStore()
  const field: Field = FIELDS[path]
  const stored = computed(() => valueAt(document.shown, path) as number | null)
  const siValue = computed(() => stored.value === null ? null : stored.value / (field.storedPerSi ?? 1))
  const shown = computed(() => siValue.value === null ? '' : plain(quantityText(siValue.value, field.quantity, view.choice)))
  const typed = computed(() => document.shown.typed[path])
  const text = ref(shown.value)
  const error = ref<string | null>(null)
  const focused = ref(false)

  watch([shown, () => view.choice], () => {
    if (focused.value) return
    text.value = shown.value
    error.value = null
  })

  function focus() {
    focused.value = true
    if (!error.value) text.value = typed.value ?? shown.value
  }

  function leave() {
    if (focused.value) commit()
    focused.value = false
    if (!error.value) text.value = shown.value
  }

  function commit() {
    const source = text.value.trim()
    if (source === (typed.value ?? shown.value) || source === shown.value) { error.value = null; return }
    const parsed = parseQuantity(source, field.quantity, view.choice)
    if (!parsed.ok) { error.value = parsed.message; return }
    const value = parsed.value * (field.storedPerSi ?? 1)
    error.value = fieldError(path, value, view.choice) ?? (WHOLE.has(path) && !Number.isInteger(value) ? `${field.label} is a whole number.` : null) ?? contradiction(document.shown, path, value, view.choice)
    if (error.value) return
    document.edit(field.label, [{ path, value }, { path: 'typed', value: { ...document.shown.typed, [path]: source } }])
  }

  function clear() {
    const { [path]: _, ...rest } = document.shown.typed
    error.value = null
    document.edit(field.label, [{ path, value: null }, { path: 'typed', value: rest }])
  }

  return { field, text, error, stored, focus, leave, commit, clear }
}

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

/** A dimension that no boat of the others' size can have; where they are at odds already, another may be what mends it. */
function contradiction(project: Project, path: FieldPath, value: number, choice: UnitChoice): string | null {
  if (!path.startsWith('boat.')) return null
  const found = contradictionsOf(withEdits(project, [{ path, value }]).boat)[0]
  return found && contradictionsOf(project.boat).length === 0 ? `${fillText(found.message, choice)}.` : null
}
