import type { Project } from './projectFields'

/** One change to a document: a dotted path and the new value. */
export interface Edit {
  path: string
  value: unknown
}

/**
 * The value at a dotted path.
 *
 * @param project the boat
 * @param path such as "boat.mass"
 * @returns the value
 * @throws RangeError when there is no such field
 */
export function valueAt(project: Project, path: string): unknown {
  let at: unknown = project
  for (const key of path.split('.')) {
    if (typeof at !== 'object' || at === null || !(key in at))
      throw new RangeError(`path must name a field of the boat; got ${path}`)
    at = (at as Record<string, unknown>)[key]
  }
  return at
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
