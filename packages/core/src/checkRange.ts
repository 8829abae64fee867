/**
 * Refuses a number that a caller must not pass: not finite, or outside [min, max].
 *
 * @param name what the number is, as the caller knows it
 * @param value the number, in whatever unit `rule` speaks of
 * @param min least allowed value
 * @param max greatest allowed value
 * @returns the value itself
 * @throws RangeError with name, rule and value
 * @example checkRange('speed', 2.5, 0, 60) // 2.5
 */
export function checkRange(name: string, value: number, min: number, max = Infinity): number {
  if (!Number.isFinite(value) || value < min || value > max) {
    throw new RangeError(`${name} must be between ${min} and ${max}; got ${value}`)
  }
  return value
}
