import table from '../../data/b-series-reynolds.json' with { type: 'json' }
import type { Cubic, OpenWater } from './bSeries'

/** Reynolds number at which the series' polynomials hold as they are, and the greatest of the correction. */
export const SERIES_REYNOLDS = 2e6,
  GREATEST_REYNOLDS = 2e9

/**
 * Reynolds number of the blades at 0.75 of the radius.
 *
 * @param propeller diameter (m), area ratio, blades
 * @param waterSpeed m/s
 * @param shaftSpeed rev/s
 * @param viscosity m²/s
 * @returns Rn
 * @example bladeReynolds({ diameter: 0.4, areaRatio: 0.5, blades: 3 }, 2.5, 15, 1.19e-6) // 1667286
 *
 * Source: Rn = c₀.₇₅ √(Va² + (0.75 π n D)²) / ν, c₀.₇₅ = 2.073 (AE/A0) D / Z (Oosterveld & van Oossanen 1975).
 */
export function bladeReynolds(
  { diameter, areaRatio, blades }: { diameter: number; areaRatio: number; blades: number },
  waterSpeed: number,
  shaftSpeed: number,
  viscosity: number,
): number {
  const chord = (2.073 * areaRatio * diameter) / blades
  return (chord * Math.hypot(waterSpeed, 0.75 * Math.PI * shaftSpeed * diameter)) / viscosity
}

/**
 * What is left of a propeller's efficiency at a Reynolds number below that of the series, where blades drag more: small
 * propellers that turn slowly.
 *
 * @param reynolds Rn, > 0
 * @returns 1 from 2·10⁶ up, 0.92 at 2·10⁵
 * @example slowBlades(2e5) // 0.9200
 *
 * Source: about 8 per cent for a decade (judgement, from tests of model propellers between 10⁵ and 10⁶).
 */
export function slowBlades(reynolds: number): number {
  return Math.max(0.7, 1 - 0.08 * Math.max(0, Math.log10(SERIES_REYNOLDS / Math.max(1, reynolds))))
}

/**
 * KT and KQ at a Reynolds number above that of the series. Below it nothing is known and they stay as they are.
 *
 * @param water cubics at Rn = 2·10⁶
 * @param propeller pitch ratio, area ratio, blades
 * @param reynolds Rn, held to 2·10⁶ … 2·10⁹
 * @returns corrected cubics
 *
 * Source: Oosterveld & van Oossanen 1975, ΔK = Σ C (log₁₀ Rn − 0.301)^r J^s (P/D)^t (AE/A0)^u Z^v (recalled;
 * data/b-series-reynolds.json).
 */
export function atReynolds(
  water: OpenWater,
  propeller: { pitchRatio: number; areaRatio: number; blades: number },
  reynolds: number,
): OpenWater {
  if (reynolds <= SERIES_REYNOLDS) return water
  const L = Math.log10(Math.min(GREATEST_REYNOLDS, reynolds)) - 0.301,
    L0 = Math.log10(SERIES_REYNOLDS) - 0.301
  const corrected = (base: Cubic, rows: number[][]): Cubic => {
    const out: [number, number, number, number] = [...base]
    for (const [C, r, s, t, u, v] of rows as [number, number, number, number, number, number][]) {
      // the difference to the series' own Rn, so that nothing jumps there
      out[s]! += C * (L ** r - L0 ** r) * propeller.pitchRatio ** t * propeller.areaRatio ** u * propeller.blades ** v
    }
    return out
  }
  return { kt: corrected(water.kt, table.dKT), kq: corrected(water.kq, table.dKQ) }
}
