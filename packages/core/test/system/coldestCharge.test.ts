import { describe, expect, it } from 'vitest'
import { checkFindings } from '../../src/findings'
import { DEMO, designWeights, edit, withEdits, type Project } from '../../src/project'
import { monthAir } from '../../src/solar'
import { partsList } from '../../src/money'
import { coldestCharge, heaterFor, warmedCells } from '../../src/system'
import { winter } from '../../src/voyage'

const ZERO = 273.15,
  RAD = Math.PI / 180
const at = (latitude: number, from: number, to: number, boat = DEMO.tirrick): Project =>
  withEdits(boat, [
    edit('use.place', { latitude: latitude * RAD, longitude: 0.1 }),
    edit('use.year', { ...boat.use.year, seasonFrom: from, seasonTo: to, coldest: null }),
  ])
const cold = (boat: Project) => checkFindings(boat).findings.find(f => f.rule === 'coldCharge')

describe('the coldest that the pack is charged', () => {
  it('is the coldest of the months in which she is used, by place; or as her owner says, if that is colder', () => {
    const all = at(60, 0, 11)
    expect(coldestCharge(all)).toMatchObject({ month: 0, without: monthAir(60 * RAD, 0) })
    expect(coldestCharge(at(60, 3, 9)).month).not.toBe(0)
    // a southern winter, and a season over the turn of the year
    expect(coldestCharge(at(-55, 0, 11)).month).toBe(6)
    expect(coldestCharge(at(55, 10, 1)).month).toBe(0)
    const typed = withEdits(at(20, 0, 11), [edit('design.charging.coldest', 262)])
    expect(coldestCharge(typed)).toMatchObject({ month: null, without: 262 })
  })
  it('what the year says and what the findings say is the same', () => {
    for (const latitude of [0, 20, 35, 45, 52, 60, 66]) {
      const boat = at(latitude, 0, 11),
        worst = winter(boat).map(m => m.charging)
      expect(Boolean(cold(boat)), String(latitude)).toBe(worst.some(c => c !== 'freely'))
      if (worst.includes('none')) expect(cold(boat)!.severity).toBe('stop')
    }
  })
  it.each([
    [ZERO - 0.01, 'stop'],
    [ZERO, 'caution'],
    [ZERO + 4.99, 'caution'],
    [ZERO + 5, undefined],
  ] as const)('at %f K: %s', (kelvin, severity) => {
    const boat = withEdits(at(0, 0, 11), [edit('design.charging.coldest', kelvin)])
    expect(cold(boat)?.severity).toBe(severity)
  })
  it('a heater warms it as far as its watts go, weighs and costs; the fix brings one that is enough', () => {
    const boat = at(60, 0, 11),
      watts = heaterFor(boat)
    expect(watts).toBeGreaterThan(0)
    const heated = (w: number) => withEdits(boat, [edit('design.charging.heater', w)])
    expect(coldestCharge(heated(watts)).cells).toBeGreaterThanOrEqual(ZERO + 10 - 1e-9)
    expect(coldestCharge(heated(watts / 2)).cells).toBeLessThan(ZERO + 10)
    expect(warmedCells(heated(watts), 290)).toBe(290)
    expect(cold(heated(watts))).toBeUndefined()
    const [fix] = cold(boat)!.fixes
    expect(fix!.edits).toEqual([edit('design.charging.heater', watts)])
    expect(designWeights(heated(watts)).find(w => w.part === 'heater')!.mass).toBeCloseTo(0.02 * watts, 9)
    const line = partsList(heated(watts)).find(l => l.item.startsWith('Pack heater'))!
    expect(line.price).toBeGreaterThan(watts / 2)
    expect(heaterFor(at(0, 0, 11))).toBe(0)
  })
})
