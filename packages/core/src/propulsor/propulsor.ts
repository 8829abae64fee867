import { bladeFamily, cubicAt, openWater, type OpenWater } from './bSeries'
import { openWaterEfficiency, operatingAdvance } from './operatingAdvance'
import { jetState, type JetPlate } from './waterjet'

/** What a propulsor does to give a thrust. SI. */
export interface PropulsorState {
  /** rev/s */
  shaftSpeed: number
  /** N·m, before the relative rotative efficiency */
  torque: number
  /** thrust × water speed ÷ power */
  efficiency: number
  /** J = Va/(n D) */
  advanceRatio: number
  /** suction specific speed of a jet's pump, and speed of its jet through the nozzle, m/s; 0 for propellers */
  suctionSpeed: number
  jetVelocity: number
}

/** A propeller by its dimensions. */
export interface PropellerSpec { diameter: number, pitch: number, areaRatio: number, blades: number }

/** What turns shaft power into thrust, made ready for any load. */
export interface Propulsor {
  kind: 'propeller' | 'jet'
  /** m, of the disc or the impeller */
  diameter: number
  at(thrust: number, waterSpeed: number, density: number): PropulsorState
}

/** A propeller of the series, ready for any load. */
export interface SeriesPropeller extends Propulsor { kind: 'propeller', water: OpenWater, pitchRatio: number }

const AT_REST: PropulsorState = { shaftSpeed: 0, torque: 0, efficiency: 0, advanceRatio: 0, suctionSpeed: 0, jetVelocity: 0 }

/**
 * A propeller of the B-series made ready for any load.
 *
 * @param propeller dimensions; pitch is taken between 0.3 and 1.6 of the diameter
 * @returns the propulsor; at rest or without thrust it does not turn
 * @example seriesPropeller({ diameter: 0.4, pitch: 0.3, areaRatio: 0.5, blades: 3 }).at(500, 2.5, 1025.9).efficiency // 0.6135
 *
 * Source: KT(J)/J² = T/(ρ Va² D²), Q = KQ ρ n² D⁵, Oosterveld & van Oossanen 1975.
 */
export function seriesPropeller(propeller: PropellerSpec): SeriesPropeller {
  const { diameter } = propeller
  const pitchRatio = Math.min(1.6, Math.max(0.3, propeller.pitch / diameter))
  const water = openWater(bladeFamily(propeller.areaRatio, propeller.blades), pitchRatio)
  return {
    kind: 'propeller', diameter, water, pitchRatio,
    at(thrust, waterSpeed, density) {
      if (!(thrust > 0 && waterSpeed > 0.01)) return AT_REST
      const advanceRatio = operatingAdvance(water, thrust / (density * waterSpeed * waterSpeed * diameter * diameter))
      const shaftSpeed = waterSpeed / (advanceRatio * diameter)
      return { ...AT_REST, shaftSpeed, advanceRatio, torque: cubicAt(water.kq, advanceRatio) * density * shaftSpeed ** 2 * diameter ** 5, efficiency: openWaterEfficiency(water, advanceRatio) }
    },
  }
}

/**
 * A waterjet made ready for any load.
 *
 * @param jet its plate
 * @returns the propulsor
 */
export function waterjet(jet: JetPlate): Propulsor {
  return { kind: 'jet', diameter: jet.impellerDiameter, at: (thrust, waterSpeed, density) => thrust > 0 && waterSpeed > 0.01 ? jetState(jet, thrust, waterSpeed, density) : AT_REST }
}
