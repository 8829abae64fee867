import { effectScope } from 'vue'
import { useWebSocket } from '@vueuse/core'
import { SentenceLines } from '@remigo/core'
import { instrumentWords as words } from '~/messages/instruments'
import { nowSeconds, type Ear, type EndFeed } from './feed'

/** Most of one message that is read, characters. */
const LONGEST = 20_000
/** A relay that falls silent is called again so often, so long apart, ms. */
const RETRIES = 15,
  AGAIN = 2000

/**
 * A relay that speaks sentences over a web socket. Where it never answered, that is told at once; where it falls
 * silent, it is called again for half a minute.
 *
 * @param address such as ws://192.168.1.10:8080
 * @param ear who hears it
 * @returns what ends it
 */
export function socketFeed(address: string, ear: Ear): EndFeed {
  const scope = effectScope(true)
  const cut = new SentenceLines()
  let answered = false,
    ended = false
  scope.run(() => {
    try {
      useWebSocket(address, {
        onConnected: () => {
          if (answered) ear.trouble('')
          answered = true
        },
        onMessage: (_, { data }) => {
          if (typeof data === 'string') ear.hear(cut.take(data.slice(0, LONGEST)), nowSeconds())
        },
        onDisconnected: () => {
          if (answered && !ended) ear.trouble(words.callingAgain)
        },
        autoReconnect: {
          retries: tried => answered && tried < RETRIES,
          delay: AGAIN,
          onFailed: () => ear.lost(answered ? words.lost : words.noSocket(address)),
        },
      })
    } catch {
      // an address that the browser does not speak to from this page
      ear.lost(words.noSocket(address))
    }
  })
  return () => {
    ended = true
    scope.stop()
  }
}
