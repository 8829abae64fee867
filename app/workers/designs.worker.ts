import { libraryWith, searchDesigns, type OwnParts, type Project } from '@remigo/core'
import { serveRun } from './serveRun'

serveRun(({ project, own }: { project: Project; own: OwnParts }) => searchDesigns(project, libraryWith(own)))
