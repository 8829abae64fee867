import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { motorTimeFactor, timeFactor } from '../../src/drive'

const rating = { allDay: 100, peak: 180, seconds: 120 }
describe('a rating held for a time', () => {
  it('is the peak for the peak’s own time, and the all-day rating for long', () => {
    expect(timeFactor(rating, 120)).toBeCloseTo(1.8, 12)
    expect(timeFactor(rating, 5)).toBe(1.8)
    expect(timeFactor(rating, 86_400)).toBeCloseTo(1, 9)
  })
  it('leaves the part at its final heat: one mass integrated by small steps', () => {
    // dθ/dt = (load² − θ)/τ from nothing: at its time θ is that of the all-day rating, 1
    const tau = -120 / Math.log(1 - 1 / 1.8 ** 2)
    for (const time of [200, 600, 1800]) {
      const load = timeFactor(rating, time)
      let theta = 0
      const steps = 20_000
      for (let i = 0; i < steps; i++) theta += ((load ** 2 - theta) / tau) * (time / steps)
      expect(theta).toBeCloseTo(1, 3)
    }
  })
  it('never grows with time; a plate without a peak has none', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        fc.double({ min: 1, max: 5, noNaN: true }),
        (time, peak) => {
          const at = (t: number) => timeFactor({ allDay: 1, peak, seconds: 60 }, t)
          expect(at(time)).toBeGreaterThanOrEqual(at(1.1 * time))
          expect(at(time)).toBeLessThanOrEqual(peak)
          expect(at(time)).toBeGreaterThanOrEqual(1)
        },
      ),
    )
    expect(motorTimeFactor({ ratedPower: 6000, peakPower: 6000, peakSeconds: 60 }, 60)).toBe(1)
  })
})
