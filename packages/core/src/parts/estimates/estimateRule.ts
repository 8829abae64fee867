/** Figures of a part so far: known, estimated, or null. */
export type Figures = Readonly<Record<string, unknown>>

/** How one figure of a part follows from others, where its owner does not know it. */
export interface EstimateRule {
  key: string
  /** figures that it is made of; all must be there */
  from: readonly string[]
  /** in kept units */
  value(figures: Record<string, number>): number | string | boolean
  /** factor by which it may be off either way, once in five times each; 1 for what is no number */
  spread: number
  /** in an owner's words */
  words: string
}

/** A rule for a number. */
export const estimate = (
  key: string,
  from: readonly string[],
  value: (figures: Record<string, number>) => number,
  spread: number,
  words: string,
): EstimateRule => ({ key, from, value, spread, words })

/** A rule for a word, or yes and no. */
export const choose = (
  key: string,
  from: readonly string[],
  value: (figures: Record<string, number>) => string | boolean,
  words: string,
): EstimateRule => ({ key, from, value, spread: 1, words })
