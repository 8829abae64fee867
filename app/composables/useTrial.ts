import { computed, ref } from 'vue'
import { measuredOf, parseQuantity, readTrialTable, type QuantityId, type TrialPoint } from '@remigo/core'
import { t } from '~/messages/trial'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/** Columns of numbers in the table of runs. */
export const TRIAL_COLUMNS = [
  ['speed', 'speed'], ['power', 'smallPower'], ['voltage', 'voltage'], ['current', 'current'], ['stream', 'speed'],
] as const satisfies readonly (readonly [keyof TrialPoint, QuantityId])[]
export type TrialColumn = typeof TRIAL_COLUMNS[number][0]

/** The sea trial of the boat on the board: its table, what is typed and pasted into it, and the curve that it carries. */
export function useTrial() {
  const document = useDocumentStore()
  const view = useViewStore()
  const trial = computed(() => document.shown.trial)
  const outcome = computed(() => measuredOf(document.shown))
  const errors = ref<string[]>([])
  const set = (points: TrialPoint[]) => document.edit(t.sea.head, [{ path: 'trial.points', value: points }, ...(points.length < 3 ? [{ path: 'trial.use', value: 'theory' }] : [])])

  function add() {
    const last = trial.value.points.at(-1)
    set([...trial.value.points, { speed: last ? last.speed : document.shown.use.cruiseSpeed, power: null, voltage: null, current: null, direction: last?.direction === 'out' ? 'back' : 'out', stream: null, note: '' }])
  }
  const remove = (index: number) => set(trial.value.points.filter((_, i) => i !== index))
  const change = (index: number, part: Partial<TrialPoint>) => set(trial.value.points.map((p, i) => i === index ? { ...p, ...part } : p))
  /** What was typed into a cell; a sentence when it makes no sense, and then nothing changes. */
  function type(index: number, column: TrialColumn, text: string): boolean {
    const quantity = TRIAL_COLUMNS.find(([c]) => c === column)![1]
    errors.value = []
    if (!text.trim() && column !== 'speed') {
      change(index, { [column]: null })
      return true
    }
    const parsed = parseQuantity(text, quantity, view.choice)
    const most = { speed: 30, power: 1_000_000, voltage: 1500, current: 5000, stream: 5 }[column], least = { speed: 0.1, power: 0, voltage: 0, current: 0, stream: -5 }[column]
    if (parsed.ok && parsed.value >= least && parsed.value <= most) {
      change(index, { [column]: parsed.value })
      return true
    }
    errors.value = [`Row ${index + 1}, ${t.sea[column].toLowerCase()}: ${parsed.ok ? 'outside what a boat can do.' : parsed.message}`]
    return false
  }
  /** Rows from a spreadsheet or a file, added to the table; all of them or, with the cells named, none. */
  function take(text: string): boolean {
    const table = readTrialTable(text, view.choice)
    errors.value = table.outcome === 'wrong' ? table.errors.slice(0, 8).map(e => `Line ${e.line}, column ${e.column}: ${e.message}`) : []
    if (table.outcome === 'read') set([...trial.value.points, ...table.points].slice(0, 200))
    return table.outcome === 'read'
  }
  const use = (which: 'theory' | 'measured') => document.edit(t.sea.use, [{ path: 'trial.use', value: which }])
  return { trial, outcome, errors, add, remove, change, type, take, use }
}
