import {
  dayReport,
  finishRange,
  firstWays,
  libraryWith,
  sampleBoat,
  searchDesigns,
  USUAL_SAMPLES,
  yearSpread,
  type OwnParts,
  type Project,
} from '@remigo/core'
import { atTheHelm } from './helm'
import { keepParts } from './keepParts'

/** The same boat always gets the same answer. */
const SEED = 20_111
/** Years that are run: enough for the tenths at both ends. */
const YEARS = 100

/** Long runs, by the name by which the page asks for one: each yields how far it is and returns its answer. */
export const RUNS = {
  day: dayReport,
  designs: ({ project, own }: { project: Project; own: OwnParts }) => searchDesigns(project, libraryWith(own)),
  finish: (project: Project) => finishRange(project),
  helm: atTheHelm,
  parts: keepParts,
  uncertainty: (project: Project) => sampleBoat(project, USUAL_SAMPLES, SEED),
  ways: ({ project, own }: { project: Project; own: OwnParts }) => firstWays(project, libraryWith(own)),
  year: (project: Project) => yearSpread(project, YEARS),
} as const

export type RunName = keyof typeof RUNS
/** What a run is asked. */
export type RunQuestionOf<N extends RunName> = Parameters<(typeof RUNS)[N]>[0]
/** What it answers. */
export type RunAnswerOf<N extends RunName> =
  ReturnType<(typeof RUNS)[N]> extends Generator<number, infer R> ? Awaited<R> : never
