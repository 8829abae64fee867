import { propellerChoices, reductionChoices } from '../../src/sizing'
import { describe, expect, it } from 'vitest'
import { interpolate } from '../../src/numeric'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import {
  atReynolds,
  bladeFamily,
  bladeReynolds,
  burrillLoading,
  openWater,
  SERIES_REYNOLDS,
  seriesPropeller,
  windmill,
  WHEEL_EFFICIENCY,
} from '../../src/propulsor'
import {
  driveTrain,
  evaluate,
  limitShares,
  matching,
  modelOf,
  powerCurve,
  thrustAvailable,
  thrustBalance,
  tightestLimit,
  windHolding,
  wiringReport,
} from '../../src/system'

const yacht = DEMO.tirrick

describe('the matching diagram', () => {
  const model = modelOf(yacht),
    m = matching(model, powerCurve(yacht))
  it('asks more at the quay than in a sea, and more in a sea than in calm, at the same turns', () => {
    const at = (c: { rpm: number[]; torque: number[] }, n: number) => {
      const i = c.rpm.findIndex(r => r >= n)
      return c.torque[i]!
    }
    for (const n of [400, 600, 800]) {
      expect(at(m.quay, n)).toBeGreaterThan(at(m.sea, n))
      expect(at(m.sea, n)).toBeGreaterThan(at(m.calm, n))
    }
  })
  it('gives less on a low pack than on a full one, and never more than for minutes', () => {
    m.allDay.full.torque.forEach((t, i) => {
      expect(m.allDay.low.torque[i]!).toBeLessThanOrEqual(t + 1e-9)
      expect(m.allDay.nominal.torque[i]!).toBeLessThanOrEqual(m.minutes.torque[i]! + 1e-6)
    })
  })
  it('crosses in calm where the all-day speed is', () => {
    const free = withEdits(yacht, [
      { path: 'design.controller.batteryCurrent', value: 400 },
      { path: 'design.controller.phaseCurrent', value: 900 },
      // and a fuse and a cable that are not what ends it
      { path: 'design.wiring.fuse', value: { ...wiringReport(modelOf(yacht)).fuse!, rating: 600 } },
      { path: 'design.wiring.mainArea', value: 150 },
      { path: 'design.wiring.contactorCurrent', value: 600 },
    ])
    const { allDaySpeed } = evaluate(free, 2)
    const calm = matching(modelOf(free), powerCurve(free)).crossings.find(c => c.of === 'calm')!
    const there = evaluate(free, allDaySpeed.outcome === 'limited' ? allDaySpeed.speed : 0).point.drive
    expect(calm.rpm).toBeCloseTo(there.shaftSpeed * 60, -1)
  })
})

describe('where demand meets what the motor gives', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('%s: lies on both curves', (_, boat) => {
    const m = matching(modelOf(boat), powerCurve(boat))
    for (const { of, rpm, torque } of m.crossings) {
      expect(interpolate(m[of].rpm, m[of].torque, rpm) / torque).toBeCloseTo(1, 9)
      expect(interpolate(m.allDay.nominal.rpm, m.allDay.nominal.torque, rpm) / torque).toBeCloseTo(1, 1)
    }
  })
  it('of the quay rises with the square of the turns', () => {
    const { quay } = matching(modelOf(yacht), powerCurve(yacht))
    expect(quay.torque[40]! / quay.torque[20]!).toBeCloseTo((quay.rpm[40]! / quay.rpm[20]!) ** 2, 9)
  })
  it('a reduction trades turns for torque: the same power at the shaft, less what it keeps', () => {
    const geared = withEdits(yacht, [{ path: 'design.reduction', value: { kind: 'belt', ratio: 2 } }]),
      belt = modelOf(geared)
    const m = matching(belt, powerCurve(geared)),
      { motor } = geared.design
    const rated = motor.ratedRpm / belt.totalRatio,
      torque = (motor.ratedPower / ((motor.ratedRpm * Math.PI) / 30)) * belt.totalRatio * belt.transmission
    const given = interpolate(m.allDay.full.rpm, m.allDay.full.torque, 0.5 * rated)
    expect(given).toBeCloseTo(torque, 3)
  })
  it('the controller’s amps end it at constant power', () => {
    const { controller } = matching(modelOf(yacht), powerCurve(yacht)),
      power = controller.rpm.map((n, i) => n * controller.torque[i]!)
    for (const p of power) expect(p / power[0]!).toBeCloseTo(1, 9)
  })
  it('the old engine keeps its power through the reduction that is taken for it', () => {
    const engined = DEMO_BOATS.find(b => b.boat.oldEngine.ratedPower > 0)!,
      { engine } = matching(modelOf(engined), powerCurve(engined))
    const most = Math.max(...engine!.rpm.map((n, i) => ((n * Math.PI) / 30) * engine!.torque[i]!))
    expect(most / engined.boat.oldEngine.ratedPower).toBeCloseTo(1, 1)
  })
})

describe('thrust', () => {
  it('available is what uses the tightest rating up', () => {
    const model = modelOf(yacht)
    for (const speed of [0, 1, 2.5]) {
      const { thrust, train } = thrustAvailable(model, speed, 'allDay')
      expect(tightestLimit(limitShares(model, train), 'allDay').share).toBeCloseTo(1, 1)
      expect(
        driveTrain(model, Math.max(0.05, speed), thrust * (1 - model.interaction.thrustDeduction)).thrust,
      ).toBeCloseTo(thrust, 6)
    }
  })
  it('falls with speed; head sea asks more than wind, wind more than calm', () => {
    const b = thrustBalance(modelOf(yacht))
    for (let i = 1; i < b.speeds.length; i++) {
      expect(b.wind[i]!).toBeGreaterThan(b.calm[i]!)
      expect(b.sea[i]!).toBeGreaterThan(b.wind[i]!)
      expect(b.minutes[i]!).toBeGreaterThanOrEqual(b.allDay[i]! * 0.99)
    }
  })
  it('a boat with twice the windage holds half as well', () => {
    const model = modelOf(yacht)
    expect(windHolding({ ...model, windage: 2 * model.windage }).share / windHolding(model).share).toBeCloseTo(2, 6)
  })
})

describe('propellers beyond the plain series', () => {
  const spec = { diameter: 0.4, pitch: 0.3, areaRatio: 0.5, blades: 3 }
  it('the Reynolds correction is nothing at the series’ own number, and helps large ones (recalled rows)', () => {
    const base = openWater(bladeFamily(0.7, 4), 1),
      at = { pitchRatio: 1, areaRatio: 0.7, blades: 4 }
    expect(atReynolds(base, at, SERIES_REYNOLDS)).toBe(base)
    const large = atReynolds(base, at, 2e7)
    expect(large.kq[0]).toBeLessThan(base.kq[0])
    expect(Math.abs(large.kq[0] / base.kq[0] - 1)).toBeLessThan(0.05)
    expect(bladeReynolds({ diameter: 0.8, areaRatio: 0.5, blades: 3 }, 5, 15, 1.19e-6)).toBeGreaterThan(
      bladeReynolds(spec, 5, 15, 1.19e-6),
    )
  })
  it('a folding one asks more torque for the same thrust, by its factor', () => {
    const plain = seriesPropeller(spec).at(500, 2.5, 1025.9),
      folding = seriesPropeller({ ...spec, kind: 'folding' }).at(500, 2.5, 1025.9)
    expect(folding.torque / plain.torque).toBeCloseTo(WHEEL_EFFICIENCY.fixed / WHEEL_EFFICIENCY.folding, 9)
    expect(folding.shaftSpeed).toBeCloseTo(plain.shaftSpeed, 9)
    expect(
      seriesPropeller({ ...spec, kind: 'folding', efficiencyFactor: 0.8 }).at(500, 2.5, 1025.9).efficiency /
        plain.efficiency,
    ).toBeCloseTo(0.8 / WHEEL_EFFICIENCY.fixed, 9)
  })
  it('Burrill’s loading rises with thrust, its limit falls with speed', () => {
    const load = (thrust: number, shaftSpeed: number) =>
      burrillLoading(spec, { thrust, shaftSpeed, waterSpeed: 3 }, 0.6, 1025.9)!
    expect(load(1000, 15).loading / load(500, 15).loading).toBeCloseTo(2, 9)
    expect(load(500, 40).limit).toBeLessThan(load(500, 20).limit)
    expect(burrillLoading(spec, { thrust: 0, shaftSpeed: 0, waterSpeed: 0 }, 0.6, 1025.9)).toBeNull()
  })
  it('a windmill takes less than Betz allows and costs more than it gives', () => {
    for (const v of [1, 3, 5]) {
      const w = windmill(spec, v, 1025.9)
      expect(w.shaftPower).toBeLessThan((16 / 27) * 0.5 * 1025.9 * v ** 3 * Math.PI * 0.04)
      expect(w.drag * v).toBeGreaterThan(w.shaftPower)
    }
    expect(windmill(spec, 6, 1000).shaftPower / windmill(spec, 3, 1000).shaftPower).toBeCloseTo(8, 9)
  })
  it(
    'the measured boats’ windmilling is of this order: 60 W in light wind, 100 to 120 W in a good one, 7.6 m ' +
      'yacht (handbook/05)',
    () => {
      const small = { diameter: 0.3, pitch: 0.2 }
      expect(windmill(small, 2, 1025.9).shaftPower).toBeGreaterThan(30)
      expect(windmill(small, 2, 1025.9).shaftPower).toBeLessThan(120)
    },
  )
  it('a 7 kW motor on the yacht passes what the finding of wind says', () => {
    const weak = withEdits(yacht, [
      { path: 'design.propeller.diameter', value: 0.2 },
      { path: 'design.propeller.pitch', value: 0.15 },
    ])
    expect(windHolding(modelOf(weak)).share).toBeGreaterThan(windHolding(modelOf(yacht)).share)
  })
})

describe('choices side by side', () => {
  it('propellers: the fitted one first, none larger than the place, more blades never less area', () => {
    const rows = propellerChoices(yacht)
    expect(rows[0]!.fitted).toBe(true)
    expect(rows.filter(r => r.fitted)).toHaveLength(1)
    for (const r of rows.slice(1)) expect(r.diameter).toBeLessThanOrEqual(yacht.boat.drive.greatestDiameter + 1e-9)
    expect(rows.map(r => r.blades)).toEqual(expect.arrayContaining([2, 3, 4, 5]))
  })
  it(
    'reductions: at most one of each kind, none that no propeller suits (a 3.5 : 1 gear makes this motor too ' +
      'slow), legs only direct',
    () => {
      expect(reductionChoices(yacht).map(r => r.reduction.kind)).toEqual(['direct', 'belt'])
      expect(
        reductionChoices(DEMO_BOATS.find(p => p.boat.drive.kind === 'outboard')!).map(r => r.reduction.kind),
      ).toEqual(['direct'])
      for (const r of reductionChoices(yacht))
        if (r.holds) expect(evaluate(r.project, yacht.use.cruiseSpeed).cruise.holds).toBe('allDay')
    },
  )
})
