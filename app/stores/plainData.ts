import { toRaw } from 'vue'

/**
 * The same data without the wrappers by which Vue watches it: the browser's store and the workers refuse those.
 * Data that holds none is given back itself, so that boats go on sharing what did not change.
 *
 * @param value numbers, words, lists and records
 * @returns plain data
 */
export function plainData<T>(value: T): T {
  const raw = toRaw(value)
  if (typeof raw !== 'object' || raw === null) return raw
  const entries = Object.entries(raw),
    plain = entries.map(([key, part]) => [key, plainData(part)] as const)
  if (plain.every(([, part], i) => part === entries[i]![1])) return raw
  return (Array.isArray(raw) ? plain.map(([, part]) => part) : Object.fromEntries(plain)) as T
}
