import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { DEMO, writeSentence } from '@remigo/core'
import { useInstrumentStore } from '../app/stores/instruments'
import { serveSimulation } from '../app/workers/simulation'
import { workersHere } from './workerStandIn'

/** A relay on the boat's network, whose end the test holds. */
class Relay {
  static all: Relay[] = []
  onopen: (() => void) | null = null
  onclose: ((event: unknown) => void) | null = null
  onmessage: ((event: { data: unknown }) => void) | null = null
  closed = false
  constructor(readonly url: string) {
    if (url.includes('forbidden')) throw new DOMException('insecure', 'SecurityError')
    Relay.all.push(this)
  }
  close() {
    this.closed = true
    queueMicrotask(() => this.onclose?.({}))
  }
}
/** A serial port, whose end the test holds. */
class Port {
  says!: ReadableStreamDefaultController<Uint8Array>
  closed = false
  readable = new ReadableStream<Uint8Array>({ start: c => (this.says = c) })
  open = () => Promise.resolve()
  close = () => {
    this.closed = true
    return Promise.resolve()
  }
  say = (text: string) => this.says.enqueue(new TextEncoder().encode(text))
}
/** Two sentences a second apart: a sample is made when its second is over. */
const speed = (knots: string) => writeSentence('II', 'VHW', ['', 'T', '', 'M', knots, 'N', '', 'K'])

beforeEach(() => {
  setActivePinia(createPinia())
  Relay.all = []
  vi.useFakeTimers()
  vi.stubGlobal('WebSocket', Relay)
})
afterEach(() => {
  useInstrumentStore().stop()
  vi.useRealTimers()
  vi.unstubAllGlobals()
})
const second = () => vi.advanceTimersByTimeAsync(1100)

describe('a relay', () => {
  const opened = () => {
    const store = useInstrumentStore()
    store.socket('ws://relay:8080')
    const relay = Relay.all[0]!
    relay.onopen?.()
    return { store, relay }
  }
  it('a sentence cut in two messages is heard', async () => {
    const { store, relay } = opened(),
      line = speed('4.0')
    relay.onmessage?.({ data: line.slice(0, 9) })
    relay.onmessage?.({ data: `${line.slice(9)}\r\n` })
    await second()
    relay.onmessage?.({ data: speed('4.1') })
    expect(store.latest?.values.water).toBeCloseTo((4 * 1852) / 3600, 4)
    expect(store.broken).toBe(0)
  })
  it.each([
    ['the port of a web page', 'http://relay', /is no address of a relay/],
    ['one to which this page may not speak', 'ws://forbidden', /No relay answers/],
  ])('%s is refused in words', (_, address, says) => {
    const store = useInstrumentStore()
    store.socket(address)
    expect([store.trouble, store.source]).toEqual([expect.stringMatching(says), null])
  })
  it('that never answers is told at once', () => {
    const store = useInstrumentStore()
    store.socket('ws://relay:8080')
    Relay.all[0]!.onclose?.({})
    expect([store.trouble, store.source]).toEqual([expect.stringMatching(/No relay answers/), null])
  })
  it('that falls silent is called again; what was heard is kept', async () => {
    const { store, relay } = opened()
    relay.onmessage?.({ data: speed('4.0') })
    await second()
    relay.onmessage?.({ data: speed('4.1') })
    const heard = store.samples.length
    relay.onclose?.({})
    expect(store.trouble).toMatch(/called again/)
    await vi.advanceTimersByTimeAsync(2000)
    Relay.all[1]!.onopen?.()
    expect([store.trouble, store.source, store.samples.length]).toEqual(['', 'socket', heard])
  })
  it('that stays silent is given up after half a minute', async () => {
    const { store, relay } = opened()
    relay.onclose?.({})
    for (let i = 1; i <= 15; i++) {
      await vi.advanceTimersByTimeAsync(2000)
      Relay.all[i]!.onclose?.({})
    }
    expect([store.trouble, store.source]).toEqual([expect.stringMatching(/fell silent\. Connect/), null])
  })
  it('that its owner closes is silent, without a word', async () => {
    const { store, relay } = opened()
    store.stop()
    await second()
    expect([relay.closed, store.trouble, store.source, Relay.all.length]).toEqual([true, '', null, 1])
  })
})

describe('a serial port', () => {
  const plugged = async (port: Port) => {
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.resolve(port) } })
    const store = useInstrumentStore()
    await store.serial(4800)
    return store
  }
  it('bytes are heard as they come, and a cable that is pulled is told', async () => {
    const port = new Port(),
      store = await plugged(port),
      line = speed('3.0')
    port.say(line.slice(0, 5))
    port.say(`${line.slice(5)}\r\n`)
    await second()
    port.say(`${speed('3.1')}\r\n`)
    await second()
    expect(store.latest?.values.water).toBeCloseTo((3 * 1852) / 3600, 4)
    port.says.error(new Error('the device has been lost'))
    await second()
    expect([store.trouble, store.source]).toEqual([expect.stringMatching(/fell silent/), null])
  })
  it('its owner closes it without a word', async () => {
    const port = new Port(),
      store = await plugged(port)
    store.stop()
    await second()
    expect([port.closed, store.trouble]).toEqual([true, ''])
  })
  it.each([
    ['a browser without any', {}, /offers no serial port/],
    ['none chosen', { serial: { requestPort: () => Promise.reject(new Error('none')) } }, /No port was opened/],
  ])('%s is told', async (_, navigator, says) => {
    vi.stubGlobal('navigator', navigator)
    const store = useInstrumentStore()
    await store.serial(4800)
    expect([store.trouble, store.source]).toEqual([expect.stringMatching(says), null])
  })
})

describe('the simulated boat', () => {
  it('speaks as instruments do, follows her lever, and a worker that is lost is told', async () => {
    vi.useRealTimers()
    const workers = workersHere(() => serveSimulation())
    const store = useInstrumentStore()
    store.hurry(30)
    store.simulate(DEMO.osprel, 1)
    await vi.waitFor(() => expect(store.most).toBeGreaterThan(100), 5000)
    store.steer(store.most / 2, 0)
    await vi.waitFor(() => expect(store.latest?.values.ground ?? 0).toBeGreaterThan(1), 5000)
    expect(store.simulated).toBe(true)
    workers[0]!.die('out of memory')
    await vi.waitFor(() => expect(store.trouble).toMatch(/stopped: out of memory/))
    expect(store.source).toBeNull()
    expect(workers[0]!.ended).toBe(true)
  })
})
