import type { Library } from '../../parts'
import type { Project } from '../definition/projectFields'

/**
 * Works something out once for a document and the library that is chosen from; kept as long as both live.
 *
 * @param make works it out
 * @returns the same, remembered
 */
export function perLibrary<T extends object | null>(
  make: (project: Project, library: Library) => T,
): (project: Project, library: Library) => T {
  const known = new WeakMap<Project, WeakMap<Library, { made: T }>>()
  return (project, library) => {
    const byLibrary = known.get(project) ?? new WeakMap<Library, { made: T }>()
    known.set(project, byLibrary)
    const found = byLibrary.get(library) ?? { made: make(project, library) }
    byLibrary.set(library, found)
    return found.made
  }
}
