import { boxRise, coolingAnswer, type CoolingAnswer } from '../../drive'
import type { DriveTrain } from '../driveTrain'
import type { Model } from '../model'

/** Cooling as it is built, with the heat of a point. W, K. */
export interface CoolingReport {
  /** of each motor, its controller where that is in the loop, and the pack's share */
  heat: number
  answer: CoolingAnswer | null
  /** share of what it carries that is asked; 0 without gear */
  share: number
  /** how much warmer a box makes the air around the controller */
  boxRise: number
}

/**
 * What the cooling gear of a boat does at a point.
 *
 * @param model the boat
 * @param train the drive at a speed, held for long
 * @returns heat asked, carried, the coolant's temperature and the size needed
 */
export function coolingReport({ project, drives }: Model, train: DriveTrain): CoolingReport {
  const { cooler } = project.design
  const controllerLoss = train.controllerLoss / drives
  const heat =
    train.motorLoss / drives + (cooler.controller === 'water block' ? controllerLoss : 0) + cooler.packHeat / drives
  const answer = coolingAnswer(cooler, heat, project.use.ambient)
  return {
    heat,
    answer,
    share: answer ? heat / answer.carries : 0,
    boxRise: cooler.controller === 'box' ? boxRise(controllerLoss, cooler.boxArea) : 0,
  }
}
