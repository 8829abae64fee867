import { hullSpeed } from '../hull'
import type { Project } from '../project/definition/projectFields'
import { energyBalance, type EnergyBalance } from './energy'
import type { LimitShare } from './banks/limits'
import { modelOf, type Model } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import { payoffSpeed, type Payoff } from './curve/payoff'
import { windHolding, type WindHolding } from './propeller/thrustAvailable'
import { topSpeed, type TopSpeed } from './topSpeed'
import { remember } from '../numeric'

/** What is true of a boat whatever the lever says, as far as it is shown beside the lever. */
export interface Summary {
  model: Model
  cruise: OperatingPoint
  /** at the top speed wished */
  top: OperatingPoint
  allDaySpeed: TopSpeed
  minutesSpeed: TopSpeed
  hullSpeed: number
  payoff: Payoff
  energy: EnergyBalance
  /** thrust at the quay against a gale of HOLDING_WIND on her bow */
  holding: WindHolding
}

const known = remember<Project, Summary>('summary')

/**
 * The summary of a boat; kept as long as the document lives.
 *
 * @param project the boat
 * @returns her cruise, top, limits and energy
 */
export function summaryOf(project: Project): Summary {
  return known(project, () => workOut(modelOf(project)))
}

function workOut(model: Model): Summary {
  const { use } = model.project
  const seen = new Map<number, LimitShare[]>()
  const cruise = operatingPoint(model, use.cruiseSpeed)
  return {
    model,
    cruise,
    top: operatingPoint(model, use.topSpeed),
    allDaySpeed: topSpeed(model, 'allDay', seen),
    minutesSpeed: topSpeed(model, 'minutes', seen),
    hullSpeed: hullSpeed(model.form.lengthWaterline),
    payoff: payoffSpeed(model),
    energy: energyBalance(model, cruise.drive),
    holding: windHolding(model),
  }
}
