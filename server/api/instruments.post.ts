import { z } from 'zod'
import { answerRequest, BadRequest } from '../answerRequest'
import { afloat } from '../simulatedBoats'

/** Power from the pack in W and course in rad for a simulated boat that speaks. */
const LEVER = z.object({
  id: z.string().max(40).default('simulated'),
  power: z.number().min(0).max(1e6),
  course: z.number().min(0).max(6.2832).default(0),
})

/** The lever of a simulated boat. */
export default defineEventHandler(event =>
  answerRequest(event, LEVER, ({ id, power, course }) => {
    const boat = afloat(id)
    if (!boat) throw new BadRequest([{ field: 'id', message: `No boat “${id}” speaks now. Open her stream first.` }])
    boat.steer(power, course)
    return { power: Math.min(power, boat.most), most: boat.most }
  }),
)
