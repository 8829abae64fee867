import { computed, ref } from 'vue'
import {
  measuredOf,
  NEW_RUN,
  readField,
  readTrialTable,
  sameSetup,
  setupOf,
  streamError,
  TRIAL_POINT,
  trialWith,
  type TrialPoint,
  edit,
} from '@remigo/core'
import { trialWords } from '~/messages/trial'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/** Columns of numbers in the table of runs. */
export const TRIAL_COLUMNS = ['speed', 'power', 'voltage', 'current', 'stream'] as const
export type TrialColumn = (typeof TRIAL_COLUMNS)[number]

/**
 * The sea trial of the boat on the board: its table, what is typed and pasted into it, and the curve that it carries.
 */
export function useTrial() {
  const document = useDocumentStore()
  const view = useViewStore()
  const trial = computed(() => document.shown.trial)
  const outcome = computed(() => measuredOf(document.shown))
  const errors = ref<string[]>([])
  const set = (points: TrialPoint[]) =>
    document.edit(trialWords.sea.head, [edit('trial', trialWith(document.shown, points))])
  /** whether any run was made with another drive, weight or house than the boat has now */
  const others = computed(() =>
    trial.value.setups.some(s => !sameSetup({ ...s, houseLoad: 0 }, { ...setupOf(document.shown), houseLoad: 0 })),
  )
  /** whether the watts of all runs hold the house */
  const holdsHouse = computed(() => trial.value.setups.every(s => s.houseLoad > 0))
  const house = (held: boolean) =>
    document.edit(trialWords.sea.house, [
      edit(
        'trial.setups',
        trial.value.setups.map(s => ({ ...s, houseLoad: held ? document.shown.use.houseLoad : 0 })),
      ),
    ])
  /** the runs were made with what is on the board */
  const madeNow = () =>
    document.edit(trialWords.sea.madeNow, [
      edit(
        'trial.setups',
        trial.value.setups.map(s => ({ ...setupOf(document.shown), houseLoad: s.houseLoad })),
      ),
    ])

  function add() {
    const last = trial.value.points.at(-1)
    set([
      ...trial.value.points,
      {
        speed: last ? last.speed : document.shown.use.cruiseSpeed,
        power: null,
        voltage: null,
        current: null,
        direction: last?.direction === 'out' ? 'back' : 'out',
        stream: null,
        note: '',
        setup: NEW_RUN,
      },
    ])
  }
  const remove = (index: number) => set(trial.value.points.filter((_, i) => i !== index))
  const change = (index: number, part: Partial<TrialPoint>) =>
    set(trial.value.points.map((p, i) => (i === index ? { ...p, ...part } : p)))
  /** What was typed into a cell: what puts it into the table, or a sentence when it makes no sense. */
  function type(index: number, column: TrialColumn, text: string): (() => void) | string {
    const read = readField(TRIAL_POINT.fields[column], text, view.choice, trial.value.points[index]?.[column] ?? null)
    if (!read.ok) return trialWords.sea.wrongField(index + 1, read.message)
    const { value } = read
    if (value === null) return () => change(index, { [column]: null })
    const stands = streamError({ ...trial.value.points[index]!, [column]: value }, view.choice)
    if (stands && (column === 'stream' || column === 'speed'))
      return trialWords.sea.wrong(index + 1, trialWords.sea.withStream, stands)
    return () => change(index, { [column]: value })
  }
  /** Rows from a spreadsheet or a file, added to the table; all of them or, with the cells named, none. */
  function take(text: string): boolean {
    const table = readTrialTable(text, view.choice)
    errors.value =
      table.outcome === 'wrong'
        ? table.errors.slice(0, 8).map(e => `Line ${e.line}, column ${e.column}: ${e.message}`)
        : []
    if (table.outcome === 'read') set([...trial.value.points, ...table.points].slice(0, 200))
    return table.outcome === 'read'
  }
  const use = (which: 'theory' | 'measured') => document.edit(trialWords.sea.use, [edit('trial.use', which)])
  return { trial, outcome, errors, others, holdsHouse, house, madeNow, add, remove, change, type, take, use }
}
