import { closePool } from '../answerPool'
import { closeStreams } from '../simulatedBoats'

/** As the server stops: streams end, workers are let go. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('close', async () => {
    closeStreams()
    await closePool()
  })
})
