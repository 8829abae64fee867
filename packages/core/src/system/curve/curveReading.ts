import { GRAVITY } from '../../constants'
import {
  depthFroude,
  limitingSpeed,
  HULL_CONDITIONS,
  PAINT_ALLOWANCE,
  planingRun,
  porpoisingLimit,
  resistanceMethodOf,
  SHALLOW_WARNING,
  type PlaningRun,
} from '../../resistance'
import { findRoot } from '../../numeric'
import { type Text, joulesPerMetre, metres, metresPerSecond, plainNumber, watts, share } from '../../units'
import type { Model } from '../model'
import type { OperatingPoint } from '../operatingPoint'
import type { Payoff } from './payoff'
import { waterwayOf } from './theoryResistance'

/** The hump of resistance before planing, and whether the drive gets over it. */
export interface Hump {
  speed: number
  resistance: number
  /** W from the pack there */
  power: number
  climbs: boolean
}

/** What the power curve says in words: its knee, its hump, the cheapest mile, and methods that disagree. */
export interface CurveReading {
  knee: Payoff
  hump: Hump | null
  /** speed of the least energy for a distance, and J/m there */
  cheapest: { speed: number; energyPerDistance: number }
  sentences: Text[]
}

/** Methods inside their ranges that differ by more than this are explained. */
const APART = 1.5

/** So much must resistance for its speed fall behind the hump: less is a wiggle. */
const FALL = 0.95

/**
 * The hump on the way to planing: where resistance is greatest for its speed (the steepest line from rest to the
 * curve),
 * before lift carries her. Resistance itself need not fall behind it, and mostly does not.
 *
 * @param points the power curve
 * @returns the hump, or null where resistance grows ever faster than speed
 */
export function humpOf(points: readonly OperatingPoint[]): Hump | null {
  const steep = points.map(p => p.resistance.centre / p.speed)
  for (let i = 1; i < points.length - 1; i++) {
    if (steep[i]! <= steep[i - 1]! || steep[i]! < steep[i + 1]!) continue
    const beyond = steep.findIndex((s, k) => k > i && (s < FALL * steep[i]! || s > steep[i]!))
    if (beyond < 0 || steep[beyond]! > steep[i]!) continue
    return {
      speed: points[i]!.speed,
      resistance: points[i]!.resistance.centre,
      power: points[i]!.drive.packPower,
      climbs: points.slice(i, beyond + 1).every(p => p.holds !== 'beyond'),
    }
  }
  return null
}

/** Speed of the least energy for each metre, from a tenth of hull speed up. */
function cheapestOf(points: readonly OperatingPoint[]): CurveReading['cheapest'] {
  const best = points.reduce((a, b) => (b.energyPerDistance < a.energyPerDistance ? b : a))
  return { speed: best.speed, energyPerDistance: best.energyPerDistance }
}

/** A sentence on methods that differ by more than half inside their ranges, at a point. */
function disagreement({ resistance, speed }: OperatingPoint): Text | null {
  const inside = resistance.methods.filter(m => m.holds).sort((a, b) => a.value - b.value)
  const low = inside[0],
    high = inside.at(-1)
  if (!low || !high || high.value <= APART * low.value) return null
  const why =
    resistanceMethodOf(high.id).inService !== resistanceMethodOf(low.id).inService
      ? 'One holds weather, bottom and keel in it and knows only weight and length; the other adds them up.'
      : 'They rest on different families of hulls.'
  return {
    text: `At {v} {high} asks {x} times what {low} asks. ${why}`,
    params: {
      v: metresPerSecond(speed),
      high: resistanceMethodOf(high.id).label,
      low: resistanceMethodOf(low.id).label,
      x: plainNumber(high.value / low.value),
    },
  }
}

/** A canal's own limit is felt from this share of it. */
const NEAR_LIMIT = 0.75

/** A sentence on water that is shallow or narrow for a speed. */
function waterwaySentence(model: Model, cruise: number): Text | null {
  const waterway = waterwayOf(model)
  if (!waterway || model.form.bottom) return null
  const { depth, width } = waterway
  const limit = limitingSpeed(waterway)
  if (width !== null && cruise > NEAR_LIMIT * limit)
    return {
      text:
        'A canal {w} wide and {h} deep lets no boat of her section pass {limit}: beyond {v} she only drags its water ' +
        'along.',
      params: {
        w: metres(width),
        h: metres(depth),
        limit: metresPerSecond(limit),
        v: metresPerSecond(NEAR_LIMIT * limit),
      },
    }
  if (depthFroude(cruise, depth) <= SHALLOW_WARNING) return null
  return {
    text: 'In {h} the bottom is felt at cruise: keep below {v} there.',
    params: { h: metres(depth), v: metresPerSecond(SHALLOW_WARNING * Math.sqrt(GRAVITY * depth)) },
  }
}

/**
 * Reads a power curve: where it bends, where a mile is cheapest, what an owner should know of it.
 *
 * @param model the boat
 * @param points her power curve, slow to fast
 * @param knee where speed stops paying
 * @param cruise the point at cruise
 * @returns the reading
 */
export function readCurve(
  model: Model,
  points: readonly OperatingPoint[],
  knee: Payoff,
  cruise: OperatingPoint,
): CurveReading {
  const hump = model.hullType.waveBound ? null : humpOf(points)
  const cheapest = cheapestOf(points)
  const speed = (value: number) => metresPerSecond(value)
  const power = (value: number) => watts(value)
  const sentences: Text[] = []
  if (cruise.speed > 1.02 * knee.speed) {
    const saved = points.reduce((a, b) => (Math.abs(b.speed - knee.speed) < Math.abs(a.speed - knee.speed) ? b : a))
    sentences.push({
      text: 'Cruise lies beyond the knee: {v} instead would take {share} of the power.',
      params: {
        v: speed(knee.speed),
        share: share(saved.drive.packPower / cruise.drive.packPower),
      },
    })
  } else if (knee.reason !== 'top')
    sentences.push({
      text: 'Cruise lies before the knee at {v}: a little more speed still comes at a fair price.',
      params: { v: speed(knee.speed) },
    })
  sentences.push({
    text: 'A mile is cheapest at {v}, {e}; at cruise it takes {c}.',
    params: {
      v: speed(cheapest.speed),
      e: joulesPerMetre(cheapest.energyPerDistance),
      c: joulesPerMetre(cruise.energyPerDistance),
    },
  })
  const half = points.reduce((a, b) =>
    Math.abs(b.speed - 0.8 * cruise.speed) < Math.abs(a.speed - 0.8 * cruise.speed) ? b : a,
  )
  sentences.push({
    text: 'A fifth slower, {v}, takes {p} instead of {c}.',
    params: { v: speed(half.speed), p: power(half.drive.packPower), c: power(cruise.drive.packPower) },
  })
  if (hump)
    sentences.push({
      text: hump.climbs
        ? 'The hump is at {v}; the drive gets over it for minutes or longer.'
        : 'The hump is at {v}; the drive does not get over it, so she does not plane.',
      params: { v: speed(hump.speed) },
    })
  const tooFast = waterwaySentence(model, cruise.speed)
  if (tooFast) sentences.push(tooFast)
  const apart = disagreement(cruise)
  if (apart) sentences.push(apart)
  return { knee, hump, cheapest, sentences }
}

/** How a planing boat runs, with the pack where it is and moved. */
export interface PlaningReading extends PlaningRun {
  porpoises: boolean
  /** rad; above it the boat porpoises */
  porpoisingTrim: number
  /** trim with the pack half a metre forward and aft, rad */
  trimForward: number
  trimAft: number
}

/** How far the pack is moved to show what it does, m. */
export const PACK_MOVE = 0.5

/**
 * Trim, wetted length and porpoising of a planing boat at a speed, and what moving the pack would do.
 *
 * @param model the boat
 * @param speed m/s
 * @returns the reading; null for a hull that never planes, or below the range of the planing equations
 *
 * Source: Savitsky 1964; moment of the moved mass, shift = pack mass × way ÷ boat mass.
 */
export function planingReading(model: Model, speed: number): PlaningReading | null {
  const { form, water, project } = model
  const method = model.methods.find(m => m.method.id === 'savitsky1964')
  if (!form.bottom || !method) return null
  const { speedFrom, speedTo } = method.middle
  if (speed <= 0 || speed < speedFrom || speed > speedTo) return null
  const given = {
    ...form.bottom,
    mass: model.boat.mass,
    water,
    frictionFactor: HULL_CONDITIONS[project.use.hullCondition].factor,
    frictionAllowance: PAINT_ALLOWANCE,
  }
  const run = planingRun(given, speed)
  const porpoisingTrim = (porpoisingLimit(run.lift, (form.bottom.deadrise * 180) / Math.PI) * Math.PI) / 180
  const shift = (model.pack.mass * PACK_MOVE) / model.boat.mass
  return {
    ...run,
    porpoisingTrim,
    porpoises: run.trim > porpoisingTrim,
    trimForward: planingRun({ ...given, lcg: given.lcg + shift }, speed).trim,
    trimAft: planingRun({ ...given, lcg: given.lcg - shift }, speed).trim,
  }
}

/**
 * Balance point at which a planing boat's trim is a little below its porpoising limit.
 *
 * @param model a planing boat
 * @param speed m/s
 * @returns m forward of the transom, or null when none between the transom and two thirds of the waterline will do
 */
export function steadyBalance(model: Model, speed: number): number | null {
  const { form, water, project } = model
  const reading = planingReading(model, speed)
  if (!reading || !form.bottom) return null
  const given = {
    ...form.bottom,
    mass: model.boat.mass,
    water,
    frictionFactor: HULL_CONDITIONS[project.use.hullCondition].factor,
    frictionAllowance: PAINT_ALLOWANCE,
  }
  const found = findRoot(
    lcg => planingRun({ ...given, lcg }, speed).trim - 0.97 * reading.porpoisingTrim,
    form.bottom.lcg,
    0.66 * form.lengthWaterline,
    0.005,
  )
  return found.outcome === 'noBracket' ? null : Math.ceil(found.x * 100) / 100
}
