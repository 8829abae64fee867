import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { GRAVITY, KNOT } from '../../src/constants'
import { READING_KINDS, type TrialPoint } from '../../src/project'
import { EMPTY_READING, readingText, readReading } from '../../src/trial'
import { fillText } from '../../src/units'

const MPH = 0.44704
const read = (sentence: string): TrialPoint => {
  const found = readReading(sentence)
  if (!found.ok) throw new Error(found.message)
  return found.point
}

describe('a reading in an owner’s words', () => {
  it.each<[string, number, Partial<TrialPoint>]>([
    ['4.4 kn 2400 W', 4.4 * KNOT, { kind: 'battery', power: 2400 }],
    ['2.4kW at 4,4 knots', 4.4 * KNOT, { power: 2400 }],
    ['5 mph 51 V 47 A', 5 * MPH, { kind: 'battery', voltage: 51, current: 47 }],
    ['full throttle took 130 A at 8.5 mph', 8.5 * MPH, { kind: 'battery', current: 130, voltage: null }],
    ['6 kn 1900 rpm', 6 * KNOT, { kind: 'rpm', rpm: 1900 }],
    ['60 kg of pull at 4 kn', 4 * KNOT, { kind: 'pull', pull: 60 * GRAVITY }],
    ['towed at 4 kn: 130 lbf', 4 * KNOT, { kind: 'pull' }],
    ['2.5 l/h at 6 kn', 6 * KNOT, { kind: 'fuel' }],
    ['6 knots burnt 0.7 gph', 6 * KNOT, { kind: 'fuel' }],
    ['with 135 hp she did 22 mph', 22 * MPH, { kind: 'engine' }],
    ['the old 13 kW diesel gave 7 kn', 7 * KNOT, { kind: 'engine', power: 13_000 }],
    ['flat out 7 knots', 7 * KNOT, { kind: 'engine', power: null }],
    ['3 kW at the shaft, 6 kn', 6 * KNOT, { kind: 'shaft', power: 3000 }],
    ['40 % in 2 h at 4 kn', 4 * KNOT, { kind: 'charge', used: 0.4, time: 7200 }],
    ['12 km in 95 min took 40 %', 12_000 / 5700, { kind: 'charge', used: 0.4, time: 5700 }],
    ['5 miles in 1 h 10 min used 35%', 8046.72 / 4200, { kind: 'charge', time: 4200 }],
    ['with 2 people aboard 5 kn 900 W', 5 * KNOT, { power: 900 }],
    ['4 kn out 800 W', 4 * KNOT, { direction: 'out' }],
    ['back at 4 kn, 800 W', 4 * KNOT, { direction: 'back' }],
    ['4 kn 800 W in slack water', 4 * KNOT, { stream: 0 }],
    ['4 kn 800 W, both ways', 4 * KNOT, { doubt: 0.05 }],
  ])('%s', (sentence, speed, of) => {
    const point = read(sentence)
    expect(point.speed).toBeCloseTo(speed, 6)
    for (const [key, value] of Object.entries(of)) {
      const now = point[key as keyof TrialPoint]
      if (typeof value === 'number') expect(now).toBeCloseTo(value, 6)
      else expect(now).toBe(value)
    }
  })
  it('reads thousands of turns and watts as they are printed, and the middle of a range', () => {
    expect(readReading('4 kn at 1,500 rpm')).toMatchObject({ point: { rpm: 1500 } })
    expect(readReading('4 kn 1,850 W')).toMatchObject({ point: { power: 1850 } })
    const range = readReading('5 to 6 mph 900 W') as { point: { speed: number } }
    expect(range.point.speed).toBeCloseTo(5.5 * 0.44704, 6)
  })
  it.each([
    ['', /for instance/],
    ['2400 W', /At what speed/],
    ['55 lbf at the quay', /no reading under way/],
    ['4.4 kn', /what was read there/],
    ['4.4 kn 2400 Wt', /what was read there/],
    ['4 kn 5 kn 900 W', /second one of its kind/],
    ['4 kn at 1,500 kW', /two ways/],
    ['400 kn 900 W', /Speed runs from/],
    ['good morning', /At what speed/],
  ])('%s is asked for what is missing', (sentence, message) => {
    const found = readReading(sentence)
    expect(found.ok ? '' : found.message).toMatch(message)
  })
  it('takes the speed from beside it, where a table has it', () => {
    expect(readReading('2400 W', undefined, 2)).toMatchObject({ ok: true, point: { speed: 2, power: 2400 } })
  })
  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string(), text => {
        readReading(text)
      }),
    )
  })
  it('is told back so that it reads as itself again', () => {
    const value = { power: 2400, rpm: 1800, pull: 400, fuelRate: 1e-6, used: 0.4, time: 7200 }
    for (const kind of READING_KINDS) {
      const text = fillText(readingText({ ...EMPTY_READING, ...value, kind }))
      const again = readReading(text, undefined, 2)
      expect(again.ok && again.point.kind, text).toBe(kind)
    }
    const amps = fillText(readingText({ ...EMPTY_READING, voltage: 51, current: 40 }))
    expect(readReading(amps, undefined, 2)).toMatchObject({ ok: true, point: { voltage: 51, current: 40 } })
    expect(readReading(fillText(readingText({ ...EMPTY_READING, current: 40 })), undefined, 2).ok).toBe(true)
    expect(readReading(fillText(readingText({ ...EMPTY_READING, kind: 'engine' })), undefined, 2)).toMatchObject({
      point: { kind: 'engine', power: null },
    })
  })
})
