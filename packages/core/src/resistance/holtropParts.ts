import { GRAVITY } from '../constants'
import { bulbFactor, runLength, type HoltropShape } from './holtropWave'

/**
 * Form factor 1 + k1 of the bare hull.
 *
 * @param s shape
 * @param sternShape Cstern: −25 pram with gondola, −10 V, 0 normal, +10 U with Hogner stern
 * @returns 1 + k1
 * @example formFactor({ L: 50, B: 12, T: 3.2, volume: 900, CP: 0.60096, lcb: -4.5 }) // 1.2970
 *
 * Source: Holtrop 1984.
 */
export function formFactor(s: Pick<HoltropShape, 'L' | 'B' | 'T' | 'volume' | 'CP' | 'lcb'>, sternShape = 0): number {
  const { L, B, T, volume, CP } = s
  return (
    0.93 +
    0.487118 *
      (1 + 0.011 * sternShape) *
      (B / L) ** 1.06806 *
      (T / L) ** 0.46106 *
      (L / runLength(s)) ** 0.121563 *
      (L ** 3 / volume) ** 0.36486 *
      (1 - CP) ** -0.604247
  )
}

/**
 * Extra resistance of an immersed transom, N.
 *
 * @param speed m/s
 * @param density kg/m³
 * @param s shape
 * @returns RTR
 *
 * Source: Holtrop & Mennen 1982: RTR = ½ρV² AT c6, c6 = 0.2 (1 − 0.2 FnT) below FnT = 5, else 0.
 */
export function transomResistance(speed: number, density: number, s: Pick<HoltropShape, 'B' | 'CWP' | 'AT'>): number {
  if (s.AT <= 0) return 0
  const fnT = speed / Math.sqrt((2 * GRAVITY * s.AT) / (s.B + s.B * s.CWP))
  return fnT < 5 ? 0.5 * density * speed * speed * s.AT * 0.2 * (1 - 0.2 * fnT) : 0
}

/**
 * Extra resistance of a bulb near the surface, N.
 *
 * @param speed m/s
 * @param density kg/m³
 * @param s shape with ABT, hB, TF
 * @returns RB; zero without a bulb
 *
 * Source: Holtrop & Mennen 1982.
 */
export function bulbResistance(
  speed: number,
  density: number,
  s: Pick<HoltropShape, 'ABT' | 'hB' | 'TF' | 'T'>,
): number {
  const ABT = s.ABT ?? 0
  if (ABT <= 0 || speed <= 0) return 0
  const hB = s.hB ?? 0,
    TF = s.TF ?? s.T
  const pB = (0.56 * Math.sqrt(ABT)) / (TF - 1.5 * hB)
  const fni = speed / Math.sqrt(GRAVITY * (TF - hB - 0.25 * Math.sqrt(ABT)) + 0.15 * speed * speed)
  return (0.11 * Math.exp(-3 / (pB * pB)) * fni ** 3 * ABT ** 1.5 * density * GRAVITY) / (1 + fni * fni)
}

/**
 * Model–ship correlation allowance CA.
 *
 * @param s shape
 * @returns CA, to be used on the whole wetted surface
 * @example correlationAllowance({ L: 50, B: 12, T: 3.2, volume: 900, TF: 3.1 }) // 0.000641
 *
 * Source: Holtrop 1984: CA = 0.006 (L + 100)^−0.16 − 0.00205 + 0.003 (L/7.5)^½ CB⁴ c2 (0.04 − c4), c4 = min(TF/L,
 * 0.04).
 */
export function correlationAllowance(s: Pick<HoltropShape, 'L' | 'B' | 'T' | 'volume' | 'ABT' | 'hB' | 'TF'>): number {
  const { L, B, T, volume } = s
  const TF = s.TF ?? T,
    c2 = bulbFactor(s)
  const block = volume / (L * B * T)
  return (
    0.006 * (L + 100) ** -0.16 -
    0.00205 +
    0.003 * Math.sqrt(L / 7.5) * block ** 4 * c2 * (0.04 - Math.min(TF / L, 0.04))
  )
}
