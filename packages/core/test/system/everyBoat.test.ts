import { findingsOf } from '../../src/advice'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { figureOn, figuresOf, readFigure } from '../../src/figures'
import { HULL_TYPES, hasSails, hullLabel } from '../../src/hull'
import { DEMO_BOATS, DEMO, migrateProject, projectSchema, withEdits, type Project } from '../../src/project'
import { stockSize } from '../../src/propulsor'
import {
  evaluate,
  matching,
  modelOf,
  powerCurve,
  regenerationAt,
  regenerationStart,
  thrustBalance,
  warmingCurve,
} from '../../src/system'
import { fillText } from '../../src/units'
import { howMany } from '../howMany'

const numbersIn = (value: unknown): number[] =>
  typeof value === 'number'
    ? [value]
    : value && typeof value === 'object'
      ? Object.values(value).flatMap(numbersIn)
      : []
const finite = (value: unknown) => numbersIn(value).every(Number.isFinite)
const named = DEMO_BOATS.map(p => [p.name, p] as const)

/** A demo boat loaded, driven and powered otherwise. */
const otherwise = fc
  .record({
    boat: fc.constantFrom(...DEMO_BOATS),
    load: fc.double({ min: 0.75, max: 1.3, noNaN: true }),
    pace: fc.double({ min: 0.4, max: 1.4, noNaN: true }),
    ambient: fc.double({ min: 263, max: 338, noNaN: true }),
    power: fc.double({ min: 0.3, max: 3, noNaN: true }),
  })
  .map(({ boat, load, pace, ambient, power }): Project =>
    withEdits(boat, [
      { path: 'boat.mass', value: boat.boat.mass * load },
      { path: 'use.cruiseSpeed', value: boat.use.cruiseSpeed * pace },
      { path: 'use.ambient', value: ambient },
      {
        path: 'design.motor',
        value: {
          ...boat.design.motor,
          ratedPower: boat.design.motor.ratedPower * power,
          peakPower: boat.design.motor.peakPower * power,
        },
      },
    ]),
  )

describe('one demo boat of every kind', () => {
  it('there is, and each document is valid', () => {
    expect(new Set(DEMO_BOATS.map(p => p.boat.hullType))).toEqual(new Set(HULL_TYPES.map(t => t.id)))
    for (const project of DEMO_BOATS) expect(projectSchema.safeParse(project).success, project.name).toBe(true)
    expect(new Set(DEMO_BOATS.map(p => p.id)).size).toBe(DEMO_BOATS.length)
  })
  it.each(named)('%s: every figure has a value, inputs and words from standstill to top', (_, project) => {
    for (const speed of [0, 0.3, project.use.cruiseSpeed, project.use.topSpeed]) {
      const e = evaluate(project, speed)
      for (const id of figuresOf(e)) {
        const figure = figureOn(id, project),
          { value, low, high } = readFigure(id, e)
        expect(Number.isNaN(value), id).toBe(false)
        if (low !== undefined && high !== undefined) expect(low, id).toBeLessThanOrEqual(high)
        for (const input of Object.values(figure.inputs(e)))
          expect(Number.isNaN(input.value), `${id}: ${input.what}`).toBe(false)
        expect(fillText(figure.holds(e)).length, id).toBeGreaterThan(5)
      }
    }
  })
  it.each(named)('%s: matching, thrust and heat are drawn without a gap', (_, project) => {
    const model = modelOf(project),
      curve = powerCurve(project)
    expect(finite(matching(model, curve))).toBe(true)
    expect(finite(thrustBalance(model))).toBe(true)
    expect(finite(warmingCurve(model, evaluate(project, project.use.cruiseSpeed).point.drive, 3600))).toBe(true)
  })
  it('is called by her kind within the type', () => {
    expect(DEMO_BOATS.map(p => hullLabel(p.boat))).toEqual([
      'Keel sailing yacht',
      'Displacement launch',
      'Semi-displacement',
      'Planing motor boat',
      'Jet boat',
      'Sailing catamaran',
      'Pontoon boat',
      'Canoe',
      'Inflatable',
      'Canal boat',
      'Pedal boat',
    ])
    expect(DEMO_BOATS.filter(p => hasSails(p.boat)).map(p => p.name)).toEqual(['Tirrick', 'Halcyne'])
  })
})

describe('any of them, loaded and powered otherwise', () => {
  it('has findings with sentences, and no figure missing', () => {
    fc.assert(
      fc.property(otherwise, project => {
        const e = evaluate(project, project.use.cruiseSpeed)
        for (const f of findingsOf(e).findings) {
          expect(fillText(f.sentence)).not.toMatch(/NaN|undefined|(?<!\S)–(?!\S)/)
          expect(fillText(f.amount)).not.toMatch(/NaN|undefined/)
          expect(f.fixes.length > 0 || f.need !== null || f.severity === 'note', f.rule).toBe(true)
        }
        for (const id of figuresOf(e)) expect(Number.isNaN(readFigure(id, e).value), id).toBe(false)
      }),
      { numRuns: howMany(20, 60) },
    )
    // every fix of sixty boats is tried: half a minute of a processor of its own
  }, 240_000)
  it('hotter air never cools the motor, nor more windage helps her hold', () => {
    fc.assert(
      fc.property(otherwise, project => {
        // a plate that cannot be has no temperature
        fc.pre(modelOf(project).motor.outcome === 'fitted')
        const at = (ambient: number) => {
          const p = withEdits(project, [{ path: 'use.ambient', value: ambient }])
          return readFigure('windingTemperature', evaluate(p, p.use.cruiseSpeed)).value
        }
        expect(at(330)).toBeGreaterThanOrEqual(at(290) - 1e-9)
      }),
      { numRuns: howMany(20, 60) },
    )
  })
})

describe('regeneration', () => {
  const yacht = DEMO.tirrick
  it('begins at a speed, below which it gives nothing', () => {
    const start = regenerationStart(modelOf(yacht))!
    expect(regenerationAt(modelOf(yacht), 0.95 * start).packPower).toBeLessThan(2)
    expect(regenerationAt(modelOf(yacht), 1.1 * start).packPower).toBeGreaterThan(0)
  })
  it('reaches the pack with less than turns the shaft, and costs speed', () => {
    for (const v of [2, 2.5, 3, 3.5]) {
      const r = regenerationAt(modelOf(yacht), v)
      expect(r.packPower).toBeLessThan(r.shaftPower)
      expect(r.low).toBeLessThanOrEqual(r.packPower)
      expect(r.high).toBeGreaterThanOrEqual(r.packPower)
      if (r.packPower > 0) expect(r.speedLost).toBeGreaterThan(0)
    }
  })
})

describe('documents of older versions', () => {
  const today = DEMO.tirrick
  const { jet: _jet, cooling: _cooling, ...design } = today.design
  const { torqueLimit: _t, rpmLimit: _r, reverses: _v, astern: _s, ...drive } = today.boat.drive
  const { kind: _k, efficiencyFactor: _e, hand: _h, ...propeller } = design.propeller
  const { insulation: _i, weakerDirection: _w, ...motor } = design.motor
  const { rollbackFrom: _f, rollbackTo: _to, regenCurrent: _c, ...controller } = design.controller
  const { ambient: _a, ...use } = today.use
  const { heat: _heat, ...rest } = today
  const second = {
    ...rest,
    version: 2,
    use,
    boat: { ...today.boat, drive },
    design: { ...design, propeller, motor, controller },
  }
  it('version 2 becomes today’s and valid, and says the same of the boat', () => {
    const migrated = migrateProject(second)
    expect(migrated.outcome).toBe('current')
    const read = projectSchema.safeParse(migrated.outcome === 'current' && migrated.document)
    expect(read.error?.issues ?? []).toEqual([])
    expect(evaluate(read.data!, 2.4).point.drive.packPower).toBeCloseTo(evaluate(today, 2.4).point.drive.packPower, 6)
  })
  it('version 1 too', () => {
    const { trial: _trial, ...first } = second
    const {
      variant: _1,
      hullBeam: _2,
      hullSpacing: _3,
      tubes: _4,
      deadrise: _5,
      lcg: _6,
      waterDepth: _7,
      oldEngine,
      ...boat
    } = second.boat
    const { kind: _8, usualRpm: _9, fuelRate: _10, ...engine } = oldEngine
    const migrated = migrateProject({ ...first, version: 1, boat: { ...boat, oldEngine: engine } })
    expect(projectSchema.safeParse(migrated.outcome === 'current' && migrated.document).error?.issues ?? []).toEqual([])
  })
})

it('stock sizes are whole steps, never larger than the place when rounded down', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.02, max: 2, noNaN: true }), size => {
      expect(stockSize(size, 'down')).toBeLessThanOrEqual(size + 1e-5)
      expect(Math.abs(stockSize(size) - size)).toBeLessThanOrEqual(0.0025 + 1e-9)
      const steps = stockSize(size) / 0.005
      expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-9)
    }),
  )
})
