import { bladeFamily, openWater } from './bSeries'
import { atReynolds, bladeReynolds, SERIES_REYNOLDS, slowBlades } from './reynolds'
import { openWaterEfficiency, operatingAdvance, torqueCoefficient } from './operatingAdvance'
import { wheelFactor, type WheelKind } from './wheelKind'
import type { Propulsor, PropulsorState } from './propulsorState'

/** A propeller by its dimensions. */
export interface PropellerSpec {
  diameter: number
  pitch: number
  areaRatio: number
  blades: number
  kind?: WheelKind
  efficiencyFactor?: number | null
}

/** A propeller of the series, ready for any load. */
export interface SeriesPropeller extends Propulsor {
  kind: 'propeller'
  pitchRatio: number
}

/** Sea water at 15 °C, m²/s. */
const SEA_VISCOSITY = 1.188e-6

const AT_REST: PropulsorState = {
  shaftSpeed: 0,
  torque: 0,
  efficiency: 0,
  advanceRatio: 0,
  suctionSpeed: 0,
  jetVelocity: 0,
}

/**
 * A propeller of the B-series made ready for any load.
 *
 * @param propeller dimensions; pitch is taken between 0.3 and 1.6 of the diameter
 * @param viscosity of the water, m²/s: away from the series' Reynolds number its correction is added
 * @returns the propulsor; at rest or without thrust it does not turn
 * @example seriesPropeller({ diameter: 0.4, pitch: 0.3, areaRatio: 0.5, blades: 3 }).at(500, 2.5, 1025.9).efficiency
 *   // 0.5569
 *
 * Source: KT(J)/J² = T/(ρ Va² D²), Q = KQ ρ n² D⁵, Oosterveld & van Oossanen 1975.
 */
export function seriesPropeller(propeller: PropellerSpec, viscosity = SEA_VISCOSITY): SeriesPropeller {
  const { diameter } = propeller
  const factor = wheelFactor({ kind: propeller.kind ?? 'fixed', efficiencyFactor: propeller.efficiencyFactor ?? null })
  const pitchRatio = Math.min(1.6, Math.max(0.3, propeller.pitch / diameter))
  const base = openWater(bladeFamily(propeller.areaRatio, propeller.blades), pitchRatio)
  return {
    kind: 'propeller',
    diameter,
    pitchRatio,
    at(thrust, waterSpeed, density) {
      if (!(thrust > 0 && waterSpeed > 0.01)) return AT_REST
      const loading = thrust / (density * waterSpeed * waterSpeed * diameter * diameter)
      let advanceRatio = operatingAdvance(base, loading),
        shaftSpeed = waterSpeed / (advanceRatio * diameter),
        water = base
      const reynolds = bladeReynolds(propeller, waterSpeed, shaftSpeed, viscosity)
      if (reynolds > SERIES_REYNOLDS) {
        // thrust hardly moves with Rn, so that one pass is enough
        water = atReynolds(base, { pitchRatio, areaRatio: propeller.areaRatio, blades: propeller.blades }, reynolds)
        advanceRatio = operatingAdvance(water, loading)
        shaftSpeed = waterSpeed / (advanceRatio * diameter)
      }
      const fitted = factor * slowBlades(reynolds)
      return {
        ...AT_REST,
        shaftSpeed,
        advanceRatio,
        torque: (torqueCoefficient(water, advanceRatio) / fitted) * density * shaftSpeed ** 2 * diameter ** 5,
        efficiency: fitted * openWaterEfficiency(water, advanceRatio),
      }
    },
  }
}
