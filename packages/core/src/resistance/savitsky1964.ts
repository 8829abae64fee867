import { GRAVITY } from '../constants'
import { findRoot } from '../numeric'
import type { PlaningBottom, Water } from '../hull'
import { beliefAtSpeed, beliefOf, outsideReaches, type Belief, type Reach } from './belief'
import type { ResistanceMethod } from './resistanceMethod'

const DEGREE = Math.PI / 180

/** A prismatic planing hull and the line of its thrust. SI; angles in rad. */
export interface PlaningCase extends PlaningBottom {
  /** kg */
  mass: number
  water: Water
  /** added to CF (paint), and a factor on it (growth) */
  frictionAllowance: number
  frictionFactor: number
}

/** How a planing hull runs at one speed. */
export interface PlaningRun {
  /** rad, keel to water */
  trim: number
  /** mean wetted length over beam */
  wetted: number
  /** m along the keel and the chine */
  keelLength: number
  chineLength: number
  /** N */
  drag: number
  friction: number
  /** CV = V / √(g b) */
  speedCoefficient: number
  /** lift coefficient CLβ */
  lift: number
}

/**
 * Lift coefficient of a flat planing plate.
 *
 * @param trimDegrees τ, ° (2 … 15)
 * @param wetted λ, mean wetted length over beam, ≤ 4
 * @param speedCoefficient CV, 0.6 … 13
 * @returns CL0
 * @example flatPlateLift(2, 3.835, 3.18) // 0.08395
 *
 * Source: Savitsky 1964: CL0 = τ^1.1 (0.0120 λ^½ + 0.0055 λ^2.5 / CV²).
 */
export function flatPlateLift(trimDegrees: number, wetted: number, speedCoefficient: number): number {
  return trimDegrees ** 1.1 * (0.012 * Math.sqrt(wetted) + (0.0055 * wetted ** 2.5) / speedCoefficient ** 2)
}

/** Lift with deadrise, CLβ = CL0 − 0.0065 β CL0^0.6, β in degrees. */
const withDeadrise = (flat: number, deadriseDegrees: number) =>
  flat - 0.0065 * deadriseDegrees * Math.max(0, flat) ** 0.6

/**
 * Friction of a smooth plate by Schoenherr (ATTC): 0.242/√CF = log10(Re CF).
 *
 * @param reynolds Re, above 1e5
 * @returns CF
 * @example schoenherrFriction(2.817e8) // 0.001799
 */
export function schoenherrFriction(reynolds: number): number {
  const turns = Math.log10(reynolds)
  // Newton's steps for y = CF^−½, from the ITTC line, which lies within a few per cent
  let y = (turns - 2) / Math.sqrt(0.075)
  for (let i = 0; i < 3; i++) y -= (0.242 * y + 2 * Math.log10(y) - turns) / (0.242 + 2 / (Math.LN10 * y))
  return 1 / (y * y)
}

/**
 * Trim at which a deep-vee of this loading begins to porpoise.
 *
 * @param lift CLβ
 * @param deadriseDegrees 5 … 30
 * @returns °
 * @example porpoisingLimit(0.0693, 10) // 3.440
 *
 * Source: Day & Haag's limits as fitted by Celano 1998 (from memory of; on the safe side):
 * τ = 0.1197 β^0.7651 exp(15.7132 √(CL/2) β^−0.2629).
 */
export function porpoisingLimit(lift: number, deadriseDegrees: number): number {
  const beta = Math.max(5, deadriseDegrees)
  return 0.1197 * beta ** 0.7651 * Math.exp(15.7132 * Math.sqrt(Math.max(0, lift) / 2) * beta ** -0.2629)
}

/** CL0 that gives CLβ with this deadrise; Newton's steps from above, where the curve is nearly straight. */
function flatLiftFor(lift: number, deadriseDegrees: number): number {
  const c = 0.0065 * deadriseDegrees
  let x = lift + c * (lift + 0.1) ** 0.6 + 0.02
  for (let i = 0; i < 6; i++)
    x = Math.max(1e-9, x - (x - c * x ** 0.6 - lift) / Math.max(0.05, 1 - 0.6 * c * x ** -0.4))
  return x
}

/**
 * λ for which 0.0120 λ^½ + 0.0055 λ^2.5 / CV² comes to a value; Newton's steps in ln λ, in which the sum is convex and
 * rising.
 */
function wettedFor(value: number, speedCoefficient: number): number {
  const d = 0.0055 / speedCoefficient ** 2
  let t = Math.log(Math.min((value / 0.012) ** 2, (value / d) ** 0.4))
  for (let i = 0; i < 12; i++) {
    const root = 0.012 * Math.exp(0.5 * t),
      steep = d * Math.exp(2.5 * t)
    const step = (Math.log((root + steep) / value) * (root + steep)) / (0.5 * root + 2.5 * steep)
    t -= step
    if (Math.abs(step) < 1e-11) break
  }
  return Math.exp(t)
}

/** The root between two places, or the nearer of them where there is none. */
function rootIn(f: (x: number) => number, low: number, high: number): number {
  const found = findRoot(f, low, high, 1e-7)
  if (found.outcome !== 'noBracket') return found.x
  return Math.abs(found.fLow) < Math.abs(found.fHigh) ? low : high
}

/** What does not depend on trim at a speed: CV, CLβ and CL0. */
function loading({ beamChine: b, water, mass, deadrise }: PlaningCase, speed: number) {
  const lift = (mass * GRAVITY) / (0.5 * water.density * speed * speed * b * b)
  return { cv: speed / Math.sqrt(GRAVITY * b), lift, flat: flatLiftFor(lift, deadrise / DEGREE) }
}

/** λ at which the bottom carries the boat at a trim, rad. */
const wettedAt = ({ flat, cv }: ReturnType<typeof loading>, trim: number) =>
  wettedFor(flat / (trim / DEGREE) ** 1.1, cv)

/**
 * Everything at one trial trim: the moment that is left over, and the run.
 *
 * @param hull planing case
 * @param speed m/s
 * @param trim rad
 * @returns the run and its moment, N·m, bow down positive
 */
export function planingAtTrim(hull: PlaningCase, speed: number, trim: number): PlaningRun & { moment: number } {
  const given = loading(hull, speed)
  return planingAtWetted(hull, speed, wettedAt(given, trim), given)
}

/** The same at one trial wetted length: the trim that carries the boat follows from it without a search. */
function planingAtWetted(
  hull: PlaningCase,
  speed: number,
  wetted: number,
  { cv, lift, flat }: ReturnType<typeof loading>,
): PlaningRun & { moment: number } {
  const { beamChine: b, water, mass } = hull
  const beta = hull.deadrise / DEGREE,
    weight = mass * GRAVITY
  const dynamic = 0.012 * Math.sqrt(wetted),
    lifting = flat / (dynamic + (0.0055 * wetted * wetted * Math.sqrt(wetted)) / (cv * cv))
  const trim = lifting ** (1 / 1.1) * DEGREE
  const bottomSpeed =
    speed * Math.sqrt(Math.max(0.2, 1 - withDeadrise(dynamic * lifting, beta) / (wetted * Math.cos(trim))))
  const cf =
    schoenherrFriction(Math.max(1e5, (bottomSpeed * wetted * b) / water.viscosity)) * hull.frictionFactor +
    hull.frictionAllowance
  const friction = (0.5 * water.density * bottomSpeed ** 2 * cf * wetted * b * b) / Math.cos(hull.deadrise)
  const centre = 0.75 - 1 / ((5.21 * cv * cv) / (wetted * wetted) + 2.39)
  const c = hull.lcg - centre * wetted * b
  const a = hull.vcg - (b / 4) * Math.tan(hull.deadrise)
  const moment =
    weight *
      (((1 - Math.sin(trim) * Math.sin(trim + hull.shaftAngle)) * c) / Math.cos(trim) -
        hull.thrustArm * Math.sin(trim)) +
    friction * (a - hull.thrustArm)
  const overhang = ((b / Math.PI) * Math.tan(hull.deadrise)) / Math.tan(trim)
  return {
    moment,
    trim,
    wetted,
    friction: friction / Math.cos(trim),
    drag: weight * Math.tan(trim) + friction / Math.cos(trim),
    keelLength: wetted * b + overhang / 2,
    chineLength: Math.max(0, wetted * b - overhang / 2),
    speedCoefficient: cv,
    lift,
  }
}

/** Trims between which balance is looked for, rad. */
const LEAST_TRIM = 0.5 * DEGREE,
  MOST_TRIM = 20 * DEGREE

/**
 * How a planing hull settles at a speed: the trim at which weight, lift, friction and thrust balance.
 *
 * @param hull planing case
 * @param speed m/s, > 0
 * @returns the run at equilibrium, or at the end of the trims looked at where there is none
 *
 * Source: Savitsky 1964, equations as listed in data/savitsky1964.json.
 */
export function planingRun(hull: PlaningCase, speed: number): PlaningRun {
  const given = loading(hull, speed)
  const at = (logWetted: number) => planingAtWetted(hull, speed, Math.exp(logWetted), given)
  return at(
    rootIn(
      logWetted => at(logWetted).moment,
      Math.log(wettedAt(given, MOST_TRIM)),
      Math.log(wettedAt(given, LEAST_TRIM)),
    ),
  )
}

/**
 * Factor on the planing equations' drag for the hump.
 *
 * @param volumeFroude FnV, 1 and above
 * @param lcgToBeam LCG over the chine beam, 1 … 2.5
 * @returns M
 * @example humpFactor(1.5, 1.5) // 1.321
 *
 * Source: Blount & Fox 1976 (from memory of): with r = LCG/b, M = 0.98 + 2 r^1.45 exp(−2 (FnV − 0.85)) − 3 r exp(−3
 * (FnV − 0.85)).
 */
export function humpFactor(volumeFroude: number, lcgToBeam: number): number {
  const beyond = volumeFroude - 0.85
  return 0.98 + 2 * lcgToBeam ** 1.45 * Math.exp(-2 * beyond) - 3 * lcgToBeam * Math.exp(-3 * beyond)
}

/** Savitsky's planing equations with the hump of Blount and Fox. */
export const savitsky1964: ResistanceMethod = {
  id: 'savitsky1964',
  label: 'Savitsky planing',
  letter: 'F',
  source: 'Savitsky 1964; hump factor of Blount & Fox 1976',
  basis: 'Tests of planing plates with deadrise; the trim that balances is solved for',
  inService: false,
  prepare({ form, water, frictionFactor, frictionAllowance }) {
    const bottom = form.bottom
    if (!bottom)
      return {
        at: () => ({ friction: 0, wave: 0 }),
        belief: () => ({ sigma: 1, distance: 2 }),
        speedFrom: 0,
        speedTo: 0,
        outside: [{ name: 'Planing bottom', value: 0, min: 1, max: 1 }],
      }
    const hull: PlaningCase = { ...bottom, mass: form.volume * water.density, water, frictionFactor, frictionAllowance }
    const unit = Math.sqrt(GRAVITY * Math.cbrt(form.volume))
    const slowest = 0.6 * Math.sqrt(GRAVITY * bottom.beamChine)
    // both how she runs and how much that is believed want the same run
    let known: { speed: number; run: PlaningRun } | null = null
    const runAt = (speed: number) => {
      const from = Math.max(speed, slowest)
      if (known?.speed !== from) known = { speed: from, run: planingRun(hull, from) }
      return known.run
    }
    const at = (speed: number) => {
      if (speed <= 0) return { friction: 0, wave: 0 }
      const run = runAt(speed)
      const factor =
        humpFactor(Math.max(1, speed / unit), bottom.lcg / bottom.beamChine) * (speed / Math.max(speed, slowest)) ** 2
      return { friction: factor * run.friction, wave: factor * (run.drag - run.friction) }
    }
    const reaches: Reach[] = [
      { name: 'Deadrise', value: bottom.deadrise / DEGREE, least: 0, most: 30, doubt: 0.1, far: 2, unit: 5 },
      {
        name: 'Length to chine beam',
        value: form.lengthWaterline / bottom.beamChine,
        least: 2,
        most: 7,
        doubt: 0.6,
        far: 0.3,
      },
    ]
    const dimensions: Belief = { ...beliefOf(0.12, reaches), whole: true }
    /**
     * lift carries her from about FnV 1.2; trim from 2 to 15° and up to four beams of wetted length, as in the paper
     */
    const belief = (speed: number) => {
      const { trim, wetted } = runAt(Math.max(0.1, speed))
      const of = (value: number, least: number, most: number, doubt: number, far: number, reachUnit?: number) => ({
        name: '',
        value,
        least,
        most,
        doubt,
        far,
        unit: reachUnit,
      })
      return [
        of(speed / unit, 1.3, 6.5, 0.15, 3, 0.1),
        of(trim / DEGREE, 2, 15, 0.06, 4, 1),
        of(wetted, 0, 4, 0.5, 0.35),
      ].reduce((known, reach) => beliefAtSpeed(known, reach), dimensions)
    }
    // within the paper: CV from 0.6, wetted length up to four beams, trim from 2°; the hump factor from FnV 1
    let range: ReturnType<typeof planingRange> | null = null
    const within = () =>
      (range ??= planingRange(
        hull,
        Math.max(unit, 0.6 * Math.sqrt(GRAVITY * bottom.beamChine)),
        Math.min(6.5 * unit, 13 * Math.sqrt(GRAVITY * bottom.beamChine)),
      ))
    return {
      at,
      belief,
      get speedFrom() {
        return within().speedFrom
      },
      get speedTo() {
        return within().speedTo
      },
      outside: outsideReaches(reaches),
    }
  },
}

/** Speeds between which the equilibrium lies inside the paper's trims and wetted lengths; empty when it never does. */
function planingRange(hull: PlaningCase, from: number, to: number): { speedFrom: number; speedTo: number } {
  const STEPS = 14
  let speedFrom = 0,
    speedTo = 0
  for (let i = 0; i <= STEPS; i++) {
    const speed = from + ((to - from) * i) / STEPS
    const { trim, wetted } = planingRun(hull, speed)
    if (wetted <= 4 && trim >= 2 * DEGREE && trim <= 15 * DEGREE) {
      speedFrom ||= speed
      speedTo = speed
    } else if (speedFrom) break
  }
  return { speedFrom, speedTo }
}
