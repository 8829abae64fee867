import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { randomLcg, randomNormal } from 'd3-random'
import { condition, covariance, FAR_OFF, isFarOff, type Observation, type Prior } from '../../src/trial'

const prior = (place: number, more: Partial<Prior> = {}): Prior => ({ common: [0.1, 0.2], shape: 0.15, place, ...more })
const reading = (place: number, away: number, noise = 0.05): Observation => ({ ...prior(place), away, noise })
const anyReading = fc.record({
  place: fc.double({ min: 0, max: 8, noNaN: true }),
  away: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
  noise: fc.double({ min: 0.03, max: 0.3, noNaN: true }),
})
const readings = fc
  .array(anyReading, { minLength: 1, maxLength: 12 })
  .map(list => list.map(r => reading(r.place, r.away, r.noise)))

describe('readings correct a curve', () => {
  it('one: shift and doubt are those of two jointly normal numbers', () => {
    const k = 0.1 ** 2 + 0.2 ** 2 + 0.15 ** 2,
      n = 0.05 ** 2
    const after = condition([reading(2, 0.2)]).at(prior(2))
    expect(after.shift).toBeCloseTo((k / (k + n)) * 0.2, 12)
    expect(after.sigma ** 2).toBeCloseTo(k - k ** 2 / (k + n), 12)
    // far along the curve only what is common carries over
    const far = condition([reading(2, 0.2)]).at(prior(40))
    expect(far.shift).toBeCloseTo((0.05 / (k + n)) * 0.2, 12)
    expect(far.sigma).toBeGreaterThan(0.15)
  })
  it('none far away: the theory as it was', () => {
    const after = condition([{ ...reading(0, 0.2), common: [0, 0] }]).at(prior(40))
    expect(after.shift).toBeCloseTo(0, 12)
    expect(after.sigma).toBeCloseTo(Math.sqrt(covariance(prior(0), prior(0))), 12)
  })
  it('a perfect one is passed through, and nothing is left open there', () => {
    const after = condition([reading(1, 0.17, 0), reading(5, -0.1, 0.1)]).at(prior(1))
    expect(after.shift).toBeCloseTo(0.17, 6)
    expect(after.sigma).toBeLessThan(1e-3)
  })
  it('the doubt never grows by a reading that agrees, order does not matter, parts add up', () => {
    fc.assert(
      fc.property(readings, fc.double({ min: 0, max: 8, noNaN: true }), (all, place) => {
        const at = prior(place)
        const after = condition(all).at(at)
        expect(after.sigma).toBeLessThanOrEqual(Math.sqrt(covariance(at, at)) + 1e-9)
        const back = condition([...all].reverse()).at(at)
        expect(back.shift).toBeCloseTo(after.shift, 6)
        expect(Math.hypot(...after.parts)).toBeCloseTo(after.sigma, 9)
        // once more what is expected already
        const agrees = { ...reading(place, after.shift), noise: 0.1 }
        if (condition(all).standing.every(s => s.weight === 1))
          expect(condition([...all, agrees]).at(at).sigma).toBeLessThanOrEqual(after.sigma + 1e-9)
      }),
    )
  })
  it('two count as two equations solved by hand (Cramer) say', () => {
    const at = prior(3),
      one = reading(2, 0.2),
      two = reading(4, 0.1)
    const after = condition([one, two]).at(at)
    const solve = (k: number[][], b: number[]) => {
      const [[p, q], [r, s]] = k as [[number, number], [number, number]]
      const det = p * s - q * r
      return [(b[0]! * s - b[1]! * q) / det, (p * b[1]! - r * b[0]!) / det]
    }
    const k = [
      [covariance(one, one) + 0.05 ** 2, covariance(one, two)],
      [covariance(two, one), covariance(two, two) + 0.05 ** 2],
    ]
    const gains = solve(k, [covariance(at, one), covariance(at, two)])
    expect(after.gains[0]).toBeCloseTo(gains[0]!, 9)
    expect(after.shift).toBeCloseTo(gains[0]! * 0.2 + gains[1]! * 0.1, 9)
  })
})

describe('a reading far off', () => {
  const others = [1, 2, 3, 4, 5, 6].map(place => reading(place, 0.2))
  it('is named, and hardly moves the rest', () => {
    const all = condition([...others, reading(3.5, 1.2)])
    expect(all.standing.map(isFarOff)).toEqual([false, false, false, false, false, false, true])
    expect(all.standing.at(-1)!.off).toBeGreaterThan(FAR_OFF)
    expect(Math.abs(all.at(prior(3.5)).shift - condition(others).at(prior(3.5)).shift)).toBeLessThan(0.05)
  })
  it('alone, against the theory, moves the curve part of the way', () => {
    const alone = condition([reading(3, 2)])
    expect(alone.standing[0]!.weight).toBeLessThan(1)
    const { shift } = alone.at(prior(3))
    expect(shift).toBeGreaterThan(0.1)
    expect(shift).toBeLessThan(1)
  })
  it('fades to nothing the further off it lies, and comes into its doubt without a step', () => {
    const shift = (away: number) => condition([...others, reading(3.5, away)]).at(prior(3.5)).shift
    for (let away = 0; away < 1.5; away += 0.01) expect(Math.abs(shift(away + 0.01) - shift(away))).toBeLessThan(0.012)
    const without = condition(others).at(prior(3.5)).shift
    const moved = [1, 2, 4, 8].map(away => Math.abs(shift(away) - without))
    for (const [i, m] of moved.slice(1).entries()) expect(m).toBeLessThan(moved[i]!)
    expect(moved.at(-1)).toBeLessThan(0.01)
  })
  it.each([3, 4, 6, 12])('five times the theory among %i good ones moves the answer by less than 5 %%', good => {
    const true_ = Array.from({ length: good }, (_, i) => reading(1 + (5 * i) / good, 0.1 + (i % 2 ? 0.03 : -0.03)))
    for (const place of [1, 3, 5])
      for (const wild of [Math.log(5), -Math.log(5)]) {
        const before = condition(true_).at(prior(place)).shift,
          after = condition([...true_, reading(3.1, wild)])
        expect(Math.abs(Math.expm1(after.at(prior(place)).shift - before)), `at ${place}`).toBeLessThan(0.05)
        expect(isFarOff(after.standing.at(-1)!)).toBe(true)
      }
  })
})

describe('readings that differ by more than their noise', () => {
  const BAND = 1.2816
  const camps = (low: number, high: number, each: number) => [
    ...Array.from({ length: each }, (_, i) => reading(2 + 0.01 * i, Math.log(low))),
    ...Array.from({ length: each }, (_, i) => reading(2.005 + 0.01 * i, Math.log(high))),
  ]
  it('two of 0.8 and two of 1.25 of the theory: the band holds both', () => {
    const { at, scatter } = condition(camps(0.8, 1.25, 2)),
      { shift, sigma } = at(prior(2))
    expect(scatter).toBeGreaterThan(0.1)
    expect(Math.exp(shift - BAND * sigma)).toBeLessThan(0.8)
    expect(Math.exp(shift + BAND * sigma)).toBeGreaterThan(1.25)
    expect(Math.exp(shift)).toBeCloseTo(1, 1)
  })
  it('three of 0.70 and three of 1.40: neither camp vanishes', () => {
    const { at, standing } = condition(camps(0.7, 1.4, 3)),
      { shift, sigma } = at(prior(2))
    expect(Math.min(...standing.map(s => s.weight))).toBeGreaterThan(0.5)
    expect(Math.exp(shift - BAND * sigma)).toBeLessThan(0.75)
    expect(Math.exp(shift + BAND * sigma)).toBeGreaterThan(1.3)
  })
  it('those that agree have none, wherever they lie', () => {
    for (const away of [-0.4, 0, 0.4])
      expect(condition([1, 2, 3, 4].map((place, i) => reading(place, away + (i % 2 ? 0.03 : -0.03)))).scatter).toBe(0)
    expect(condition([reading(1, 0.9)]).scatter).toBe(0)
  })
  it('the more they differ, the wider what is left, without a step', () => {
    let last = 0
    for (let apart = 0; apart <= 1; apart += 0.02) {
      const { sigma } = condition([
        reading(2, -apart),
        reading(2.1, apart),
        reading(2.2, -apart),
        reading(2.3, apart),
      ]).at(prior(2.1))
      expect(sigma).toBeGreaterThan(last - 0.003)
      expect(sigma - last).toBeLessThan(apart === 0 ? 1 : 0.06)
      last = sigma
    }
  })
  it('scatter of Gaussian readings is found within a factor, and none where there is none', () => {
    const normal = randomNormal.source(randomLcg(0.7))(0, 1)
    const found = (more: number) =>
      Array.from({ length: 40 }, () => {
        const level = 0.2 * normal()
        return condition(
          Array.from({ length: 8 }, (_, i) => reading(1 + 0.2 * i, level + Math.hypot(0.05, more) * normal())),
        ).scatter
      }).sort((a, b) => a - b)
    expect(found(0)[20]).toBe(0)
    const some = found(0.2)
    expect(some[20]!).toBeGreaterThan(0.1)
    expect(some[20]!).toBeLessThan(0.3)
  })
})
