import { GRAVITY } from '../../constants'
import { froudeNumber, type MethodId } from '../../hull'
import {
  airResistance,
  appendageResistance,
  legResistance,
  openSpeeds,
  HULL_CONDITIONS,
  PAINT_ALLOWANCE,
  propellerDrag,
  recommend,
  type MethodValue,
  type PreparedResistance,
  type ResistancePoint,
  type Waterway,
} from '../../resistance'
import type { Model } from '../model'
import { remember } from '../../numeric'

/** One method's whole resistance at a speed and what it is made of, N. The parts times the margin give the whole. */
export interface MethodPoint extends MethodValue {
  id: MethodId
  /** its part in the centre */
  share: number
  /** inside its own range of hulls and speeds */
  holds: boolean
  friction: number
  wave: number
  appendage: number
  air: number
  /** 1 + sea margin; 1 for a method that holds ordinary service already */
  margin: number
}

/** What a power is not known by: σ of ln of it that each leaves; their squares add to that of the whole. */
export interface Doubts {
  methods: number
  weight: number
  bottom: number
  form: number
  margin: number
  /** wake, thrust deduction and propeller: in every power, not in the resistance */
  drive: number
}
/** One of them. */
export type Doubt = keyof Doubts

/** The boat's whole resistance at a speed, N, with sea margin, appendages and air. */
export interface HullResistance {
  centre: number
  /** 10 and 90 per cent */
  low: number
  high: number
  /** σ of ln R */
  sigma: number
  /** σ of ln of any power that comes of it, and what leaves it */
  powerSigma: number
  doubts: Doubts
  /** factor that the upper end reaches at least: a slow boat's losses are often more, hardly ever less */
  lift: number
  outsideAll: boolean
  methods: MethodPoint[]
  /** parts of the method that weighs most; N */
  friction: number
  wave: number
  appendage: number
  air: number
  /** id of that method */
  partsOf: MethodId
}

/** The band shown everywhere is 10 to 90 per cent: so many σ in ln. */
export const BAND = 1.2816

/** Below this Froude number idle losses, growth and house loads rule, and the band is widened. */
export const FINE_FROUDE = 0.25

/**
 * How far the upper end of the band is lifted at a low Froude number: measured totals up to twice the centre are normal
 * there.
 *
 * @param fn Froude number
 * @param fine Froude number from which nothing is lifted
 * @returns 1 from there up, 2 at 0.1 less and below
 * @example lowSpeedDoubt(0.2) // 1.500
 *
 * Source: common practice, from owners' measurements.
 */
export function lowSpeedDoubt(fn: number, fine: number = FINE_FROUDE): number {
  return 1 + Math.min(1, Math.max(0, (fine - fn) / 0.1))
}

/**
 * The same for a boat: a kind that mostly goes slower has methods that were made for it.
 *
 * @param model the boat
 * @param speed m/s
 * @returns factor that the upper end reaches at least
 */
export function liftAt({ hullType: { usual }, form }: Model, speed: number): number {
  const usualFroude = usual.planes ? FINE_FROUDE : usual.cruise * HULL_SPEED_FROUDE
  return lowSpeedDoubt(froudeNumber(speed, form.lengthWaterline), Math.min(FINE_FROUDE, usualFroude))
}
/** Froude number at hull speed: a wave as long as the waterline. */
const HULL_SPEED_FROUDE = 1 / Math.sqrt(2 * Math.PI)

/** An even chance between two ends has this σ for each unit of half its width. */
const EVEN = 1 / Math.sqrt(3)
/**
 * What usual coefficients in place of a lines plan leave open, σ of ln R (judgement: their spread through the series).
 */
const FORM_DOUBT = 0.1
/** Sea margin may be wrong by all of itself: a day is calm, or twice as rough (common practice). */
export const MARGIN_DOUBT = 1

/**
 * The same boat without the ends of her band: her methods give the same centre in half the time.
 *
 * @param model the boat
 * @returns the boat whose methods are prepared for the middle alone
 */
export function withoutBand(model: Model): Model {
  return bandless(model, () => ({
    ...model,
    methods: model.methods.map(({ method, doubt, middle }) => ({ method, doubt, middle, heavy: middle })),
  }))
}
const bandless = remember<Model, Model>('withoutBand')

/**
 * Every method's whole resistance at a speed, the recommendation, and what is not known.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N
 */
export function theoryResistance(model: Model, speed: number): HullResistance {
  const { boat, use } = model.project
  const { past, waves } = openSpeeds(speed, waterwayOf(model), model.form.bottom !== null)
  const condition = HULL_CONDITIONS[use.hullCondition]
  const margin = 1 + use.seaMargin
  let fins = 0
  for (const fin of model.appendages)
    fins += appendageResistance(fin, past, model.water, condition.factor, PAINT_ALLOWANCE)
  const leg = legResistance(boat.drive.kind, boat.drive.greatestDiameter, boat.drive.shaftDepth, past, model.water)
  const appendage = fins + leg + stillScrew(model, past)
  const air = airResistance(model.windage, speed, use.headWind)
  // methods made for service hold still air already; a head wind comes on top
  const windInService = use.headWind > 0 ? air : 0

  const methods: MethodPoint[] = []
  const heavier: number[] = []
  for (const { method, doubt, middle, heavy } of model.methods) {
    const bare = openPoint(middle, past, waves, model.boat.mass)
    const { sigma, distance, whole: together } = middle.belief(speed)
    const rule = method.inService
    const holds = middle.outside.length === 0 && speed >= middle.speedFrom && speed <= middle.speedTo
    const whole = (of: { friction: number; wave: number }) =>
      rule ? of.wave + windInService : (of.friction + of.wave + appendage + air) * margin
    const value = whole(bare)
    methods.push({
      id: method.id,
      value,
      // friction and what is added to it are known well; the waves as the method says
      sigma: rule ? sigma : lnSigma(Math.hypot(sigma, doubt), bare, appendage + air, together),
      distance,
      rule,
      share: 0,
      holds,
      friction: rule ? 0 : bare.friction,
      wave: bare.wave,
      appendage: rule ? 0 : appendage,
      air: rule ? windInService : air,
      margin: rule ? 1 : margin,
    })
    heavier.push(heavy === middle ? value : whole(openPoint(heavy, past, waves, model.boat.mass)))
  }
  const { centre, sigma: left, shares, outsideAll } = recommend(methods)
  let most = 0,
    weight = 0,
    friction = 0,
    all = 0
  methods.forEach((m, i) => {
    m.share = shares[i]!
    if (m.share > methods[most]!.share) most = i
    if (m.share > 0 && m.value > 0) weight += m.share * Math.log(heavier[i]! / m.value)
    friction += m.share * (m.friction + (m.rule ? 0 : fins)) * m.margin
    all += m.share * m.value
  })
  const doubts: Doubts = {
    // half of what the bottom and the banks do is not known
    methods: Math.hypot(left, 0.5 * Math.log(waves / speed || 1)),
    weight: EVEN * Math.abs(weight),
    bottom: all > 0 ? ((EVEN * (condition.high - condition.low)) / 2 / condition.factor) * (friction / all) : 0,
    form: model.form.estimates.length > 0 ? FORM_DOUBT : 0,
    margin: (EVEN * MARGIN_DOUBT * use.seaMargin) / margin,
    drive: model.driveDoubt,
  }
  const sigma = Math.hypot(doubts.methods, doubts.weight, doubts.bottom, doubts.form, doubts.margin)
  const lift = liftAt(model, speed)
  const { low, high } = bandOf(centre, sigma, lift)
  // every field by its name: a spread here is most of the time of an answer
  return {
    centre,
    low,
    high,
    sigma,
    powerSigma: Math.hypot(sigma, model.driveDoubt),
    doubts,
    lift,
    outsideAll,
    methods,
    friction: methods[most]!.friction,
    wave: methods[most]!.wave,
    appendage,
    air,
    partsOf: methods[most]!.id,
  }
}

/** Drag of a screw in the water that does not drive, N: taken as large as the one that does. */
function stillScrew({ project, interaction, water }: Model, speed: number): number {
  const {
    boat: { drive },
    design: { propeller },
  } = project
  if (drive.still === 'none') return 0
  const inWake = speed * (1 - interaction.wakeFraction)
  return propellerDrag(drive.still, propeller.diameter, propeller.areaRatio, inWake, water.density)
}

/**
 * The water that she mostly goes through.
 *
 * @param model the boat
 * @returns null for deep water
 */
export function waterwayOf({ project: { boat }, form }: Model): Waterway | null {
  const { waterDepth: depth, channelWidth: width } = boat
  return depth === null ? null : { depth, width, section: form.midship * form.beamWaterline * form.draughtBody }
}

/** No hull makes waves for more than so many times her weight, whatever a polynomial says far from its range. */
const MOST_WAVES = 100
/** Nor do waves that help take away more than this of the friction. */
const MOST_HELP = 0.9

/** A hull's friction at one speed and her waves at another. */
function openPoint({ at }: PreparedResistance, past: number, waves: number, mass: number): ResistancePoint {
  const here = at(past),
    { wave } = past === waves ? here : at(waves),
    friction = Math.max(0, here.friction),
    most = MOST_WAVES * GRAVITY * mass
  return { friction, wave: Number.isNaN(wave) ? most : Math.min(most, Math.max(-MOST_HELP * friction, wave)) }
}

/** What friction is known by, σ of its ln. */
const FRICTION_DOUBT = 0.05

/** σ of ln of a sum of which the wave part, or the whole of what the method gives, has this σ. */
function lnSigma(sigma: number, { friction, wave }: ResistancePoint, added: number, together?: boolean): number {
  const sum = friction + wave + added
  if (!(sum > 0)) return 1
  const doubtful = together ? friction + wave : wave
  return Math.max(FRICTION_DOUBT, Math.hypot(sigma * doubtful, FRICTION_DOUBT * (sum - doubtful)) / sum)
}

/**
 * Centre and ends of a band.
 *
 * @param centre N or W
 * @param sigma of its ln
 * @param lifted factor that the upper end reaches at least
 * @returns 10 and 90 per cent
 */
export function bandOf(
  centre: number,
  sigma: number,
  lifted = 1,
): { centre: number; low: number; high: number; sigma: number } {
  return {
    centre,
    low: centre * Math.exp(-BAND * sigma),
    high: centre * Math.exp(Math.hypot(BAND * sigma, Math.log(lifted))),
    sigma,
  }
}
