import { describe, expect, it } from 'vitest'
import { CHARGE_HABITS, chargePoint, packFigures } from '../../src/battery'
import { hullSpeed } from '../../src/hull'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import {
  bankGone,
  centreResistance,
  chargeHelpers,
  chargeSetup,
  coldSteps,
  evaluate,
  modelOf,
  operatingPoint,
  regenerationAt,
  solarReport,
} from '../../src/system'

const yacht = DEMO.tirrick
const withSun = DEMO_BOATS.filter(b => b.design.solar.fitted)

describe('what cells may take', () => {
  const setup = {
    ...chargeSetup(yacht),
    supply: { kind: 'shore' as const, voltage: 230, current: 63, continuous: 1 },
    count: 8,
  }
  const { pack } = yacht.design,
    habits = CHARGE_HABITS[pack.cell.chemistry],
    { capacityAh, resistance, fullVoltage } = packFigures(pack)
  it('is nothing below freezing, a tenth of the capacity an hour near it, all of their rating above', () => {
    const at = (temperature: number) => chargePoint({ ...setup, temperature }, 0.4)
    expect(at(habits.none - 0.5)).toMatchObject({ current: 0, limit: 'cold' })
    expect(at(habits.none + 0.5)).toMatchObject({ current: expect.closeTo(0.1 * capacityAh, 6), limit: 'cold' })
    expect(at(habits.little + 0.5).limit).not.toBe('cold')
  })
  it('falls in the taper in a straight line to a twelfth, and at last to what the volts still drive', () => {
    const cells = pack.parallel * pack.cell.chargeCurrent
    const middle = (1 + habits.taperFrom) / 2,
      p = chargePoint(setup, middle)
    expect(p.current).toBeLessThanOrEqual(cells * (1 - 0.92 * 0.5) + 1e-6)
    expect(p.voltage).toBeLessThanOrEqual(fullVoltage + 1e-9)
    const nearFull = chargePoint(setup, 0.999)
    expect(nearFull.current * resistance).toBeLessThanOrEqual(
      fullVoltage - (nearFull.voltage - nearFull.current * resistance) + 1e-9,
    )
  })
  it('is told by temperature for a boat as for its cells', () => {
    const steps = coldSteps(yacht)
    for (const s of steps)
      expect(s.current).toBeCloseTo(
        chargePoint({ ...chargeSetup(yacht), temperature: s.temperature }, yacht.design.charging.from).current,
        9,
      )
    steps.slice(1).forEach((s, i) => expect(s.temperature).toBeGreaterThan(steps[i]!.temperature))
  })
})

describe('what helps the chargers', () => {
  it(
    'panels by the mean of the month’s daylight, a towed propeller by what it gives at nine tenths ' + 'of hull speed',
    () => {
      for (const boat of withSun) {
        const on = withEdits(boat, [
          { path: 'design.charging.sun', value: true },
          { path: 'design.charging.month', value: 5 },
        ])
        const june = solarReport(on).months[5]!
        expect(chargeHelpers(on).sun).toBeCloseTo(june.perDay / june.daylight, 6)
      }
      const sailing = withEdits(yacht, [{ path: 'design.charging.sailing', value: true }]),
        model = modelOf(sailing)
      expect(chargeHelpers(sailing).sailing).toBeCloseTo(
        regenerationAt(model, 0.9 * hullSpeed(model.form.lengthWaterline)).packPower,
        6,
      )
      expect(chargeHelpers(yacht)).toEqual({ sun: 0, sailing: 0 })
    },
  )
})

describe('a towed propeller', () => {
  const model = modelOf(yacht)
  it('costs as much speed as brings the resistance down by its drag, the pull of the sails being the same', () => {
    for (const speed of [2.5, 3, 3.3]) {
      const { drag, speedLost } = regenerationAt(model, speed)
      expect(speedLost).toBeGreaterThan(0)
      // a straight line over a tenth of a knot: the curve bends by a few per cent
      expect((centreResistance(model, speed) - centreResistance(model, speed - speedLost)) / drag).toBeGreaterThan(0.8)
      expect((centreResistance(model, speed) - centreResistance(model, speed - speedLost)) / drag).toBeLessThan(1.05)
    }
  })
  it('costs nothing where it gives nothing', () => {
    expect(regenerationAt(model, 0.2)).toMatchObject({ packPower: 0, speedLost: 0 })
  })
})

describe('a year of sun', () => {
  it.each(withSun.map(b => [b.name, b] as const))(
    '%s: is its months by their days, and an outing is put back by what the house leaves',
    (_, boat) => {
      const { months, year, power } = solarReport(boat),
        { solar } = boat.design
      const days = months.map((__, i) => new Date(Date.UTC(2027, i + 1, 0)).getUTCDate())
      expect(year).toBeCloseTo(
        months.reduce((sum, m, i) => sum + m.perDay * days[i]!, 0),
        3,
      )
      expect(power).toBe(solar.series * solar.parallel * solar.panel.power)
      const house = operatingPoint(modelOf(boat), 0).drive.housePower,
        { needed } = evaluate(boat, boat.use.cruiseSpeed).energy
      for (const m of months) {
        const spare = m.perDay - 86_400 * house
        if (spare <= 0) expect(m.refillDays).toBeNull()
        else expect((m.refillDays! * spare) / needed).toBeCloseTo(1, 6)
      }
    },
  )
  it.each(withSun.map(b => [b.name, b] as const))(
    '%s: the pace takes from the pack just what the sun gives',
    (_, boat) => {
      const model = modelOf(boat)
      const carried = solarReport(boat).months.filter(m => m.dayPace > 0.16 && m.dayPace < boat.use.topSpeed - 0.01)
      expect(carried.length).toBeGreaterThan(0)
      for (const m of carried) {
        expect(
          (operatingPoint(model, m.dayPace).drive.packPower * m.daylight) /
            (m.perDay - (86_400 - m.daylight) * operatingPoint(model, 0).drive.housePower),
        ).toBeCloseTo(1, 1)
      }
    },
  )
})

describe('one bank of several lost', () => {
  const banked = (parallel: number, count: number) =>
    withEdits(yacht, [
      { path: 'design.pack.parallel', value: parallel },
      { path: 'design.banks.count', value: count },
    ])
  it('leaves all but the largest bank', () => {
    expect(bankGone(banked(6, 2))).toMatchObject({ left: 3, of: 6 })
    expect(bankGone(banked(5, 2))).toMatchObject({ left: 2, of: 5 })
    expect(bankGone(banked(6, 3))).toMatchObject({ left: 4, of: 6 })
    expect(bankGone(banked(1, 2))).toBeNull()
    expect(bankGone(banked(6, 1))).toBeNull()
  })
  it('goes home at six tenths of hull speed, or as fast as what is left allows', () => {
    const strong = bankGone(banked(6, 2))!,
      model = modelOf(banked(6, 2))
    expect(strong.home!.speed).toBeCloseTo(0.6 * hullSpeed(model.form.lengthWaterline), 6)
    const cell = { ...yacht.design.pack.cell, current: 8, currentPeak: 10 }
    const weak = bankGone(withEdits(banked(2, 2), [{ path: 'design.pack.cell', value: cell }]))!
    expect(weak.fastest.outcome).toBe('limited')
    expect(weak.home!.speed).toBeCloseTo(Math.max(0.6, weak.fastest.outcome === 'limited' ? weak.fastest.speed : 0), 6)
    expect(weak.home!.speed).toBeLessThan(strong.home!.speed)
  })
  it('takes no more of the way home than the same boat on the strings that are left', () => {
    const gone = bankGone(banked(4, 2))!,
      lame = operatingPoint(modelOf(banked(2, 1)), gone.home!.speed)
    expect(gone.home!.drive.packPower).toBeCloseTo(lame.drive.packPower, 6)
    expect(gone.home!.distanceLeft).toBeCloseTo(lame.distanceLeft, 3)
  })
})
