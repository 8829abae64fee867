import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import {
  FIELDS,
  HULL_TYPES,
  keptText,
  newProject,
  QUANTITIES,
  readProject,
  typicalAnswers,
  UNITS,
  usualLength,
  writeProject,
  type FieldPath,
} from '@remigo/core'
import { useFieldEdit } from '../app/composables/useFieldEdit'
import { useDocumentStore } from '../app/stores/document'
import { howMany } from '../packages/core/test/howMany'

const PATHS = Object.keys(FIELDS) as FieldPath[]
/** A boat of each kind, as its owner begins with it. */
const boats = HULL_TYPES.map(({ id }) => newProject(typicalAnswers(id, usualLength(id)), `any-${id}`))

/** What people type into a field: nothing, words, numbers in any dress, with any unit or none. */
const words = (path: FieldPath) => {
  const { least, most, quantity } = FIELDS[path]
  const unit = fc.constantFrom('', ...QUANTITIES[quantity].units.map(id => UNITS[id].symbol), 'kg', 'furlongs')
  const number = fc.oneof(
    fc.double({ min: least, max: most, noNaN: true }),
    fc.double({ noNaN: true }),
    fc.integer(),
    fc.constantFrom(0, -1, 1.5, 1e9),
  )
  return fc.oneof(
    fc.string(),
    fc.tuple(number, unit).map(([n, u]) => `${n} ${u}`.trim()),
    fc.tuple(number, unit).map(([n, u]) => `${String(n).replace('.', ',')}${u}`),
    // as the form itself writes it
    fc.double({ min: least, max: most, noNaN: true }).map(kept => keptText(FIELDS[path], kept)),
  )
}
const typing = fc
  .tuple(fc.constantFrom(...boats), fc.constantFrom(...PATHS))
  .chain(([boat, path]) => fc.tuple(fc.constant(boat), fc.constant(path), words(path)))

describe('any text in any field of any kind of boat', () => {
  it('is taken or told with a sentence, and what is exported is read back', () => {
    fc.assert(
      fc.property(typing, ([boat, path, text]) => {
        setActivePinia(createPinia())
        const document = useDocumentStore()
        document.open(boat)
        const field = useFieldEdit(path)
        field.focus()
        field.text.value = text
        field.leave()
        const read = readProject(writeProject(document.project))
        expect(read.ok ? [] : read.errors, `${path}: ${text}`).toEqual([])
        if (read.ok) expect(read.project).toEqual(document.project)
        // a refusal says which field, and the document is as it was
        if (field.error.value) expect(document.project).toBe(boat)
      }),
      { numRuns: howMany(600, 3000) },
    )
  }, 180_000)
})
