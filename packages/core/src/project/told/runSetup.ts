import { packFigures, restVoltage } from '../../battery'
import type { Trip } from '../definition/logFields'
import type { Project, RunSetup, TrialPoint } from '../definition/projectFields'
import { weightAfloat } from '../weightAfloat'

/** State of charge at which a pack's volts are taken where only amps were read. */
const HALF_CHARGE = 0.5

/** Another drive of which nobody told anything. */
export const NO_DRIVE_TOLD = {
  name: '',
  kind: 'unknown',
  plate: null,
  notches: null,
  gear: null,
  diameter: null,
  pitch: null,
} as const satisfies Partial<RunSetup>

/** Gear and propeller of another drive, where all of them are told. */
const wheelThen = ({ made, gear, diameter, pitch }: Pick<RunSetup, 'made' | 'gear' | 'diameter' | 'pitch'>) =>
  made !== 'asFitted' && gear !== null && diameter !== null && pitch !== null ? { gear, diameter, pitch } : null

/** Whether the gear and propeller of then are known, without which turns tell nothing. */
export const knowsWheel = (setup: Parameters<typeof wheelThen>[0]): boolean =>
  setup.made === 'asFitted' || wheelThen(setup) !== null

/**
 * What the boat is now, as far as the watts of a run depend on it.
 *
 * @param project the boat
 * @returns the setup; its watts hold the house
 */
export function setupOf(project: Project): RunSetup {
  const { boat, use, design } = project,
    { motor, controller, reduction, propeller, jet } = design
  return {
    motor,
    controller,
    reduction,
    propeller,
    jet,
    drive: boat.drive.kind,
    drives: boat.drive.count,
    still: boat.drive.still,
    legRatio: boat.drive.legRatio,
    mass: weightAfloat(project).mass,
    houseLoad: use.houseLoad,
    hullCondition: use.hullCondition,
    packVoltage: restVoltage(design.pack, HALF_CHARGE),
    packEnergy: packFigures(design.pack, design.banks).energy,
    made: 'asFitted',
    packKnown: true,
    ...NO_DRIVE_TOLD,
    headWind: 0,
  }
}

/**
 * The boat as she was when a reading was made: calm, with the drive, weight, house and bottom of then.
 *
 * @param project the boat
 * @param setup of the reading; where the document has none she is taken as she is
 * @returns that boat, without sea margin and head wind
 */
export function asSetUp(project: Project, setup: RunSetup | undefined): Project {
  const calm = { seaMargin: 0, headWind: 0 }
  if (!setup) return { ...project, use: { ...project.use, ...calm } }
  const {
    motor,
    controller,
    reduction,
    propeller,
    jet,
    drive,
    drives,
    still,
    legRatio,
    mass,
    houseLoad,
    hullCondition,
    headWind,
  } = setup
  // the propeller of then, where it is told; its blades are taken as those on the board
  const own = wheelThen(setup)
  return {
    ...project,
    boat: {
      ...project.boat,
      mass,
      massHolds: 'after',
      drive: { ...project.boat.drive, kind: drive, count: drives, still, legRatio: own ? 1 : legRatio },
    },
    use: { ...project.use, ...calm, headWind, houseLoad, hullCondition },
    design: {
      ...project.design,
      motor,
      controller,
      reduction: own ? { ...reduction, ratio: own.gear } : reduction,
      propeller: own ? { ...propeller, diameter: own.diameter, pitch: own.pitch } : propeller,
      jet,
    },
  }
}

/** The same drive, weight and house. */
export const sameSetup = (a: RunSetup, b: RunSetup): boolean => JSON.stringify(a) === JSON.stringify(b)

/**
 * The readings with others in their table: new ones are made with the drive on the board, the others keep theirs;
 * setups
 * that no reading uses go.
 *
 * @param project the boat
 * @param points all readings; one whose setup is −1 is new
 * @returns the trial
 */
export function trialWith(project: Project, points: readonly TrialPoint[]): Project['trial'] {
  const { placed, setups } = withSetups(project, project.trial.setups, points)
  // the first reading is used at once
  const first = project.trial.points.length === 0
  const none = placed.length === 0 && project.log.trips.length === 0
  return { points: placed, setups, use: none ? 'theory' : first ? 'measured' : project.trial.use }
}

/**
 * The readings with more of them, each with what it was made with.
 *
 * @param project the boat
 * @param told what was read, and what of the setup differs from the boat as she is
 * @returns the trial; those that share a setup share it here
 */
export function trialToldWith(
  project: Project,
  told: readonly { point: TrialPoint; made: Partial<RunSetup> }[],
): Project['trial'] {
  const { trial } = project,
    now = setupOf(project)
  const setups = [...trial.setups, ...told.map(({ made }) => ({ ...now, ...made }))],
    points = told.map(({ point }, i) => ({ ...point, setup: trial.setups.length + i }))
  return trialWith({ ...project, trial: { ...trial, setups } }, [...trial.points, ...points])
}

/**
 * The trial without some of its readings.
 *
 * @param project the boat
 * @param rows of the table, from 1
 * @returns the trial
 */
export const trialWithout = (project: Project, rows: readonly number[]): Project['trial'] =>
  trialWith(
    project,
    project.trial.points.filter((_, i) => !rows.includes(i + 1)),
  )

/**
 * The log with other trips: new ones were made with the drive on the board, the others keep theirs.
 *
 * @param project the boat
 * @param trips all of them; one whose setup is −1 is new
 * @returns what changes: the log, and the curve that is used once the first trip is in
 */
export function logWith(
  project: Project,
  trips: readonly Trip[],
): { log: Project['log']; use: Project['trial']['use'] } {
  const { log, trial } = project
  const { placed, setups } = withSetups(project, log.setups, trips)
  const first = log.trips.length === 0 && trips.length > 0
  return { log: { ...log, trips: placed, setups }, use: first ? 'measured' : trial.use }
}

/**
 * A setup told otherwise, for all readings that share it.
 *
 * @param project the boat
 * @param place of the setup
 * @param change of what they were made with
 * @returns the trial
 */
export function setupTold(project: Project, place: number, change: Partial<RunSetup>): Project['trial'] {
  const { trial } = project
  const setups = trial.setups.map((s, i) => (i === place ? { ...s, ...change } : s))
  return trialWith({ ...project, trial: { ...trial, setups } }, trial.points)
}

/**
 * A reading that was made with something else than the document has it.
 *
 * @param project the boat
 * @param row of the table, from 0
 * @param change of what it was made with
 * @returns the trial; other readings of the same setup keep theirs
 */
export function readingMadeWith(project: Project, row: number, change: Partial<RunSetup>): Project['trial'] {
  const { trial } = project,
    known = trial.setups[trial.points[row]!.setup] ?? setupOf(project),
    // with what is fitted, all else is as it is fitted too; what was told of another drive is not told of a third
    base =
      change.made === undefined || change.made === known.made
        ? known
        : change.made === 'asFitted'
          ? setupOf(project)
          : { ...known, ...NO_DRIVE_TOLD }
  const points = trial.points.map((p, i) => (i === row ? { ...p, setup: trial.setups.length } : p))
  const { placed, setups } = withSetups(project, [...trial.setups, { ...base, ...change }], points)
  return { ...trial, points: placed, setups }
}

/** Rows with the setups that they were made with; setups that no row uses go. */
function withSetups<R extends { setup: number }>(
  project: Project,
  known: readonly RunSetup[],
  rows: readonly R[],
): { placed: R[]; setups: RunSetup[] } {
  const now = setupOf(project)
  // a house that the watts leave out stays out for the readings that follow
  const leaves = known.at(-1)?.houseLoad === 0
  const last = known.at(-1),
    // so does another drive, with its pack: who tells of one tells of more
    other = last && last.made !== 'asFitted' ? last : null
  const current: RunSetup = other ?? { ...now, ...(leaves && { houseLoad: 0 }) }
  const setups: RunSetup[] = []
  const placeOf = (setup: RunSetup): number => {
    const at = setups.findIndex(s => sameSetup(s, setup))
    return at >= 0 ? at : setups.push(setup) - 1
  }
  return { placed: rows.map(row => ({ ...row, setup: placeOf(known[row.setup] ?? current) })), setups }
}
