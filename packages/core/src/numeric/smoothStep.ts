/**
 * A step without a corner: 0 up to 0, 1 from 1 on, level at both ends: t² (3 − 2 t).
 *
 * @param t any number
 * @returns 0 … 1
 * @example smoothStep(0.5) // 0.5000
 */
export function smoothStep(t: number): number {
  const inside = Math.min(1, Math.max(0, t))
  return inside * inside * (3 - 2 * inside)
}
