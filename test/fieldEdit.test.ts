import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { FieldPath } from '@remigo/core'
import { useFieldEdit } from '../app/composables/useFieldEdit'
import { useDocumentStore } from '../app/stores/document'

/** What an owner does: goes into the field, types, leaves. */
function typeInto(path: FieldPath, words: string) {
  const field = useFieldEdit(path)
  field.focus()
  field.text.value = words
  field.leave()
  return field
}

describe('a field of the document', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('takes any unit, shows the owner’s, and remembers what was typed', () => {
    const doc = useDocumentStore()
    const field = typeInto('boat.mass', '10 100 lb')
    expect(doc.shown.boat.mass).toBeCloseTo(4581.28, 2)
    expect(field.text.value).toBe('4.58 t')
    expect(doc.shown.typed['boat.mass']).toBe('10 100 lb')
    field.focus()
    expect(field.text.value).toBe('10 100 lb')
  })
  it('keeps rpm as rpm in the document', () => {
    typeInto('design.motor.ratedRpm', '1450 rpm')
    expect(useDocumentStore().shown.design.motor.ratedRpm).toBeCloseTo(1450, 9)
  })
  it.each<[FieldPath, string, RegExp]>([
    ['boat.mass', 'heavy', /not a weight/],
    ['boat.mass', '-4 t', /runs from/],
    ['boat.mass', '80 t', /too heavy for a waterline/],
    ['boat.beam', '8 m', /60 % of the length/],
    ['boat.lengthWaterline', '9.9 m', /longer than the boat/],
    ['design.pack.series', '15.5', /whole number/],
    ['use.reserve', '90 %', /Reserve runs from 0.% to 60.%/],
  ])('%s: “%s” gets a sentence and changes nothing', (path, words, message) => {
    const doc = useDocumentStore(), before = doc.project
    const field = typeInto(path, words)
    expect(field.error.value).toMatch(message)
    expect(field.text.value).toBe(words)
    expect(doc.project).toBe(before)
  })
  it('leaves the document alone when nothing was changed', () => {
    const doc = useDocumentStore()
    typeInto('boat.mass', '4.60 t')
    expect(doc.canUndo).toBe(false)
  })
  it('goes back to the estimate when cleared, and undo brings the figure back', () => {
    const doc = useDocumentStore(), field = useFieldEdit('boat.lengthWaterline')
    field.clear()
    expect(doc.shown.boat.lengthWaterline).toBeNull()
    doc.undo()
    expect(doc.shown.boat.lengthWaterline).toBe(7.75)
  })
})
