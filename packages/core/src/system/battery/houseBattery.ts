import { DAY } from '../../constants'
import { CHEMISTRIES, type ChemistryId } from '../../battery'
import type { Project } from '../../project/definition/projectFields'
import { cableRun, sizeConductor, STOCK_AREAS, type CableRun } from '../../wiring'
import { houseSunOf } from '../charging/solarReport'

/** A house battery that carries its loads, and what fills it. J, Ah, W, A. */
export interface HouseBattery {
  /** taken between two charges, less what its own panels give */
  energy: number
  /** printed capacity of a 12 V battery, by chemistry */
  lithiumAh: number
  leadAh: number
  /** of the converter that fills a lithium one from the drive's pack in four hours while it runs */
  charger: number
}

/** Volts of the house, and hours in which it is filled (common practice). */
const HOUSE_VOLTS = 12.8,
  FILL = 4 * 3600

/** Ah of a 12 V battery that gives an energy without wearing fast. */
const ampHours = (energy: number, chemistry: ChemistryId) =>
  energy / 3600 / HOUSE_VOLTS / CHEMISTRIES[chemistry].usableShare

/**
 * House battery and its charger sized from the loads.
 *
 * @param project the boat; hours without charge stand in `use.houseHours`
 * @returns what it takes
 *
 * Source: energy = average load × time − sun of its own panels; the chemistry's usable share (common practice).
 */
export function houseBattery(project: Project): HouseBattery {
  const { use, design } = project
  const sun = design.solar.fitted ? (houseSunOf(project, design.charging.month) * use.houseHours) / DAY : 0
  const energy = Math.max(0, use.houseLoad * use.houseHours - sun)
  return {
    energy,
    lithiumAh: ampHours(energy, 'LFP'),
    leadAh: ampHours(energy, 'AGM'),
    charger: use.houseLoad + energy / FILL,
  }
}

/** What a small motor with its own battery takes. A, J, Ah. */
export interface SmallMotorNeeds {
  amps: number
  energy: number
  /** printed capacity at its volts */
  ampHours: number
  /** amps that the battery must give, over its Ah */
  rate: number
  cable: CableRun
}

/** Amps over Ah that each chemistry gives for minutes: below it the capacity decides, above it the amps. */
const RATE = { LFP: 2, AGM: 3 } as const

/**
 * Battery and cable of a small motor.
 *
 * @param project the boat
 * @returns what it takes; null without one
 */
export function smallMotorNeeds({ design }: Project): SmallMotorNeeds | null {
  const small = design.smallMotor
  if (!small.fitted) return null
  const amps = small.power / small.voltage,
    energy = small.power * small.time
  const byEnergy = energy / 3600 / small.voltage / CHEMISTRIES[small.chemistry].usableShare
  const capacity = Math.max(byEnergy, amps / RATE[small.chemistry])
  const demand = {
    current: amps,
    guard: amps,
    length: small.length,
    voltage: small.voltage,
    place: { insulation: design.wiring.insulation, engineSpace: false, bundled: 2 },
    conductors: 2,
  }
  return {
    amps,
    energy,
    ampHours: capacity,
    rate: amps / capacity,
    cable: sizeConductor(demand) ?? cableRun(demand, STOCK_AREAS.at(-1)!, 1),
  }
}
