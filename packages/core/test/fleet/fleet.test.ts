import { describe, expect, it } from 'vitest'
import { FLEET_BOATS } from './fleetBoats'
import { judgeBoat, sharesOf } from './judgeFleet'

// estimates by common practice; npm run fleet prints them
describe('the fleet: ordinary boats, each a bet at 9 to 1', () => {
  const judged = FLEET_BOATS.map(judgeBoat)
  const of = sharesOf(judged)
  it('every boat has a curve, inside her own band', () => {
    for (const { id, points } of judged)
      for (const p of points) {
        expect(p.ours, id).toBeGreaterThan(0)
        expect(p.low, id).toBeLessThanOrEqual(p.ours)
        expect(p.high, id).toBeGreaterThanOrEqual(p.ours)
      }
  })
  // the floor is what was reached; it only rises
  it('nine powers in ten lie inside their bets, and near the best of them', () => {
    expect(of.points).toBeGreaterThanOrEqual(0.9)
    expect(of.rms).toBeLessThanOrEqual(0.25)
  })
  it('power grows with speed as was bet', () => {
    expect(of.shapes).toBeGreaterThanOrEqual(0.85)
  })
  it('our bands hold the best of the bets about as often as they say', () => {
    expect(of.banded).toBeGreaterThanOrEqual(0.75)
    expect(of.banded).toBeLessThan(1)
  })
  it('all get a first design with a motor, volts and a pack as was bet, and the facts are kept', () => {
    expect(of.designs).toBe(1)
    expect(of.motors).toBe(1)
    expect(of.volts).toBe(1)
    expect(of.packs).toBe(1)
    expect(of.calm).toBe(1)
    expect(of.facts).toBe(1)
  })
})
