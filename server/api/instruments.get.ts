import { streamQuerySchema } from '../answers/requests'
import { haul, launch, MOST_BOATS, streaming } from '../simulatedBoats'

const SECOND = 1000
/** s of a stream that was forgotten. */
const LONGEST = 6 * 3600

/** A simulated boat's instruments as an event stream: each event is a line of NMEA 0183, all of them once a second. */
export default defineEventHandler(async event => {
  const query = streamQuerySchema.safeParse(getQuery(event))
  const boat = query.success
    ? launch(query.data.id, query.data.boat, query.data.seed, Math.floor(Date.now() / SECOND))
    : null
  if (!query.success || !boat) {
    setResponseStatus(event, 400)
    return {
      errors: [
        {
          field: 'boat',
          message: `No simulated boat speaks: name a demo boat, and no more than ${MOST_BOATS} at a time.`,
        },
      ],
    }
  }
  const stream = createEventStream(event)
  let seconds = 0
  const timer = setInterval(() => {
    boat.step()
    void stream.push(boat.sentences())
    // the browser opens it again by itself where somebody still listens
    if (++seconds >= LONGEST) void stream.close()
  }, SECOND)
  const forget = streaming(() => void stream.close())
  stream.onClosed(async () => {
    clearInterval(timer)
    forget()
    haul(query.data.id, boat)
    await stream.close()
  })
  return stream.send()
})
