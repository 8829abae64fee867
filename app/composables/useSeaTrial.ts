import { computed, ref, watch } from 'vue'
import { useStorage } from '@vueuse/core'
import {
  handRun,
  pairsOf,
  readReading,
  readTrialTable,
  runOf,
  tableRuns,
  trialCurve,
  trialNow,
  trialPlan,
  trialBySpeed,
  trialPower,
  USUAL_SPEEDS,
  USUAL_STEPS,
  type RunWay,
  type TrialRun,
} from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import { useViewStore } from '~/stores/view'
import { trialWords as words } from '~/messages/trial'

/** A trial as far as it has come: kept on this machine for each boat until it is used or thrown away. */
interface KeptTrial {
  runs: TrialRun[]
  leftOut: number[]
  /** what the steps are shares of: the power, or the fastest speed */
  by: 'power' | 'speed'
  steps: number[]
  hold: number
  /** course out, rad */
  course: number
  /** time of the last sample that belongs to the run before */
  since: number
  simulated: boolean
}
const NEW: KeptTrial = {
  runs: [],
  leftOut: [],
  by: 'power',
  steps: [...USUAL_STEPS],
  hold: 120,
  course: (140 * Math.PI) / 180,
  since: 0,
  simulated: false,
}
/** s since 1970 */
const momentNow = () => Math.round(Date.now() / 1000)
/** s of samples in which steadiness is looked for */
const LOOK = 240

/** The sea trial of the boat on the board, run by run, from what the instruments say. */
export function useSeaTrial() {
  const document = useDocumentStore()
  const instruments = useInstrumentStore()
  const view = useViewStore()
  const all = useStorage<Record<string, KeptTrial>>('remigo-sea-trials', {})
  const trial = computed<KeptTrial>({
    get: () => ({ ...NEW, ...all.value[document.shown.id] }),
    set: to => (all.value = { ...all.value, [document.shown.id]: to }),
  })
  const change = (part: Partial<KeptTrial>) => (trial.value = { ...trial.value, ...part })
  const plan = computed(() => ({
    ...(trial.value.by === 'speed'
      ? trialBySpeed(document.shown, trial.value.steps)
      : trialPlan(trialPower(document.shown), trial.value.steps)),
    hold: trial.value.hold,
  }))
  const samples = computed(() => {
    const until = instruments.latest?.time ?? 0
    return instruments.samples.filter(
      s => s.time > trial.value.since && s.time > until - Math.max(LOOK, plan.value.hold + 60),
    )
  })
  /** a run that is wished for out of turn */
  const wish = ref<{ step: number; way: RunWay } | null>(null)
  /** seconds more that the owner wants this run to be held */
  const longer = ref(0)
  const now = computed(() => {
    const found = trialNow(
      { ...plan.value, hold: plan.value.hold + longer.value },
      trial.value.runs,
      samples.value,
      trial.value.leftOut,
    )
    return wish.value ? { ...found, next: wish.value } : found
  })
  const pairs = computed(() => pairsOf(plan.value, trial.value.runs))

  /** Runs join those that are there; what was measured never joins what was simulated. */
  const joined = (runs: TrialRun[], simulated: boolean): Pick<KeptTrial, 'runs' | 'simulated'> => ({
    runs: [...(trial.value.simulated && !simulated ? [] : trial.value.runs), ...runs],
    simulated,
  })
  /** Takes the run as it stands. */
  function take() {
    const { next, stretch } = now.value
    if (!next || !stretch) return
    change({
      ...joined([runOf(stretch, next.step, next.way)], instruments.simulated),
      since: stretch.until,
    })
    wish.value = null
    longer.value = 0
  }
  // what is steady long enough is taken by itself
  watch(
    () => now.value.ready,
    ready => {
      if (ready && instruments.source) take()
    },
  )
  /** Takes a run that its owner read, for the step and way that are next unless it says another; a sentence if not. */
  function byHand(sentence: string): string | null {
    const { next } = now.value
    if (!next) return words.handDone
    const read = readReading(sentence, view.choice)
    if (!read.ok) return read.message
    const run = handRun(read.point, next.step, read.point.direction || next.way, momentNow())
    if (!run) return words.handWants
    change(joined([run], false))
    wish.value = null
    return null
  }
  /** Takes rows that were pasted as runs of steps of their own; sentences of the cells that make no sense. */
  function pasted(text: string): string[] {
    const table = readTrialTable(text, view.choice)
    if (table.outcome === 'wrong')
      return table.errors.map(({ line, column, message }) => words.handCell(line, column, message))
    // what was planned and not run makes room for what was
    const { steps: planned, most } = plan.value,
      run = trial.value.runs.length > 0 && !trial.value.simulated ? planned : []
    const powerAt = (speed: number) => trialCurve(document.shown, speed).at(-1)!.power
    const { steps, runs } = tableRuns(table.points, { steps: run }, momentNow(), powerAt)
    if (runs.length === 0) return [words.handWants]
    change({
      by: 'power',
      steps: steps.map(watts => watts / most),
      ...joined(runs, false),
    })
    return []
  }
  const again = () => {
    const last = trial.value.runs.at(-1)
    if (!last) return
    change({ runs: trial.value.runs.slice(0, -1), since: instruments.latest?.time ?? trial.value.since })
  }
  const leaveOut = () => {
    const step = now.value.next?.step
    if (step !== undefined) change({ leftOut: [...trial.value.leftOut, step], since: instruments.latest?.time ?? 0 })
  }
  /** A pair more at a share of the power; of a trial by speed at the speed that it should give. */
  const pairAt = (share: number, speed: number) => {
    const { speeds } = plan.value
    const fastest = speeds ? speeds.at(0)! / trial.value.steps.at(0)! : 1
    change({ steps: [...trial.value.steps, speeds ? Math.min(1, speed / fastest) : share] })
  }
  /** Steps by power or by speed: it can be changed until a run is taken. */
  const stepBy = (by: KeptTrial['by']) => {
    if (trial.value.runs.length > 0 || by === trial.value.by) return
    change({ by, steps: [...(by === 'speed' ? USUAL_SPEEDS : USUAL_STEPS)], leftOut: [] })
  }
  function restart() {
    // what was sailed until now is no run of the next trial
    trial.value = { ...NEW, since: instruments.latest?.time ?? 0 }
    wish.value = null
    longer.value = 0
  }
  return {
    trial,
    change,
    plan,
    samples,
    now,
    pairs,
    longer,
    take,
    byHand,
    pasted,
    again,
    leaveOut,
    pairAt,
    stepBy,
    restart,
  }
}
