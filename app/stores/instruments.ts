import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { useStorage } from '@vueuse/core'
import { Sampler, type Mark, type InstrumentId, type Project, type Sample } from '@remigo/core'
import type { SimulationNews, SimulationOrder } from '~/workers/simulation'
import { startWorker } from '~/workers/startWorker'
import { instrumentWords as words } from '~/messages/instruments'
import { plainData } from './plainData'

/** Where readings come from. */
export type InstrumentSource = 'simulated' | 'serial' | 'socket'
/** What the browser offers besides: a serial port, where it does. */
interface SerialPortLike {
  open(options: { baudRate: number }): Promise<void>
  readable: ReadableStream<Uint8Array>
  close(): Promise<void>
}

/** s of readings that are kept for trial and picture, and s between two that are kept of a trip */
const KEPT = 900,
  OF_TRIP = 10,
  /** s of a trip: a day and a night */
  LONGEST = 36 * 3600
/** Lines of the raw log that are put by together, outside the page's own memory, and as many such parts as are kept. */
const RAW_LINES = 500,
  RAW_PARTS = 2000

/**
 * Readings of instruments, simulated or live: one sample a second, and marks on what is old or cannot be. Nothing
 * connects by itself.
 */
export const useInstrumentStore = defineStore('instruments', () => {
  const source = ref<InstrumentSource | null>(null)
  /** the last quarter of an hour; a new list each second */
  const samples = shallowRef<Sample[]>([])
  /** every ten seconds since the beginning */
  const trip = shallowRef<Sample[]>([])
  const trouble = ref('')
  const broken = ref(0)
  const unknown = ref<string[]>([])
  const fast = ref(1)
  /** W that the simulated drive takes at most */
  const most = ref(0)
  /** what transducers are, by the owner */
  const names = useStorage<Record<string, InstrumentId | null>>('remigo-transducers', {})
  const latest = computed<Sample | null>(() => samples.value.at(-1) ?? null)
  const simulated = computed(() => source.value === 'simulated')
  const mark = (id: InstrumentId): Mark | undefined => latest.value?.marks[id]

  let sampler = new Sampler()
  let raw: string[] = [],
    rawParts: Blob[] = []
  let worker: Worker | null = null
  let close: (() => void) | null = null

  function begin(from: InstrumentSource, clock: 'sentences' | 'arrival') {
    stop()
    source.value = from
    sampler = new Sampler({ ...names.value }, clock)
    samples.value = []
    trip.value = []
    raw = []
    rawParts = []
    trouble.value = ''
    broken.value = 0
  }
  function take(lines: readonly string[], time: number) {
    const fresh: Sample[] = []
    for (const line of lines) {
      const sample = sampler.take(line, time)
      if (sample) fresh.push(sample)
      raw.push(line)
    }
    if (raw.length >= RAW_LINES) {
      rawParts = [...rawParts.slice(1 - RAW_PARTS), new Blob([`${raw.join('\r\n')}\r\n`])]
      raw = []
    }
    broken.value = sampler.heard.broken
    if (unknown.value.length !== sampler.heard.unknown.length) unknown.value = [...sampler.heard.unknown]
    return fresh
  }
  function keep(fresh: readonly Sample[]) {
    if (fresh.length === 0) return
    const until = fresh.at(-1)!.time
    const from = until - KEPT
    samples.value = [...samples.value.filter(s => s.time >= from), ...fresh.filter(s => s.time >= from)]
    const last = trip.value.at(-1)?.time ?? -Infinity
    const of: Sample[] = []
    for (const s of fresh) if (s.time - (of.at(-1)?.time ?? last) >= OF_TRIP) of.push(s)
    if (of.length) trip.value = [...trip.value, ...of].slice(-LONGEST / OF_TRIP)
  }

  /** A boat that is not there begins to speak. */
  function simulate(project: Project, seed: number, course = 0) {
    begin('simulated', 'arrival')
    worker = startWorker('simulation')
    worker.addEventListener('message', ({ data }: MessageEvent<SimulationNews>) => {
      if ('most' in data) most.value = data.most
      else keep(data.seconds.flatMap(s => take(s.lines, s.time)))
    })
    const time = Math.floor(Date.now() / 1000)
    order({ start: { project: plainData(project), seed, time, course } })
    order({ fast: fast.value })
  }
  const order = (it: SimulationOrder) => worker?.postMessage(it)
  const steer = (power: number, course: number) => order({ steer: { power, course } })
  function hurry(times: number) {
    fast.value = times
    order({ fast: times })
  }

  /** Text of a stream, cut into lines. */
  async function listen(readable: ReadableStream<Uint8Array>, until: AbortSignal) {
    const decoder = new TextDecoder()
    const reader = readable.getReader()
    until.addEventListener('abort', () => void reader.cancel().catch(() => undefined))
    let rest = ''
    try {
      for (;;) {
        const { value, done } = await reader.read()
        if (done) break
        const lines = (rest + decoder.decode(value, { stream: true })).split(/\r?\n/)
        rest = (lines.pop() ?? '').slice(-400)
        keep(take(lines, Date.now() / 1000))
      }
    } finally {
      if (!until.aborted) {
        trouble.value = words.lost
        source.value = null
      }
    }
  }
  /** A serial port that the owner chooses in the browser's own list. */
  async function serial(baudRate: number) {
    const offered = (navigator as Navigator & { serial?: { requestPort(): Promise<SerialPortLike> } }).serial
    if (!offered) return (trouble.value = words.noSerial)
    try {
      const port = await offered.requestPort()
      await port.open({ baudRate })
      begin('serial', 'arrival')
      const abort = new AbortController()
      close = () => {
        abort.abort()
        void port.close().catch(() => undefined)
      }
      void listen(port.readable, abort.signal)
    } catch {
      trouble.value = words.noPort
    }
    return ''
  }
  /** A relay that speaks sentences over a web socket, at an address that the owner types. */
  function socket(address: string) {
    if (!/^wss?:\/\/[^\s/]+/.test(address)) {
      trouble.value = words.badAddress(address)
      return
    }
    begin('socket', 'arrival')
    let heard: WebSocket
    try {
      heard = new WebSocket(address)
    } catch {
      trouble.value = words.noSocket(address)
      source.value = null
      return
    }
    heard.onmessage = ({ data }: MessageEvent<unknown>) => {
      if (typeof data === 'string') keep(take(data.slice(0, 20_000).split(/\r?\n/), Date.now() / 1000))
    }
    heard.onerror = () => (trouble.value = words.noSocket(address))
    heard.onclose = () => {
      if (source.value === 'socket' && close) {
        trouble.value = trouble.value || words.lost
        source.value = null
      }
    }
    close = () => heard.close()
  }
  function stop() {
    worker?.terminate()
    worker = null
    const end = close
    close = null
    end?.()
    source.value = null
  }
  /** What was heard, as it came. */
  const rawLog = () => new Blob([...rawParts, raw.map(l => `${l}\r\n`).join('')])
  /** A new trip begins now. */
  const restart = () => (trip.value = [])

  return {
    source,
    simulated,
    samples,
    trip,
    latest,
    mark,
    trouble,
    broken,
    unknown,
    names,
    fast,
    most,
    simulate,
    steer,
    hurry,
    serial,
    socket,
    stop,
    rawLog,
    restart,
  }
})
