import type { CellReading, PowerReading, Project } from '../project'
import { wiringReport, modelOf } from '../system'
import { cellSpread, type CellSpread } from './cellVolts'
import { POWER_GROUPS, powerSteps, type PowerGroup, type PowerStep } from './commissioning'

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
  /** the group that has to be done first */
  after: PowerGroup | null
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

/**
 * The first power-up as it stands: each group opens when what comes before it is done and within range, or was passed
 * over in writing.
 *
 * @param project the boat
 * @returns groups with their steps, what is next, what is live
 */
export function firstPower(project: Project): FirstPower {
  let known = kept.get(project)
  if (!known) kept.set(project, (known = standing(project)))
  return known
}

const kept = new WeakMap<Project, FirstPower>()

function standing(project: Project): FirstPower {
  const { readings, cells } = project.yard,
    steps = powerSteps(project)
  const rest = lastCells(cells, 'rest'),
    load = lastCells(cells, 'load'),
    spreads = { rest: rest && cellSpread(rest.volts), load: load && cellSpread(load.volts) }
  let open = true,
    before: PowerGroup | null = null
  const groups = POWER_GROUPS.map((id): PowerGroupState => {
    const locked = !open
    const states = steps
      .filter(s => s.group === id)
      .map((step): PowerStepState => {
        const reading = readings.find(r => r.step === step.id) ?? null,
          value = step.cells ? (spreads[step.cells]?.spread ?? null) : (reading?.value ?? null)
        return { step, reading, value, state: stateOf(step, reading, value, locked) }
      })
    const passed = (s: PowerStepState) => s.state === 'fits' || s.state === 'tight' || s.state === 'overridden'
    const group = {
      id,
      steps: states,
      done: states.filter(passed).length,
      locked,
      after: locked ? before : null,
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
  if (reading?.why.trim()) return 'overridden'
  const said: StepState =
    step.quantity === null ? (reading?.done ? 'fits' : 'open') : value === null ? 'open' : verdict(step, value)
  // what was read stays said, also where a step before it was taken back
  return locked && said === 'open' ? 'locked' : said
}

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
