import { JET_3 } from './frozenParts'
import type { Migration } from './migration'

/** 2 to 3: a waterjet beside the propeller. */
export const toVersion3: Migration = document => {
  const design = document.design as Record<string, unknown> | undefined
  if (typeof design !== 'object' || design === null) return document
  return { ...document, design: { ...design, jet: JET_3 } }
}
