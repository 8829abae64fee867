import type { Project } from './projectFields'

type PathOf<T> = T extends readonly unknown[]
  ? never
  : {
      [K in keyof T & string]: string extends K
        ? never
        : K | (NonNullable<T[K]> extends object ? `${K}.${PathOf<NonNullable<T[K]>>}` : never)
    }[keyof T & string]
type At<T, P extends string> = P extends keyof T
  ? T[P]
  : P extends `${infer K}.${infer Rest}`
    ? K extends keyof T
      ? At<NonNullable<T[K]>, Rest>
      : never
    : never

/** A dotted path of something that a boat's document holds, such as "boat.mass". Items of lists have none. */
export type ProjectPath = PathOf<Project>
/** What stands at a path of a document. */
export type ValueAt<P extends ProjectPath> = At<Project, P>
/** Paths at which a value of this type may be put. */
export type PathTo<V> = { [P in ProjectPath]: V extends ValueAt<P> ? P : never }[ProjectPath]

/** A path and a value for it, as arguments. */
export type PathAndValue = { [P in ProjectPath]: [path: P, value: ValueAt<P>] }[ProjectPath]

/** One change to a document: a path and the new value, which is of the type that the document holds there. */
export type Edit = { [P in ProjectPath]: { path: P; value: ValueAt<P> } }[ProjectPath]

/**
 * A change to a document; path and value are checked against each other when the path is known to the compiler.
 *
 * @param path a path, or one of several that hold the same type
 * @param value the new value
 * @returns the change
 * @example edit('boat.mass', 620) // { path: 'boat.mass', value: 620 }
 */
export const edit = <P extends ProjectPath>(path: P, value: ValueAt<P>): Edit => ({ path, value }) as Edit

/**
 * The value at a dotted path.
 *
 * @param project the boat
 * @param path such as "boat.mass"
 * @returns the value
 * @throws RangeError when there is no such field
 */
export function valueAt<P extends ProjectPath>(project: Project, path: P): ValueAt<P> {
  let at: unknown = project
  for (const key of path.split('.')) {
    if (typeof at !== 'object' || at === null || !(key in at))
      throw new RangeError(`path must name a field of the boat; got ${path}`)
    at = (at as Record<string, unknown>)[key]
  }
  return at as ValueAt<P>
}

/**
 * A copy of the boat with some fields changed; the rest is shared with the original.
 *
 * @param project the boat
 * @param edits paths and values
 * @returns the changed boat
 * @throws RangeError when a path names no field
 */
export function withEdits(project: Project, edits: readonly Edit[]): Project {
  let result = project
  for (const { path, value } of edits) {
    valueAt(result, path)
    result = setAt(result, path.split('.'), value) as Project
  }
  return result
}

function setAt(node: unknown, keys: readonly string[], value: unknown, depth = 0): unknown {
  if (depth === keys.length) return value
  const object = node as Record<string, unknown>,
    key = keys[depth]!
  return { ...object, [key]: setAt(object[key], keys, value, depth + 1) }
}
