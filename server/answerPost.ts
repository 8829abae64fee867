import type { H3Event } from 'h3'
import { answerInPool, RETRY_AFTER } from './answerPool'
import { refused, type Answer } from './answers/answering'
import type { AnswerName } from './answers'
import { readLimitedBody } from './readLimitedBody'

/**
 * Answers a POST of JSON: the body within its limit, its type as said, and the answer worked out in a worker.
 *
 * @param event the request
 * @param name of what is asked
 * @returns JSON, with its status set
 */
export const answerPost = (event: H3Event, name: AnswerName): Promise<string> =>
  answerJson(event, body => answerInPool({ name, body }))

/**
 * The same with an answer of one's own.
 *
 * @param event the request
 * @param answer from the body's text
 * @returns JSON, with its status set
 */
export async function answerJson(event: H3Event, answer: (body: string) => Answer | Promise<Answer>): Promise<string> {
  const { status, json } = await answered(event, answer)
  setResponseStatus(event, status)
  setResponseHeader(event, 'content-type', 'application/json')
  if (status === 503) setResponseHeader(event, 'retry-after', RETRY_AFTER)
  return json
}

async function answered(event: H3Event, answer: (body: string) => Answer | Promise<Answer>): Promise<Answer> {
  const type = getHeader(event, 'content-type') ?? ''
  if (!/^application\/json\b/i.test(type))
    return refused(415, 'content-type', `The body should be application/json, not ${type.slice(0, 40) || 'nothing'}.`)
  const body = await readLimitedBody(event)
  return body.ok ? answer(body.text) : refused(413, 'body', body.message)
}
