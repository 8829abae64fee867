import { interpolate, remember } from '../../numeric'
import type { Project } from '../../project/definition/projectFields'
import { modelOf, type Model } from '../model'
import { keptShape } from './keptShape'
import { afterReadings, measuredOf } from './measured'
import { bandOf, theoryResistance, withoutBand, type HullResistance } from './theoryResistance'

/**
 * The theory as the boat's own readings correct it. Its centre is the pull that the drive feels, so that powers pass
 * through what was read.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N
 */
export function measuredResistance(model: Model, speed: number): HullResistance {
  const theory = theoryResistance(model, speed)
  const after = afterReadings(model, speed, theory.doubts)
  if (!after) return theory
  const { margin } = theory.doubts
  const held = shapeHeld(model, speed)
  // where no hull has the shape that readings ask for, they cannot all be right: what is taken back is open
  const sigma = Math.hypot(after.hull.sigma, margin, held),
    powerSigma = Math.hypot(after.power.sigma, margin, held)
  // what a slow boat loses unseen is in what was read, as far as it was read
  const unseen = 1 - measuredOf(model.project).slowLosses
  const lift = theory.lift ** (unseen * Math.min(1, powerSigma / theory.powerSigma))
  const [weight, bottom, form, drive, methods] = after.power.parts as [number, number, number, number, number]
  const { centre, low, high } = bandOf(theory.centre * Math.exp(after.power.shift + held), sigma, lift)
  return {
    ...theory,
    centre,
    low,
    high,
    sigma,
    powerSigma,
    lift,
    doubts: { methods: Math.hypot(methods, held), weight, bottom, form, margin, drive },
  }
}

/** Power of a hull grows with a power of speed between these, below its hump; one that planes has less beyond it. */
const LEAST_EXPONENT = 1.5,
  LEAST_PLANING = 0.5,
  GREATEST_EXPONENT = 9
/** Speeds at which the shape is held, from the slowest on, m/s; beyond the last reading by so much. */
const HELD = 72,
  SLOWEST = 0.2,
  BEYOND = 1.6

/**
 * What is added to the readings' shift so that the curve keeps the shape that hulls have: power grows with speed, no
 * slower and no faster than hulls allow, but where the methods themselves have a hump.
 *
 * @param model the boat
 * @param speed m/s
 * @returns ln of a factor; 0 where the shape is one that hulls have
 */
function shapeHeld({ project }: Model, speed: number): number {
  const { places, held } = shapes(project, () => holdShape(project))
  return interpolate(places, held, Math.log(Math.max(SLOWEST, speed)))
}
const shapes = remember<Project, { places: number[]; held: number[] }>('curveShape')

function holdShape(project: Project): { places: number[]; held: number[] } {
  const model = withoutBand(modelOf(project)),
    { points } = measuredOf(project)
  const fastest = BEYOND * Math.max(project.use.topSpeed, ...points.map(p => p.speed)),
    step = Math.log(fastest / SLOWEST) / (HELD - 1)
  const places = Array.from({ length: HELD }, (_, i) => Math.log(SLOWEST) + i * step)
  const curve = places.map(place => {
    const speed = Math.exp(place),
      { centre, doubts } = theoryResistance(model, speed)
    return {
      power: Math.log(Math.max(1e-9, centre * speed)),
      shift: afterReadings(model, speed, doubts)?.power.shift ?? 0,
    }
  })
  const shift = curve.map(c => c.shift)
  const rises = curve.slice(1).map(({ power }, i) => power - curve[i]!.power)
  const exponent = model.form.bottom === null ? LEAST_EXPONENT : LEAST_PLANING
  const kept = keptShape(shift, {
    least: rises.map(rise => Math.min(0, exponent * step - rise)),
    most: rises.map(rise => Math.max(0, GREATEST_EXPONENT * step - rise)),
  })
  return { places, held: kept.map((k, i) => k - shift[i]!) }
}
