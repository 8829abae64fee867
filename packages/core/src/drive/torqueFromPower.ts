/**
 * Torque of a power at a shaft speed: T = P / (2π n).
 *
 * @param power W
 * @param rpm revolutions a minute, > 0
 * @returns N·m
 * @throws RangeError when rpm is not above 0
 * @example torqueFromPower(5965.6, 1200) // 47.47
 */
export function torqueFromPower(power: number, rpm: number): number {
  if (!(rpm > 0)) throw new RangeError(`rpm must be above 0; got ${rpm}`)
  return (power * 60) / (2 * Math.PI * rpm)
}
