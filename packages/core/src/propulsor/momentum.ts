/**
 * Ideal efficiency of any propeller of this disc, which none can beat: 2 / (1 + √(1 + CT)).
 *
 * @param thrust N, ≥ 0
 * @param advanceSpeed m/s, > 0
 * @param diameter m, > 0
 * @param density kg/m³
 * @returns 0 … 1
 * @example idealEfficiency(500, 2.5, 0.4, 1025.9) // 0.8010
 *
 * Source: momentum theory (Rankine, Froude): CT = T / (½ ρ Va² A).
 */
export function idealEfficiency(thrust: number, advanceSpeed: number, diameter: number, density: number): number {
  const area = (Math.PI * diameter * diameter) / 4
  const ct = thrust / (0.5 * density * advanceSpeed * advanceSpeed * area)
  return 2 / (1 + Math.sqrt(1 + ct))
}

/**
 * Greatest thrust that a power can give at the quay: (2 ρ A P²)^⅓.
 *
 * @param power delivered, W
 * @param diameter m
 * @param density kg/m³
 * @returns N
 * @example idealQuayThrust(5000, 0.4, 1025.9) // 1861
 *
 * Source: momentum theory at zero speed.
 */
export function idealQuayThrust(power: number, diameter: number, density: number): number {
  return Math.cbrt(((2 * density * Math.PI * diameter * diameter) / 4) * power * power)
}
