/** Resistivity of copper at 20 °C, Ω·m, and its rise per kelvin (IEC 60028). */
export const COPPER = { resistivity: 1.7241e-8, perKelvin: 0.00393 } as const

/**
 * Diameter of a solid wire of an American Wire Gauge number, m.
 *
 * @param gauge n; 1/0 is 0, 2/0 is −1, 3/0 is −2, 4/0 is −3
 * @returns m
 * @example awgDiameter(10) // 0.002588
 *
 * Source: ASTM B258: d = 0.127 mm × 92^((36 − n)/39).
 */
export function awgDiameter(gauge: number): number {
  return 0.127e-3 * 92 ** ((36 - gauge) / 39)
}

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
  return COPPER.resistivity * length / (area * 1e-6) * (1 + COPPER.perKelvin * (celsius - 20))
}
