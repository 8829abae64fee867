import type { TrialPoint } from '../project/definition/projectFields'
import type { RunWay, TrialPlan, TrialRun } from './protocol'
import { readingValue } from './readings'

/** What a phone’s position shows of a speed, m/s, and a watt meter of a power, as a share (common practice). */
const SPEED_WITHIN = 0.08,
  POWER_WITHIN = 0.03
/** Runs of rows that follow each other at powers nearer than this belong to one step. */
const SAME_STEP = 0.15

/** W at the battery of a row; null where none were read there, or where what was read contradicts itself. */
function wattsOf(point: TrialPoint): number | null {
  if (point.kind !== 'battery') return null
  const value = readingValue(point, { pack: null, enginePower: 0 })
  return typeof value === 'number' ? value : null
}

/**
 * A run that was read from a watt meter and a phone.
 *
 * @param point what was read: speed over ground, and watts at the battery, or volts and amps, or turns
 * @param step of the plan
 * @param way out or back
 * @param time s since 1970
 * @returns the run; null where neither was read: what an old engine or a shaft gave is no power from this pack
 * @example handRun({ ...EMPTY_READING, speed: 2, power: 900 }, 0, 'out', 0).means.power // 900
 */
export function handRun(point: TrialPoint, step: number, way: RunWay, time: number): TrialRun | null {
  const power = wattsOf(point),
    { speed, rpm } = point
  if (!power && !rpm) return null
  return {
    step,
    way,
    time,
    held: 0,
    means: { ground: speed, ...(power ? { power } : {}), ...(rpm ? { rpm: rpm / 60 } : {}) },
    speedWithin: SPEED_WITHIN,
    powerWithin: POWER_WITHIN,
    byHand: true,
  }
}

/** Runs of a table, and the steps that they make. */
export interface TableRuns {
  /** W of each step, the mean of its rows; expected at its speed where only turns were read */
  steps: number[]
  runs: TrialRun[]
}

/**
 * Runs of rows that were typed or pasted: those that follow each other at one notch, or about one power, are a step; of
 * a step without ways the rows are taken out and back in turn.
 *
 * @param points rows in the order of the day
 * @param plan of the trial that they join: its steps stay
 * @param time s since 1970 at which they are taken in
 * @param powerAt W that a speed is expected to take, where no watts were read
 * @returns the plan's steps with those of the rows after them, and the runs
 * @example tableRuns([], { steps: [500] }, 0, () => 0).steps // [500]
 */
export function tableRuns(
  points: readonly TrialPoint[],
  plan: Pick<TrialPlan, 'steps'>,
  time: number,
  powerAt: (speed: number) => number,
): TableRuns {
  const groups: TrialPoint[][] = []
  const value = (p: TrialPoint) => wattsOf(p) ?? p.rpm ?? 0
  for (const point of points) {
    const open = groups.at(-1),
      last = open?.at(-1)
    const same = last && (last.note || point.note ? last.note === point.note : alike(value(last), value(point)))
    if (open && same) open.push(point)
    else groups.push([point])
  }
  const steps = [...plan.steps],
    runs: TrialRun[] = []
  for (const rows of groups) {
    const step = steps.length
    rows.forEach((row, i) => {
      const way: RunWay = row.direction || (i % 2 === 0 ? 'out' : 'back')
      const run = handRun({ ...row, speed: row.speed - (row.stream ?? 0) }, step, way, time + runs.length)
      if (run) runs.push(run)
    })
    const watts = rows.map(row => wattsOf(row) ?? powerAt(row.speed))
    steps.push(watts.reduce((sum, w) => sum + w, 0) / watts.length)
  }
  return { steps, runs }
}

const alike = (a: number, b: number): boolean => a > 0 && b > 0 && Math.abs(Math.log(a / b)) < SAME_STEP
