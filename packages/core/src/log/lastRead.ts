import type { InstrumentId, Sample } from '../instruments'

/** A value that was read, and how long ago: s before the last second. */
export interface LastRead {
  value: number
  age: number
}

/**
 * The last value that an instrument said.
 *
 * @param samples in order
 * @param id of the instrument
 * @returns null where it never spoke; age 0 where it speaks now
 * @example lastRead([{ time: 5, values: { ground: 2 }, marks: {} }], 'ground') // { value: 2, age: 0 }
 */
export function lastRead(samples: readonly Sample[], id: InstrumentId): LastRead | null {
  const last = samples.at(-1),
    found = samples.findLast(s => s.values[id] !== undefined && s.values[id] !== null)
  return last && found ? { value: found.values[id]!, age: last.time - found.time } : null
}
