/** How clean the bottom is, as an owner would say it. */
export type HullCondition = 'unknown' | 'clean' | 'slime' | 'weed' | 'barnacles'

/** What a condition does to friction: CF × factor + allowance. */
export interface HullConditionEffect {
  label: string
  factor: number
  low: number
  high: number
}

/** Roughness of sound new paint, added to CF (order given by Townsin; from memory of). */
export const PAINT_ALLOWANCE = 0.0004

/**
 * Growth raises CF: light slime 15 to 25 %, weed and barnacles 40 to 80 % (order given by Schultz 2007; from memory
 * of).
 */
export const HULL_CONDITIONS: Record<HullCondition, HullConditionEffect> = {
  unknown: { label: 'Not known', factor: 1.2, low: 1, high: 1.45 },
  clean: { label: 'Clean', factor: 1, low: 1, high: 1.05 },
  slime: { label: 'Slime', factor: 1.2, low: 1.15, high: 1.25 },
  weed: { label: 'Weed', factor: 1.45, low: 1.4, high: 1.6 },
  barnacles: { label: 'Barnacles', factor: 1.7, low: 1.5, high: 1.8 },
}
