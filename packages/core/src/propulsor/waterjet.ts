import type { NamedPart } from '../fields/namedPart'
import { PRESSURE_ABOVE_VAPOUR } from '../constants'
import type { Propulsor, PropulsorState } from './propulsorState'

/** A waterjet as its plate and a tape measure give it. SI; rpm as named. */
export interface JetSpec extends NamedPart {
  impellerDiameter: number
  nozzleDiameter: number
  /** power that the pump takes at `ratedRpm`, W: it takes it whatever the boat's speed */
  ratedPower: number
  ratedRpm: number
  /** pump alone, 0.75 … 0.92 */
  pumpEfficiency: number
  mass: number
  price: number
}

/**
 * A pump in a boat against its plate: the water turns into the duct and comes uneven, blades and wear ring have their
 * gap (0.90 to 0.95, common practice).
 */
export const PUMP_INSTALLED = 0.92

/** What the sums need of it. */
export type JetPlate = Omit<JetSpec, 'id' | 'name' | 'mass' | 'price'>

/**
 * Share of the inlet's dynamic head lost in grille and duct, and of the jet's in the nozzle (0.15 to 0.30 and 0.01 to
 * 0.03, common practice).
 */
export const INLET_LOSS = 0.25,
  NOZZLE_LOSS = 0.02
/**
 * Suction specific speed ω √Q / (g NPSH)^¾ above which a pump cavitates for long (about 10,500 in US units; from
 * memory).
 */
export const SUCTION_LIMIT = 3.85

/** A pump is made for a jet so many times as fast as the boat (1.6 to 2.2, common practice). */
const DESIGN_JET = 1.8
/** How its efficiency falls on both sides of the flow that it is made for, and at most (common practice). */
const PUMP_FALL = 0.6,
  LEAST_PUMP = 0.5
/** Rounds in which turns and efficiency find each other: each takes a factor of ten off what is left. */
const PUMP_ROUNDS = 8

/**
 * Efficiency of a jet's pump in the boat, by its flow: best where it takes its rated power at rated turns with a jet
 * DESIGN_JET times as fast as the boat.
 *
 * @param jet its plate
 * @param jetVelocity through the nozzle, m/s
 * @param shaftSpeed rev/s; at rest it is taken as at its best
 * @param density kg/m³
 * @returns share of its power that the water gets
 *
 * Source: η = η₀ (1 − k (φ/φ₀ − 1)²), φ the flow for each turn (common practice).
 */
export function pumpEfficiency(jet: JetPlate, jetVelocity: number, shaftSpeed: number, density: number): number {
  const area = (Math.PI * jet.nozzleDiameter ** 2) / 4
  const off = shaftSpeed > 0 ? (area * jetVelocity) / shaftSpeed / designFlow(jet, area, density) - 1 : 0
  return jet.pumpEfficiency * PUMP_INSTALLED * Math.max(LEAST_PUMP, 1 - PUMP_FALL * off * off)
}

/** Flow for each turn that the pump is made for, m³. */
function designFlow(jet: JetPlate, area: number, density: number): number {
  const work = 0.5 * (1 + NOZZLE_LOSS) - (0.5 * (1 - INLET_LOSS)) / DESIGN_JET ** 2
  const velocity = Math.cbrt((jet.ratedPower * jet.pumpEfficiency * PUMP_INSTALLED) / (density * area * work))
  return (area * velocity) / (jet.ratedRpm / 60)
}

/**
 * A waterjet that gives a thrust: momentum from the inlet to the nozzle, the pump's head and power, and the turns that
 * take that power.
 *
 * @param jet impeller, nozzle and rating from its plate
 * @param thrust N, ≥ 0
 * @param inletSpeed of the water that it swallows, m/s, ≥ 0
 * @param density kg/m³
 * @returns the state; nothing turns without thrust
 * @example jetState({ impellerDiameter: 0.2, nozzleDiameter: 0.13, ratedPower: 60e3, ratedRpm: 4000, pumpEfficiency:
 *   0.85 }, 2000, 12, 1025.9).efficiency // 0.5027
 *
 * Source: T = ρ A Vj (Vj − Vi); g H = ½ Vj² (1 + ζn) − ½ Vi² (1 − ζi), nozzle at the waterline; P = ρ Q g H / ηp
 * (momentum theory of jets); turns from P ∝ n³ at any speed of the boat, ηp by the pump's own curve of flow for each
 * turn (common practice).
 */
export function jetState(jet: JetPlate, thrust: number, inletSpeed: number, density: number): PropulsorState {
  if (!(thrust > 0))
    return { shaftSpeed: 0, torque: 0, efficiency: 0, advanceRatio: 0, jetVelocity: inletSpeed, suctionSpeed: 0 }
  const area = (Math.PI * jet.nozzleDiameter ** 2) / 4
  const jetVelocity = (inletSpeed + Math.sqrt(inletSpeed * inletSpeed + (4 * thrust) / (density * area))) / 2
  const flow = area * jetVelocity
  const work = 0.5 * jetVelocity ** 2 * (1 + NOZZLE_LOSS) - 0.5 * inletSpeed ** 2 * (1 - INLET_LOSS)
  const water = density * flow * work
  const turns = (power: number) => (jet.ratedRpm / 60) * Math.cbrt(power / jet.ratedPower)
  let power = water / (jet.pumpEfficiency * PUMP_INSTALLED)
  for (let i = 0; i < PUMP_ROUNDS; i++) power = water / pumpEfficiency(jet, jetVelocity, turns(power), density)
  const shaftSpeed = turns(power)
  const netSuction = PRESSURE_ABOVE_VAPOUR / density + 0.5 * inletSpeed ** 2 * (1 - INLET_LOSS) // g NPSH
  return {
    shaftSpeed,
    torque: power / (2 * Math.PI * shaftSpeed),
    efficiency: (thrust * inletSpeed) / power,
    advanceRatio: inletSpeed / (shaftSpeed * jet.impellerDiameter),
    jetVelocity,
    suctionSpeed: (2 * Math.PI * shaftSpeed * Math.sqrt(flow)) / netSuction ** 0.75,
  }
}

/**
 * A waterjet made ready for any load.
 *
 * @param jet its plate
 * @returns the propulsor; without thrust it does not turn
 */
export function waterjet(jet: JetPlate): Propulsor {
  return {
    kind: 'jet',
    diameter: jet.impellerDiameter,
    at: (thrust, waterSpeed, density) => jetState(jet, thrust, waterSpeed, density),
  }
}
