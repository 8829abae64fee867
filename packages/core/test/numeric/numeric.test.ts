import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { findRoot, interpolate, maximise, monotoneCubic } from '../../src/numeric'

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
    fc.assert(fc.property(fc.double({ min: -5, max: 5, noNaN: true }), (r) => {
      const root = findRoot(x => (x - r) ** 3 + (x - r), -10, 10, 1e-10)
      expect(root.outcome === 'root' && root.x).toBeCloseTo(r, 8)
    }))
  })
})

describe('monotoneCubic', () => {
  it('goes through its points and never overshoots them', () => {
    fc.assert(fc.property(fc.array(fc.double({ min: 0, max: 10, noNaN: true }), { minLength: 3, maxLength: 12 }), fc.double({ min: 0, max: 1, noNaN: true }), (ys, t) => {
      const xs = ys.map((_, i) => i), curve = monotoneCubic(xs, ys)
      const x = t * (ys.length - 1), i = Math.min(ys.length - 2, Math.floor(x))
      expect(curve(i)).toBeCloseTo(ys[i]!, 9)
      expect(curve(x)).toBeGreaterThanOrEqual(Math.min(ys[i]!, ys[i + 1]!) - 1e-9)
      expect(curve(x)).toBeLessThanOrEqual(Math.max(ys[i]!, ys[i + 1]!) + 1e-9)
    }))
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
