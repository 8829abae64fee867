import { GRAVITY } from '../../constants'
import { checkRange } from '../../checkRange'
import type { SlenderHull } from './slenderHull'
import { sectionSpectrum } from './sectionSpectrum'
import { readSpectrum, waterlineSpectrum } from './waterlineSpectrum'
import { remember } from '../../numeric'

/** Where hulls lie side by side: their centre lines, m from the boat's own. One hull: [0]. */
export type HullOffsets = readonly number[]

/**
 * Gauss and Legendre's five places along a panel, from −1 to 1, and their weights: exact to the ninth power. Source:
 * Abramowitz & Stegun 1964, 25.4.30, table 25.4.
 */
const INNER = Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3,
  OUTER = Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3
const PLACES = [-OUTER, -INNER, 0, INNER, OUTER] as const
const WEIGHTS = [
  322 - 13 * Math.sqrt(70),
  322 + 13 * Math.sqrt(70),
  512,
  322 + 13 * Math.sqrt(70),
  322 - 13 * Math.sqrt(70),
].map(w => w / 900)
/**
 * Longest panel, in u, and by how much the fastest phase may turn along it, rad. Against panels a fifth as long out to
 * waves a sixth as long, 600 boats of one, two and
 * three hulls, CP 0.52 to 0.9 and Fn 0.18 to 1, differ by 0.04 % in the median and 0.5 % at most.
 */
const LONGEST_PANEL = 0.3,
  PHASE_A_PANEL = 5.5

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
 * Source: Michell 1898: R = 4 ρ g² / (π V²) ∫₁^∞ (I² + J²) λ² / √(λ² − 1) dλ, I + iJ = ∬ ∂y/∂x exp(−λ² g z/V² + i λ g
 * x/V²) dx dz;
 * hulls side by side: the amplitude times Σ cos(g y λ √(λ² − 1) / V²), which for two hulls 2s apart is 2 cos(g s λ √(λ²
 * − 1) / V²).
 */
export function michellResistance(
  hull: SlenderHull,
  speed: number,
  density: number,
  offsets: HullOffsets = [0],
): number {
  const k = GRAVITY / checkRange('speed', speed, 0.01) ** 2
  // beyond this λ waves are so short, λ² k T ≫ 1 and λ k L/2 well above the power n of full ends, that only the hull's
  // ends and its water's edge make them:
  // I ≈ 4 n cos(w L/2)/(w L) · g(0)/(k λ²), of which the mean over its fast phase is taken; ∫ λ⁻⁴ du ≈ λ⁻⁴/4
  // (with 3.5 in place of 4.5 a deep hollow of three close hulls came out half a per cent low; so, a seventh of one)
  const ends = hull.prismatic / (1 - hull.prismatic)
  const last = Math.max(4.5, 4.5 / Math.sqrt(k * hull.draught), (3 * (ends - 1)) / (0.5 * k * hull.length))
  const { along, down } = spectrumOf(hull, k * last * hull.length)
  const gaps = offsets.flatMap((y, i) => offsets.slice(0, i).map(other => Math.abs(y - other)))
  // fastest phases: λ k L/2 along, k y λ √(λ² − 1) across
  const lengthRate = 0.5 * k * hull.length,
    widthRate = k * Math.max(...offsets)
  const end = Math.acosh(last),
    mixed = Math.min(end, mixedFrom(gaps.length ? k * Math.min(...gaps) : 0))
  const shortest = 2 * ((hull.beam * ends * hull.section[0]!) / (k * k * hull.length * last * last)) ** 2
  let sum =
    mixed < end
      ? power(mixed) * fading(mixed) + (shortest * offsets.length) / 4
      : shortest * (offsets.length / 4 + fading(end))
  for (let u = 0; end - u > 1e-9;) {
    const apart = mixed - u > 1e-9
    // as long as the rate in its middle allows
    const guess = Math.min(LONGEST_PANEL, PHASE_A_PANEL / rate(u, apart), (apart ? mixed : end) - u)
    const panel = Math.min(guess, PHASE_A_PANEL / rate(u + guess / 2, apart))
    let mean = 0
    for (let i = 0; i < 5; i++) {
      const at = u + (panel / 2) * (1 + PLACES[i]!)
      mean += WEIGHTS[i]! * power(at) * (apart ? interference(at) : offsets.length)
    }
    sum += (panel / 2) * mean
    u += panel
  }
  return ((4 * density * GRAVITY * GRAVITY) / (Math.PI * speed * speed)) * sum

  function rate(u: number, apart: boolean): number {
    const e = Math.exp(u),
      sinh = (e - 1 / e) / 2
    return Math.max(1e-6, lengthRate * sinh + (apart ? widthRate * (1 + 2 * sinh * sinh) : 0))
  }
  /** (I² + J²) λ² of one hull */
  function power(u: number): number {
    const e = Math.exp(u),
      lambda = (e + 1 / e) / 2
    const amplitude =
      0.5 * hull.beam * readSpectrum(along, k * lambda * hull.length) * down(k * lambda * lambda) * lambda
    return amplitude * amplitude
  }
  /** |Σ e^(i k y λ √(λ² − 1))|²: each hull by itself, and each two by the gap between them */
  function interference(u: number): number {
    const e = Math.exp(2 * u),
      across = (k * (e - 1 / e)) / 4
    let sum = offsets.length
    for (let i = 0; i < gaps.length; i++) sum += 2 * Math.cos(across * gaps[i]!)
    return sum
  }
  /**
   * What the interference still gives beyond, over the integrand there, which fades about with λ⁻⁴: ∫ e⁻⁴ᵛ cos(φ + φ′
   * v) dv = (4 cos φ − φ′ sin φ) / (16 + φ′²) for each gap
   */
  function fading(u: number): number {
    const across = (k * Math.sinh(2 * u)) / 2,
      turn = k * Math.cosh(2 * u)
    return (
      2 *
      gaps.reduce(
        (sum, gap) =>
          sum + (4 * Math.cos(across * gap) - turn * gap * Math.sin(across * gap)) / (16 + (turn * gap) ** 2),
        0,
      )
    )
  }
}

/**
 * From which u on the phase between two hulls turns so fast, rad per unit of u, and so little is left of the waves,
 * that their interference can be taken as its mean.
 */
const MIXED_RATE = 100,
  MIXED_FROM = 1.4
/** @param rate of the nearest two hulls at u = 0; 0 where they coincide or there is but one */
const mixedFrom = (rate: number) => Math.max(MIXED_FROM, Math.acosh(Math.max(1, MIXED_RATE / rate)) / 2)

/** The two inner integrals of a hull: they do not depend on speed by themselves. */
interface Spectrum {
  along: Float64Array
  down: (decay: number) => number
  reach: number
}
const spectra = remember<SlenderHull, Spectrum>('spectra')

function spectrumOf(hull: SlenderHull, reach: number): Spectrum {
  const along = () => waterlineSpectrum(hull.prismatic, reach)
  const found = spectra(hull, () => ({ along: along(), down: sectionSpectrum(hull), reach }))
  // it grows as it is asked further out
  return found.reach < reach ? Object.assign(found, { along: along(), reach }) : found
}
