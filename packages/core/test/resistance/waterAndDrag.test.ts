import { GRAVITY } from '../../src/constants'
import { describe, expect, it } from 'vitest'
import { waterProperties } from '../../src/hull'
import {
  depthFroude,
  IDLE_DRAG,
  legResistance,
  limitingSpeed,
  openSpeeds,
  propellerDrag,
  returnFlow,
} from '../../src/resistance'

const water = waterProperties('sea')

describe('shallow and narrow water', () => {
  const section = 1.5
  const open = (speed: number, depth: number, width: number | null = null, planes = false) =>
    openSpeeds(speed, { depth, width, section }, planes)
  it('is no matter when deep and wide', () => {
    expect(openSpeeds(3, null, false)).toEqual({ past: 3, waves: 3 })
    expect(open(3, 100).past).toBeCloseTo(3, 3)
    expect(open(3, 100).waves).toBeCloseTo(3, 3)
    expect(open(3, 3, 1e6).past).toBeCloseTo(open(3, 3).past, 3)
  })
  it('is felt more the shallower and narrower it is, and the larger the section', () => {
    expect(open(3, 2).waves).toBeGreaterThan(open(3, 4).waves)
    expect(open(2, 2, 8).past).toBeGreaterThan(open(2, 2, 16).past)
    expect(openSpeeds(3, { depth: 2, width: 9, section: 0.8 }, false).past).toBeLessThan(open(3, 2, 9).past)
  })
  it('gives back the wave of the same length: V∞ √tanh(g h/V∞²) is the speed past the hull (Schlichting)', () => {
    for (const depth of [1.5, 2, 3, 5]) {
      const { past, waves } = open(2.5, depth)
      expect(waves * Math.sqrt(Math.tanh((GRAVITY * depth) / waves ** 2))).toBeCloseTo(past, 6)
    }
  })
  it('returns the water past her in a canal by continuity and Bernoulli (Kreitner; first order)', () => {
    // 9 × 1.4 m, a section of 1.2 m², 1 m/s, worked out by steps from (V + u)(b h − AX − b z) = V b h and
    // z = ((V + u)² − V²)/2g
    const [width, depth, ax, v] = [9, 1.4, 1.2, 1]
    let u = 0
    for (let i = 0; i < 200; i++) {
      const z = ((v + u) ** 2 - v ** 2) / (2 * GRAVITY)
      u = (v * width * depth) / (width * depth - ax - width * z) - v
    }
    const flow = returnFlow(v, { width, depth, section: ax })
    expect(flow / u).toBeGreaterThan(0.95)
    // the flow beneath her comes on top as a square
    expect(flow / u).toBeLessThan(1.25)
  })
  it('has no step and no corner as the canal narrows or the boat hastens', () => {
    for (let v = 0.5; v < 3; v += 0.01) {
      const rise = (at: number) => open(at + 0.01, 1.5, 9).past - open(at, 1.5, 9).past
      expect(rise(v)).toBeGreaterThan(0)
      expect(Math.abs(rise(v + 0.01) - rise(v))).toBeLessThan(0.01)
    }
  })
  it('is left behind by a hull that planes', () => {
    expect(open(12, 1.5, null, true)).toEqual({ past: 12, waves: 12 })
    expect(open(3, 1.5, null, true).waves).toBeGreaterThan(3)
  })
  it('lets no boat pass Schijf’s speed, which nears the wave of the depth as the canal widens', () => {
    const limit = (width: number) => limitingSpeed({ depth: 1.4, width, section: 1.2 })
    expect(limit(9)).toBeLessThan(limit(30))
    expect(limit(1e7) / Math.sqrt(GRAVITY * 1.4)).toBeCloseTo(1, 2)
    expect(limitingSpeed({ depth: 1.4, width: null, section: 1.2 })).toBeCloseTo(Math.sqrt(GRAVITY * 1.4), 12)
    const f = limit(9) / Math.sqrt(GRAVITY * 1.4)
    expect(1.5 * Math.cbrt(f * f) - (f * f) / 2).toBeCloseTo(1 - 1.2 / (9 * 1.4), 8)
  })
  it('knows the depth Froude number', () => {
    expect(depthFroude(Math.sqrt(GRAVITY * 4), 4)).toBeCloseTo(1, 12)
  })
})

describe('what hangs in the water', () => {
  it('a locked propeller drags four times one that turns free, twenty times one that folds', () => {
    const at = (s: 'locked' | 'freewheeling' | 'folded') => propellerDrag(s, 0.4, 0.5, 2.5, water.density)
    expect(at('locked') / at('freewheeling')).toBeCloseTo(4, 9)
    expect(at('locked') / at('folded')).toBeCloseTo(IDLE_DRAG.locked / IDLE_DRAG.folded, 9)
  })
  it('a bare shaft has no leg; a leg’s drag grows with the square of speed, less what its coefficient falls', () => {
    expect(legResistance('shaft', 0.4, 0.5, 3, water)).toBe(0)
    const ratio = legResistance('outboard', 0.3, 0.4, 4, water) / legResistance('outboard', 0.3, 0.4, 2, water)
    // twice the speed is twice the Reynolds number, for which the coefficient falls by 2^−0.365
    expect(ratio).toBeGreaterThan(4 * 2 ** -0.365)
    expect(ratio).toBeLessThan(4)
  })
})
