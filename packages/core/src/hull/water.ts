/** The water the boat floats in. */
export interface Water {
  /** kg/m³ */
  density: number
  /** kinematic, m²/s */
  viscosity: number
}

const FIFTEEN_DEGREES = 288.15

/** ITTC 7.5-02-01-03 values at 15 °C. */
const AT_FIFTEEN = {
  sea: { density: 1025.9, viscosity: 1.188e-6 },
  fresh: { density: 999.1, viscosity: 1.139e-6 },
} as const

/** Dynamic viscosity of water against temperature, up to a constant. From memory of the Vogel form; 273 to 313 K. */
const vogel = (temperature: number): number => 10 ** (247.8 / (temperature - 140))

/**
 * Density and kinematic viscosity of sea or fresh water.
 * Density is kept at its 15 °C value: it changes by less than 0.5 % between 0 and 30 °C.
 *
 * @param kind sea or fresh
 * @param temperature K, 272 to 308
 * @returns density ρ in kg/m³, viscosity ν in m²/s
 * @example waterProperties('sea', 288.15).density // 1025.9
 *
 * Source: ITTC 7.5-02-01-03 (15 °C); temperature by the Vogel equation, from memory of.
 */
export function waterProperties(kind: 'sea' | 'fresh', temperature = FIFTEEN_DEGREES): Water {
  const base = AT_FIFTEEN[kind]
  return { density: base.density, viscosity: (base.viscosity * vogel(temperature)) / vogel(FIFTEEN_DEGREES) }
}
