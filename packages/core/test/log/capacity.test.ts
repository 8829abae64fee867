import { describe, expect, it } from 'vitest'
import { capacityReading, EMPTY_TRIP, isCapacity } from '../../src/log'
import { modelOf } from '../../src/system'
import { DEMO, type Trip } from '../../src/project'

const boat = DEMO.tirrick,
  { cell, parallel } = boat.design.pack,
  whole = cell.capacityAh * parallel
const trip = (of: Partial<Trip>): Trip => ({
  ...EMPTY_TRIP,
  date: '2027-06-15',
  chargeFrom: 1,
  chargeTo: 0.1,
  drawn: 0.9 * whole,
  rested: true,
  ...of,
})

describe('what a trip says of the capacity', () => {
  it('amp hours by the part of the charge: a pack that gives its plate is whole', () => {
    expect(capacityReading(boat, trip({}))!.share).toBeCloseTo(1, 9)
    expect(capacityReading(boat, trip({ drawn: 0.72 * whole }))!.share).toBeCloseTo(0.8, 9)
  })
  it('watt hours in place of them, without what came in on the way, against the pack as new', () => {
    const { energy } = modelOf(boat).pack,
      new_ = energy / boat.design.banks.health
    const read = capacityReading(boat, trip({ drawn: null, used: 0.9 * new_ + 100, sun: 60, sail: 30, generator: 10 }))!
    expect(read.share).toBeCloseTo(1, 9)
    expect(read.sigma).toBeGreaterThan(capacityReading(boat, trip({}))!.sigma)
  })
  it.each([
    [0.851, false],
    [0.85, true],
    [0.849, true],
  ])('from full to %d: it tells something is %s', (chargeTo, tells) =>
    expect(capacityReading(boat, trip({ chargeTo })) !== null).toBe(tells),
  )
  it.each<[string, Partial<Trip>]>([
    ['no day', { date: '' }],
    ['no charge before', { chargeFrom: null }],
    ['no charge after', { chargeTo: null }],
    ['neither amp hours nor energy', { drawn: null, used: 0 }],
    ['no amp hours at all, and no energy', { drawn: 0, used: 0 }],
  ])('%s tells nothing', (_, of) => expect(capacityReading(boat, trip(of))).toBeNull())
  it('an end that did not rest, or lies where the volts of LFP are flat, is believed less', () => {
    expect(cell.chemistry).toBe('LFP')
    const sigma = (of: Partial<Trip>) =>
      capacityReading(boat, trip({ drawn: 0.5 * whole, chargeFrom: 1, ...of }))!.sigma
    // σ of each end: 1.06 % rested, 3.54 % where it is flat, 5 % not rested; of the amp hours 1 %
    const wanted = (a: number, b: number, part: number) => (0.5 / part) * Math.hypot(Math.hypot(a, b) / part, 0.01)
    expect(sigma({ chargeTo: 0.5 })).toBeCloseTo(wanted(0.0106, 0.0354, 0.5), 9)
    expect(sigma({ chargeTo: 0.15 })).toBeCloseTo(wanted(0.0106, 0.0106, 0.85), 9)
    expect(sigma({ chargeTo: 0.1501 })).toBeCloseTo(wanted(0.0106, 0.0354, 0.8499), 9)
    expect(sigma({ chargeTo: 0.5, chargeFrom: 0.98 })).toBeCloseTo(wanted(0.0106, 0.0354, 0.48), 9)
    expect(sigma({ chargeTo: 0.5, chargeFrom: 0.9799 })).toBeCloseTo(wanted(0.0354, 0.0354, 0.4799), 9)
    expect(sigma({ chargeTo: 0.5, rested: false })).toBeCloseTo(wanted(0.05, 0.05, 0.5), 9)
  })
  it.each([
    [0.2, false],
    [0.21, true],
    [1.59, true],
    [1.6, false],
  ])('a share of %d is one: %s', (share, is) => expect(isCapacity(share)).toBe(is))
})
