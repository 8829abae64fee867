/** The later half of some readings against the earlier, as a share, with its σ. */
export interface HalvesApart {
  change: number
  sigma: number
}

/**
 * Whether what is read grows over time: means of the logs of the two halves.
 *
 * @param logs of readings in the order of time, at least four
 * @param least σ that is left however alike they are
 * @returns share and σ
 * @example halvesApart([0, 0, 0.1, 0.1], 0.02).change // 0.1052
 */
export function halvesApart(logs: readonly number[], least: number): HalvesApart {
  const half = Math.floor(logs.length / 2)
  const [a, b] = [logs.slice(0, half), logs.slice(-half)].map(of => {
    const mean = of.reduce((s, v) => s + v, 0) / of.length
    return { mean, variance: of.reduce((s, v) => s + (v - mean) ** 2, 0) / Math.max(1, of.length - 1) / of.length }
  }) as [{ mean: number; variance: number }, { mean: number; variance: number }]
  return { change: Math.exp(b.mean - a.mean) - 1, sigma: Math.max(least, Math.sqrt(a.variance + b.variance)) }
}

/**
 * Whether the later half is so much more that it counts: beyond what is let pass, and out of the scatter.
 *
 * @param halves of some readings
 * @param least share more that counts
 * @returns whether it does
 * @example standsOut({ change: 0.12, sigma: 0.02 }, 0.08) // true
 */
export const standsOut = ({ change, sigma }: HalvesApart, least: number): boolean =>
  change > least && change > 2 * sigma
