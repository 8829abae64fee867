import type { Fields, NumberField, ValueOf } from './field'

/** Paths of the numbers within fields: "boat.mass". Those of lists and of groups that may be null are left out. */
export type NumberPath<F> = {
  [K in keyof F & string]: F[K] extends { kind: 'number' }
    ? K
    : F[K] extends { open: true }
      ? never
      : F[K] extends { kind: 'group'; fields: infer G }
        ? `${K}.${NumberPath<G>}`
        : never
}[keyof F & string]

/**
 * The numbers within fields, by their paths; those of lists and of groups that may be null are not among them.
 *
 * @param fields a group's
 * @returns definitions by path
 */
export function numbersOf<const F extends Fields>(fields: F): Record<NumberPath<F>, NumberField> {
  const found: Record<string, NumberField> = {}
  const walk = (at: Fields, path: string) => {
    for (const [key, field] of Object.entries(at)) {
      if (field.kind === 'number') found[path + key] = field
      else if (field.kind === 'group' && !field.open) walk(field.fields, `${path}${key}.`)
    }
  }
  walk(fields, '')
  return found as Record<NumberPath<F>, NumberField>
}

/** Those fields of a group that a new boat has without being asked: usual values, and what is left open. */
export type UsualOf<F> = {
  [K in keyof F as F[K] extends { usual: unknown } | { open: true } ? K : never]: ValueOf<F[K]>
}

/**
 * Usual values of fields; what is open until it is known is null.
 *
 * @param fields a group's
 * @returns values by key; fields without a usual value are left out
 */
export function usualOf<const F extends Fields>(fields: F): UsualOf<F> {
  // a plain loop: the demo boats ask some hundred times before the first view is painted
  const usual: Record<string, unknown> = {}
  for (const key in fields) {
    const field = fields[key]!
    if ('usual' in field && field.usual !== undefined) usual[key] = field.usual
    else if ('open' in field && field.open) usual[key] = null
  }
  return usual as UsualOf<F>
}
