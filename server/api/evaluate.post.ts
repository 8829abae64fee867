import { answerPost } from '../answerPost'

/** POST /api/evaluate: the same core for those who want it by HTTP. */
export default defineEventHandler(event => answerPost(event, 'evaluate'))
