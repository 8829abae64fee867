import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { FieldPath } from '@remigo/core'
import { useFieldEdit } from '../app/composables/useFieldEdit'
import { useDocumentStore } from '../app/stores/document'
import { useDraftsStore } from '../app/stores/drafts'

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
    const doc = useDocumentStore(),
      before = doc.project
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
  it('follows whatever else changes the boat, and forgets what was typed before', () => {
    const doc = useDocumentStore(),
      field = typeInto('design.pack.parallel', '2')
    doc.edit('Pack', [{ path: 'design.pack.parallel', value: 4 }])
    expect(field.text.value).toBe('4')
    field.focus()
    expect(field.text.value).toBe('4')
    field.leave()
    doc.undo()
    expect(field.text.value).toBe('2')
  })
  it('takes only what is typed in this visit: entering and leaving changes nothing', () => {
    const doc = useDocumentStore(),
      field = typeInto('boat.mass', '10 100 lb'),
      before = doc.project
    field.focus()
    field.leave()
    field.focus()
    field.commit()
    expect(doc.project).toBe(before)
  })
  it('while the hand is in it keeps what is typed, whatever changes elsewhere; taken back it says what is kept', () => {
    const doc = useDocumentStore(),
      drafts = useDraftsStore(),
      field = useFieldEdit('boat.mass')
    field.focus()
    field.text.value = '5.5 t'
    expect(drafts.any).toBe(true)
    doc.edit('Beam', [{ path: 'boat.beam', value: 3.1 }])
    expect(field.text.value).toBe('5.5 t')
    drafts.held!.discard()
    expect(field.text.value).toBe('4.60 t')
    expect([drafts.any, doc.project.boat.mass]).toEqual([false, 4600])
  })
  it(
    'on leaving the page what makes sense goes into the boat, and what does not is seen again with ' + 'its sentence',
    () => {
      const doc = useDocumentStore(),
        drafts = useDraftsStore(),
        good = useFieldEdit('boat.mass'),
        bad = useFieldEdit('boat.beam')
      good.focus()
      good.text.value = '5.5 t'
      bad.text.value = 'wide'
      drafts.commitAll()
      expect(doc.project.boat.mass).toBe(5500)
      const again = useFieldEdit('boat.beam')
      expect(again.text.value).toBe('wide')
      expect(again.error.value).toMatch(/not a length/)
    },
  )
  it('an empty field of what may be unknown is unknown', () => {
    const doc = useDocumentStore(),
      field = useFieldEdit('boat.lengthWaterline')
    field.focus()
    field.text.value = ''
    field.leave()
    expect(doc.project.boat.lengthWaterline).toBeNull()
  })
  it('system voltage follows the pack, unless it is held', () => {
    const doc = useDocumentStore()
    typeInto('design.pack.series', '8')
    expect(doc.project.design.systemVoltage).toBe(24)
    doc.edit('Hold', [{ path: 'held.voltage', value: true }])
    typeInto('design.pack.series', '16')
    expect(doc.project.design.systemVoltage).toBe(24)
  })
  it('goes back to the estimate when cleared, and undo brings the figure back', () => {
    const doc = useDocumentStore(),
      field = useFieldEdit('boat.lengthWaterline')
    field.clear()
    expect(doc.shown.boat.lengthWaterline).toBeNull()
    doc.undo()
    expect(doc.shown.boat.lengthWaterline).toBe(7.75)
  })
})
