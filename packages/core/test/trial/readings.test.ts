import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import type { TrialPoint } from '../../src/project'
import {
  EMPTY_READING,
  honestyOf,
  meanOfMeans,
  meanSpeed,
  noiseOf,
  readingsOf,
  readingValue,
  readTrialTable,
  streamError,
  type ReadWith,
} from '../../src/trial'
import { fillText } from '../../src/units'

const point = (kn: number, power: number | null, more: Partial<TrialPoint> = {}): TrialPoint => ({
  ...EMPTY_READING,
  speed: kn * KNOT,
  power,
  setup: 0,
  ...more,
})
const WITH: ReadWith = { pack: { packVoltage: 50, packEnergy: 36e6 }, enginePower: 10_000 }
const readings = (points: TrialPoint[]) => readingsOf(points, () => WITH).readings

describe('rows become readings', () => {
  it('out and back at one power lose the stream: 5.2 and 4.0 kn are 4.6 kn', () => {
    const joined = readings([point(5.2, 2400, { direction: 'out' }), point(4, 2450, { direction: 'back' })])
    expect(joined).toHaveLength(1)
    expect(joined[0]!.speed / KNOT).toBeCloseTo(4.6, 9)
    expect(joined[0]).toMatchObject({ value: 2425, rows: [1, 2], stream: 'pairs', noise: 0.05 })
  })
  it('three with a stream that grows evenly weigh 1 2 1, four 1 3 3 1 (mean of means)', () => {
    expect(meanOfMeans(3)).toEqual([0.25, 0.5, 0.25])
    expect(meanOfMeans(4)).toEqual([0.125, 0.375, 0.375, 0.125])
    // true speed 5 kn, stream 1, 0.8, 0.6 kn along, against, along
    const joined = readings([
      point(6, 3000, { direction: 'out' }),
      point(4.2, 3000, { direction: 'back' }),
      point(5.6, 3000, { direction: 'out' }),
    ])
    expect(joined[0]!.speed / KNOT).toBeCloseTo(5, 9)
  })
  it('at other powers, the same way or of another kind are not joined; a given stream is taken off', () => {
    expect(readings([point(5, 2400, { direction: 'out' }), point(6, 5000, { direction: 'back' })])).toHaveLength(2)
    expect(readings([point(5, 2400, { direction: 'out' }), point(5, 2400, { direction: 'out' })])).toHaveLength(2)
    expect(
      readings([point(5, 2400, { direction: 'out' }), point(5, 2400, { direction: 'back', kind: 'shaft' })]),
    ).toHaveLength(2)
    expect(readings([point(5, 2400, { stream: 0.5 * KNOT })])[0]!.speed / KNOT).toBeCloseTo(4.5, 9)
  })
  it.each<[string, Partial<TrialPoint>, number]>([
    ['volts and amps', { voltage: 51, current: 40 }, 2040],
    ['amps alone, at the pack’s volts', { current: 40 }, 2000],
    ['shaft power', { kind: 'shaft', power: 1800 }, 1800],
    ['rpm, as turns a second', { kind: 'rpm', rpm: 1500 }, 25],
    ['pull', { kind: 'pull', pull: 400 }, 400],
    ['fuel', { kind: 'fuel', fuelRate: 1e-6 }, 1e-6],
    ['the engine’s plate as typed', { kind: 'engine', power: 9000 }, 9000],
    ['the engine’s plate as the boat has it', { kind: 'engine' }, 10_000],
    ['a tenth of 10 kWh in half an hour', { kind: 'charge', used: 0.1, time: 1800 }, 2000],
  ])('%s', (_, of, value) => {
    expect(readings([point(4, null, of)])[0]!.value).toBeCloseTo(value, 12)
  })
  it.each<[string, Partial<TrialPoint>, RegExp]>([
    ['nothing', {}, /watts, or amps/],
    ['watts against volts times amps', { power: 2400, voltage: 51, current: 80 }, /2\.40.kW were read.*4\.08.kW/],
    ['a charge without its time', { kind: 'charge', used: 0.4 }, /40 % in 2 h/],
    ['a stream that leaves nothing', { power: 500, stream: 5 * KNOT }, /stream leaves nothing/],
    ['no rpm', { kind: 'rpm' }, /how fast the motor/],
    ['no pull', { kind: 'pull' }, /tow line/],
    ['no fuel', { kind: 'fuel' }, /fuel an hour/],
    ['no shaft power', { kind: 'shaft' }, /at the shaft/],
  ])('%s is told, and the others stand', (_, of, reason) => {
    const { readings: good, unread } = readingsOf([point(4, null, of), point(4, 2000)], () => WITH)
    expect(good).toHaveLength(1)
    expect(unread.map(u => u.row)).toEqual([1])
    expect(fillText(unread[0]!.reason)).toMatch(reason)
  })
  it('an engine without a plate is asked for', () => {
    expect(readingValue(point(4, null, { kind: 'engine' }), { ...WITH, enginePower: 0 })).toMatchObject({
      text: expect.stringContaining('plate') as string,
    })
  })
  it('is as sure as the owner says, else by its kind and its stream', () => {
    expect(noiseOf({ kind: 'battery', doubt: 0.2 }, 'none')).toBe(0.2)
    expect(noiseOf({ kind: 'battery', doubt: null }, 'pairs')).toBe(0.05)
    expect(noiseOf({ kind: 'battery', doubt: null }, 'given')).toBeLessThan(
      noiseOf({ kind: 'battery', doubt: null }, 'none'),
    )
    expect(noiseOf({ kind: 'engine', doubt: null }, 'pairs')).toBeGreaterThan(
      noiseOf({ kind: 'battery', doubt: null }, 'pairs'),
    )
  })
})

describe('readings that cannot be', () => {
  it('of a stream that leaves nothing of their speed are told at their cell', () => {
    const still = point(2, 500, { stream: 3 * KNOT })
    expect(streamError(still)).toMatch(/a stream of 3\.0.kn leaves nothing of 2\.0.kn/)
    expect(readTrialTable('speed kn,power W,stream kn\n2,500,3')).toMatchObject({
      outcome: 'wrong',
      errors: [{ line: 2, column: 3 }],
    })
  })
})

describe('honesty', () => {
  const at = (kn: number, stream: 'pairs' | 'none') => ({ speed: kn * KNOT, stream })
  it('is whole for six speeds both ways, and says what is wanted else', () => {
    expect(
      honestyOf(
        [3, 3.5, 4, 4.5, 5, 6].map(kn => at(kn, 'pairs')),
        0,
      ),
    ).toEqual({ score: 100, wants: [] })
    const one = honestyOf([at(4, 'none')], 0)
    expect(one.score).toBeLessThan(20)
    expect(one.wants.join()).toMatch(/both ways.*5 more speeds/)
    expect(honestyOf([at(4, 'none'), at(5, 'none')], 1).wants.join()).toMatch(/far off/)
    expect(honestyOf([], 0).score).toBe(0)
  })
})

describe('the mean speed of a trip', () => {
  it('is told where she went, and by no miles that no boat makes', () => {
    expect(meanSpeed({ distance: 18_520, time: 7200 })).toBeCloseTo(5 * KNOT, 3)
    expect(meanSpeed({ distance: 500_000, time: 7200 })).toBeNull()
    expect(meanSpeed({ distance: 100, time: 7200 })).toBeNull()
    expect(meanSpeed({ distance: 5000, time: 60 })).toBeNull()
  })
})
