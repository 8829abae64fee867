import { GRAVITY } from '../../constants'
import { checkRange } from '../../checkRange'
import type { SlenderHull } from './slenderHull'

/** Where hulls lie side by side: their centre lines, m from the boat's own. One hull: [0]. */
export type HullOffsets = readonly number[]

/** Gauss and Legendre's five places along a panel, from −1 to 1, and their weights: exact to the ninth power. Source: Abramowitz & Stegun 1964, 25.4.30, table 25.4. */
const INNER = Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, OUTER = Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3
const PLACES = [-OUTER, -INNER, 0, INNER, OUTER] as const
const WEIGHTS = [322 - 13 * Math.sqrt(70), 322 + 13 * Math.sqrt(70), 512, 322 + 13 * Math.sqrt(70), 322 - 13 * Math.sqrt(70)].map(w => w / 900)
/** Longest panel, in u, and by how much the fastest phase may turn along it, rad. Against Simpson’s rule in steps of 0.05 rad, four boats at eight speeds each differ by 0.012 % at most. */
const LONGEST_PANEL = 0.3, PHASE_A_PANEL = 4.5

/**
 * Wave resistance of slender hulls side by side, N, by thin-ship theory. Each hull is taken as a polygon along x and z,
 * for which both inner integrals are exact; the outer one runs over u, λ = cosh u, which takes the singularity away.
 *
 * @param hull one of the hulls
 * @param speed m/s, > 0
 * @param density kg/m³
 * @param offsets of the hulls' centre lines, m, even to both sides
 * @returns N
 * @throws RangeError for a speed that is not above 0
 *
 * Source: Michell 1898: R = 4 ρ g² / (π V²) ∫₁^∞ (I² + J²) λ² / √(λ² − 1) dλ, I + iJ = ∬ ∂y/∂x exp(−λ² g z/V² + i λ g x/V²) dx dz;
 * hulls side by side: the amplitude times Σ cos(g y λ √(λ² − 1) / V²), which for two hulls 2s apart is 2 cos(g s λ √(λ² − 1) / V²).
 */
export function michellResistance(hull: SlenderHull, speed: number, density: number, offsets: HullOffsets = [0]): number {
  const k = GRAVITY / checkRange('speed', speed, 0.01) ** 2
  const { along, down } = spectrumOf(hull)
  const reach = Math.max(...offsets.map(Math.abs))
  // the hulls lie evenly to both sides: each pair is one cosine
  const sides = offsets.filter(y => y > 0), central = offsets.length - 2 * sides.length
  // the integrand falls with λ⁻⁴ once λ² k T is well above 1: what is left out beyond is some 0.1 %
  const last = Math.max(4.5, 4 / Math.sqrt(k * hull.draught))
  const end = Math.acosh(last)
  // fastest phases: λ k L/2 along, k y λ √(λ² − 1) across
  const rate = (u: number) => 0.5 * k * hull.length * Math.sinh(u) + k * reach * Math.cosh(2 * u)
  let sum = 0
  for (let u = 0; end - u > 1e-9;) {
    // as long as the rate in its middle allows
    const guess = Math.min(LONGEST_PANEL, PHASE_A_PANEL / Math.max(1e-6, rate(u)), end - u)
    const panel = Math.min(guess, PHASE_A_PANEL / Math.max(1e-6, rate(u + guess / 2)))
    let mean = 0
    for (let i = 0; i < 5; i++) mean += WEIGHTS[i]! * integrand(u + panel / 2 * (1 + PLACES[i]!))
    sum += panel / 2 * mean
    u += panel
  }
  return 4 * density * GRAVITY * GRAVITY / (Math.PI * speed * speed) * sum

  function integrand(at: number): number {
    const e = Math.exp(at), lambda = (e + 1 / e) / 2, across = k * lambda * (e - 1 / e) / 2
    let amplitude = central
    for (let i = 0; i < sides.length; i++) amplitude += 2 * Math.cos(across * sides[i]!)
    const j = 0.5 * hull.beam * along(k * lambda) * down(k * lambda * lambda)
    return amplitude * amplitude * j * j * lambda * lambda
  }
}

/** The two inner integrals of a hull, read from tables that are made once: they do not depend on speed by themselves. */
interface Spectrum { along: (wave: number) => number, down: (decay: number) => number }
const spectra = new WeakMap<SlenderHull, Spectrum>()

function spectrumOf(hull: SlenderHull): Spectrum {
  let found = spectra.get(hull)
  if (!found) spectra.set(hull, found = { along: tabled(w => lengthwise(hull, w), ALONG_STEP / hull.length), down: logTabled(a => depthwise(hull, a), hull.draught) })
  return found
}

/** Step of wave number times length: reading errs by some 2e-5 of the amplitude. */
const ALONG_STEP = 0.32

/** An odd function read from a table of even steps, which grows as it is asked further out, by the cubic through the four places around (Lagrange). */
function tabled(f: (x: number) => number, step: number): (x: number) => number {
  const known = [0]
  return (x) => {
    const at = x / step, i = Math.floor(at), t = at - i
    while (known.length < i + 3) known.push(f(known.length * step))
    const before = i > 0 ? known[i - 1]! : -known[1]!, from = known[i]!, to = known[i + 1]!, after = known[i + 2]!
    const slope = to - before / 3 - from / 2 - after / 6, bend = (before + to) / 2 - from, twist = (after - before) / 6 + (from - to) / 2
    return from + t * (slope + t * (bend + t * twist))
  }
}

/** A smooth, falling function of x·scale read from a table of even steps of its logarithm, made where it is asked. */
function logTabled(f: (x: number) => number, scale: number): (x: number) => number {
  // from e⁻¹² to e¹⁰: the boat's draught in wave lengths is always between
  const PER_E = 40, FIRST = -12 * PER_E
  const known = new Float64Array(22 * PER_E).fill(Number.NaN)
  const at = (i: number) => {
    const place = Math.min(known.length - 1, Math.max(0, i - FIRST))
    if (Number.isNaN(known[place]!)) known[place] = f(Math.exp((place + FIRST) / PER_E) / scale)
    return known[place]!
  }
  return (x) => {
    const place = Math.log(x * scale) * PER_E, i = Math.floor(place), t = place - i
    return at(i) + t * (at(i + 1) - at(i))
  }
}

/** ∫ f′(x) sin(w x) dx over the length (the cosine part is nil by symmetry), exact for the polygon. */
function lengthwise({ length, waterline }: SlenderHull, w: number): number {
  const n = waterline.length - 1, dx = length / 2 / n
  // twice Σ slope · ∫ sin(w x) dx over each interval, the cosines by rotation
  const c1 = Math.cos(w * dx), s1 = Math.sin(w * dx)
  let c = 1, s = 0, sum = 0
  for (let i = 0; i < n; i++) {
    const cn = c * c1 - s * s1
    s = s * c1 + c * s1
    sum += (waterline[i + 1]! - waterline[i]!) * (c - cn)
    c = cn
  }
  return 2 * sum / (w * dx)
}

/** ∫ g(z) exp(−a z) dz from the water to the keel, exact for the polygon. */
function depthwise({ draught, section }: SlenderHull, a: number): number {
  const n = section.length - 1, dz = draught / n
  const h = a * dz
  const e = Math.exp(-h)
  // weights of the two ends of an interval under the falling exponential; by series where h is small
  const first = h < 1e-3 ? dz * (0.5 - h / 6) : (h - 1 + e) / (a * h), second = h < 1e-3 ? dz * (0.5 - h / 3) : (1 - e - h * e) / (a * h)
  let fade = 1, sum = 0
  for (let i = 0; i < n; i++) {
    sum += fade * (section[i]! * first + section[i + 1]! * second)
    fade *= e
    if (fade < 1e-12) break
  }
  return sum
}
