import { describe, expect, it } from 'vitest'
import { GRAVITY } from '../../src/constants'
import { ONE_ROUND_HULL, type HullForm } from '../../src/hull'
import {
  michellResistance,
  resistanceMethodOf,
  roundHull,
  slenderFormFactor,
  tubeHull,
  DEPTHS,
} from '../../src/resistance'

const RHO = 1025.9
/** Wigley's hull: y = B/2 (1 − (2x/L)²)(1 − (z/T)²). */
const wigley = roundHull(10, 1, 0.625, 2 / 3, 2 / 3)
const speedAt = (fn: number, length = 10) => fn * Math.sqrt(GRAVITY * length)

/**
 * The same integral by other means: the exact inner integrals of Wigley's hull in closed form, and the outer one by the
 * midpoint rule in λ = sec θ on a very fine grid.
 */
function wigleyByQuadrature(fn: number, L: number, B: number, T: number, offsets: number[]): number {
  const V = fn * Math.sqrt(GRAVITY * L),
    k = GRAVITY / (V * V)
  const N = 60_000
  let sum = 0
  for (let i = 0; i < N; i++) {
    const theta = (((i + 0.5) / N) * Math.PI) / 2
    const l = 1 / Math.cos(theta),
      w = k * l,
      a = w * l
    // ∫ −8x/L² sin(wx) dx over −L/2 … L/2
    const h = (w * L) / 2
    const along = (-16 / (L * L)) * (Math.sin(h) / (w * w) - ((L / 2) * Math.cos(h)) / w)
    // ∫ (1 − z²/T²) e^(−az) dz over 0 … T
    const down =
      a * T > 1e-3
        ? 1 / a - 2 / (a ** 3 * T * T) + Math.exp(-a * T) * (2 / (a * a * T) + 2 / (a ** 3 * T * T))
        : (2 / 3) * T
    const amplitude = offsets.reduce((s, y) => s + Math.cos(w * l * Math.sin(theta) * y), 0)
    // λ² / √(λ² − 1) dλ = sec³θ dθ
    sum += ((B / 2) * along * down * amplitude) ** 2 * l ** 3
  }
  return (((4 * RHO * GRAVITY * GRAVITY) / (Math.PI * V * V)) * sum * Math.PI) / 2 / N
}

describe('thin-ship integral', () => {
  it.each([0.2, 0.25, 0.316, 0.4, 0.5, 0.8])(
    'agrees with an independent quadrature of Wigley’s hull within 0.5 %, Fn %f',
    fn => {
      const exact = wigleyByQuadrature(fn, 10, 1, 0.625, [0])
      expect(Math.abs(michellResistance(wigley, speedAt(fn), RHO) / exact - 1)).toBeLessThan(0.005)
    },
  )
  it.each([
    [0.2, [-1.5, 1.5]],
    [0.3, [-1.5, 1.5]],
    [0.5, [-1.5, 1.5]],
    [0.2, [-2.5, 2.5]],
    [0.25, [-2.5, 2.5]],
    [0.35, [-2.5, 2.5]],
    [0.8, [-2.5, 2.5]],
    // the widest gap has the fastest interference; three tubes have one between each two
    [0.22, [-5, 5]],
    [0.3, [-5, 5]],
    [0.6, [-5, 5]],
    [0.25, [-1.2, 0, 1.2]],
    [0.4, [-1.2, 0, 1.2]],
  ])('and of such hulls side by side, with their interference, Fn %f at %j m', (fn, offsets) => {
    const exact = wigleyByQuadrature(fn, 10, 1, 0.625, offsets)
    expect(Math.abs(michellResistance(wigley, speedAt(fn), RHO, offsets) / exact - 1)).toBeLessThan(0.005)
  })
  it('two hulls without a gap are one of twice the beam: four times the wave; three tubes nine times', () => {
    const one = michellResistance(wigley, 3, RHO)
    expect(michellResistance(wigley, 3, RHO, [0, 0])).toBeCloseTo(4 * one, 6)
    expect(michellResistance(wigley, 3, RHO, [0, 0, 0])).toBeCloseTo(9 * one, 6)
  })
  it('far apart they do not feel each other: the mean over wide gaps is twice one hull', () => {
    const one = michellResistance(wigley, 4, RHO)
    const gaps = Array.from({ length: 12 }, (_, i) => 60 + 1.7 * i)
    const mean = gaps.reduce((s, g) => s + michellResistance(wigley, 4, RHO, [-g / 2, g / 2]), 0) / gaps.length
    expect(Math.abs(mean / one / 2 - 1)).toBeLessThan(0.02)
  })
  it('keeps Froude’s law: with every length k times, at equal Fn, wave resistance grows with k³', () => {
    const big = roundHull(25, 2.5, 0.625 * 2.5, 2 / 3, 2 / 3)
    for (const fn of [0.25, 0.4, 0.6]) {
      expect(michellResistance(big, speedAt(fn, 25), RHO) / michellResistance(wigley, speedAt(fn), RHO)).toBeCloseTo(
        2.5 ** 3,
        2,
      )
    }
  })
  it('grows with the square of the beam', () => {
    expect(
      michellResistance(roundHull(10, 2, 0.625, 2 / 3, 2 / 3), 3, RHO) / michellResistance(wigley, 3, RHO),
    ).toBeCloseTo(4, 9)
  })
  it('a tube half under is half a circle', () => {
    const tube = tubeHull(7, 0.6, 0.3, 0.88)
    expect(tube.section[0]).toBeCloseTo(1, 12)
    expect(tube.section[DEPTHS]).toBeCloseTo(0, 12)
    expect(tube.section[DEPTHS / 2]).toBeCloseTo(Math.sqrt(0.75), 12)
  })
  it('has the form factors of Molland, Wellicome & Couser 1994', () => {
    expect(slenderFormFactor(8.5, 1)).toBeCloseTo(2.76 * 8.5 ** -0.4, 9)
    expect(slenderFormFactor(8.5, 2)).toBeCloseTo(3.03 * 8.5 ** -0.4, 9)
  })
  it('refuses a boat at rest', () => {
    expect(() => michellResistance(wigley, 0, RHO)).toThrow(/speed/)
  })
})

describe('the method: fine ends as the integral has them, blunt ones without humps', () => {
  const [L, B, T, CM] = [10, 1.1, 0.5, 0.85]
  const ofPrismatic = (prismatic: number) => {
    const volume = prismatic * CM * B * T * L
    const form: HullForm = {
      ...ONE_ROUND_HULL,
      lengthWaterline: L,
      beamWaterline: B,
      draughtBody: T,
      volumeBody: volume,
      volume,
      prismatic,
      midship: CM,
      waterplane: 0.1 + prismatic,
      lcb: 0,
      lcf: 0,
      wettedSurface: L * (B + 2 * T) * 0.8,
      transomArea: 0,
      halfEntrance: 0.3,
      estimates: [],
    }
    const given = { form, water: { density: RHO, viscosity: 1.19e-6 }, frictionFactor: 1, frictionAllowance: 0 }
    return resistanceMethodOf('thinShip').prepare(given)
  }
  const froudes = Array.from({ length: 60 }, (_, i) => 0.2 + 0.005 * i)
  const powersOf = (prismatic: number) => {
    const { at } = ofPrismatic(prismatic)
    return froudes.map(fn => {
      const { friction, wave } = at(speedAt(fn))
      return (friction + wave) * speedAt(fn)
    })
  }
  it('a fine hull has Michell’s own humps and hollows', () => {
    const { at } = ofPrismatic(0.62)
    for (const fn of [0.4, 0.5, 0.7])
      expect(at(speedAt(fn)).wave).toBeCloseTo(michellResistance(roundHull(L, B, T, 0.62, CM), speedAt(fn), RHO), 6)
  })
  it('no full hull needs less power to go faster, though the integral says so', () => {
    const raw = froudes.map(fn => michellResistance(roundHull(L, B, T, 0.9, CM), speedAt(fn), RHO) * speedAt(fn))
    expect(raw.some((power, i) => i > 0 && power < 0.9 * raw[i - 1]!)).toBe(true)
    for (const prismatic of [0.85, 0.9, 0.95])
      powersOf(prismatic).forEach((power, i, all) => i > 0 && expect(power).toBeGreaterThan(all[i - 1]!))
  })
  it('they go without a jump as the ends become blunt: a hundredth of a per cent of fullness is nowhere a step', () => {
    for (let prismatic = 0.68; prismatic < 0.88; prismatic += 0.004) {
      const here = powersOf(prismatic),
        next = powersOf(1.0001 * prismatic)
      here.forEach((power, i) => expect(Math.abs(next[i]! / power - 1)).toBeLessThan(0.002))
    }
  })
})
