import type { ValueAt } from '../../src/project/definition/projectPath'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  aheadTurning,
  controllerHeat,
  controllerTemperature,
  coolantFlow,
  efficiencyLines,
  fitMotorLosses,
  fitWarming,
  heatPath,
  heatTorque,
  hullCoolerArea,
  INSULATION_LIMIT,
  motorHeat,
  rollback,
  runsWeaker,
  steadyTemperatures,
  temperaturesAfter,
  timeToLimit,
  type HeatPath,
} from '../../src/drive'
import { SHIPPED_CONTROLLERS, SHIPPED_MOTORS } from '../../src/parts'
import { fieldError } from '../../src/fields'
import { DEMO, HEAT_POINT, withEdits } from '../../src/project'
import { coolingChoices, driveWarming, evaluate, modelOf, warmingCurve } from '../../src/system'

const AROUND = { ambient: 313.15, water: 298.15 }
const fitted = SHIPPED_MOTORS.map(motor => {
  const fit = fitMotorLosses(motor)
  if (fit.outcome !== 'fitted') throw new Error(motor.name)
  return { motor, losses: fit.losses, omega: (motor.ratedRpm * Math.PI) / 30 }
})

/** The same two nodes by small steps of Runge–Kutta, the independent way. */
function byRungeKutta(
  path: HeatPath,
  heat: { winding: number; case: number },
  start: { winding: number; case: number },
  time: number,
  steps = 4000,
) {
  const rate = ({ winding, case: c }: { winding: number; case: number }) => {
    const q = (winding - c) / path.windingToCase
    return {
      winding: (heat.winding - q) / path.windingHeat,
      case: (heat.case + q - (c - path.sink) / path.caseToSink) / path.caseHeat,
    }
  }
  let t = { ...start }
  const h = time / steps,
    plus = (a: typeof t, b: typeof t, k: number) => ({ winding: a.winding + k * b.winding, case: a.case + k * b.case })
  for (let i = 0; i < steps; i++) {
    const k1 = rate(t),
      k2 = rate(plus(t, k1, h / 2)),
      k3 = rate(plus(t, k2, h / 2)),
      k4 = rate(plus(t, k3, h))
    t = {
      winding: t.winding + (h / 6) * (k1.winding + 2 * k2.winding + 2 * k3.winding + k4.winding),
      case: t.case + (h / 6) * (k1.case + 2 * k2.case + 2 * k3.case + k4.case),
    }
  }
  return t
}

describe('a motor’s heat', () => {
  it.each(fitted.map(f => [f.motor.name, f] as const))(
    '%s: at its rated point in its plate’s surroundings the winding is at the limit of its class',
    (_, { motor, losses, omega }) => {
      const path = heatPath(motor, losses, motor.cooling, AROUND)
      const own = { ...path, sink: motor.cooling === 'air' ? 313.15 : motor.cooling === 'raw water' ? 298.15 : 308.15 }
      expect(steadyTemperatures(own, motorHeat(losses, motor.ratedPower / omega, omega)).winding).toBeCloseTo(
        INSULATION_LIMIT[motor.insulation],
        6,
      )
      expect(heatTorque(own, losses, omega) * omega).toBeCloseTo(motor.ratedPower, 3)
    },
  )
  it('agrees with an independent integration within 0.1 % of the rise', () => {
    for (const { motor, losses, omega } of fitted.slice(4, 8)) {
      const path = heatPath(motor, losses, motor.cooling, AROUND),
        heat = motorHeat(losses, (1.4 * motor.ratedPower) / omega, omega),
        start = { winding: path.sink, case: path.sink }
      for (const time of [20, 200, 2000]) {
        const exact = temperaturesAfter(path, heat, start, time),
          stepped = byRungeKutta(path, heat, start, time)
        expect(Math.abs(exact.winding - stepped.winding)).toBeLessThan(0.001 * (stepped.winding - path.sink))
        expect(Math.abs(exact.case - stepped.case)).toBeLessThan(0.001 * (stepped.case - path.sink) + 1e-6)
      }
    }
  })
  it('with winding and case as one is the step response 1 − e^(−t/RC)', () => {
    const path: HeatPath = {
      windingToCase: 1e-7,
      caseToSink: 0.1,
      windingHeat: 100,
      caseHeat: 9900,
      sink: 300,
      limit: 430,
    }
    for (const t of [100, 1000, 5000])
      expect(temperaturesAfter(path, { winding: 500, case: 0 }, { winding: 300, case: 300 }, t).case).toBeCloseTo(
        300 + 50 * (1 - Math.exp(-t / 1000)),
        3,
      )
  })
  it('the time to the limit is when the winding is there; more torque comes sooner', () => {
    const { motor, losses, omega } = fitted[7]!
    const path = heatPath(motor, losses, 'air', AROUND),
      start = { winding: path.sink, case: path.sink }
    let before = Infinity
    for (const share of [1.1, 1.3, 1.6, 2]) {
      const heat = motorHeat(losses, (share * motor.ratedPower) / omega, omega),
        time = timeToLimit(path, heat, start)
      if (time.outcome !== 'drops') throw new Error(time.outcome)
      expect(temperaturesAfter(path, heat, start, time.time).winding).toBeCloseTo(path.limit, 1)
      expect(time.time).toBeLessThan(before)
      before = time.time
    }
    expect(timeToLimit(path, motorHeat(losses, (0.8 * motor.ratedPower) / omega, omega), start).outcome).toBe('holds')
    expect(timeToLimit(path, motorHeat(losses, 1, 1), { winding: path.limit + 1, case: 400 }).outcome).toBe('tooHot')
  })
  it('a controller in air as warm as it stands cuts back at once, and its time is a number on any plate', () => {
    const boat = DEMO.tirrick
    for (const [from, ambient, begins] of [
      [333, 338, 0],
      [300, 308, null],
      [340, 300, null],
    ] as const) {
      const tried = withEdits(boat, [
          { path: 'design.controller.rollbackFrom', value: from },
          { path: 'use.ambient', value: ambient },
        ]),
        model = modelOf(tried)
      const { top } = evaluate(tried, 2),
        warm = driveWarming(model, top.drive, top.drive)!
      expect(warm.rollbackAfter).toBeGreaterThanOrEqual(0)
      if (begins !== null) expect(warm.rollbackAfter).toBe(begins)
    }
  })
  it('warms by its rated point even where the plate’s greatest speed lies below it', () => {
    const { motor } = DEMO.tirrick.design,
      fit = fitMotorLosses(motor)
    if (fit.outcome !== 'fitted') throw new Error('a demo motor that cannot be')
    const around = { ambient: 313, water: 288 }
    expect(heatPath({ ...motor, greatestRpm: 0.5 * motor.ratedRpm }, fit.losses, motor.cooling, around)).toEqual(
      heatPath(motor, fit.losses, motor.cooling, around),
    )
  })
  it('better cooling and colder air never give less', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: fitted.length - 1 }),
        fc.double({ min: 275, max: 330, noNaN: true }),
        fc.double({ min: 273, max: 303, noNaN: true }),
        (i, ambient, water) => {
          const { motor, losses, omega } = fitted[i]!
          const at = (cooling: typeof motor.cooling, a = ambient) =>
            heatTorque(heatPath(motor, losses, cooling, { ambient: a, water }), losses, omega)
          expect(at('raw water')).toBeGreaterThan(at('closed loop'))
          expect(at('air', ambient - 10)).toBeGreaterThanOrEqual(at('air'))
        },
      ),
    )
  })
  it('flow and cooler carry the loss they are asked to', () => {
    expect(coolantFlow(667) * 1050 * 3500 * 6).toBeCloseTo(667, 6)
    expect(hullCoolerArea(1000, 10)).toBeCloseTo(1, 9)
  })
})

describe('a controller’s heat', () => {
  it('is where it begins to cut back at its all-day rating in 40 °C', () => {
    for (const c of SHIPPED_CONTROLLERS) {
      const node = controllerHeat(c, 313.15)
      const loss = ((c.batteryCurrent * (c.leastVoltage + c.greatestVoltage)) / 2) * (1 - c.efficiency) + c.idlePower
      expect(controllerTemperature(node, loss, 313.15, 1e6)).toBeCloseTo(c.rollbackFrom, 6)
    }
  })
  it('falls in a straight line from all to nothing', () => {
    expect([350, 353, 360.5, 368, 400].map(t => rollback({ from: 353, to: 368 }, t))).toEqual([1, 1, 0.5, 0, 0])
  })
})

describe('measured temperatures', () => {
  const reading = (time: number) => ({ time, temperature: 350 - 60 * Math.exp(-time / 900) })
  it('give back the time constant and the end that made them', () => {
    expect(fitWarming([0, 300, 600, 1200, 2400].map(reading))).toMatchObject({ outcome: 'fitted' })
    const fit = fitWarming([0, 300, 600, 1200, 2400].map(reading))
    if (fit.outcome !== 'fitted') throw new Error('refused')
    expect(fit.timeConstant).toBeCloseTo(900, 0)
    expect(fit.final).toBeCloseTo(350, 2)
    expect(fit.start).toBeCloseTo(290, 2)
  })
  it('out of range are told with the range', () => {
    const { time, temperature } = HEAT_POINT.fields
    expect(fieldError(time, 900)).toBeNull()
    expect(fieldError(time, -1)).toMatch(/48\.0.h/)
    expect(fieldError(temperature, 900)).toMatch(/327.°C/)
  })
  it('are refused with a reason when they cannot carry it', () => {
    expect(fitWarming([0, 300, 600].map(reading))).toMatchObject({
      outcome: 'refused',
      reason: expect.stringMatching(/4 readings/),
    })
    expect(fitWarming([0, 20, 40, 60, 80].map(reading))).toMatchObject({
      outcome: 'refused',
      reason: expect.stringMatching(/level off/),
    })
    expect(fitWarming([0, 300, 600, 900, 2000].map(t => ({ time: t, temperature: 350 - t / 100 })))).toMatchObject({
      outcome: 'refused',
    })
  })
})

describe('rotation', () => {
  it('turns round at a gear, not at a belt, and twice is none', () => {
    expect(aheadTurning('right', { gear: false, leg: false })).toBe('clockwise')
    expect(aheadTurning('right', { gear: true, leg: false })).toBe('anticlockwise')
    expect(aheadTurning('right', { gear: true, leg: true })).toBe('clockwise')
    expect(aheadTurning('left', { gear: false, leg: false })).toBe('anticlockwise')
  })
  it('either cure of the weaker direction works: the other hand, or one more reversal', () => {
    const motor = { weakerDirection: 'clockwise' } as const
    expect(runsWeaker(motor, 'right', { gear: false, leg: false })).toBe(true)
    expect(runsWeaker(motor, 'left', { gear: false, leg: false })).toBe(false)
    expect(runsWeaker(motor, 'right', { gear: true, leg: false })).toBe(false)
  })
})

describe('the drive of a boat', () => {
  const yacht = DEMO.tirrick
  it('warms to its steady state, and says how long top holds', () => {
    const model = modelOf(yacht),
      { cruise, top } = evaluate(yacht, 2.5)
    const warm = driveWarming(model, cruise.drive, cruise.drive)!
    expect(warm.fromCold.outcome).toBe('holds')
    const curve = warmingCurve(model, cruise.drive, 20 * 3600)!
    expect(curve.winding.at(-1)!).toBeCloseTo(warm.motor.winding, 0)
    expect(curve.controller.at(-1)!).toBeCloseTo(warm.controller, 1)
    const hot = withEdits(yacht, [
      { path: 'use.topSpeed', value: 3.3 },
      { path: 'use.ambient', value: 330 },
    ])
    expect(driveWarming(modelOf(hot), evaluate(hot, 2.5).top.drive, cruise.drive)!.fromCruise.outcome).toBe('drops')
    expect(top.speed).toBeGreaterThan(cruise.speed)
  })
  it('a change of cooling gives what was promised for it, and leaves the promises as they were', () => {
    const before = coolingChoices(modelOf(yacht))
    for (const choice of before) {
      const changed = withEdits(yacht, [{ path: 'design.cooling', value: choice.cooling }])
      const after = coolingChoices(modelOf(changed))
      after.forEach((c, i) => expect(c.power).toBeCloseTo(before[i]!.power, 6))
      expect(after.find(c => c.fitted)!.cooling).toBe(choice.cooling)
    }
    const winding = (cooling: ValueAt<'design.cooling'>) => {
      const boat = withEdits(yacht, [{ path: 'design.cooling', value: cooling }]),
        { cruise } = evaluate(boat, 2.5)
      return driveWarming(modelOf(boat), cruise.drive, cruise.drive)!.motor.winding
    }
    expect(winding('closed loop')).toBeLessThan(winding('air'))
    expect(winding('raw water')).toBeLessThan(winding('closed loop'))
  })
  it('compares the kinds of cooling', () => {
    const rows = coolingChoices(modelOf(yacht))
    expect(rows.map(r => r.cooling)).toEqual(['air', 'closed loop', 'raw water'])
    expect(rows.filter(r => r.fitted)).toHaveLength(1)
    expect(rows[2]!.power).toBeGreaterThan(rows[0]!.power)
  })
})

it('lines of equal efficiency hold that efficiency', () => {
  const { losses, motor } = fitted[7]!
  for (const line of efficiencyLines(losses, motor.greatestRpm)) {
    line.rpm.forEach((n, i) => {
      for (const torque of [line.upper[i], line.lower[i]]) {
        if (torque === null || torque === undefined) continue
        const omega = (n * Math.PI) / 30,
          out = torque * omega
        expect(
          out / (out + motorHeat(losses, torque, omega).winding + motorHeat(losses, torque, omega).case),
        ).toBeCloseTo(line.efficiency, 9)
      }
    })
  }
})
