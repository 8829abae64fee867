import { KNOT } from '../../src/constants'
import { describe, expect, it } from 'vitest'
import { DEMO_BOATS, edit, withEdits } from '../../src/project'
import { doesJson, doesText } from '../../src/report'
import { evaluate, limitShares, modelOf, operatingPoint, summaryOf, tightestLimit, whatItDoes } from '../../src/system'

describe.each(DEMO_BOATS.map(b => [b.name, b] as const))('what %s does', (_, boat) => {
  const does = whatItDoes(boat)
  it('reads the figures of the lever: speeds of the marks, miles of the charge', () => {
    const { allDaySpeed } = summaryOf(boat)
    if (allDaySpeed.outcome !== 'none') expect(does.continuous.speed).toBe(allDaySpeed.speed)
    const { point } = evaluate(boat, does.continuous.speed)
    expect(does.continuous.power).toBeCloseTo(point.drive.packPower, 6)
    expect(does.continuous.toReserve / (point.timeLeft * does.continuous.speed)).toBeCloseTo(1, 6)
  })
  it('goes no slower flat out than continuously, and no less far at the farthest', () => {
    expect(does.flatOut.speed).toBeGreaterThan(0.999 * does.continuous.speed)
    expect(does.flatOut.time).toBeLessThanOrEqual(24 * 3600)
    for (const d of [does.flatOut, does.continuous]) {
      expect(does.farthest.toEmpty).toBeGreaterThanOrEqual(0.999 * d.toEmpty)
      expect(d.toEmpty).toBeGreaterThanOrEqual(d.toReserve)
      expect(d.limit).not.toBe('')
    }
  })
  it('no speed beside the farthest at which she still steers goes farther', () => {
    const miles = (v: number) => v / operatingPoint(modelOf(boat), v).drive.packPower
    const { speed } = does.farthest
    if (speed > 1.12 * 2 * KNOT && speed < 0.98 * does.continuous.speed)
      for (const beside of [0.9, 1.1]) expect(miles(beside * speed)).toBeLessThanOrEqual(miles(speed) * 1.0001)
  })
  it('holds flat out as long as the ratings do, and no longer', () => {
    const { speed, time } = does.flatOut
    const at = (topTime: number) => {
      const model = modelOf(withEdits(boat, [edit('use.topTime', topTime)]))
      return tightestLimit(limitShares(model, operatingPoint(model, speed).drive), 'topTime').share
    }
    if (speed > 0 && time > 2) expect(at(0.9 * time)).toBeLessThanOrEqual(1.01)
  })
  it('is told in kn, kW, minutes and nautical miles', () => {
    const { continuous } = doesJson(does)
    expect(continuous.speedKn).toBeCloseTo((does.continuous.speed * 3600) / 1852, 9)
    expect(doesText(does).split('\n')).toHaveLength(4)
  })
})
