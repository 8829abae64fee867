import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { KNOT } from '@remigo/core'
import { useTrial, type TrialColumn } from '../app/composables/useTrial'
import { useDocumentStore } from '../app/stores/document'
import { useViewStore } from '../app/stores/view'

/** Types into a cell and leaves it: what makes no sense gives its sentence. */
function typeIn(trial: ReturnType<typeof useTrial>, row: number, column: TrialColumn, text: string): string | null {
  const taken = trial.type(row, column, text)
  if (typeof taken === 'string') return taken
  taken()
  return null
}

describe('the table of trial runs', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('a new run starts as the one before it ended, the other way', () => {
    const trial = useTrial()
    trial.add()
    expect(trial.trial.value.points[0]).toMatchObject({
      speed: useDocumentStore().shown.use.cruiseSpeed,
      direction: 'out',
      power: null,
    })
    typeIn(trial, 0, 'speed', '5.2 kn')
    trial.add()
    expect(trial.trial.value.points[1]!.speed).toBeCloseTo(5.2 * KNOT, 9)
    expect(trial.trial.value.points[1]!.direction).toBe('back')
  })
  it('takes typed units, and watts or volts and amps', () => {
    const trial = useTrial()
    trial.add()
    expect(typeIn(trial, 0, 'speed', '9 km/h')).toBeNull()
    expect(typeIn(trial, 0, 'power', '1.2 kW')).toBeNull()
    expect(typeIn(trial, 0, 'stream', '0,5 kn')).toBeNull()
    const [point] = trial.trial.value.points
    expect(point!.speed).toBeCloseTo(2.5, 9)
    expect(point!.power).toBeCloseTo(1200, 9)
    expect(point!.stream).toBeCloseTo(0.5 * KNOT, 9)
    expect(typeIn(trial, 0, 'power', '')).toBeNull()
    expect(trial.trial.value.points[0]!.power).toBeNull()
  })
  it.each([
    ['speed', '5 kg', /Row 1: Speed: “kg” measures a weight/],
    ['speed', '90 kn', /Row 1: Speed runs from 0\.2.kn to 58\.3.kn; this is 90\.0.kn/],
    ['voltage', 'much', /Row 1/],
    ['speed', '', /Row 1/],
    ['stream', '9 kn', /Row 1, with stream: a stream of 9\.0.kn leaves nothing of 4\.6.kn/],
  ] as const)('%s %j is told with its row, and changes nothing', (column, text, message) => {
    const trial = useTrial()
    trial.add()
    const before = trial.trial.value.points
    expect(typeIn(trial, 0, column, text)).toMatch(message)
    expect(trial.trial.value.points).toBe(before)
  })
  it('a pasted table comes in as a whole, or not at all with the cells named', () => {
    const trial = useTrial()
    expect(trial.take('speed kn\tpower W\n3\t400\n4\t900\n5\tmany')).toBe(false)
    expect(trial.errors.value[0]).toMatch(/Line 4/)
    expect(trial.trial.value.points).toEqual([])
    expect(trial.take('speed kn\tpower W\n3\t400\n4\t900\n5\t1800')).toBe(true)
    expect(trial.trial.value.points.map(p => p.power)).toEqual([400, 900, 1800])
    expect(trial.errors.value).toEqual([])
  })
  it('reads bare numbers in the owner’s unit', () => {
    const trial = useTrial()
    useViewStore().units = { profile: 'metric', overrides: { speed: 'kmh' } }
    trial.add()
    typeIn(trial, 0, 'speed', '9')
    expect(trial.trial.value.points[0]!.speed).toBeCloseTo(2.5, 9)
  })
  it('too few runs left to carry a curve: theory is used again, in the same step of the history', () => {
    const trial = useTrial(),
      document = useDocumentStore()
    trial.take('speed kn\tpower W\n3\t400\n4\t900\n5\t1800')
    trial.use('measured')
    expect(document.shown.trial.use).toBe('measured')
    trial.remove(1)
    expect(document.shown.trial).toMatchObject({ use: 'theory', points: [{ power: 400 }, { power: 1800 }] })
    document.undo()
    expect(document.shown.trial.use).toBe('measured')
    expect(document.shown.trial.points.length).toBe(3)
  })
})
