import {
  chargeCurve,
  chargePoint,
  type ChargeCurve,
  type ChargePoint,
  type ChargeSetup,
  type ChargeSupply,
} from '../../battery'
import { hullSpeed } from '../../hull'
import { chargersOf } from '../../project/parts/charging'
import type { Project } from '../../project/definition/projectFields'
import { coldestCharge } from './coldestCharge'
import { HOUSE_CONVERTER_EFFICIENCY } from '../driveTrain'
import { modelOf } from '../model'
import { regenerationAt } from './regeneration'
import { boatSolarMonth } from './solarReport'
import { remember } from '../../numeric'

/** Speed under sail for regeneration, as a share of hull speed (common practice: a good breeze). */
export const SAILING_SHARE = 0.9

/** W into the pack from what helps the chargers. */
export interface ChargeHelpers {
  sun: number
  sailing: number
}

/**
 * What panels and propeller give while she charges: the mean of the month's daylight, and nine tenths of hull speed
 * under sail.
 *
 * @param project the boat
 * @returns W; 0 for what is not to help
 */
export function chargeHelpers(project: Project): ChargeHelpers {
  const { charging, solar } = project.design
  const month = charging.sun && solar.fitted ? boatSolarMonth(project, charging.month) : null
  const model = charging.sailing ? modelOf(project) : null
  return {
    sun: month && month.daylight > 0 ? month.perDay / month.daylight : 0,
    sailing:
      model && model.propulsor.kind !== 'jet'
        ? regenerationAt(model, SAILING_SHARE * hullSpeed(model.form.lengthWaterline)).packPower
        : 0,
  }
}

function supplyOf({ design: { charging: c } }: Project): ChargeSupply | null {
  if (c.supply === 'none') return null
  return c.supply === 'shore'
    ? { kind: 'shore', voltage: c.shoreVoltage, current: c.shoreCurrent, continuous: c.continuous }
    : { kind: 'generator', power: c.generatorPower * c.generatorShare }
}

/** A boat's charging as a sum. */
export function chargeSetup(project: Project, side?: number): ChargeSetup {
  const { pack, banks } = project.design,
    { sun, sailing } = chargeHelpers(project),
    { charger, count } = chargersOf(project.design)
  return {
    pack,
    banks,
    charger,
    count: side ?? count,
    supply: supplyOf(project),
    helpers: sun + sailing,
    house: project.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY,
    temperature: coldestCharge(project).cells,
  }
}

/** What flows as she plugs in. */
export const chargeStart = (project: Project): ChargePoint =>
  chargePoint(chargeSetup(project), project.design.charging.from)

/** A charge with what it burns. */
export interface ChargeReport extends ChargeCurve {
  /** m³ of the generator's fuel */
  fuel: number
}

const reports = remember<Project, ChargeReport>('chargeReport')

/**
 * The charge of a boat over time, worked out once.
 *
 * @param project the boat
 * @returns the curve, and the fuel of a generator
 */
export function chargeReport(project: Project): ChargeReport {
  return reports(project, () => {
    const { charging } = project.design,
      curve = chargeCurve(chargeSetup(project), charging.from)
    return { ...curve, fuel: charging.supply === 'generator' ? curve.bought * charging.generatorFuel : 0 }
  })
}

/** What one, two, three … chargers side by side would do. */
export interface ChargerCount {
  count: number
  fitted: boolean
  curve: ChargeCurve
  price: number
}

/**
 * Chargers side by side: what another one buys.
 *
 * @param project the boat
 * @param most counted
 * @returns one to so many
 */
export function chargerCounts(project: Project, most = 3): ChargerCount[] {
  const { charging } = project.design
  // one at each block: no more of them find a place
  if (charging.each === 'block') return []
  return Array.from({ length: most }, (_, i) => ({
    count: i + 1,
    fitted: i + 1 === charging.count,
    curve: chargeCurve(chargeSetup(project, i + 1), charging.from),
    price: (i + 1) * charging.charger.price,
  }))
}

/** Temperatures of the cells at which an owner asks, K. */
const COLD_STEPS = [268.15, 275.15, 278.15, 283.15, 298.15]

/** Amps that the cells may take at a temperature, and what the chargers would then give. */
export interface ColdStep {
  temperature: number
  current: number
  limit: ChargePoint['limit']
}

/**
 * What charging is allowed as the pack grows cold.
 *
 * @param project the boat
 * @returns from −5 to 25 °C
 */
export function coldSteps(project: Project): ColdStep[] {
  const setup = chargeSetup(project)
  return COLD_STEPS.map(temperature => {
    const { current, limit } = chargePoint({ ...setup, temperature }, project.design.charging.from)
    return { temperature, current, limit }
  })
}
