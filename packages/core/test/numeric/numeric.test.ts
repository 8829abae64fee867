import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { cubicBetween, cubicThrough, findRoot, interpolate, maximise, monotoneCubic } from '../../src/numeric'

describe('findRoot', () => {
  it('finds √2 and says how', () => {
    const root = findRoot(x => x * x - 2, 0, 2)
    expect(root.outcome === 'root' && root.x).toBeCloseTo(Math.SQRT2, 8)
    expect(root.outcome === 'root' && root.iterations).toBeLessThan(15)
  })
  it('says when there is no bracket, also for what is not finite', () => {
    expect(findRoot(x => x * x + 1, -1, 1).outcome).toBe('noBracket')
    expect(findRoot(() => Number.NaN, 0, 1).outcome).toBe('noBracket')
  })
  it('finds the root of any rising cubic', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 5, noNaN: true }), r => {
        const root = findRoot(x => (x - r) ** 3 + (x - r), -10, 10, 1e-10)
        expect(root.outcome === 'root' && root.x).toBeCloseTo(r, 8)
      }),
    )
  })
})

describe('monotoneCubic', () => {
  it('goes through its points and never overshoots them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 10, noNaN: true }), { minLength: 3, maxLength: 12 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (ys, t) => {
          const xs = ys.map((_, i) => i),
            curve = monotoneCubic(xs, ys)
          const x = t * (ys.length - 1),
            i = Math.min(ys.length - 2, Math.floor(x))
          expect(curve(i)).toBeCloseTo(ys[i]!, 9)
          expect(curve(x)).toBeGreaterThanOrEqual(Math.min(ys[i]!, ys[i + 1]!) - 1e-9)
          expect(curve(x)).toBeLessThanOrEqual(Math.max(ys[i]!, ys[i + 1]!) + 1e-9)
        },
      ),
    )
  })
  it(
    'leans at a knot by the harmonic mean of the slopes beside it, the nearer neighbour weighing more (Fritsch ' +
      '& Butland 1984)',
    () => {
      // steps of 1 and 3, slopes of 4 and 1: w = 2·3 + 1 = 7 and 3 + 2·1 = 5
      const curve = monotoneCubic([0, 1, 4], [0, 4, 7]),
        lean = (curve(1 + 1e-6) - curve(1 - 1e-6)) / 2e-6
      expect(lean).toBeCloseTo((7 + 5) / (7 / 4 + 5 / 1), 4)
      expect(monotoneCubic([0, 1, 2], [0, 4, 3])(1 + 1e-6)).toBeCloseTo(4, 9)
    },
  )
  it('is smooth: no kink at any knot', () => {
    const xs = [0, 0.5, 2, 2.5, 5],
      curve = monotoneCubic(xs, [0, 1, 1.5, 4, 5])
    for (const x of xs.slice(1, -1))
      expect((curve(x + 1e-6) - curve(x)) / 1e-6).toBeCloseTo((curve(x) - curve(x - 1e-6)) / 1e-6, 3)
  })
  it('refuses points that do not rise', () => {
    expect(() => monotoneCubic([0, 0], [1, 2])).toThrow(RangeError)
  })
})

it('maximise finds the top of a hump', () => {
  expect(maximise(x => Math.sin(x), 0, 3).x).toBeCloseTo(Math.PI / 2, 3)
  expect(() => maximise(x => x, 1, 1)).toThrow(RangeError)
})

it('interpolate holds its ends', () => {
  expect(interpolate([1, 2], [3, 5], 1.5)).toBe(4)
  expect(interpolate([1, 2], [3, 5], 9)).toBe(5)
  expect(() => interpolate([], [], 1)).toThrow(RangeError)
})

describe('cubics through four points', () => {
  const coefficients = fc.tuple(
    ...([0, 1, 2, 3].map(() => fc.double({ min: -3, max: 3, noNaN: true })) as [
      fc.Arbitrary<number>,
      fc.Arbitrary<number>,
      fc.Arbitrary<number>,
      fc.Arbitrary<number>,
    ]),
  )
  const value = ([a, b, c, d]: readonly [number, number, number, number], x: number) => a + x * (b + x * (c + x * d))
  it('give back any cubic between even points', () => {
    fc.assert(
      fc.property(coefficients, fc.double({ min: 0, max: 1, noNaN: true }), (c, t) => {
        expect(cubicBetween(value(c, -1), value(c, 0), value(c, 1), value(c, 2), t)).toBeCloseTo(value(c, t), 9)
      }),
    )
  })
  it('and between uneven ones, asking only four of them, at the ends as well', () => {
    const xs = [0, 0.4, 1.1, 1.5, 2.6, 3]
    fc.assert(
      fc.property(coefficients, fc.double({ min: 0, max: 3, noNaN: true }), (c, x) => {
        const asked = new Set<number>()
        // high enough that nothing is held up from below
        const found = cubicThrough(
          xs,
          i => {
            asked.add(i)
            return 200 + value(c, xs[i]!)
          },
          x,
        )
        expect(found).toBeCloseTo(200 + value(c, x), 8)
        expect(asked.size).toBeLessThanOrEqual(4)
      }),
    )
  })
  it('never fall below half of the lesser neighbour: no resistance below nothing', () => {
    expect(cubicThrough([0, 1, 2, 3], i => [100, 1, 1, 100][i]!, 1.5)).toBe(0.5)
  })
})

describe('a root that cannot be had', () => {
  it('is told with the values at the ends', () => {
    expect(findRoot(x => x + 5, 0, 2)).toEqual({ outcome: 'noBracket', fLow: 5, fHigh: 7 })
  })
  it('at an end of the bracket is found at once', () => {
    expect(findRoot(x => x - 2, 0, 2)).toMatchObject({ outcome: 'root', x: 2 })
    expect(findRoot(x => x, 0, 2)).toMatchObject({ outcome: 'root', x: 0 })
  })
  it('of a step is where it steps', () => {
    const found = findRoot(x => (x < 0.7 ? -1 : 1), 0, 1, 1e-9)
    expect(found.outcome === 'root' && found.x).toBeCloseTo(0.7, 8)
  })
})
