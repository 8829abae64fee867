import { answerPost } from '../answerPost'

/** POST /api/fit: readings of any kind correct a boat's curve. */
export default defineEventHandler(event => answerPost(event, 'fit'))
