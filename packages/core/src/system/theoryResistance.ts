import { froudeNumber, type MethodId } from '../hull'
import {
  airResistance,
  appendageResistance,
  deepWaterSpeed,
  legResistance,
  HULL_CONDITIONS,
  insideShare,
  PAINT_ALLOWANCE,
  recommend,
  type MethodValue,
} from '../resistance'
import type { Model } from './model'

/** One method's whole resistance at a speed and what it is made of, N. The parts times the margin give the whole. */
export interface MethodPoint extends MethodValue {
  id: MethodId
  friction: number
  wave: number
  appendage: number
  air: number
  /** 1 + sea margin; 1 for a method that holds ordinary service already */
  margin: number
}

/** The boat's whole resistance at a speed, N, with sea margin, appendages and air. */
export interface HullResistance {
  centre: number
  low: number
  high: number
  outsideAll: boolean
  methods: MethodPoint[]
  /** parts of the method that weighs most and holds here; N */
  friction: number
  wave: number
  appendage: number
  air: number
  /** id of that method */
  partsOf: MethodId
}

/** Below this Froude number idle losses, growth and house loads rule, and the band is widened. */
export const FINE_FROUDE = 0.25

/**
 * How far the upper end of the band is lifted at a low Froude number: measured totals up to twice the centre are normal
 * there.
 *
 * @param fn Froude number
 * @returns 1 from Fn 0.25 up, 2 at Fn 0.15 and below
 * @example lowSpeedDoubt(0.2) // 1.500
 *
 * Source: common practice, from owners' measurements.
 */
export function lowSpeedDoubt(fn: number): number {
  return 1 + Math.min(1, Math.max(0, (FINE_FROUDE - fn) / 0.1))
}

/**
 * The same boat with weight and hull condition taken as certain: her methods give the same centre without the ends of
 * the band, in a third of the time.
 *
 * @param model the boat
 * @returns the boat whose methods are prepared for the middle alone
 */
export function withoutBand(model: Model): Model {
  return {
    ...model,
    methods: model.methods.map(({ method, weight, middle }) => ({
      method,
      weight,
      middle,
      light: middle,
      heavy: middle,
    })),
  }
}

/**
 * Every method's whole resistance at a speed, and the recommendation.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N
 */
export function theoryResistance(model: Model, speed: number): HullResistance {
  const { boat } = model.project
  /** the hull's own part is that of a somewhat higher speed in deep water */
  const hullAt =
    boat.waterDepth === null
      ? speed
      : deepWaterSpeed(speed, boat.waterDepth, model.form.midship * model.form.beamWaterline * model.form.draughtBody)
  const { use } = model.project
  const condition = HULL_CONDITIONS[use.hullCondition]
  const margin = 1 + use.seaMargin
  let appendage = 0
  for (const fin of model.appendages)
    appendage += appendageResistance(fin, speed, model.water, condition.factor, PAINT_ALLOWANCE)
  const leg = legResistance(boat.drive.kind, boat.drive.greatestDiameter, boat.drive.shaftDepth, speed, model.water)
  appendage += leg
  const lightFins = leg + ((appendage - leg) * condition.low) / condition.factor,
    heavyFins = leg + ((appendage - leg) * condition.high) / condition.factor
  const air = airResistance(model.windage, speed, use.headWind)
  // methods made for service hold still air already; a head wind comes on top
  const windInService = use.headWind > 0 ? air : 0

  let best = -1,
    most = 0
  const methods: MethodPoint[] = []
  for (const { method, weight, middle, light, heavy } of model.methods) {
    const inside = insideShare(hullAt, middle.speedFrom, middle.speedTo, middle.outside.length > 0)
    const bare = middle.at(hullAt)
    const bareLight = light === middle ? bare : light.at(hullAt),
      bareHeavy = heavy === middle ? bare : heavy.at(hullAt)
    const rank = (method.inService ? 0 : 1) + 10 * inside + weight / 100
    if (rank > best) {
      best = rank
      most = methods.length
    }
    methods.push(
      method.inService
        ? {
            id: method.id,
            weight,
            inside,
            accuracy: method.accuracy,
            value: bare.wave + windInService,
            low: bareLight.wave + windInService,
            high: bareHeavy.wave + windInService,
            friction: 0,
            wave: bare.wave,
            appendage: 0,
            air: windInService,
            margin: 1,
          }
        : {
            id: method.id,
            weight,
            inside,
            accuracy: method.accuracy,
            value: (bare.friction + bare.wave + appendage + air) * margin,
            low: (bareLight.friction + bareLight.wave + lightFins + air) * margin,
            high: (bareHeavy.friction + bareHeavy.wave + heavyFins + air) * margin,
            friction: bare.friction,
            wave: bare.wave,
            appendage,
            air,
            margin,
          },
    )
  }
  const { centre, low, high, outsideAll } = recommend(methods)
  const doubt = lowSpeedDoubt(froudeNumber(speed, model.form.lengthWaterline))
  return {
    centre,
    low,
    high: Math.max(high, centre * doubt),
    outsideAll,
    methods,
    friction: methods[most]!.friction,
    wave: methods[most]!.wave,
    appendage,
    air,
    partsOf: methods[most]!.id,
  }
}
