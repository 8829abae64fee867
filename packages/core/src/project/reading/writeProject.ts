import type { Project } from '../definition/projectFields'

/**
 * A boat as the text of a file: readable, stable order.
 *
 * @param project the boat
 * @returns JSON, two spaces, final newline
 */
export function writeProject(project: Project): string {
  return `${JSON.stringify(project, null, 2)}\n`
}
