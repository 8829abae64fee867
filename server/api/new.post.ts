import { randomUUID } from 'node:crypto'
import { fillText, firstDesign, readAnswers, readEarly, type TrialPoint } from '@remigo/core'
import { answerRequest, BadRequest } from '../answerRequest'
import { newRequestSchema } from '../evaluateRequest'

/** POST /api/new: a boat with her first design from ten answers. */
export default defineEventHandler(event =>
  answerRequest(event, newRequestSchema, request => {
    const read = readAnswers(request.answers)
    if (!read.ok) throw new BadRequest(read.errors.map(e => ({ ...e, field: `answers.${e.field}` })))
    const { project, note } = firstDesign(read.answers, randomUUID(), read.known.map(knownReading))
    return { project, note: note && fillText(note) }
  }),
)

function knownReading(sentence: string, i: number): TrialPoint {
  const read = readEarly(sentence)
  if (read.ok) return read.point
  throw new BadRequest([{ field: `answers.known.${i}`, message: read.message }])
}
