/** Resistivity of copper at 20 °C, Ω·m, and its rise per kelvin (IEC 60028). */
export const COPPER = { resistivity: 1.7241e-8, perKelvin: 0.00393 } as const

/**
 * Resistance of a copper conductor, Ω.
 *
 * @param length of the whole way, out and back, m
 * @param area mm²
 * @param celsius conductor temperature
 * @returns Ω
 * @example conductorResistance(1000, 107.22, 20) // 0.1608
 *
 * Source: R = ρ L / A; ρ and its rise from IEC 60028.
 */
export function conductorResistance(length: number, area: number, celsius = 20): number {
  return ((COPPER.resistivity * length) / (area * 1e-6)) * (1 + COPPER.perKelvin * (celsius - 20))
}
