import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { jetNamed } from '../../src/parts'
import { DEMO_BOATS } from '../../src/project'
import { jetState, NOZZLE_LOSS, PUMP_INSTALLED, pumpEfficiency, waterjet } from '../../src/propulsor'
import { modelOf, operatingPoint } from '../../src/system'

const jet = jetNamed('sluice-180')
/** Thrust at the quay from the power, in closed form: P ηp = ½ ρ A Vj³ (1 + ζn), ηp as installed, T = ρ A Vj². */
function quayThrust(power: number, density: number): number {
  const area = (Math.PI * jet.nozzleDiameter ** 2) / 4
  return (
    density *
    area *
    Math.cbrt((2 * power * jet.pumpEfficiency * PUMP_INSTALLED) / (density * area * (1 + NOZZLE_LOSS))) ** 2
  )
}
const loads = fc.record({
  thrust: fc.double({ min: 50, max: 6000, noNaN: true }),
  speed: fc.double({ min: 0.5, max: 20, noNaN: true }),
})

describe('a waterjet', () => {
  it('gives the thrust asked by momentum, and never beats the ideal jet 2 / (1 + Vj/V)', () => {
    fc.assert(
      fc.property(loads, ({ thrust, speed }) => {
        const s = jetState(jet, thrust, speed, 1000)
        const area = (Math.PI * jet.nozzleDiameter ** 2) / 4
        expect(1000 * area * s.jetVelocity * (s.jetVelocity - speed)).toBeCloseTo(thrust, 6)
        expect(s.efficiency).toBeLessThan(2 / (1 + s.jetVelocity / speed))
        expect((thrust * speed) / (2 * Math.PI * s.shaftSpeed * s.torque)).toBeCloseTo(s.efficiency, 9)
      }),
    )
  })
  it('takes its rated power at its rated turns, at any boat speed', () => {
    fc.assert(
      fc.property(loads, ({ thrust, speed }) => {
        const s = jetState(jet, thrust, speed, 1000)
        const power = 2 * Math.PI * s.shaftSpeed * s.torque
        expect(((power / s.shaftSpeed ** 3) * (jet.ratedRpm / 60) ** 3) / jet.ratedPower).toBeCloseTo(1, 9)
      }),
    )
  })
  it('at the quay agrees with the limit of a crawl', () => {
    const s = jetState(jet, 2500, 1e-6, 1000)
    // at the quay the pump is a little off its best: that much of its power is lost
    const best = jet.pumpEfficiency * PUMP_INSTALLED,
      here = pumpEfficiency(jet, s.jetVelocity, s.shaftSpeed, 1000)
    expect(here / best).toBeGreaterThan(0.97)
    expect(here).toBeLessThan(best)
    expect(quayThrust((2 * Math.PI * s.shaftSpeed * s.torque * here) / best, 1000)).toBeCloseTo(2500, 2)
  })
  it('does nothing without thrust', () => {
    expect(waterjet(jet).at(0, 5, 1000)).toMatchObject({ shaftSpeed: 0, torque: 0, efficiency: 0 })
  })
  it('foams more easily at the quay than under way at the same power (a jet’s usual limit)', () => {
    const quay = jetState(jet, quayThrust(30e3, 1000), 1e-6, 1000)
    const fast = jetState(jet, 1500, 12, 1000)
    expect(quay.suctionSpeed / quay.shaftSpeed).toBeGreaterThan(fast.suctionSpeed / fast.shaftSpeed)
  })
  it(
    'on the demo jet boat: about a quarter at 10 kn, under a half at 20 kn or a little more, less than 0.65 ' +
      'beyond (common practice)',
    () => {
      const boat = DEMO_BOATS.find(p => p.boat.drive.kind === 'jet')!
      const at = (knots: number) => operatingPoint(modelOf(boat), knots * KNOT).drive.propellerEfficiency
      expect(at(10)).toBeGreaterThan(0.2)
      expect(at(10)).toBeLessThan(0.5)
      expect(at(20)).toBeGreaterThan(at(10))
      expect(at(30)).toBeLessThan(0.65)
    },
  )
})
