import type { H3Event } from 'h3'
import type { FieldError } from '@remigo/core'
import { BODY_LIMIT } from './evaluateRequest'

/** A request's JSON, or what to answer instead. */
export type LimitedBody = { ok: true; data: unknown } | { ok: false; status: 400 | 413; errors: FieldError[] }

/**
 * Reads a request's body as JSON, up to BODY_LIMIT bytes, counted as they arrive.
 *
 * @param event the request
 * @returns the data, or the status and errors to answer
 */
export async function readLimitedBody(event: H3Event): Promise<LimitedBody> {
  const chunks: Buffer[] = []
  let size = 0
  const tooLarge: LimitedBody = {
    ok: false,
    status: 413,
    errors: [{ field: 'body', message: `The request is larger than ${BODY_LIMIT / 1024} kB.` }],
  }
  if (Number(getHeader(event, 'content-length') ?? 0) > BODY_LIMIT) return tooLarge
  for await (const chunk of event.node.req) {
    size += (chunk as Buffer).length
    if (size > BODY_LIMIT) return tooLarge
    chunks.push(chunk as Buffer)
  }
  try {
    return { ok: true, data: JSON.parse(Buffer.concat(chunks).toString('utf8')) }
  } catch (error) {
    return {
      ok: false,
      status: 400,
      errors: [{ field: 'body', message: `The request is not whole JSON (${(error as Error).message}).` }],
    }
  }
}
