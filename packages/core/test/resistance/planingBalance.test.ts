import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { GRAVITY } from '../../src/constants'
import { DEMO_BOATS, DEMO, withEdits } from '../../src/project'
import {
  flatPlateLift,
  mercierSavitsky1973,
  mercierSavitskyRows,
  planingAtTrim,
  planingRun,
  savitsky1964,
  schoenherrFriction,
  type PlaningCase,
} from '../../src/resistance'
import { modelOf, planingReading, steadyBalance } from '../../src/system'

const DEGREE = Math.PI / 180
const water = { density: 1025.9, viscosity: 1.19e-6 }
/** Planing bottoms of usual loading, at speeds from CV 1 up. */
const planing = fc
  .record({
    beamChine: fc.double({ min: 1.2, max: 4, noNaN: true }),
    deadrise: fc.double({ min: 0, max: 28, noNaN: true }),
    balance: fc.double({ min: 1, max: 2.2, noNaN: true }),
    loading: fc.double({ min: 0.15, max: 0.5, noNaN: true }),
    coefficient: fc.double({ min: 1, max: 5, noNaN: true }),
  })
  .map(({ beamChine, deadrise, balance, loading, coefficient }) => ({
    hull: {
      beamChine,
      deadrise: deadrise * DEGREE,
      lcg: balance * beamChine,
      vcg: 0.3 * beamChine,
      shaftAngle: 0.1,
      thrustArm: 0.1 * beamChine,
      mass: loading * water.density * beamChine ** 3,
      water,
      frictionAllowance: 0.0004,
      frictionFactor: 1,
    } satisfies PlaningCase,
    speed: coefficient * Math.sqrt(GRAVITY * beamChine),
  }))

describe('a planing hull at rest on its trim', () => {
  it('has no moment left over, unless it would run flatter or steeper than is looked at', () => {
    fc.assert(
      fc.property(planing, ({ hull, speed }) => {
        const { trim, moment } = planingAtTrim(hull, speed, planingRun(hull, speed).trim)
        if (trim > 0.51 * DEGREE && trim < 19.9 * DEGREE)
          expect(Math.abs(moment) / (hull.mass * GRAVITY * hull.beamChine)).toBeLessThan(1e-4)
      }),
    )
  })
  it('is carried: the plate’s lift at its trim and wetted length, less what deadrise takes, is the weight', () => {
    fc.assert(
      fc.property(planing, ({ hull, speed }) => {
        const run = planingRun(hull, speed)
        const flat = flatPlateLift(run.trim / DEGREE, run.wetted, run.speedCoefficient)
        const lift = flat - 0.0065 * (hull.deadrise / DEGREE) * flat ** 0.6
        expect((lift * 0.5 * water.density * speed ** 2 * hull.beamChine ** 2) / (hull.mass * GRAVITY)).toBeCloseTo(
          1,
          6,
        )
      }),
    )
  })
  it('is dragged by the slope of its weight and by friction, and wet to a mean of keel and chine', () => {
    fc.assert(
      fc.property(planing, ({ hull, speed }) => {
        const run = planingRun(hull, speed)
        expect(run.drag).toBeCloseTo(hull.mass * GRAVITY * Math.tan(run.trim) + run.friction, 6)
        if (run.chineLength > 0)
          expect((run.keelLength + run.chineLength) / 2 / hull.beamChine).toBeCloseTo(run.wetted, 9)
        expect(run.keelLength).toBeGreaterThanOrEqual(run.chineLength)
      }),
    )
  })
  it('rubs at the mean speed of the water below it, V₁ = V √(1 − CLβ,dynamic / (λ cos τ)), over λ b² / cos β', () => {
    fc.assert(
      fc.property(planing, ({ hull, speed }) => {
        const { trim, wetted, friction } = planingRun(hull, speed),
          tau = trim / DEGREE,
          beta = hull.deadrise / DEGREE
        const flat = 0.012 * Math.sqrt(wetted) * tau ** 1.1,
          dynamic = flat - 0.0065 * beta * flat ** 0.6
        const mean = speed * Math.sqrt(1 - dynamic / (wetted * Math.cos(trim)))
        const cf = schoenherrFriction((mean * wetted * hull.beamChine) / water.viscosity) + 0.0004
        const drag = (0.5 * water.density * mean ** 2 * cf * wetted * hull.beamChine ** 2) / Math.cos(hull.deadrise)
        if (dynamic / wetted < 0.7) expect((friction * Math.cos(trim)) / drag).toBeCloseTo(1, 6)
      }),
    )
  })
  it('needs a flatter trim for a longer wetted bottom, at one speed and weight', () => {
    fc.assert(
      fc.property(planing, ({ hull, speed }) => {
        const [flat, steep] = [planingAtTrim(hull, speed, 3 * DEGREE), planingAtTrim(hull, speed, 6 * DEGREE)]
        expect(flat.wetted).toBeGreaterThan(steep.wetted)
        expect(flat.moment).toBeLessThan(steep.moment)
      }),
    )
  })
})

it(
  'Schoenherr’s line satisfies its own equation to the last digits, 0.242/√CF = log10(Re CF), from ' + '1e5 to 1e10',
  () => {
    for (let log = 5; log <= 10; log += 0.1) {
      const cf = schoenherrFriction(10 ** log)
      expect(0.242 / Math.sqrt(cf) - Math.log10(10 ** log * cf)).toBeCloseTo(0, 12)
    }
  },
)

describe('the planing demo boat', () => {
  const boat = DEMO_BOATS.find(b => b.boat.hullType === 'planing')!,
    model = modelOf(boat)
  const speed = boat.use.topSpeed
  const reading = planingReading(model, speed)!
  it('lifts her bow as the pack goes aft, and drops it as it goes forward', () => {
    expect(reading.trimForward).toBeLessThan(reading.trim)
    expect(reading.trimAft).toBeGreaterThan(reading.trim)
  })
  it('is moved by the pack as far as its share of her weight', () => {
    const shift = (0.5 * model.pack.mass) / boat.boat.mass
    const moved = modelOf(withEdits(boat, [{ path: 'boat.lcg', value: model.form.bottom!.lcg + shift }]))
    expect(planingReading(moved, speed)!.trim).toBeCloseTo(reading.trimForward, 6)
  })
  it('balanced where it is said runs just below the limit of porpoising', () => {
    const tail = withEdits(boat, [{ path: 'boat.lcg', value: 0.3 * model.form.lengthWaterline }]),
      fast = modelOf(tail)
    expect(planingReading(fast, speed)!.porpoises).toBe(true)
    const lcg = steadyBalance(fast, speed)!
    expect(lcg).toBeGreaterThan(0.3 * model.form.lengthWaterline)
    const after = planingReading(modelOf(withEdits(tail, [{ path: 'boat.lcg', value: lcg }])), speed)!
    expect(after.porpoises).toBe(false)
    expect(after.trim / after.porpoisingTrim).toBeGreaterThan(0.9)
  })
  it('holds the equations only where trim is 2° to 15° and at most four beams are wet', () => {
    const { speedFrom, speedTo } = model.methods.find(m => m.method.id === 'savitsky1964')!.middle
    const bottom = {
      ...model.form.bottom!,
      mass: model.form.volume * model.water.density,
      water: model.water,
      frictionAllowance: 0.0004,
      frictionFactor: 1,
    }
    expect(speedFrom).toBeGreaterThan(0)
    for (const v of [speedFrom, speedTo]) {
      const run = planingRun(bottom, v)
      expect(run.trim).toBeGreaterThan(1.9 * DEGREE)
      expect(run.trim).toBeLessThan(15.1 * DEGREE)
      expect(run.wetted).toBeLessThan(4.1)
    }
  })
})

describe('Mercier–Savitsky on a hull', () => {
  const { form, water: sea } = modelOf(DEMO_BOATS.find(b => b.boat.hullType === 'semiDisplacement')!)
  const given = { form, water: sea, frictionFactor: 1, frictionAllowance: 0 }
  const weight = form.volumeBody * sea.density * GRAVITY
  it('reads the regression at the hull’s own shape: x = ∇^⅓/L, z = ∇/B³, u = √(2 iE), w = AT/AX', () => {
    const root = Math.cbrt(form.volumeBody)
    const rows = mercierSavitskyRows({
      x: root / form.lengthWaterline,
      z: form.volumeBody / form.beamWaterline ** 3,
      u: Math.sqrt((2 * form.halfEntrance) / DEGREE),
      w: form.transomArea / (form.midship * form.beamWaterline * form.draughtBody),
    })
    // a hull of the regression's own 100 000 lb would have just these; a smaller one has somewhat more friction
    const prepared = mercierSavitsky1973.prepare(given)
    for (const [i, fn] of [
      [2, 1.2],
      [5, 1.5],
      [10, 2],
    ] as const) {
      const { friction, wave } = prepared.at(fn * Math.sqrt(GRAVITY * root))
      expect((friction + wave) / weight / rows[i]!).toBeGreaterThan(1)
      expect((friction + wave) / weight / rows[i]!).toBeLessThan(1.08)
    }
  })
  it('differs from the regression by the friction of its own size alone: ½ S/∇^⅔ ΔCF Fn∇²', () => {
    const root = Math.cbrt(form.volumeBody),
      { lengthWaterline: L, beamWaterline: B, draughtBody: T } = form
    const rows = mercierSavitskyRows({
      x: root / L,
      z: form.volumeBody / B ** 3,
      u: Math.sqrt((2 * form.halfEntrance) / DEGREE),
      w: form.transomArea / (form.midship * B * T),
    })
    const wetted = 2.262 * Math.sqrt(L / root) * (1 + (0.046 * B) / T + 0.00287 * (B / T) ** 2)
    // the regression's hull: 100 000 lb in sea water of 59 °F, ρ 1.9905 slug/ft³, ν 1.2817e-5 ft²/s
    const base = Math.cbrt((100_000 * 0.45359237) / ((1.9905 * 14.593903) / 0.3048 ** 3)),
      prepared = mercierSavitsky1973.prepare(given)
    for (const [i, fn] of [
      [2, 1.2],
      [5, 1.5],
      [10, 2],
    ] as const) {
      const speed = fn * Math.sqrt(GRAVITY * root),
        { friction, wave } = prepared.at(speed)
      const own = schoenherrFriction((speed * L) / sea.viscosity),
        theirs = schoenherrFriction((((fn * Math.sqrt(GRAVITY * base) * L) / root) * base) / (1.2817e-5 * 0.3048 ** 2))
      expect(((friction + wave) / weight - rows[i]!) / (0.5 * wetted * (own - theirs) * fn ** 2)).toBeCloseTo(1, 1)
    }
  })
  it('below its first speed the waves go on dying away, faster than friction, and nothing jumps or turns', () => {
    const unit = Math.sqrt(GRAVITY * Math.cbrt(form.volumeBody)),
      prepared = mercierSavitsky1973.prepare(given)
    const wave = (fn: number) => prepared.at(fn * unit).wave
    expect(wave(0.999) / wave(1.001)).toBeCloseTo(1, 1)
    for (const fn of [0.3, 0.5, 0.7, 0.9]) {
      const power = Math.log(wave(1.05 * fn) / wave(fn)) / Math.log(1.05)
      // dead water behind the transom grows with the square, what is left of the waves by up to the sixth power
      expect(power).toBeGreaterThan(1.9)
      expect(power).toBeLessThan(6.01)
    }
  })
  it('a smaller hull of the same shape has more friction for its weight, and the same wave', () => {
    const at = (scale: number) => {
      const small = {
        ...form,
        lengthWaterline: scale * form.lengthWaterline,
        beamWaterline: scale * form.beamWaterline,
        draughtBody: scale * form.draughtBody,
        volumeBody: scale ** 3 * form.volumeBody,
        volume: scale ** 3 * form.volume,
        transomArea: scale ** 2 * form.transomArea,
        wettedSurface: scale ** 2 * form.wettedSurface,
      }
      const { friction, wave } = mercierSavitsky1973
        .prepare({ ...given, form: small })
        .at(1.5 * Math.sqrt(GRAVITY * Math.cbrt(small.volumeBody)))
      return { friction: friction / scale ** 3, wave: wave / scale ** 3 }
    }
    expect(at(0.5).friction).toBeGreaterThan(1.05 * at(1).friction)
    expect(at(0.5).wave).toBeCloseTo(at(1).wave, 6)
  })
})

it('a hull without a planing bottom has no planing drag, and says so', () => {
  const { form, water: sea } = modelOf(DEMO.tirrick)
  const prepared = savitsky1964.prepare({ form, water: sea, frictionFactor: 1, frictionAllowance: 0 })
  expect(prepared.at(5)).toEqual({ friction: 0, wave: 0 })
  expect(prepared.outside.map(o => o.name)).toEqual(['Planing bottom'])
})
