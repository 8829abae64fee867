import type { H3Event } from 'h3'
import type { z } from 'zod'
import { fieldErrors, readProjectData, type FieldError, type Project } from '@remigo/core'
import { readLimitedBody } from './readLimitedBody'

/** Errors of a request, each with its field: answered with status 400. */
export class BadRequest extends Error {
  constructor(readonly errors: FieldError[]) {
    super('The request cannot be used.')
  }
}

/**
 * Reads a request by its schema and answers it; what cannot be used is answered with its errors by field.
 *
 * @param event the request
 * @param schema of its body
 * @param answer what to answer; may throw BadRequest
 * @returns the answer, or { errors }
 */
export async function answerRequest<S extends z.ZodType>(
  event: H3Event,
  schema: S,
  answer: (data: z.infer<S>) => unknown,
): Promise<unknown> {
  const body = await readLimitedBody(event)
  if (!body.ok) {
    setResponseStatus(event, body.status)
    return { errors: body.errors }
  }
  const request = schema.safeParse(body.data)
  try {
    if (!request.success) throw new BadRequest(fieldErrors(request.error.issues))
    return answer(request.data)
  } catch (error) {
    if (!(error instanceof BadRequest)) throw error
    setResponseStatus(event, 400)
    return { errors: error.errors }
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
