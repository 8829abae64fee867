import type { Project } from '../project/definition/projectFields'
import { balanceOf } from './balance'

/** One of the crew with what they carry, kg (common practice: 75 to 85). */
export const PERSON = 80

/** What a capacity plate says against what is aboard; null where the plate does not say it. */
export interface PlateCheck {
  people: { most: number; aboard: number } | null
  /** kg: people, what comes in, less nothing; what is to spare */
  load: { most: number; aboard: number } | null
  /** W of the motors' plates together */
  power: { most: number; fitted: number } | null
}

/**
 * A boat against her capacity plate: people, load of people, motor and gear, power.
 *
 * @param project the boat
 * @returns what the plate names, with what is aboard
 */
export function plateCheck(project: Project): PlateCheck {
  const { yard, design, boat } = project
  return {
    people: yard.platePeople === null ? null : { most: yard.platePeople, aboard: yard.crew },
    load:
      yard.plateLoad === null
        ? null
        : { most: yard.plateLoad, aboard: yard.crew * PERSON + balanceOf(project).in.mass },
    power:
      yard.platePower === null ? null : { most: yard.platePower, fitted: boat.drive.count * design.motor.ratedPower },
  }
}
