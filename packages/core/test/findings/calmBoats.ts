import { sizeRest } from '../../src/sizing'
import { findingsOf } from '../../src/advice'
import { DEMO, DEMO_BOATS, withEdits, type Edit, type Project } from '../../src/project'
import { evaluate } from '../../src/system'

const sizedAnew = (boat: Project, ...more: Edit[]) => {
  const s = sizeRest(boat)
  if (s.outcome !== 'sized') throw new Error(`${boat.name} finds no design`)
  return withEdits(boat, [...s.edits, ...more])
}

/** The demo yacht sized anew and weighed: every rule fits. */
export const calm = sizedAnew(DEMO.tirrick, { path: 'boat.massUncertainty', value: 0.05 })
/** A jet boat on which every rule fits but the touch limit. */
export const calmJet = sizedAnew(DEMO_BOATS.find(p => p.boat.drive.kind === 'jet')!)

/** Findings of a boat, as the board shows them. */
export const foundOn = (project: Project) => findingsOf(evaluate(project, project.use.cruiseSpeed))
