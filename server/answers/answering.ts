import type { z } from 'zod'
import { fieldErrors, type FieldError } from '@remigo/core'
import { BadRequest } from './badRequest'

/** What is answered to a request: a status, and JSON. */
export interface Answer {
  status: number
  json: string
}

/** An answer that is a list of errors, each with its field. */
export const refusal = (status: number, errors: readonly FieldError[]): Answer => ({
  status,
  json: JSON.stringify({ errors }),
})
/** The same with one sentence. */
export const refused = (status: number, field: string, message: string): Answer => refusal(status, [{ field, message }])

/**
 * Answers a request by its schema; what cannot be used is answered with its errors by field.
 *
 * @param schema of its body
 * @param answer what to answer; may throw BadRequest
 * @returns from a body's text to the answer
 */
export const answering =
  <S extends z.ZodType>(schema: S, answer: (data: z.infer<S>) => unknown) =>
  (body: string): Answer => {
    let data: unknown
    try {
      data = JSON.parse(body)
    } catch (error) {
      return refused(400, 'body', `The request is not whole JSON (${(error as Error).message.slice(0, 120)}).`)
    }
    const request = schema.safeParse(data)
    if (!request.success) return refusal(400, fieldErrors(request.error.issues))
    try {
      return { status: 200, json: JSON.stringify(answer(request.data)) }
    } catch (error) {
      if (!(error instanceof BadRequest)) throw error
      return refusal(400, error.errors)
    }
  }
