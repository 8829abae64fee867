import type { Project, RunSetup, TrialPoint } from './projectFields'

/**
 * What the boat is now, as far as the watts of a run depend on it.
 *
 * @param project the boat
 * @returns the setup; its watts hold the house
 */
export function setupOf({ boat, use, design }: Project): RunSetup {
  const { motor, controller, reduction, propeller, jet } = design
  return {
    motor,
    controller,
    reduction,
    propeller,
    jet,
    drive: boat.drive.kind,
    legRatio: boat.drive.legRatio,
    mass: boat.mass,
    houseLoad: use.houseLoad,
  }
}

/**
 * The boat as she was when a run was made.
 *
 * @param project the boat
 * @param setup of the run; where the document has none she is taken as she is
 * @returns a boat with that drive, weight and house
 */
export function asSetUp(project: Project, setup: RunSetup | undefined): Project {
  if (!setup) return project
  const { motor, controller, reduction, propeller, jet, drive, legRatio, mass, houseLoad } = setup
  return {
    ...project,
    boat: { ...project.boat, mass, drive: { ...project.boat.drive, kind: drive, legRatio } },
    use: { ...project.use, houseLoad },
    design: { ...project.design, motor, controller, reduction, propeller, jet },
  }
}

/** The same drive, weight and house. */
export const sameSetup = (a: RunSetup, b: RunSetup): boolean => JSON.stringify(a) === JSON.stringify(b)

/**
 * The trial with other runs in its table: new ones are made with the drive on the board, the others keep theirs; setups
 * that no run uses go.
 *
 * @param project the boat
 * @param points all runs; one whose setup is −1 is new
 * @returns the trial
 */
export function trialWith(project: Project, points: readonly TrialPoint[]): Project['trial'] {
  const now = setupOf(project),
    known = project.trial.setups
  // a house that the watts leave out stays out for the runs that follow
  const leaves = known.at(-1)?.houseLoad === 0
  const current: RunSetup = leaves ? { ...now, houseLoad: 0 } : now
  const setups: RunSetup[] = []
  const placeOf = (setup: RunSetup): number => {
    const at = setups.findIndex(s => sameSetup(s, setup))
    return at >= 0 ? at : setups.push(setup) - 1
  }
  const placed = points.map(point => ({ ...point, setup: placeOf(known[point.setup] ?? current) }))
  return { points: placed, setups, use: placed.length < 3 ? 'theory' : project.trial.use }
}
