import { answerJson } from '../answerPost'
import { answering } from '../answers/answering'
import { BadRequest } from '../answers/badRequest'
import { leverSchema } from '../answers/requests'
import { afloat } from '../simulatedBoats'

const answer = answering(leverSchema, ({ id, power, course }) => {
  const boat = afloat(id)
  if (!boat) throw new BadRequest([{ field: 'id', message: `No boat “${id}” speaks now. Open her stream first.` }])
  boat.steer(power, course)
  return { power: Math.min(power, boat.most), most: boat.most }
})

/** The lever of a simulated boat. */
export default defineEventHandler(event => answerJson(event, answer))
