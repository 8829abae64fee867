/** Who hears a feed of sentences. */
export interface Ear {
  /** lines as they came, and when, s since 1970 */
  hear(lines: readonly string[], time: number): void
  /** something is wrong: in words for the owner; what was heard is kept */
  trouble(says: string): void
  /** it speaks no more, and nothing tries any longer */
  lost(says: string): void
}

/** Ends a feed: its ear hears nothing more. */
export type EndFeed = () => void

/** Now, s since 1970. */
export const nowSeconds = () => Date.now() / 1000
