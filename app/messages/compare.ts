/** Words of boats side by side. */
export const compareWords = {
  title: 'Side by side',
  lead: 'Two to four boats, or variants of one. What differs most stands first.',
  choose: 'Boats to compare',
  variant: (name: string) => `Make a variant of ${name}`,
  one: 'Choose one more boat to compare.',
  four: 'Four stand side by side at most: take one out first.',
  curves: 'Power from the pack by speed',
  power: 'Power',
  speed: 'Speed',
  differs: 'Differs',
  same: 'The same',
  band: (low: string, high: string) => `${low} to ${high}`,
  none: 'none',
  open: (name: string) => `Open ${name}`,
  best: 'best of these',
  broken: (name: string) => `${name} holds a figure that cannot be worked out: open it to see which.`,
} as const
