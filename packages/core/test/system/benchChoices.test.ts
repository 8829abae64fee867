import { edit, type ProjectPath, type ValueAt } from '../../src/project/definition/projectPath'
import { describe, expect, it } from 'vitest'
import { THROTTLE_POINTS, USUAL_THROTTLE } from '../../src/drive'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import { controllerSettings } from '../../src/report'
import {
  dayWarming,
  driveWarming,
  evaluate,
  evenThrottle,
  heatLimited,
  modelOf,
  powerCurve,
  propellerDesigns,
  throttleFeel,
} from '../../src/system'
import { fillText, METRIC_UNITS } from '../../src/units'

const yacht = DEMO.tirrick
const tried = <P extends ProjectPath>(path: P, value: ValueAt<P>) => withEdits(yacht, [edit(path, value)])

describe('propellers designed anew', () => {
  const designs = propellerDesigns(yacht)
  const of = (basis: string) => designs.find(d => d.basis === basis)!
  it('keep the turns, fill the place, or show what lies beyond it', () => {
    expect(of('turns').diameter).toBeLessThanOrEqual(yacht.boat.drive.greatestDiameter + 1e-9)
    expect(of('turns').reduction).toEqual(yacht.design.reduction)
    expect(of('place').diameter).toBeCloseTo(yacht.boat.drive.greatestDiameter, 2)
    expect(of('free').diameter).toBeGreaterThan(of('place').diameter)
    expect(of('free').efficiency).toBeGreaterThan(of('place').efficiency)
    expect(of('free').shaftSpeed).toBeLessThan(of('place').shaftSpeed)
  })
  it('turn near what motor and reduction give at top', () => {
    const { project, shaftSpeed } = of('turns')
    expect(evaluate(project, project.use.topSpeed).top.drive.shaftSpeed / shaftSpeed).toBeCloseTo(1, 1)
  })
  it('of a leg keep its gears', () => {
    const outboard = DEMO_BOATS.find(b => b.boat.drive.kind === 'outboard')!
    for (const d of propellerDesigns(outboard)) expect(d.reduction).toEqual(outboard.design.reduction)
  })
})

describe('what heat lets her do', () => {
  const hot = withEdits(yacht, [
    { path: 'design.motor.ratedPower', value: 1500 },
    { path: 'design.motor.peakPower', value: 6000 },
    { path: 'design.motor.mass', value: 9 },
    { path: 'use.ambient', value: 318 },
  ])
  const model = modelOf(hot),
    { topSpeed } = hot.use
  it('is the speed at which winding or controller just holds', () => {
    const limited = heatLimited(model, topSpeed)!
    const warm = driveWarming(model, limited.train, limited.train)!
    expect(Math.max(warm.motor.winding - warm.limit, warm.controller - hot.design.controller.rollbackFrom)).toBeCloseTo(
      0,
      0,
    )
    expect(limited.speed).toBeLessThan(topSpeed)
  })
  it('is everything when nothing becomes too hot', () => {
    expect(heatLimited(modelOf(yacht), yacht.use.cruiseSpeed)).toBeNull()
  })
  it('over the day stays at the limit once power has dropped', () => {
    const day = dayWarming(model)!
    expect(day.drop).not.toBeNull()
    const limit = driveWarming(model, day.drop!.train, day.drop!.train)!.limit
    expect(Math.max(...day.winding)).toBeLessThan(limit + 15)
    expect(day.time.every((t, i) => i === 0 || t > day.time[i - 1]!)).toBe(true)
    expect(dayWarming(modelOf(yacht))!.drop).toBeNull()
  })
})

describe('the lever’s feel', () => {
  const model = modelOf(yacht),
    curve = powerCurve(yacht)
  it('rises from nothing to what the drive holds for minutes', () => {
    const steps = throttleFeel(model, USUAL_THROTTLE, curve)
    expect(steps[0]).toMatchObject({ speed: 0, packCurrent: 0 })
    steps.slice(1).forEach((s, i) => expect(s.speed).toBeGreaterThanOrEqual(steps[i]!.speed))
    expect(steps.at(-1)!.speed).toBeGreaterThan(yacht.use.cruiseSpeed)
  })
  it.each(['torque', 'speed'] as const)('made even by %s adds the same speed with each step', controls => {
    const throttle = { ...USUAL_THROTTLE, controls, deadband: 0 }
    const steps = throttleFeel(model, { ...throttle, points: evenThrottle(model, throttle, curve) }, curve)
    const quarter = (i: number) => steps[5 * i]!.speed
    const fastest = quarter(4)
    for (const i of [1, 2, 3]) expect(Math.abs(quarter(i) / fastest - i / 4)).toBeLessThan(0.04)
    expect(evenThrottle(model, throttle, curve)).toHaveLength(THROTTLE_POINTS)
  })
})

describe('the settings sheet', () => {
  const valueOf = (project: typeof yacht, label: string) => {
    const { params } = controllerSettings(project)
      .flatMap(g => g.settings)
      .find(s => s.label === label)!.value
    return (params!.v as { value: number }).value
  }
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('of %s is whole and in order', (_, boat) => {
    for (const { settings } of controllerSettings(boat))
      for (const s of settings) expect(`${fillText(s.value, METRIC_UNITS)} ${s.why}`).not.toMatch(/NaN|undefined|–/)
    expect(valueOf(boat, 'Under-voltage, off below')).toBeLessThan(valueOf(boat, 'Full pack'))
    expect(valueOf(boat, 'Battery amps, continuous')).toBeLessThanOrEqual(boat.design.controller.batteryCurrent)
  })
  it('never asks more of the cells than they give', () => {
    const weak = tried('design.pack.cell', { ...yacht.design.pack.cell, current: 60, chargeCurrent: 20 })
    expect(valueOf(weak, 'Battery amps, continuous')).toBe(60)
    expect(valueOf(weak, 'Regeneration, battery amps')).toBe(20)
  })
})
