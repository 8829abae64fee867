/** What a reading of the boat's power is of. */
export const READING_KINDS = ['battery', 'shaft', 'rpm', 'pull', 'fuel', 'engine', 'charge'] as const
/** One of them. */
export type ReadingKind = (typeof READING_KINDS)[number]
