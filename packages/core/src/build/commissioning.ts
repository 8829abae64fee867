import type { Project } from '../project'
import type { PowerStep } from './powerStep'
import { afterwards } from './steps/afterwards'
import { atTheQuay } from './steps/atTheQuay'
import { beforeFuse } from './steps/beforeFuse'
import { powerContext } from './steps/context'
import { controllerOn } from './steps/controllerOn'
import { guards } from './steps/guards'
import { motorTurns } from './steps/motorTurns'
import { prechargeSteps } from './steps/prechargeSteps'

/** In the order of danger. */
const STAGES = [beforeFuse, prechargeSteps, controllerOn, motorTurns, guards, atTheQuay, afterwards] as const

/**
 * The list for the first power-up, made from the design: volts, times, limits and number of cells are hers, and so are
 * the steps: what she does not have is not asked for.
 *
 * @param project the boat
 * @returns steps in the order of danger
 */
export function powerSteps(project: Project): PowerStep[] {
  const context = powerContext(project)
  return STAGES.flatMap(stage => stage(context))
}
