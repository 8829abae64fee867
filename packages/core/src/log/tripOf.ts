import { median } from 'd3-array'
import { betweenPlaces, type Sample } from '../instruments'
import { usualOf } from '../fields'
import { TRIP, type Stretch, type Trip } from '../project'
import { apart, meansOf, speedOf } from '../trial'

/** A trip that nothing is known of. */
export const EMPTY_TRIP: Trip = {
  ...usualOf(TRIP.fields),
  id: 'trip',
  planned: { used: null, time: null, left: null },
  setup: -1,
}

/** s between two samples beyond which nothing is known of what lies between. */
const GAP = 60
/** Slower than this she lies, m/s. */
const WAY = 0.3
/** Length of a block in which speed and power are looked at, and the least of a stretch, s. */
const BLOCK = 30,
  LEAST = 240
/** Blocks of one stretch differ by no more (common practice, wider than for a trial: sea and gusts). */
const SPEED_WITHIN = 0.08,
  POWER_WITHIN = 0.06,
  COURSE_WITHIN = 0.5
const MOST_STRETCHES = TRIP.fields.stretches.longest,
  MOST_TRACK = TRIP.fields.track.longest
/** A step of load tells the resistance from this share of the greatest amps on. */
const STEP = 0.25

interface Block {
  time: number
  means: ReturnType<typeof meansOf>
  speed: number
  power: number
}

/**
 * A trip from what the instruments said.
 *
 * @param samples in order
 * @param source where they come from
 * @returns the trip: way, time, energy, charge, steady stretches, track, resistance by steps of load
 */
export function tripOf(samples: readonly Sample[], source: Trip['source']): Trip {
  let distance = 0,
    time = 0,
    used = 0,
    back = 0,
    drawn = 0,
    counted = false
  for (let i = 1; i < samples.length; i++) {
    const a = samples[i - 1]!,
      b = samples[i]!,
      took = b.time - a.time
    if (took <= 0 || took > GAP * 5) continue
    const speed = speedOf(b)
    const way =
      placed(a) && placed(b) ? betweenPlaces(a.values as Place, b.values as Place).distance : (speed ?? 0) * took
    if ((speed ?? way / took) > WAY) {
      distance += way
      time += took
    }
    if (took > GAP) continue
    const { power, amps } = b.values
    if (power !== undefined) {
      used += Math.max(0, power) * took
      back += Math.max(0, -power) * took
    }
    if (amps !== undefined) {
      drawn += (amps * took) / 3600
      counted = true
    }
  }
  const charges = samples.flatMap(s => (s.values.charge === undefined ? [] : [s.values.charge]))
  const first = samples[0]?.time ?? 0,
    last = samples.at(-1)?.time ?? 0
  const winds = samples.flatMap(s => (s.values.trueWind === undefined ? [] : [s.values.trueWind]))
  return {
    ...EMPTY_TRIP,
    id: `${source}-${Math.round(first)}-${Math.round(last)}`,
    source,
    date: first > 1e8 ? new Date(first * 1000).toISOString().slice(0, 10) : '',
    distance,
    time,
    used,
    sail: back,
    chargeFrom: charges[0] ?? null,
    chargeTo: charges.at(-1) ?? null,
    drawn: counted && drawn >= 0 ? drawn : null,
    resistance: resistanceOf(samples),
    wind: winds.length ? winds.reduce((s, w) => s + w, 0) / winds.length : null,
    stretches: stretchesOf(samples),
    track: trackOf(samples),
  }
}

type Place = { latitude: number; longitude: number }
const placed = ({ values }: Sample): boolean => values.latitude !== undefined && values.longitude !== undefined

/** Track with at most 120 points, evenly along it. */
function trackOf(samples: readonly Sample[]): Trip['track'] {
  const all = samples.filter(placed),
    step = Math.max(1, (all.length - 1) / (MOST_TRACK - 1)),
    count = Math.min(MOST_TRACK, all.length)
  return Array.from({ length: count }, (_, i) => {
    const { latitude, longitude } = all[Math.min(all.length - 1, Math.round(i * step))]!.values as Place
    return { latitude, longitude }
  })
}

/** Steady stretches of at least four minutes, the longest ones, in order. */
function stretchesOf(samples: readonly Sample[]): Stretch[] {
  const found: (Stretch & { from: number })[] = []
  let group: Block[] = []
  const close = () => {
    const of = group
    group = []
    if (of.length * BLOCK < LEAST) return
    const mean = (read: (b: Block) => number) => of.reduce((s, b) => s + read(b), 0) / of.length
    const end = of.at(-1)!.means,
      water = of.every(b => b.means.water !== undefined && b.means.ground === undefined)
    found.push({
      from: of[0]!.time,
      speed: mean(b => b.speed),
      water,
      power: mean(b => b.power),
      time: of.length * BLOCK,
      winding: end.winding ?? null,
      controller: end.controller ?? null,
    })
  }
  for (const block of blocksOf(samples)) {
    const { speed, power } = block
    if (!(speed > WAY) || !(power > 0)) {
      close()
      continue
    }
    const n = group.length,
      v = group.reduce((s, b) => s + b.speed, 0) / n,
      p = group.reduce((s, b) => s + b.power, 0) / n,
      heads = group[0]?.means.heading ?? group[0]?.means.course,
      now = block.means.heading ?? block.means.course
    const like =
      n === 0 ||
      (Math.abs(speed / v - 1) < SPEED_WITHIN &&
        Math.abs(power / p - 1) < POWER_WITHIN &&
        block.time - group.at(-1)!.time < 2 * BLOCK &&
        (heads === undefined || now === undefined || apart(heads, now) < COURSE_WITHIN))
    if (!like) close()
    group.push(block)
  }
  close()
  return found
    .sort((a, b) => b.time - a.time)
    .slice(0, MOST_STRETCHES)
    .sort((a, b) => a.from - b.from)
    .map(({ from: _, ...s }) => s)
}

/** Means of half a minute. */
function* blocksOf(samples: readonly Sample[]): Generator<Block> {
  let from = 0
  for (let i = 1; i <= samples.length; i++) {
    const first = samples[from]!,
      next = samples[i]
    if (next && next.time - first.time < BLOCK) continue
    const means = meansOf(samples.slice(from, i))
    yield {
      time: first.time,
      means,
      speed: means.ground ?? means.water ?? Number.NaN,
      power: means.power ?? Number.NaN,
    }
    from = i
  }
}

/** Ω of the pack by steps of load: the median of −ΔU/ΔI where amps change much within seconds; null for too few. */
function resistanceOf(samples: readonly Sample[]): number | null {
  const read = samples.filter(s => s.values.volts !== undefined && s.values.amps !== undefined)
  const most = read.reduce((m, s) => Math.max(m, Math.abs(s.values.amps!)), 0)
  const steps: number[] = []
  for (let i = 3; i < read.length; i++) {
    const a = read[i - 3]!,
      b = read[i]!,
      di = b.values.amps! - a.values.amps!
    if (b.time - a.time > 8 || Math.abs(di) < Math.max(5, STEP * most)) continue
    steps.push((a.values.volts! - b.values.volts!) / di)
  }
  const r = median(steps)
  return steps.length >= 4 && r !== undefined && r > 0 ? r : null
}

/**
 * The log with trips that come in: one that is there already stays as it is, so that a file read twice changes nothing.
 *
 * @param trips of the log
 * @param coming from a file or the instruments
 * @returns all trips by date, and how many are new
 */
export function withTrips(trips: readonly Trip[], coming: readonly Trip[]): { trips: Trip[]; added: number } {
  const known = new Set(trips.map(t => t.id))
  const fresh = coming.filter(t => !known.has(t.id) && known.add(t.id))
  return {
    trips: [...trips, ...fresh].sort((a, b) => a.date.localeCompare(b.date)),
    added: fresh.length,
  }
}
