import type { Answer } from './answering'
import { doesAnswer } from './does'
import { evaluateAnswer } from './evaluate'
import { fitAnswer } from './fit'
import { newAnswer } from './newBoat'

/** What is answered to a POST, by the last part of its path. */
export const ANSWERS = { evaluate: evaluateAnswer, does: doesAnswer, new: newAnswer, fit: fitAnswer } as const
export type AnswerName = keyof typeof ANSWERS

/** A request as a worker of the pool takes it. */
export interface Ask {
  name: AnswerName
  body: string
}

/** Answers a request: what the pool runs, so that a heavy boat holds up no other visitor. */
export default ({ name, body }: Ask): Answer => ANSWERS[name](body)
