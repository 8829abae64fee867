import { sampleBoat, USUAL_SAMPLES, type Project } from '@remigo/core'
import { serveRun } from './serveRun'

/** The same boat always gives the same report. */
const SEED = 20_111

serveRun((project: Project) => sampleBoat(project, USUAL_SAMPLES, SEED))
