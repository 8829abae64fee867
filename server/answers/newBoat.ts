import { randomUUID } from 'node:crypto'
import { fillText, firstDesign, readAnswers, readEarly, type TrialPoint } from '@remigo/core'
import { answering } from './answering'
import { BadRequest } from './badRequest'
import { newRequestSchema } from './requests'

/** A boat with her first design from ten answers. */
export const newAnswer = answering(newRequestSchema, request => {
  const read = readAnswers(request.answers)
  if (!read.ok) throw new BadRequest(read.errors.map(e => ({ ...e, field: `answers.${e.field}` })))
  const { project, note } = firstDesign(read.answers, randomUUID(), read.known.map(knownReading))
  return { project, note: note && fillText(note) }
})

function knownReading(sentence: string, i: number): TrialPoint {
  const read = readEarly(sentence)
  if (read.ok) return read.point
  throw new BadRequest([{ field: `answers.known.${i}`, message: read.message }])
}
