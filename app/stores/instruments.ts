import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { useStorage } from '@vueuse/core'
import { Sampler, type Mark, type InstrumentId, type Project, type Sample } from '@remigo/core'
import type { Ear, EndFeed } from '~/instruments/feed'
import { openSerial, serialFeed } from '~/instruments/serialFeed'
import { simulatedFeed, type SimulatedFeed } from '~/instruments/simulatedFeed'
import { socketFeed } from '~/instruments/socketFeed'
import { instrumentWords as words } from '~/messages/instruments'
import { plainData } from './plainData'

/** Where readings come from. */
export type InstrumentSource = 'simulated' | 'serial' | 'socket'

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
  let end: EndFeed | null = null
  let boat: SimulatedFeed | null = null

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

  /** Hears one connection; what comes of another that was ended is nothing to it. */
  function earOf(from: InstrumentSource, clock: 'sentences' | 'arrival'): Ear {
    begin(from, clock)
    const mine = sampler
    const ifMine =
      <A extends unknown[]>(act: (...args: A) => void) =>
      (...args: A) => {
        if (mine === sampler) act(...args)
      }
    return {
      hear: ifMine((lines, time) => keep(take(lines, time))),
      trouble: ifMine(says => (trouble.value = says)),
      lost: ifMine(says => {
        stop()
        trouble.value = says
      }),
    }
  }
  /** A boat that is not there begins to speak. */
  function simulate(project: Project, seed: number, course = 0) {
    const ear = earOf('simulated', 'arrival')
    boat = simulatedFeed({ project: plainData(project), seed, course }, ear, power => (most.value = power))
    end = boat.end
    boat.hurry(fast.value)
  }
  const steer = (power: number, course: number) => boat?.steer(power, course)
  function hurry(times: number) {
    fast.value = times
    boat?.hurry(times)
  }
  /** A serial port that the owner chooses in the browser's own list. */
  async function serial(baudRate: number) {
    const opened = await openSerial(baudRate)
    if ('trouble' in opened) trouble.value = opened.trouble
    else end = serialFeed(opened.port, earOf('serial', 'arrival'))
  }
  /** A relay that speaks sentences over a web socket, at an address that the owner types. */
  function socket(address: string) {
    if (!/^wss?:\/\/[^\s/]+/.test(address)) trouble.value = words.badAddress(address)
    else end = socketFeed(address, earOf('socket', 'arrival'))
  }
  function stop() {
    end?.()
    end = null
    boat = null
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
