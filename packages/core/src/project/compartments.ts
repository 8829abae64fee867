/** Sizes that a space for the pack may have, m. */
export const COMPARTMENT_RANGE = {
  length: [0.1, 10],
  width: [0.1, 6],
  height: [0.05, 3],
  clearance: [0, 0.3],
} as const satisfies Record<string, readonly [number, number]>
