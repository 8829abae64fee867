import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { isReactive, reactive } from 'vue'
import {
  DEMO,
  cellNamed,
  chargeControllerNamed,
  chargerNamed,
  controllerNamed,
  fuseNamed,
  motorNamed,
  panelNamed,
  DAY_LEG,
  edit,
  usualOf,
} from '@remigo/core'
import { useDocumentStore } from '../app/stores/document'

const mass = (kg: number) => [edit('boat.mass', kg)]

describe('the boat on the board', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('undoes and redoes every edit in order', () => {
    const doc = useDocumentStore()
    doc.edit('Weight', mass(5000))
    doc.edit('Weight', mass(5100))
    doc.undo()
    expect(doc.project.boat.mass).toBe(5000)
    doc.undo()
    expect(doc.project).toBe(DEMO.tirrick)
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
  it('a change for which a list has no room is not made, and why is said until the next one', () => {
    const doc = useDocumentStore()
    const leg = { ...usualOf(DAY_LEG.fields), to: 'Buoy' }
    expect(doc.edit('Legs', [edit('day.legs', Array(60).fill(leg))])).toBe(true)
    expect(doc.edit('One more', [edit('day.legs', Array(61).fill(leg))])).toBe(false)
    expect(doc.project.day.legs).toHaveLength(60)
    expect(doc.full).toBe(
      '“Legs” holds at most 60; this would make 61. Nothing was changed: remove some of them first.',
    )
    expect(doc.undoLabel).toBe('Legs')
    doc.startTrial('x', 'One more', [edit('day.legs', Array(61).fill(leg))])
    expect(doc.trial).toBeNull()
    doc.edit('Weight', mass(5000))
    expect(doc.full).toBeNull()
  })
  it('undo during a trial puts it back', () => {
    const doc = useDocumentStore()
    doc.startTrial('x', 'Heavier', mass(6000))
    doc.undo()
    expect(doc.trial).toBeNull()
    expect(doc.shown.boat.mass).toBe(4600)
  })
  it('a second thing is tried on the boat with the first; another of the same takes its place', () => {
    const doc = useDocumentStore()
    doc.startTrial('a', 'Heavier', mass(6000))
    doc.startTrial('b', 'Wider', [{ path: 'boat.beam', value: 3.3 }])
    expect([doc.shown.boat.mass, doc.shown.boat.beam, doc.trial!.label]).toEqual([6000, 3.3, 'Heavier + Wider'])
    doc.startTrial('c', 'Lighter', mass(4000))
    expect([doc.shown.boat.mass, doc.shown.boat.beam, doc.trial!.label]).toEqual([4000, 3.3, 'Wider + Lighter'])
    doc.putBack()
    expect(doc.shown).toBe(DEMO.tirrick)
  })
  it('holds plain data, whatever list or form a part came from: the store and the workers take nothing else', () => {
    const doc = useDocumentStore()
    for (const { path, value } of [
      edit('design.motor', motorNamed('brindle-2-48-1500')),
      edit('design.controller', controllerNamed('corvel-48-180')),
      edit('design.pack.cell', cellNamed('ostra-lfp-230')),
      edit('design.charging.charger', chargerNamed('pallan-48-15')),
      edit('design.wiring.fuse', fuseNamed('quell-fast-current-limiting-125-100')),
      edit('design.solar.panel', panelNamed('helle-180')),
      edit('design.solar.controller', chargeControllerNamed('arvel-track-100-20')),
      edit('trial.points', DEMO.osprel.trial.points.slice(0, 1)),
    ]) {
      const listed = reactive({ part: structuredClone(value) })
      expect(isReactive(listed.part)).toBe(true)
      doc.startTrial(path, path, [edit(path, listed.part)])
      doc.keep()
      expect(() => structuredClone(doc.project), path).not.toThrow()
      doc.edit(path, [edit(path, [listed.part][0]!)])
      expect(() => structuredClone(doc.project), path).not.toThrow()
    }
  })
  it('edits of one visit to a field are one step', () => {
    const doc = useDocumentStore(),
      visit = Symbol('story')
    doc.edit('Story', [{ path: 'story', value: 'A' }], visit)
    doc.edit('Story', [{ path: 'story', value: 'A boat' }], visit)
    doc.undo()
    expect(doc.project).toBe(DEMO.tirrick)
    doc.redo()
    expect(doc.project.story).toBe('A boat')
  })
  it('another boat starts a history of its own', () => {
    const doc = useDocumentStore()
    doc.edit('Weight', mass(5000))
    doc.open(DEMO.osprel)
    expect(doc.canUndo).toBe(false)
  })
})
