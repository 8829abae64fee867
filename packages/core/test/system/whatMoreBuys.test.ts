import { describe, expect, it } from 'vitest'
import {
  DEMO,
  edit,
  firstDesign,
  planesWith,
  readHave,
  summaryOf,
  typicalAnswers,
  whatItDoes,
  whatMoreBuys,
  withEdits,
  withReserve,
} from '../../src'

const boatOf = (hull: 'planing' | 'displacementLaunch', length: number, have: string) =>
  firstDesign(typicalAnswers(hull, length), 'x', { have: readHave(have).had, wish: false }).project

describe('what more buys', () => {
  it('a string more carries the miles in proportion, or nearly', () => {
    const [string] = whatMoreBuys(DEMO.tirrick),
      { parallel } = DEMO.tirrick.design.pack
    expect(string!.parts).toEqual(['string'])
    const { was, would } = string!.way!
    expect(was).toBeCloseTo(withReserve(whatItDoes(DEMO.tirrick).farthest).way, 6)
    expect(would / was).toBeGreaterThan(0.9 * ((parallel + 1) / parallel))
    // it is to be carried: never quite in proportion
    expect(would / was).toBeLessThan((parallel + 1) / parallel)
  })
  it('a stronger part is taken for the one that holds her back, each step faster than the one before', () => {
    for (const boat of [...Object.values(DEMO), boatOf('planing', 5.1, 'motor 20 kW 96 V\n30 cells LFP 100 Ah')]) {
      const { minutesSpeed } = summaryOf(boat)
      const rows = whatMoreBuys(boat).filter(r => r.parts[0] !== 'string')
      let before = minutesSpeed.outcome === 'none' ? 0 : minutesSpeed.speed
      for (const row of rows) {
        expect(row.speed!.would).toBeGreaterThan(before)
        before = row.speed!.would
      }
      expect(rows.length).toBeLessThanOrEqual(2)
    }
  })
})

describe('how many aboard she planes with', () => {
  it('is nothing to ask of a hull that never planes', () => expect(planesWith(DEMO.tirrick)).toBeNull())
  it('falls as she is heavier, and none is said where she does not plane alone', () => {
    const strong = boatOf('planing', 5.1, 'motor 20 kW 96 V\n30 cells LFP 100 Ah')
    const light = planesWith(strong)!,
      heavy = planesWith(withEdits(strong, [edit('boat.mass', strong.boat.mass + 900)]))!
    expect(light.most).toBeGreaterThanOrEqual(2)
    expect(heavy.most ?? 0).toBeLessThan(light.most!)
    // what flat out says beside it: no plane below it
    const weak = boatOf('planing', 4.9, 'motor 15 kW 72 V 4500 rpm\n20 cells LFP 230 Ah'),
      { most, reaches, from } = planesWith(withEdits(weak, [edit('design.pack.series', 16)]))!
    expect(reaches).toBeLessThan(from)
    expect(most).toBeNull()
  })
})
