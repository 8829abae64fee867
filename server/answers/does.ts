import { doesJson, whatItDoes } from '@remigo/core'
import { answering } from './answering'
import { projectOf } from './badRequest'
import { doesRequestSchema } from './requests'

/** What a boat does with what is in her, whatever is wished. */
export const doesAnswer = answering(doesRequestSchema, ({ project }) => doesJson(whatItDoes(projectOf(project))))
