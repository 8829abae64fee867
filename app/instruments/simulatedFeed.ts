import { proxy } from 'comlink'
import type { Project } from '@remigo/core'
import { instrumentWords as words } from '~/messages/instruments'
import type { Simulation } from '~/workers/simulation'
import { startWorker } from '~/workers/startWorker'
import type { Ear, EndFeed } from './feed'

/** A boat that is not there, and how she is driven. */
export interface SimulatedFeed {
  steer(power: number, course: number): void
  hurry(times: number): void
  end: EndFeed
}

/**
 * A boat that is not there speaks like real instruments.
 *
 * @param boat a plain copy of the boat on the board, the number by which she hides what she hides, and her course, rad
 * @param ear who hears her
 * @param most is told what her drive takes at most, W
 * @returns how she is driven
 */
export function simulatedFeed(
  boat: { project: Project; seed: number; course: number },
  ear: Ear,
  most: (power: number) => void,
): SimulatedFeed {
  const line = startWorker<Simulation>('simulation')
  const fail = (error: Error) => ear.lost(words.noSimulation(error.message))
  const orFail = (done: Promise<unknown>) => done.catch(fail)
  // between two questions too
  line.lost.catch(fail)
  void orFail(
    line
      .ask(boatRun =>
        boatRun.start(
          { ...boat, time: Math.floor(Date.now() / 1000) },
          proxy((seconds: { time: number; lines: string[] }[]) => {
            for (const { time, lines } of seconds) ear.hear(lines, time)
          }),
        ),
      )
      .then(most),
  )
  return {
    steer: (power, course) => void orFail(line.ask(boatRun => boatRun.steer(power, course))),
    hurry: times => void orFail(line.ask(boatRun => boatRun.hurry(times))),
    end: () => line.end(),
  }
}
