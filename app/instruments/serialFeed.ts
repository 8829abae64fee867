import { SentenceLines } from '@remigo/core'
import { instrumentWords as words } from '~/messages/instruments'
import { nowSeconds, type Ear, type EndFeed } from './feed'

/** What a browser offers that has serial ports. */
export interface SerialPortLike {
  open(options: { baudRate: number }): Promise<void>
  readable: ReadableStream<Uint8Array>
  close(): Promise<void>
}
type SerialOffer = { serial?: { requestPort(): Promise<SerialPortLike> } }

/**
 * A serial port that the owner chooses in the browser's own list.
 *
 * @param baudRate of the port
 * @returns the port, open; or why there is none, in words
 */
export async function openSerial(baudRate: number): Promise<{ port: SerialPortLike } | { trouble: string }> {
  const offered = (navigator as Navigator & SerialOffer).serial
  if (!offered) return { trouble: words.noSerial }
  try {
    const port = await offered.requestPort()
    await port.open({ baudRate })
    return { port }
  } catch {
    return { trouble: words.noPort }
  }
}

/**
 * What an open port says.
 *
 * @param port open
 * @param ear who hears it
 * @returns what ends it, and closes the port
 */
export function serialFeed(port: SerialPortLike, ear: Ear): EndFeed {
  let ended = false
  const reader = port.readable.getReader(),
    decoder = new TextDecoder(),
    cut = new SentenceLines()
  async function listen() {
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return
      ear.hear(cut.take(decoder.decode(value, { stream: true })), nowSeconds())
    }
  }
  const over = () => {
    if (!ended) ear.lost(words.lost)
  }
  // a cable that is pulled ends the stream, or throws
  void listen().then(over, over)
  return () => {
    ended = true
    void reader
      .cancel()
      .catch(() => undefined)
      .then(() => reader.releaseLock())
      .then(() => port.close())
      .catch(() => undefined)
  }
}
