import { dayReport } from '@remigo/core'
import { serveRun } from './serveRun'

serveRun(dayReport)
