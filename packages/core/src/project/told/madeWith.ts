/** What drove her when a reading was made. */
export const MADE_WITH = ['asFitted', 'oldEngine', 'another', 'unknown'] as const
export type MadeWith = (typeof MADE_WITH)[number]
