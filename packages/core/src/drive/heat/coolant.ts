/** Rise of the coolant on its way, K, and heat that a hull cooler passes, W/(m² K): 100 at rest, about 250 under way (common practice). */
export const COOLANT_RISE = 6, HULL_COOLER = { atRest: 100, underWay: 250 }
/** Water with antifreeze: kg/m³ and J/(kg K) (common practice). */
const COOLANT = { density: 1050, heat: 3500 }

/**
 * Flow that carries a loss away.
 *
 * @param loss W
 * @param rise of the coolant, K
 * @returns m³/s
 * @example coolantFlow(667) // 0.00003025
 *
 * Source: V = P / (ρ c ΔT).
 */
export function coolantFlow(loss: number, rise = COOLANT_RISE): number {
  return loss / (COOLANT.density * COOLANT.heat * rise)
}

/**
 * Surface of a hull cooler for a loss, lying still in the water, the worse case.
 *
 * @param loss W
 * @param difference from coolant to water, K
 * @returns m²
 * @example hullCoolerArea(667) // 0.6670
 *
 * Source: A = P / (U ΔT).
 */
export function hullCoolerArea(loss: number, difference = 10): number {
  return loss / (HULL_COOLER.atRest * difference)
}
