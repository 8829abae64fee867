import { answerPost } from '../answerPost'

/** POST /api/new: a boat with her first design from ten answers. */
export default defineEventHandler(event => answerPost(event, 'new'))
