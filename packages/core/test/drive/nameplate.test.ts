import { describe, expect, it } from 'vitest'
import {
  fitMotorLosses,
  leadResistance,
  movePoint,
  ratedAmps,
  throttleShare,
  torqueConstant,
  USUAL_THROTTLE,
  withLeadResistance,
  withRatedAmps,
  withTorqueConstant,
} from '../../src/drive'
import { motorNamed, SHIPPED_MOTORS } from '../../src/parts'

describe('a nameplate said in other ways', () => {
  it.each(SHIPPED_MOTORS.map(m => [m.name, m] as const))('%s comes back the same', (_, motor) => {
    expect(withRatedAmps(motor, ratedAmps(motor))).toMatchObject({
      outcome: 'said',
      change: { ratedEfficiency: expect.closeTo(motor.ratedEfficiency, 10) },
    })
    expect(withTorqueConstant(torqueConstant(motor.kvRpmPerVolt))).toMatchObject({
      change: { kvRpmPerVolt: expect.closeTo(motor.kvRpmPerVolt, 8) },
    })
    const cold = leadResistance(fitMotorLosses(motor))!
    expect(withLeadResistance(motor, cold)).toMatchObject({
      outcome: 'said',
      change: { ratedEfficiency: expect.closeTo(motor.ratedEfficiency, 6) },
    })
  })
  it('that no motor can have is refused with the reason', () => {
    expect(withRatedAmps(motorNamed('brindle-6-48-1500'), 10)).toMatchObject({
      outcome: 'impossible',
      reason: expect.stringMatching(/efficiency of \d+ %/),
    })
    expect(withLeadResistance(motorNamed('brindle-6-48-1500'), 2)).toMatchObject({ outcome: 'impossible' })
    expect(leadResistance({ outcome: 'impossible', reason: '' })).toBeNull()
  })
  it('48 V at 139 A and 6 kW is 90 %', () => {
    // 6000 / (48 × 138.9) = 0.900, arithmetic
    expect(
      withRatedAmps({ ...motorNamed('brindle-6-48-1500'), ratedPower: 6000, ratedVoltage: 48 }, 138.9),
    ).toMatchObject({ change: { ratedEfficiency: expect.closeTo(0.9, 3) } })
  })
})

describe('the throttle', () => {
  it('does nothing in its dead band, ends at its last point, never falls', () => {
    let before = -1
    for (let travel = 0; travel <= 1.0001; travel += 0.01) {
      const share = throttleShare(USUAL_THROTTLE, travel)
      expect(share).toBeGreaterThanOrEqual(before)
      if (travel <= USUAL_THROTTLE.deadband) expect(share).toBe(0)
      before = share
    }
    expect(throttleShare(USUAL_THROTTLE, 1)).toBe(1)
  })
  it('goes through its points', () => {
    const { deadband, points } = USUAL_THROTTLE
    points.forEach((p, i) =>
      expect(throttleShare(USUAL_THROTTLE, deadband + ((1 - deadband) * i) / 4)).toBeCloseTo(p, 9),
    )
  })
  it('a point moved takes its neighbours along, the first stays', () => {
    expect(movePoint([0, 0.1, 0.3, 0.6, 1], 2, 0.7)).toEqual([0, 0.1, 0.7, 0.7, 1])
    expect(movePoint([0, 0.1, 0.3, 0.6, 1], 3, 0.05)).toEqual([0, 0.05, 0.05, 0.05, 1])
    expect(movePoint([0, 0.1, 0.3, 0.6, 1], 0, 0.5)[0]).toBe(0)
    expect(movePoint([0, 0.1, 0.3, 0.6, 1], 4, 7)[4]).toBe(1)
  })
})
