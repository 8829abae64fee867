import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { DEMO_BOATS } from '@remigo/core'
import { useDocumentStore } from '../app/stores/document'

const mass = (kg: number) => [{ path: 'boat.mass', value: kg }]

describe('the boat on the board', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('undoes and redoes every edit in order', () => {
    const doc = useDocumentStore()
    doc.edit('Weight', mass(5000))
    doc.edit('Weight', mass(5100))
    doc.undo()
    expect(doc.project.boat.mass).toBe(5000)
    doc.undo()
    expect(doc.project).toBe(DEMO_BOATS[0])
    doc.redo()
    doc.redo()
    expect(doc.project.boat.mass).toBe(5100)
    expect(doc.canRedo).toBe(false)
  })
  it('a new edit ends what could be redone', () => {
    const doc = useDocumentStore()
    doc.edit('Weight', mass(5000))
    doc.undo()
    doc.edit('Weight', mass(5200))
    expect(doc.canRedo).toBe(false)
  })
  it('a trial shows but changes nothing until it is kept', () => {
    const doc = useDocumentStore()
    doc.startTrial('x', 'Heavier', mass(6000))
    expect(doc.shown.boat.mass).toBe(6000)
    expect(doc.project.boat.mass).toBe(4600)
    doc.putBack()
    expect(doc.shown.boat.mass).toBe(4600)
    doc.startTrial('x', 'Heavier', mass(6000))
    doc.keep()
    expect(doc.project.boat.mass).toBe(6000)
    expect(doc.undoLabel).toBe('Heavier')
  })
  it('undo during a trial puts it back', () => {
    const doc = useDocumentStore()
    doc.startTrial('x', 'Heavier', mass(6000))
    doc.undo()
    expect(doc.trial).toBeNull()
    expect(doc.shown.boat.mass).toBe(4600)
  })
  it('another boat starts a history of its own', () => {
    const doc = useDocumentStore()
    doc.edit('Weight', mass(5000))
    doc.open(DEMO_BOATS[1]!)
    expect(doc.canUndo).toBe(false)
  })
})
