import type { Field } from '../fields'
import { PROJECT_FIELDS } from './definition/projectFields'
import type { Edit } from './definition/projectPath'

/** The definition at a path of the document, "day.legs"; undefined below lists and where there is none. */
function definitionAt(path: string): Field | undefined {
  let at: Field = { kind: 'group', label: '', fields: PROJECT_FIELDS }
  for (const key of path.split('.')) {
    if (at.kind !== 'group') return undefined
    const next: Field | undefined = at.fields[key]
    if (!next) return undefined
    at = next
  }
  return at
}

/** What is said of the first list within that is longer than its definition lets it be; null when all have room. */
function tooLong(field: Field, value: unknown): string | null {
  if (field.kind === 'group' && typeof value === 'object' && value !== null) {
    for (const [key, of] of Object.entries(field.fields)) {
      const said = tooLong(of, (value as Record<string, unknown>)[key])
      if (said) return said
    }
  }
  if (field.kind !== 'list' || !Array.isArray(value)) return null
  if (value.length > field.longest)
    return (
      `“${field.label}” holds at most ${field.longest}; this would make ${value.length}. ` +
      'Nothing was changed: remove some of them first.'
    )
  if (field.of.kind === 'group')
    for (const item of value) {
      const said = tooLong(field.of, item)
      if (said) return said
    }
  return null
}

/**
 * Whether the lists of a boat have room for what changes would put into them: a boat with a longer one could not be
 * read again.
 *
 * @param edits what is about to change
 * @returns null when there is room, or a sentence with the list, how many it holds and what to do
 * @example listsFull([edit('yard.weights', [])]) // null
 */
export function listsFull(edits: readonly Edit[]): string | null {
  for (const { path, value } of edits) {
    const field = definitionAt(path),
      said = field ? tooLong(field, value) : null
    if (said) return said
  }
  return null
}
