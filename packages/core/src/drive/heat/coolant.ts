/**
 * Rise of the coolant on its way, K; heat that a hull cooler passes lying still, W/(m² K), where it is least; from
 * coolant to water, K (common practice).
 */
export const COOLANT_RISE = 6,
  COOLER_AT_REST = 100,
  COOLER_DIFFERENCE = 10
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
export function hullCoolerArea(loss: number, difference = COOLER_DIFFERENCE): number {
  return loss / (COOLER_AT_REST * difference)
}
