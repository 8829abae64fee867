import { randomLcg, randomLogNormal, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { capacityFit, type CapacityWord } from '../../src/log/capacityFit'
import { howMany } from '../howMany'

const PRIOR = { level: 0.98, loss: 0.02 }

/** A made season: each trip draws a part of the charge, reads its ends with an error, counts its amp hours. */
function season(source: () => number, level: number, loss: number, trips: number, years: number, end: number) {
  const normal = randomNormal.source(source)(0, 1)
  // the shunt is wrong by the same share all season
  const shunt = 1 + 0.005 * normal()
  return Array.from({ length: trips }, (_, i): CapacityWord[] => {
    const t = trips > 1 ? (years * i) / (trips - 1) : 0,
      share = level - loss * t
    const part = 0.35 + 0.45 * source(),
      read = part + Math.SQRT2 * end * normal()
    // a trip that seems shallow tells nothing
    if (read < 0.15) return []
    const drawn = shunt * share * part * (1 + 0.01 * normal())
    return [{ years: t, share: drawn / read, open: Math.hypot((Math.SQRT2 * end) / read, 0.01) }]
  }).flat()
}

/** Share of made seasons whose truth lies in the band, and how far its middle lies off on the mean. */
function judged(trips: number, end: number, cases: number) {
  const source = randomLcg(trips / 1000 + end)
  const level = randomNormal.source(source)(PRIOR.level, 0.045),
    loss = randomLogNormal.source(source)(Math.log(PRIOR.loss), 0.5)
  let inside = 0,
    off = 0
  for (let i = 0; i < cases; i++) {
    const a = level(),
      b = loss()
    const { value, low, high } = capacityFit(season(source, a, b, trips, 1, end), PRIOR).at(1)
    const truth = a - b
    if (truth >= low && truth <= high) inside++
    off += (value - truth) / cases
  }
  return { inside: inside / cases, off }
}

describe('capacity by its trips', () => {
  it('is what was thought where there are none', () => {
    const { at, loss } = capacityFit([], PRIOR)
    expect(at(0).value).toBeCloseTo(0.98, 6)
    expect(loss.value).toBeCloseTo(0.02, 3)
    expect(at(2).value).toBeLessThan(at(0).value)
  })
  it('is one that was measured without error', () => {
    const { value, low, high } = capacityFit([{ years: 0, share: 0.9, open: 0.002 }], PRIOR).at(0)
    expect(value).toBeCloseTo(0.9, 2)
    // the shunt itself is known to half a per cent
    expect(high - low).toBeCloseTo(2 * 1.28 * Math.hypot(0.005, 0.002) * 0.9, 2)
  })
  it.each([
    [6, 0.025],
    [20, 0.025],
    [60, 0.025],
    [20, 0.05],
    [60, 0.05],
  ])('%i trips, ends read to %d: eight of ten lie in the band, and none the wrong way on the mean', (trips, end) => {
    const { inside, off } = judged(trips, end, howMany(120, 1500))
    // 0.76 to 0.84 is asked for; of 120 cases the share itself is known to 0.037
    expect(inside).toBeGreaterThan(howMany(0.7, 0.76))
    expect(inside).toBeLessThan(howMany(0.91, 0.87))
    expect(Math.abs(off)).toBeLessThan(0.01)
  })
  it('a pack that is really at 70 % is found by six trips', () => {
    const source = randomLcg(0.7)
    let found = 0
    for (let i = 0; i < 60; i++) {
      const { low, high } = capacityFit(season(source, 0.71, 0.02, 6, 0.5, 0.025), PRIOR).at(0.5)
      if (low < 0.75 && high > 0.65 && high < 0.9) found++
    }
    expect(found).toBeGreaterThan(50)
  })
  it('a loss of five times the usual is found in three years', () => {
    const source = randomLcg(0.3)
    const { loss } = capacityFit(season(source, 1, 0.1, 60, 3, 0.025), PRIOR)
    expect(loss.low).toBeGreaterThan(0.05)
    expect(loss.high).toBeGreaterThan(0.1)
  })
  it('refuses what is no pack', () => {
    expect(() => capacityFit([], { level: 0, loss: 0.02 })).toThrow(RangeError)
    expect(() => capacityFit([], { level: 1, loss: 0 })).toThrow(/above 0/)
  })
})
