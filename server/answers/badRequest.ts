import { readProjectData, type FieldError, type Project } from '@remigo/core'

/** Errors of a request, each with its field: answered with status 400. */
export class BadRequest extends Error {
  constructor(readonly errors: FieldError[]) {
    super('The request cannot be used.')
  }
}

/**
 * The boat of a request.
 *
 * @param data anything
 * @returns the boat
 * @throws BadRequest with every reason why not
 */
export function projectOf(data: unknown): Project {
  const read = readProjectData(data)
  if (!read.ok) throw new BadRequest(read.errors.map(e => ({ ...e, field: `project.${e.field}` })))
  return read.project
}
