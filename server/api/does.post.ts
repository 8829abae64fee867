import { answerPost } from '../answerPost'

/** POST /api/does: what a boat does with what is in her. */
export default defineEventHandler(event => answerPost(event, 'does'))
