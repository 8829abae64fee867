import type { CellReading, PowerReading, Project } from '../project'
import { wiringReport, modelOf } from '../system'
import { cellSpread, type CellSpread } from './cellVolts'
import { powerSteps } from './commissioning'
import { POWER_GROUPS, type PowerGroup, type PowerStep } from './powerStep'
import { remember } from '../numeric'

/** How a step stands. */
export type StepState = 'open' | 'fits' | 'tight' | 'stop' | 'overridden' | 'locked'

/** A step with what was read. */
export interface PowerStepState {
  step: PowerStep
  reading: PowerReading | null
  /** SI; of a row of cells its spread */
  value: number | null
  state: StepState
}

/** A group of steps, and why it is locked. */
export interface PowerGroupState {
  id: PowerGroup
  steps: PowerStepState[]
  done: number
  locked: boolean
  /** the group that has to be done first; null where a clash of the design keeps it shut */
  after: PowerGroup | null
  /** a clash of the design touches what it makes live, and was not passed over in writing */
  clashed: boolean
  stopped: boolean
}

/** What is live up to where, once the groups so far are done. */
export type LiveTo = 'pack' | 'disconnect' | 'controller' | 'motor'

/** The first power-up as it stands. */
export interface FirstPower {
  groups: PowerGroupState[]
  done: number
  total: number
  /** the next step to do; null when all is done */
  next: PowerStep | null
  live: LiveTo
  /** fuse end, V DC and A of a short there */
  volts: number
  shortCircuit: number
  rest: CellSpread | null
  load: CellSpread | null
}

/** The last row of cells of its kind that was written down. */
export const lastCells = (cells: readonly CellReading[], kind: 'rest' | 'load'): CellReading | null =>
  cells.filter(c => (kind === 'rest' ? c.current === 0 : c.current > 0)).at(-1) ?? null

/** How a value stands against what is accepted. */
export function verdict(step: PowerStep, value: number): 'fits' | 'tight' | 'stop' {
  const { low, high, fineLow, fineHigh } = step
  // as read: a limit itself is inside
  const below = (of: number) => value < of - 1e-9 * Math.max(1, Math.abs(of)),
    above = (of: number) => value > of + 1e-9 * Math.max(1, Math.abs(of))
  if ((low !== null && below(low)) || (high !== null && above(high))) return 'stop'
  if ((fineLow !== undefined && below(fineLow)) || (fineHigh !== undefined && above(fineHigh))) return 'tight'
  return 'fits'
}

/** Something of the design that clashes with what a stage makes live: it keeps the stage shut until it is gone. */
export interface PowerClash {
  /** short name of what was found */
  id: string
  group: PowerGroup
  title: string
  why: string
}

/** Short name of the step that stands for a clash. */
export const clashStep = (id: string): string => `clash-${id}`

/**
 * The first power-up as it stands: each group opens when what comes before it is done and within range, or was passed
 * over in writing. A clash of the design with what a stage makes live comes first in it, and keeps it shut.
 *
 * @param project the boat
 * @param clashes of the design, each at the stage that makes it live
 * @returns groups with their steps, what is next, what is live
 */
export function firstPower(project: Project, clashes: readonly PowerClash[] = []): FirstPower {
  return clashes.length > 0 ? standing(project, clashes) : kept(project, () => standing(project, []))
}

const kept = remember<Project, FirstPower>('firstPower')

/** A clash as a step: nothing is read, it is mended or passed over in writing. */
const asStep = ({ id, group, title, why }: PowerClash): PowerStep => ({
  id: clashStep(id),
  group,
  title,
  by: 'the design: see its finding',
  quantity: null,
  low: null,
  high: null,
  why,
  look: 'Mend it: its finding has what would do. Passed over, it stays a clash, and the print shows why.',
  clash: true,
})

function standing(project: Project, clashes: readonly PowerClash[]): FirstPower {
  const { readings, cells } = project.yard,
    steps = [...clashes.map(asStep), ...powerSteps(project)]
  const rest = lastCells(cells, 'rest'),
    load = lastCells(cells, 'load'),
    spreads = { rest: rest && cellSpread(rest.volts), load: load && cellSpread(load.volts) }
  let open = true,
    before: PowerGroup | null = null
  const groups = POWER_GROUPS.map((id): PowerGroupState => {
    const inIt = steps.filter(s => s.group === id),
      readingOf = (step: PowerStep) => readings.find(r => r.step === step.id) ?? null,
      clashed = inIt.some(s => s.clash && !isPassed(readingOf(s))),
      locked = !open
    const states = inIt.map((step): PowerStepState => {
      const reading = readingOf(step),
        value = step.cells ? (spreads[step.cells]?.spread ?? null) : (reading?.value ?? null)
      return { step, reading, value, state: stateOf(step, reading, value, locked || clashed) }
    })
    const passed = (s: PowerStepState) => s.state === 'fits' || s.state === 'tight' || s.state === 'overridden'
    const group = {
      id,
      steps: states,
      done: states.filter(passed).length,
      locked: locked || clashed,
      after: locked ? before : null,
      clashed,
      stopped: states.some(s => s.state === 'stop'),
    }
    if (open && group.done < states.length) {
      open = false
      before = id
    }
    return group
  })
  const all = groups.flatMap(g => g.steps),
    finished = groups.filter(g => !g.locked && g.done === g.steps.length).length,
    report = wiringReport(modelOf(project))
  return {
    groups,
    done: groups.reduce((sum, g) => sum + g.done, 0),
    total: all.length,
    next: all.find(s => s.state === 'open' || s.state === 'stop')?.step ?? null,
    live: finished === 0 ? 'pack' : finished === 1 ? 'disconnect' : finished === 2 ? 'controller' : 'motor',
    volts: report.contactor.wantsVoltage,
    shortCircuit: report.joinedShort,
    rest: spreads.rest,
    load: spreads.load,
  }
}

function stateOf(step: PowerStep, reading: PowerReading | null, value: number | null, locked: boolean): StepState {
  if (isPassed(reading)) return 'overridden'
  const said: StepState = step.clash
    ? 'stop'
    : step.quantity === null
      ? reading?.done
        ? 'fits'
        : 'open'
      : value === null
        ? 'open'
        : verdict(step, value)
  // what was read stays said, also where a step before it was taken back
  return locked && said === 'open' ? 'locked' : said
}

/** Letters that a reason for passing over has at least: a word is none. */
export const LEAST_REASON = 12

/** Whether a step was passed over in writing. */
export const isPassed = (reading: PowerReading | null): boolean => (reading?.why.trim().length ?? 0) >= LEAST_REASON

/**
 * The readings with one step written anew.
 *
 * @param project the boat
 * @param step its id
 * @param change what is written; the rest stays
 * @returns all readings
 */
export function withReading(project: Project, step: string, change: Partial<PowerReading>): PowerReading[] {
  const { readings } = project.yard,
    was = readings.find(r => r.step === step)
  const next: PowerReading = {
    step,
    value: null,
    done: false,
    who: 'owner',
    at: '',
    why: '',
    note: '',
    ...was,
    ...change,
  }
  return was ? readings.map(r => (r.step === step ? next : r)) : [...readings, next]
}
