import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { DEMO, DEMO_BOATS, KNOT, withEdits } from '@remigo/core'
import { useAdvice } from '../app/composables/useAdvice'
import { usePartWords } from '../app/composables/usePartWords'
import { useSizing } from '../app/composables/useSizing'
import { useStages } from '../app/composables/useStages'
import { useAnswerStore } from '../app/stores/answer'
import { useDocumentStore } from '../app/stores/document'
import { useLibraryStore } from '../app/stores/library'
import { useViewStore } from '../app/stores/view'

const board = () => ({ answer: useAnswerStore(), document: useDocumentStore(), view: useViewStore() })

describe('what the core answers about the boat on the board', () => {
  beforeEach(async () => {
    setActivePinia(createPinia())
    await useAdvice().fetchAdvice()
  })

  it('follows the lever in the point alone', () => {
    const { answer, view } = board()
    const { summary, findings, curve } = answer
    view.speed = 3 * KNOT
    const slow = answer.evaluation.point.drive.packPower
    view.speed = 5 * KNOT
    expect(answer.evaluation.point.drive.packPower).toBeGreaterThan(slow)
    expect([answer.summary, answer.findings, answer.curve]).toEqual([summary, findings, curve])
    expect(answer.summary).toBe(summary)
    expect(answer.findings).toBe(findings)
  })
  it('never goes beyond the end of the curve, wherever the lever was left', () => {
    const { answer, view } = board()
    view.speed = 30
    expect(answer.evaluation.point.speed).toBe(answer.greatestSpeed)
    expect(answer.curve.at(-1)!.speed).toBeCloseTo(answer.greatestSpeed, 9)
  })
  it('shows a change on trial, and the boat again when it is put back', () => {
    const { answer, document } = board()
    const light = answer.summary.cruise.drive.packPower
    document.startTrial('x', 'Heavier', [{ path: 'boat.mass', value: 7000 }])
    expect(answer.summary.cruise.drive.packPower).toBeGreaterThan(light)
    document.putBack()
    expect(answer.summary.cruise.drive.packPower).toBe(light)
  })
  it('offers the owner’s own parts in its fixes as soon as they are there', () => {
    const { answer } = board()
    const before = answer.findings
    const library = useLibraryStore(),
      motor = DEMO.tirrick.design.motor
    library.own = { motor: [{ ...motor, id: 'own-1', name: 'Own motor', price: 1 }] }
    expect(library.library.motors.map(m => m.name)).toContain('Own motor')
    expect(answer.findings).not.toBe(before)
  })
  it('knows how a part stands only after the first picture', async () => {
    vi.stubGlobal('requestAnimationFrame', (act: () => void) => setTimeout(act))
    const { answer } = board()
    expect(useStages().stage.value).toBe(0)
    expect(answer.stateOf('pack')).toBeUndefined()
    useStages().start()
    await vi.waitFor(() => expect(useStages().stage.value).toBe(3))
    // the demo yacht's charged pack stands above her controller
    expect(answer.findings.worst.pack).toBe('stop')
    expect(answer.stateOf('pack')).toBe('stop')
    expect(Object.values(answer.findings.counts).reduce((a, b) => a + b, 0)).toBeGreaterThanOrEqual(
      answer.findings.findings.length,
    )
    vi.unstubAllGlobals()
  })
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('calls the pusher of %s by its name', (_, boat) => {
    useDocumentStore().open(boat)
    const words = usePartWords()
    expect(words.part('propeller')).toMatch(boat.boat.drive.kind === 'jet' ? /^Jet/ : /^Propeller/)
    expect(words.part('motor')).toBe('Motor')
  })
})

describe('sizing the rest', () => {
  beforeEach(async () => {
    setActivePinia(createPinia())
    await useAdvice().fetchAdvice()
  })

  it('is tried, with reasons, and changes nothing until it is kept', async () => {
    const { document } = board(),
      sizing = useSizing(),
      before = document.project
    await sizing.size()
    expect(document.trial!.reasons.length).toBeGreaterThan(0)
    expect(document.project).toBe(before)
    document.keep()
    expect(document.project).not.toBe(before)
    document.undo()
    expect(document.project).toBe(before)
  })
  it('leaves alone what is held', async () => {
    const { document } = board(),
      sizing = useSizing()
    expect(document.shown.held.motor).toBe(true)
    await sizing.size()
    expect(document.shown.design.motor).toEqual(document.project.design.motor)
    document.putBack()
    sizing.toggle('propeller')
    expect(document.shown.held.propeller).toBe(true)
    await sizing.size()
    expect(document.shown.design.propeller).toEqual(document.project.design.propeller)
  })
  it('at another voltage comes with that voltage', async () => {
    const { document } = board(),
      sizing = useSizing()
    sizing.toggle('motor')
    await sizing.sizeAt(96)
    expect(sizing.failure.value).toBeNull()
    expect(document.shown.design.systemVoltage).toBe(96)
    expect(document.shown.held.voltage).toBe(document.project.held.voltage)
  })
  it('says in a sentence when nothing fits, and nothing is lost', async () => {
    const { document } = board(),
      sizing = useSizing()
    document.open(
      withEdits(DEMO.tirrick, [
        { path: 'use.topSpeed', value: 14 },
        { path: 'held.motor', value: true },
      ]),
    )
    const before = document.project
    await sizing.size()
    expect(document.trial).toBeNull()
    expect(sizing.failure.value).toMatch(/\.$/)
    expect(document.project).toBe(before)
  })
})
