import { computed, ref } from 'vue'
import {
  edit,
  EMPTY_READING,
  keptText,
  measuredOf,
  readField,
  readingText,
  readReading,
  readTrialTable,
  readingMadeWith,
  sameSetup,
  setupOf,
  setupTold,
  streamError,
  TRIAL_POINT,
  trialWith,
  type RunSetup,
  type TrialPoint,
} from '@remigo/core'
import { readingWords } from '~/messages/readings'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from './useQuantities'

const words = readingWords.readings
/** Columns of the table that are typed into. */
export const READING_COLUMNS = ['speed', 'read', 'stream', 'doubt'] as const
export type ReadingColumn = (typeof READING_COLUMNS)[number]

/** Readings of the boat on the board: what is told, typed and pasted, and what it tells of her. */
export function useReadings() {
  const document = useDocumentStore()
  const view = useViewStore()
  const { fill } = useQuantities()
  const trial = computed(() => document.shown.trial)
  const measured = computed(() => measuredOf(document.shown))
  const errors = ref<string[]>([])
  const set = (points: TrialPoint[]) => document.edit(words.head, [edit('trial', trialWith(document.shown, points))])
  /** whether any was made with another drive, weight, bottom or house than the boat has now */
  const others = computed(() => {
    const house = { houseLoad: 0 }
    const now = { ...setupOf(document.shown), ...house }
    return trial.value.setups.some(s => !sameSetup({ ...s, ...house }, now))
  })
  /** whether the watts of all readings hold the house */
  const holdsHouse = computed(() => trial.value.setups.every(s => s.houseLoad > 0))
  const house = (held: boolean) =>
    document.edit(words.house, [
      edit(
        'trial.setups',
        trial.value.setups.map(s => ({ ...s, houseLoad: held ? document.shown.use.houseLoad : 0 })),
      ),
    ])
  /** they were made with what is on the board */
  const madeNow = () =>
    document.edit(words.madeNow, [
      edit(
        'trial.setups',
        trial.value.setups.map(s => ({ ...setupOf(document.shown), houseLoad: s.houseLoad })),
      ),
    ])

  /** Takes a reading in the owner's words; a sentence when it makes no sense. */
  function tell(sentence: string): string | null {
    const read = readReading(sentence, view.choice)
    if (!read.ok) return read.message
    return set([...trial.value.points, read.point]) ? null : document.full
  }
  function add() {
    const last = trial.value.points.at(-1)
    set([
      ...trial.value.points,
      {
        ...EMPTY_READING,
        speed: last ? last.speed : document.shown.use.cruiseSpeed,
        direction: last?.direction === 'out' ? 'back' : 'out',
      },
    ])
  }
  /** What a reading was made with. */
  const madeOf = (index: number): RunSetup =>
    trial.value.setups[trial.value.points[index]!.setup] ?? setupOf(document.shown)
  const setMade = (index: number, change: Partial<RunSetup>) =>
    document.edit(words.made, [edit('trial', readingMadeWith(document.shown, index, change))])
  /** What all readings of a setup were made with. */
  const setSetup = (place: number, change: Partial<RunSetup>) =>
    document.edit(words.made, [edit('trial', setupTold(document.shown, place, change))])
  const remove = (index: number) => set(trial.value.points.filter((_, i) => i !== index))
  const change = (index: number, part: Partial<TrialPoint>) =>
    set(trial.value.points.map((p, i) => (i === index ? { ...p, ...part } : p)))

  /** What a cell shows. */
  function shown(point: TrialPoint, column: ReadingColumn): string {
    if (column === 'read') {
      const { power, current, rpm, pull, fuelRate, used, kind } = point
      const nothing = kind !== 'engine' && [power, current, rpm, pull, fuelRate, used].every(v => v === null)
      return nothing ? '' : fill(readingText(point)).replace(/\u00A0/g, ' ')
    }
    const value = point[column]
    return value === null ? '' : keptText(TRIAL_POINT.fields[column], value, view.choice).replace(/\u00A0/g, ' ')
  }
  /** What was typed into a cell: what puts it into the table, or a sentence when it makes no sense. */
  function type(index: number, column: ReadingColumn, text: string): (() => void) | string {
    const point = trial.value.points[index]!
    const wrong = (why: string) => words.wrongField(index + 1, why)
    if (column === 'read') {
      if (!text.trim()) {
        const { speed, direction, stream, sea, note, doubt, setup } = point
        return () => change(index, { ...EMPTY_READING, speed, direction, stream, sea, note, doubt, setup })
      }
      const read = readReading(text, view.choice, point.speed)
      if (!read.ok) return wrong(read.message)
      const { kind, power, voltage, current, rpm, pull, fuelRate, used, time } = read.point
      return () => change(index, { kind, power, voltage, current, rpm, pull, fuelRate, used, time })
    }
    const read = readField(TRIAL_POINT.fields[column], text, view.choice, point[column])
    if (!read.ok) return wrong(read.message)
    const stands = streamError({ ...point, [column]: read.value }, view.choice)
    if (stands) return wrong(`${words.withStream}, ${stands}`)
    return () => change(index, { [column]: read.value })
  }
  /** Rows from a spreadsheet or a file, added to the table; all of them or, with the cells named, none. */
  function take(text: string): boolean {
    const table = readTrialTable(text, view.choice)
    errors.value =
      table.outcome === 'wrong'
        ? table.errors.slice(0, 8).map(e => `Line ${e.line}, column ${e.column}: ${e.message}`)
        : []
    return table.outcome === 'read' && set([...trial.value.points, ...table.points])
  }
  const use = (which: 'theory' | 'measured') => document.edit(words.use, [edit('trial.use', which)])
  return {
    trial,
    measured,
    errors,
    others,
    holdsHouse,
    house,
    madeNow,
    madeOf,
    setMade,
    setSetup,
    tell,
    add,
    remove,
    change,
    shown,
    type,
    take,
    use,
  }
}
