import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { KNOT } from '@remigo/core'
import { useReadings, type ReadingColumn } from '../app/composables/useReadings'
import { rowNumbers } from '../app/messages/readings'
import { useDocumentStore } from '../app/stores/document'
import { useViewStore } from '../app/stores/view'

type Readings = ReturnType<typeof useReadings>
/** Types into a cell and leaves it: what makes no sense gives its sentence. */
function typeIn(readings: Readings, row: number, column: ReadingColumn, text: string): string | null {
  const taken = readings.type(row, column, text)
  if (typeof taken === 'string') return taken
  taken()
  return null
}
const cells = (readings: Readings, row: number) =>
  (['speed', 'read', 'stream', 'doubt'] as const).map(c => readings.shown(readings.trial.value.points[row]!, c))

describe('the owner’s readings', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('one, told in a sentence, is used at once', () => {
    const readings = useReadings(),
      document = useDocumentStore()
    expect(readings.tell('4.4 kn 2400 W')).toBeNull()
    expect(document.shown.trial.use).toBe('measured')
    expect(cells(readings, 0)).toEqual(['4.4 kn', '2.40 kW', '', ''])
    expect(readings.tell('4.4 kn')).toMatch(/what was read there/)
    expect(readings.trial.value.points).toHaveLength(1)
  })
  it('a new row starts as the one before it ended, the other way', () => {
    const readings = useReadings()
    readings.add()
    expect(readings.trial.value.points[0]).toMatchObject({
      speed: useDocumentStore().shown.use.cruiseSpeed,
      direction: 'out',
      power: null,
    })
    expect(cells(readings, 0)[1]).toBe('')
    typeIn(readings, 0, 'speed', '5.2 kn')
    readings.add()
    expect(readings.trial.value.points[1]!.speed).toBeCloseTo(5.2 * KNOT, 9)
    expect(readings.trial.value.points[1]!.direction).toBe('back')
  })
  it('cells take any unit and any kind of reading, and empty ones are open', () => {
    const readings = useReadings()
    readings.add()
    expect(typeIn(readings, 0, 'speed', '9 km/h')).toBeNull()
    expect(typeIn(readings, 0, 'read', '1.2 kW')).toBeNull()
    expect(typeIn(readings, 0, 'stream', '0,5 kn')).toBeNull()
    expect(typeIn(readings, 0, 'doubt', '10 %')).toBeNull()
    const [point] = readings.trial.value.points
    expect(point!.speed).toBeCloseTo(2.5, 9)
    expect(point).toMatchObject({ kind: 'battery', power: 1200, doubt: 0.1 })
    expect(point!.stream).toBeCloseTo(0.5 * KNOT, 9)
    expect(typeIn(readings, 0, 'read', '51 V × 40 A')).toBeNull()
    expect(readings.trial.value.points[0]).toMatchObject({ power: null, voltage: 51, current: 40 })
    expect(typeIn(readings, 0, 'read', '1900 rpm')).toBeNull()
    expect(readings.trial.value.points[0]).toMatchObject({ kind: 'rpm', voltage: null, rpm: 1900 })
    expect(readings.trial.value.points[0]!.speed).toBeCloseTo(2.5, 9)
    expect(typeIn(readings, 0, 'read', '')).toBeNull()
    expect(readings.trial.value.points[0]).toMatchObject({ kind: 'battery', rpm: null })
  })
  it.each<[ReadingColumn, string, RegExp]>([
    ['speed', 'fast', /Reading 1: Speed: /],
    ['speed', '900 kn', /Speed runs from/],
    ['read', 'lots', /what was read there/],
    ['stream', '40 kn', /Stream runs from/],
    ['stream', '4.9 kn', /with stream/],
  ])('%s “%s” is told by its row, and nothing is lost', (column, text, message) => {
    const readings = useReadings()
    readings.add()
    typeIn(readings, 0, 'speed', '4.4 kn')
    const before = readings.trial.value.points
    expect(typeIn(readings, 0, column, text)).toMatch(message)
    expect(readings.trial.value.points).toBe(before)
  })
  it('rows pasted are all taken or none', () => {
    const readings = useReadings()
    expect(readings.take('speed kn\tpower W\n3\t400\n4\t900\n5\tmany')).toBe(false)
    expect(readings.errors.value[0]).toMatch(/Line 4/)
    expect(readings.trial.value.points).toEqual([])
    expect(readings.take('speed kn\tpower W\n3\t400\n4\t900\n5\t1800')).toBe(true)
    expect(readings.trial.value.points.map(p => p.power)).toEqual([400, 900, 1800])
    expect(readings.errors.value).toEqual([])
  })
  it('bare numbers are in the owner’s units', () => {
    const readings = useReadings()
    useViewStore().units = { profile: 'metric', overrides: { speed: 'kmh' } }
    readings.add()
    typeIn(readings, 0, 'speed', '9')
    expect(readings.trial.value.points[0]!.speed).toBeCloseTo(2.5, 9)
  })
  it('the methods alone can be used, and the choice stands while readings come and go', () => {
    const readings = useReadings(),
      document = useDocumentStore()
    readings.take('speed kn\tpower W\n3\t400\n4\t900\n5\t1800')
    expect(document.shown.trial.use).toBe('measured')
    readings.use('theory')
    readings.remove(1)
    expect(document.shown.trial).toMatchObject({ use: 'theory', points: [{ power: 400 }, { power: 1800 }] })
  })
  it.each([
    [[], ''],
    [[4], '4'],
    [[1, 2], '1, 2'],
    [[1, 2, 3, 5, 7, 8], '1–3, 5, 7, 8'],
  ])('rows %j are said as "%s"', (rows, said) => expect(rowNumbers(rows)).toBe(said))
})
