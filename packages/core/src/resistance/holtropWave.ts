/** Shape that the wave terms depend on; m, m², m³, iE in degrees, lcb in % forward of the middle. */
export interface HoltropShape {
  L: number
  B: number
  T: number
  volume: number
  CP: number
  CM: number
  CWP: number
  lcb: number
  /** immersed transom area, m² */
  AT: number
  /** bulb: transverse area m², height of its centroid m, draught forward m */
  ABT?: number
  hB?: number
  TF?: number
  /** half angle of entrance, degrees; estimated when absent */
  iE?: number
}

/**
 * Length of the run LR = L (1 − CP + 0.06 CP lcb / (4 CP − 1)).
 *
 * @param s shape
 * @returns m
 * @example runLength({ L: 50, CP: 0.60096, lcb: -4.5 }) // 14.17
 *
 * Source: Holtrop & Mennen 1982.
 */
export function runLength({ L, CP, lcb }: Pick<HoltropShape, 'L' | 'CP' | 'lcb'>): number {
  // the fit has long ended where ends are so full that no run is left
  return L * Math.max(0.02, 1 - CP + (0.06 * CP * lcb) / (4 * CP - 1))
}

/**
 * Half angle of entrance iE where it is not measured.
 *
 * @param s shape
 * @returns degrees
 *
 * Source: Holtrop & Mennen 1982, eq. for iE.
 */
export function entranceAngle(s: HoltropShape): number {
  const { L, B, CP, CWP, lcb, volume } = s
  return (
    1 +
    89 *
      Math.exp(
        -((L / B) ** 0.80856) *
          (1 - CWP) ** 0.30484 *
          Math.max(0, 1 - CP - 0.0225 * lcb) ** 0.6367 *
          (runLength(s) / B) ** 0.34574 *
          ((100 * volume) / L ** 3) ** 0.16302,
      )
  )
}

/**
 * Factor c2 by which a bulb lowers the waves.
 *
 * @param s shape; without a bulb the factor is 1
 * @returns 0 … 1
 * @example bulbFactor({ B: 32, T: 10, ABT: 20, hB: 4, TF: 10 }) // 0.7595
 *
 * Source: Holtrop & Mennen 1982: c2 = exp(−1.89 √c3), c3 = 0.56 ABT^1.5 / (B T (0.31 √ABT + TF − hB)).
 */
export function bulbFactor({
  B,
  T,
  ABT = 0,
  hB = 0,
  TF = T,
}: Pick<HoltropShape, 'B' | 'T' | 'ABT' | 'hB' | 'TF'>): number {
  return Math.exp(-1.89 * Math.sqrt((0.56 * ABT ** 1.5) / (B * T * (0.31 * Math.sqrt(ABT) + TF - hB))))
}

/**
 * Wave resistance over weight, RW / (∇ ρ g), as a function of the Froude number; the shape's constants are worked out
 * once.
 *
 * @param s shape
 * @returns function of Fn (0 to about 1)
 *
 * Source: Holtrop 1984, eqs. for RW-A (Fn ≤ 0.40), RW-B (Fn > 0.55) and the straight line between.
 */
export function holtropWave(s: HoltropShape): (fn: number) => number {
  const { L, B, T, volume, CP, CM } = s
  const iE = s.iE ?? entranceAngle(s)
  const bl = B / L
  const c7 = bl < 0.11 ? 0.229577 * Math.cbrt(bl) : bl < 0.25 ? bl : 0.5 - 0.0625 / bl
  const c1 = 2223105 * c7 ** 3.78613 * (T / B) ** 1.07961 * Math.max(1, 90 - iE) ** -1.37565
  const c2 = bulbFactor(s)
  const c5 = 1 - (0.8 * s.AT) / (B * T * CM)
  const lambda = 1.446 * CP - (1 / bl < 12 ? 0.03 / bl : 0.36)
  const c16 = CP < 0.8 ? 8.07981 * CP - 13.8673 * CP ** 2 + 6.984388 * CP ** 3 : 1.73014 - 0.7067 * CP
  const m1 = (0.0140407 * L) / T - (1.75254 * Math.cbrt(volume)) / L - 4.79323 * bl - c16
  const l3 = L ** 3 / volume
  const c15 = l3 < 512 ? -1.69385 : l3 > 1727 ? 0 : -1.69385 + (L / Math.cbrt(volume) - 8) / 2.36
  // c17 holds (L/B − 2): a hull shorter than two beams has no high-speed branch.
  const c17 = 6919.3 * CM ** -1.3346 * (volume / L ** 3) ** 2.00977 * Math.max(0, 1 / bl - 2) ** 1.40692
  const m3 = -7.2035 * bl ** 0.326869 * (T / B) ** 0.605375
  const m4 = (fn: number) => 0.4 * c15 * Math.exp(-0.034 * fn ** -3.29)
  const low = (fn: number) => c1 * c2 * c5 * Math.exp(m1 * fn ** -0.9 + m4(fn) * Math.cos(lambda / (fn * fn)))
  const high = (fn: number) => c17 * c2 * c5 * Math.exp(m3 * fn ** -0.9 + m4(fn) * Math.cos(lambda / (fn * fn)))
  const at04 = low(0.4),
    at055 = high(0.55)
  return fn => {
    if (fn <= 0.02) return 0 // e^(m1 Fn^−0.9) is below 1e-20 there
    if (fn <= 0.4) return low(fn)
    if (fn > 0.55) return high(fn)
    return at04 + ((10 * fn - 4) * (at055 - at04)) / 1.5
  }
}
