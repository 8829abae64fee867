import { randomUUID } from 'node:crypto'
import { fillText, firstDesign, readAnswers, readKnown } from '@remigo/core'
import { answering } from './answering'
import { BadRequest } from './badRequest'
import { newRequestSchema } from './requests'

/** A boat with her first design from ten answers. */
export const newAnswer = answering(newRequestSchema, request => {
  const read = readAnswers(request.answers)
  if (!read.ok) throw new BadRequest(read.errors.map(e => ({ ...e, field: `answers.${e.field}` })))
  const known = readKnown(read.known, 'answers.known')
  if (!known.ok) throw new BadRequest(known.errors)
  const { have, wish, placeTold } = read
  const { project, note, left, bought } = firstDesign(read.answers, randomUUID(), {
    known: known.told,
    have,
    wish,
    placeTold,
  })
  return {
    project,
    note: note && fillText(note),
    bought: bought && fillText(bought),
    left: left.map(({ had, why }) => ({ line: had.line, why: fillText(why) })),
  }
})
