import { expose } from 'comlink'
import { vi } from 'vitest'

/** How a worker's script is not had, or how it dies. */
interface LiveWorker {
  name: string
  ended: boolean
  /** its script cannot be loaded, or it dies */
  die(message: string): void
}

/**
 * Puts workers in place that run in this process, over a real channel: what they are asked and what they throw is
 * copied as between threads.
 *
 * @param serve what a worker of a name can be asked
 * @returns the workers that were made
 */
export function workersHere(serve: (name: string) => object): LiveWorker[] {
  const made: LiveWorker[] = []
  vi.stubGlobal(
    'Worker',
    class extends EventTarget implements LiveWorker {
      readonly name: string
      ended = false
      private readonly channel = new MessageChannel()
      constructor(_: URL, { name }: { name: string }) {
        super()
        this.name = name
        made.push(this)
        const { port1, port2 } = this.channel
        port1.onmessage = ({ data }) => this.dispatchEvent(new MessageEvent('message', { data }))
        expose(serve(name), port2)
      }
      postMessage(message: unknown, transfer: MessagePort[]) {
        if (!this.ended) this.channel.port1.postMessage(message, transfer)
      }
      terminate() {
        this.ended = true
        this.channel.port1.close()
      }
      die(message: string) {
        this.dispatchEvent(Object.assign(new Event('error'), { message }))
      }
    },
  )
  return made
}
