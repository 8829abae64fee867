import type { H3Event } from 'h3'
import { BODY_LIMIT } from './answers/requests'

/** A request's body as text, or why it is not read. */
export type LimitedBody = { ok: true; text: string } | { ok: false; message: string }

/**
 * Reads a request's body, up to BODY_LIMIT bytes, counted as they arrive.
 *
 * @param event the request
 * @returns its text, or a sentence
 */
export async function readLimitedBody(event: H3Event): Promise<LimitedBody> {
  const tooLarge: LimitedBody = { ok: false, message: `The request is larger than ${BODY_LIMIT / 1024} kB.` }
  if (Number(getHeader(event, 'content-length') ?? 0) > BODY_LIMIT) return tooLarge
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of event.node.req) {
    size += (chunk as Buffer).length
    if (size > BODY_LIMIT) return tooLarge
    chunks.push(chunk as Buffer)
  }
  return { ok: true, text: Buffer.concat(chunks).toString('utf8') }
}
