import { searchDesigns, type Project } from '@remigo/core'
import { serveRun } from './serveRun'

serveRun((project: Project) => searchDesigns(project))
