import { simulateDay, underWay, type Here, type Project, type UnderWay } from '@remigo/core'

/** What the helm asks: the boat, where she is, the speed of the lever. */
export interface HelmQuestion {
  project: Project
  here: Here
  speed: number
}

/** The day from where she is; null without one. */
export function* atTheHelm({ project, here, speed }: HelmQuestion): Generator<number, UnderWay | null> {
  const plan = simulateDay(project)
  yield 0.3
  return underWay(project, here, speed, plan)
}
