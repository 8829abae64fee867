import type { Library } from '../../parts'
import type { Project } from '../definition/projectFields'
import { remember } from '../../numeric'

/**
 * Works something out once for a document and the library that is chosen from; kept as long as both live.
 *
 * @param make works it out
 * @returns the same, remembered
 */
export function perLibrary<T extends object | null>(
  make: (project: Project, library: Library) => T,
): (project: Project, library: Library) => T {
  const known = remember<Project, (library: Library, work: () => T) => T>('libraries')
  return (project, library) =>
    known(project, () => remember<Library, T>('libraries'))(library, () => make(project, library))
}
