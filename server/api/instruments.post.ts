import { z } from 'zod'
import { answerJson } from '../answerPost'
import { answering } from '../answers/answering'
import { BadRequest } from '../answers/badRequest'
import { afloat } from '../simulatedBoats'

/** Power from the pack in W and course in rad for a simulated boat that speaks. */
const LEVER = z.object({
  id: z.string().max(40).default('simulated'),
  power: z.number().min(0).max(1e6),
  course: z.number().min(0).max(6.2832).default(0),
})

const answer = answering(LEVER, ({ id, power, course }) => {
  const boat = afloat(id)
  if (!boat) throw new BadRequest([{ field: 'id', message: `No boat “${id}” speaks now. Open her stream first.` }])
  boat.steer(power, course)
  return { power: Math.min(power, boat.most), most: boat.most }
})

/** The lever of a simulated boat. */
export default defineEventHandler(event => answerJson(event, answer))
