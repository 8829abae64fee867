import { expose } from 'comlink'
import { FILE_READERS } from '../files/fileReaders'
import { LOG_FILE } from './logFile'
import { RUNS, type RunName } from './runs'
import { serveRun } from './serveRun'
import { serveSimulation } from './simulation'

/** What runs beside the page and is no single run. */
const SERVICES = {
  // files are read beside the page, which goes on meanwhile
  files: () => FILE_READERS,
  logFile: () => LOG_FILE,
  simulation: serveSimulation,
} as const
export type WorkName = RunName | keyof typeof SERVICES

// All work shares one script, so that the core is built, fetched and kept once. The worker's name says which it does.
const name = self.name as WorkName
expose(
  name in SERVICES
    ? SERVICES[name as keyof typeof SERVICES]()
    : serveRun(RUNS[name as RunName] as (question: unknown) => Generator<number>),
)
