import { finishRange, type Project } from '@remigo/core'
import { serveRun } from './serveRun'

serveRun((project: Project) => finishRange(project))
