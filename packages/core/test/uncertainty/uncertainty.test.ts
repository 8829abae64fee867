import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { DEMO, withEdits, type Project } from '../../src/project'
import { evaluate, modelOf } from '../../src/system'
import { latinHypercube, normalQuantile, sampleBoat, shapeKernel, type UncertaintyReport } from '../../src/uncertainty'

const yacht = DEMO.tirrick
function run(project: Project, samples = 400, seed = 3): UncertaintyReport {
  const generator = sampleBoat(project, samples, seed)
  for (;;) {
    const step = generator.next()
    if (step.done) return step.value
  }
}

describe('Latin hypercube', () => {
  it('meets each stratum of each dimension once, and the same seed gives the same', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 1e6 }),
        (n, d, seed) => {
          const cube = latinHypercube(n, d, seed)
          for (let k = 0; k < d; k++)
            expect(cube.map(row => Math.floor(row[k]! * n)).sort((a, b) => a - b)).toEqual(
              Array.from({ length: n }, (_, i) => i),
            )
          expect(latinHypercube(n, d, seed)).toEqual(cube)
        },
      ),
    )
  })
  it('normal quantiles are those of the table: 0.5 → 0, 0.9 → 1.2816, 0.975 → 1.9600, 0.999 → 3.0902', () => {
    for (const [p, z] of [
      [0.5, 0],
      [0.9, 1.281552],
      [0.975, 1.959964],
      [0.999, 3.090232],
      [0.001, -3.090232],
    ] as const)
      expect(normalQuantile(p)).toBeCloseTo(z, 5)
  })
})

describe('samples of a boat', () => {
  const report = run(yacht)
  it('have their middle at the evaluation and their ends around it', () => {
    const cruise = evaluate(yacht, yacht.use.cruiseSpeed).point.drive.packPower
    expect(Math.abs(report.cruisePower.p50 / cruise - 1)).toBeLessThan(0.06)
    for (const band of [report.cruisePower, report.range, report.topSpeed, ...report.packPower, ...report.resistance]) {
      expect(band.p10).toBeLessThanOrEqual(band.p50)
      expect(band.p50).toBeLessThanOrEqual(band.p90)
      expect(Number.isFinite(band.p10 + band.p90)).toBe(true)
    }
  })
  it('share the spread out among the inputs, to one', () => {
    expect(report.shares.reduce((s, x) => s + x.share, 0)).toBeCloseTo(1, 9)
    expect(report.shares.map(s => s.share)).toEqual([...report.shares.map(s => s.share)].sort((a, b) => b - a))
    expect(report.shares.map(s => s.id)).toContain('weight')
  })
  it('a weighed boat has a narrower spread, and weight drops from the list', () => {
    const unsure = run(withEdits(yacht, [{ path: 'boat.massUncertainty', value: 0.4 }]))
    const weighed = run(withEdits(yacht, [{ path: 'boat.massUncertainty', value: 0 }]))
    const width = (r: UncertaintyReport) => r.cruisePower.p90 / r.cruisePower.p10
    expect(width(weighed)).toBeLessThan(width(unsure))
    expect(weighed.shares.map(s => s.id)).not.toContain('weight')
  })
  it('are the same for the same seed and tell their progress', () => {
    expect(run(yacht, 100, 9)).toEqual(run(yacht, 100, 9))
    expect([...sampleBoat(yacht, 100, 9)]).toEqual(Array.from({ length: 100 }, (_, i) => i + 1))
    expect(() => sampleBoat(yacht, 10).next()).toThrow(/100 or more/)
  })
  it('are of the band that is shown everywhere: their 10 and 90 per cent are its ends, at every speed', () => {
    const whole = run(yacht, 3000)
    whole.speeds.forEach((speed, k) => {
      const { point } = evaluate(yacht, speed)
      const near = (ours: number, shown: number) => expect(Math.abs(Math.log(ours / shown))).toBeLessThan(0.05)
      near(whole.packPower[k]!.p10, point.packPowerLow)
      near(whole.packPower[k]!.p90, point.packPowerHigh)
      near(whole.resistance[k]!.p10, point.resistance.low)
      near(whole.resistance[k]!.p90, point.resistance.high)
    })
  })
  it('errors of the methods are alike at speeds that are near, and strangers far away', () => {
    const shape = shapeKernel(modelOf(yacht), [2, 2.05, 3.6])
    const z = latinHypercube(2000, 3, 5).map(row => shape(Array.from(row, normalQuantile)))
    const together = (i: number, j: number) => z.reduce((sum, s) => sum + s[i]! * s[j]!, 0) / z.length
    expect(together(0, 0)).toBeCloseTo(1, 1)
    expect(together(0, 1)).toBeGreaterThan(0.95)
    expect(Math.abs(together(0, 2))).toBeLessThan(0.15)
  })
})
