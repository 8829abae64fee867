import type { MotorLosses } from './motorLosses'

/**
 * One line of equal efficiency: greater and smaller torque at each speed, N·m against rpm; null where the motor never
 * reaches it.
 */
export interface EfficiencyLine {
  efficiency: number
  rpm: number[]
  upper: (number | null)[]
  lower: (number | null)[]
}

/**
 * Lines of equal efficiency over torque and speed.
 *
 * @param losses fitted constants
 * @param greatestRpm of the motor
 * @param levels efficiencies, 0 … 1
 * @param count of speeds
 * @returns a line a level
 *
 * Source: η = Tω/(Tω + c1 ω + c2 ω² + r T²), solved for T: r T² − Tω (1/η − 1) + c1 ω + c2 ω² = 0.
 */
export function efficiencyLines(
  losses: MotorLosses,
  greatestRpm: number,
  levels: readonly number[] = [0.7, 0.8, 0.85, 0.9],
  count = 80,
): EfficiencyLine[] {
  const rpm = Array.from({ length: count }, (_, i) => (greatestRpm * (i + 1)) / count)
  return levels.map(efficiency => {
    const upper: (number | null)[] = [],
      lower: (number | null)[] = []
    for (const n of rpm) {
      const omega = (n * Math.PI) / 30,
        b = omega * (1 / efficiency - 1),
        c = (losses.c1 + losses.c2 * omega) * omega
      const root = b * b - 4 * losses.copper * c
      upper.push(root > 0 ? (b + Math.sqrt(root)) / (2 * losses.copper) : null)
      lower.push(root > 0 ? (b - Math.sqrt(root)) / (2 * losses.copper) : null)
    }
    return { efficiency, rpm, upper, lower }
  })
}
