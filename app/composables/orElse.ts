/**
 * What a sum gives, or something else where the boat is such that it fails.
 *
 * @param otherwise in its place
 * @param sum that may throw
 * @returns what it gives
 */
export function orElse<T>(otherwise: T, sum: () => T): T {
  try {
    return sum()
  } catch {
    return otherwise
  }
}
