/** The sea in which something was read; empty where nobody said. */
export const SEAS = ['', 'smooth', 'slight', 'moderate', 'rough'] as const
/** One of them. */
export type Sea = (typeof SEAS)[number]

/** How much of the sea margin was in what was read, by its sea (common practice); where nobody says, half of it. */
export const SEA_SHARE: Readonly<Record<Sea, number>> = { '': 0.5, smooth: 0, slight: 0.5, moderate: 1, rough: 2 }
/**
 * How far a sea may be from its word, as a share of the usual margin: half of it where nobody said, a quarter of it
 * where somebody did, nothing where it was smooth (judgement).
 */
export const SEA_OPEN: Readonly<Record<Sea, number>> = { '': 0.5, smooth: 0, slight: 0.25, moderate: 0.25, rough: 0.5 }
