import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { KNOT } from '@remigo/core'
import { useTrial } from '../app/composables/useTrial'
import { useDocumentStore } from '../app/stores/document'
import { useViewStore } from '../app/stores/view'

describe('the table of trial runs', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('a new run starts as the one before it ended, the other way', () => {
    const trial = useTrial()
    trial.add()
    expect(trial.trial.value.points[0]).toMatchObject({ speed: useDocumentStore().shown.use.cruiseSpeed, direction: 'out', power: null })
    trial.type(0, 'speed', '5.2 kn')
    trial.add()
    expect(trial.trial.value.points[1]!.speed).toBeCloseTo(5.2 * KNOT, 9)
    expect(trial.trial.value.points[1]!.direction).toBe('back')
  })
  it('takes typed units, and watts or volts and amps', () => {
    const trial = useTrial()
    trial.add()
    expect(trial.type(0, 'speed', '9 km/h')).toBe(true)
    expect(trial.type(0, 'power', '1.2 kW')).toBe(true)
    expect(trial.type(0, 'stream', '0,5 kn')).toBe(true)
    const [point] = trial.trial.value.points
    expect(point!.speed).toBeCloseTo(2.5, 9)
    expect(point!.power).toBeCloseTo(1200, 9)
    expect(point!.stream).toBeCloseTo(0.5 * KNOT, 9)
    expect(trial.type(0, 'power', '  ')).toBe(true)
    expect(trial.trial.value.points[0]!.power).toBeNull()
  })
  it.each([['speed', '5 kg', /Row 1, .*measures a weight/], ['speed', '90 kn', /Row 1, .*outside what a boat can do/], ['voltage', 'much', /Row 1/], ['speed', '', /Row 1/]] as const)('%s %j is told with its row, and changes nothing', (column, text, message) => {
    const trial = useTrial()
    trial.add()
    const before = trial.trial.value.points
    expect(trial.type(0, column, text)).toBe(false)
    expect(trial.errors.value.join()).toMatch(message)
    expect(trial.trial.value.points).toBe(before)
    // the next cell that makes sense clears the message
    trial.type(0, 'power', '900 W')
    expect(trial.errors.value).toEqual([])
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
    trial.type(0, 'speed', '9')
    expect(trial.trial.value.points[0]!.speed).toBeCloseTo(2.5, 9)
  })
  it('too few runs left to carry a curve: theory is used again, in the same step of the history', () => {
    const trial = useTrial(), document = useDocumentStore()
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
