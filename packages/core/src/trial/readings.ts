import type { RunSetup, TrialPoint } from '../project/definition/projectFields'
import type { ReadingKind } from '../project/told/readingKind'
import { SEA_OPEN, SEA_SHARE } from '../project/told/seas'
import { METRIC_UNITS, quantityText, watts, type Text, type UnitChoice } from '../units'
import { READINGS } from './readingCharacter'

/** One speed at which something was read, freed of the stream as far as the rows allow. */
export interface Reading {
  /** m/s through the water */
  speed: number
  kind: Exclude<ReadingKind, 'charge'>
  /** W, rev/s of the motor, N, or m³/s of fuel, by the kind */
  value: number
  /** σ of its ln */
  noise: number
  /** rows of the table that it comes from, from 1 */
  rows: number[]
  /** how the stream was taken out */
  stream: 'pairs' | 'given' | 'none'
  /** place of the drive that it was made with */
  setup: number
  /** how much of the usual sea margin was in it, and σ of that share: 0 in calm */
  sea: number
  seaOpen: number
}

/** A row that says nothing of the hull, and why. */
export interface Unread {
  row: number
  reason: Text
}

/** Setup of a run that is not in the table yet. */
export const NEW_RUN = -1
/** A run that stands still in the water says nothing, m/s. */
const LEAST_SPEED = 0.1

/**
 * Whether a run's stream leaves it any way through the water.
 *
 * @param point of the table, m/s
 * @param choice the owner's units, for the sentence
 * @returns a sentence, or null when all is well
 * @example streamError({ speed: 2, stream: 0.5 }) // null
 */
export function streamError(
  { speed, stream }: Pick<TrialPoint, 'speed' | 'stream'>,
  choice: UnitChoice = METRIC_UNITS,
): string | null {
  if (stream === null || speed - stream >= LEAST_SPEED) return null
  const show = (value: number) => quantityText(value, 'speed', choice)
  return `a stream of ${show(stream)} leaves nothing of ${show(speed)} over ground. A stream against her is negative.`
}

/** What an owner could read besides what is in the row itself. */
export interface ReadWith {
  /** V and J of the pack then; null where nobody told which it was */
  pack: Pick<RunSetup, 'packVoltage' | 'packEnergy'> | null
  /** W on the plate of the old engine; 0 for none */
  enginePower: number
}

/**
 * Whether a reading tells nothing without its pack: a share of a charge, or amps without volts.
 *
 * @param point the reading
 * @returns true where its pack must be told
 * @example wantsPack({ kind: 'charge', power: null, voltage: null, current: null }) // true
 */
export const wantsPack = ({
  kind,
  power,
  voltage,
  current,
}: Pick<TrialPoint, 'kind' | 'power' | 'voltage' | 'current'>): boolean =>
  kind === 'charge' || (kind === 'battery' && power === null && current !== null && voltage === null)

/** Watts and volts × amps that differ by more contradict each other (common practice: meters agree to a tenth). */
const AGREE = 0.15

/**
 * What a row of the table says: its value, or what is missing or contradicts itself.
 *
 * @param point the row
 * @param setup pack and engine of then
 * @returns the value in SI, W for charge used in a time, or a sentence
 * @example readingValue({ kind: 'battery', power: null, voltage: 50, current: 40 }, { pack: { packVoltage: 51,
 * packEnergy:
 *   1e7 }, enginePower: 0 }) // 2000
 */
export function readingValue(
  point: Pick<TrialPoint, 'kind' | 'power' | 'voltage' | 'current'> & Partial<TrialPoint>,
  { pack, enginePower }: ReadWith,
): number | Text {
  const { power, voltage, current, rpm, pull, fuelRate, used, time } = point
  const wanted = (value: number | null | undefined, text: string): number | Text => (value ? value : { text })
  switch (point.kind) {
    case 'battery': {
      const volts = voltage ?? pack?.packVoltage ?? null
      if (!power && current !== null && volts === null)
        return { text: 'Say the volts too: amps alone tell no power where the pack is not known.' }
      const meters = current === null || volts === null ? null : volts * current
      if (power && meters && voltage !== null && Math.abs(Math.log(meters / power)) > AGREE)
        return {
          text: '{w} were read, but volts times amps are {va}. Leave out the one that is wrong.',
          params: { w: watts(power), va: watts(meters) },
        }
      return wanted(power ?? meters, 'Say what was read: watts, or amps with volts.')
    }
    case 'shaft':
      return wanted(power, 'Say what power was at the shaft.')
    case 'rpm':
      return wanted(rpm && rpm / 60, 'Say how fast the motor turned.')
    case 'pull':
      return wanted(pull, 'Say how hard the tow line pulled.')
    case 'fuel':
      return wanted(fuelRate, 'Say how much fuel an hour took.')
    case 'engine':
      return wanted(power ?? enginePower, 'Say what power the old engine’s plate gives.')
    case 'charge':
      if (used && time && !pack) return { text: 'Say what pack that was: its kWh. A share of it tells nothing else.' }
      return used && time && pack
        ? (used * pack.packEnergy) / time
        : { text: 'Say what share of the charge went, and in what time: 40 % in 2 h.' }
  }
}

/** Read on the way, one way, with no stream known: the speed is no better than this, as σ of ln power. */
const ONE_WAY = 0.12

/**
 * σ of ln of what a row tells, as the owner says or as is usual.
 *
 * @param point the row
 * @param stream whether runs both ways, or a stream that is known, took the stream out
 * @returns σ
 * @example noiseOf({ kind: 'battery', doubt: null }, 'none') // 0.1300
 */
export function noiseOf({ kind, doubt }: Pick<TrialPoint, 'kind' | 'doubt'>, stream: Reading['stream']): number {
  return doubt ?? Math.hypot(READINGS[kind].noise, stream === 'pairs' ? 0 : stream === 'given' ? ONE_WAY / 2 : ONE_WAY)
}

/** Runs out and back whose powers differ by less belong together. */
const SAME_POWER = 0.15

/**
 * Weights of runs in turn out and back, for a stream that changes evenly: 1 1, 1 2 1, 1 3 3 1 …
 *
 * @param count of runs
 * @returns weights that add to 1
 * @example meanOfMeans(3)[1] // 0.5000
 *
 * Source: mean of means, as on the measured mile (common practice).
 */
export function meanOfMeans(count: number): number[] {
  let row = [1]
  for (let i = 1; i < count; i++) row = [...row, 0].map((v, k) => v + (row[k - 1] ?? 0))
  const sum = row.reduce((a, b) => a + b, 0)
  return row.map(v => v / sum)
}

/**
 * Turns the rows into readings: opposite runs in turn at one power are joined, which takes the stream out; a stream
 * that is given is taken off; others stand as they are. Only rows of one kind made with the same drive are joined.
 *
 * @param points the table, in the order of the day
 * @param withOf pack and engine of a row's setup
 * @returns readings in the same order, and the rows that tell nothing
 */
export function readingsOf(
  points: readonly TrialPoint[],
  withOf: (setup: number) => ReadWith,
): { readings: Reading[]; unread: Unread[] } {
  const unread: Unread[] = []
  const rows = points.flatMap((point, i) => {
    const row = i + 1
    const value = streamError(point)
      ? { text: 'The stream leaves nothing of its speed.' }
      : readingValue(point, withOf(point.setup))
    if (typeof value === 'number') return [{ ...point, value, row }]
    unread.push({ row, reason: value })
    return []
  })
  const readings: Reading[] = []
  for (let i = 0; i < rows.length;) {
    const first = rows[i]!
    let end = i + 1
    if (first.direction && first.stream === null) {
      while (
        end < rows.length &&
        rows[end]!.stream === null &&
        rows[end]!.direction &&
        rows[end]!.direction !== rows[end - 1]!.direction &&
        rows[end]!.setup === first.setup &&
        rows[end]!.kind === first.kind &&
        Math.abs(rows[end]!.value / first.value - 1) < SAME_POWER
      )
        end++
    }
    const group = rows.slice(i, end)
    const weights = meanOfMeans(group.length)
    const stream = group.length > 1 ? 'pairs' : first.stream !== null ? 'given' : 'none'
    readings.push({
      speed: group.reduce((s, p, k) => s + weights[k]! * (p.speed - (p.stream ?? 0)), 0),
      kind: first.kind === 'charge' ? 'battery' : first.kind,
      value: group.reduce((s, p, k) => s + weights[k]! * p.value, 0),
      noise: Math.max(...group.map(p => noiseOf(p, stream))),
      rows: group.map(p => p.row),
      stream,
      setup: first.setup,
      sea: group.reduce((s, p, k) => s + weights[k]! * SEA_SHARE[p.sea], 0),
      seaOpen: Math.max(...group.map(p => SEA_OPEN[p.sea])),
    })
    i = end
  }
  return { readings, unread }
}
