import { yearSpread, type Project } from '@remigo/core'
import { serveRun } from './serveRun'

/** Years that are run: enough for the tenths at both ends. */
const YEARS = 100

serveRun((project: Project) => yearSpread(project, YEARS))
