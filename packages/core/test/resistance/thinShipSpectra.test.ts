import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { GRAVITY } from '../../src/constants'
import { DEMO_BOATS } from '../../src/project'
import {
  fullnessCurve,
  hullOffsets,
  michellResistance,
  readSpectrum,
  roundHull,
  sectionSpectrum,
  slenderFormFactor,
  thinShip,
  tubeHull,
  waterlineSpectrum,
  DEPTHS,
} from '../../src/resistance'
import { modelOf } from '../../src/system'

/** ∫ −8x sin(wx) dx over −½ … ½, the parabola of fullness ⅔ on a length of 1 m. */
const parabolaAlong = (w: number) => -16 * (Math.sin(w / 2) / (w * w) - Math.cos(w / 2) / (2 * w))
/** ∫ (1 − z²) e^(−az) dz over 0 … 1, the parabola on a draught of 1 m. */
const parabolaDown = (a: number) => 1 / a - 2 / a ** 3 + Math.exp(-a) * (2 / (a * a) + 2 / a ** 3)

describe('how a waterline makes waves', () => {
  it('is the closed form for a parabola, whatever the wave', () => {
    const table = waterlineSpectrum(2 / 3, 120)
    const largest = Math.max(...Array.from({ length: 400 }, (_, i) => Math.abs(parabolaAlong(0.3 + 0.3 * i))))
    // the polygon is what remains
    for (let w = 0.05; w < 120; w += 0.37)
      expect(Math.abs(readSpectrum(table, w) - parabolaAlong(w)) / largest).toBeLessThan(2e-3)
  })
  it('is odd at the origin: without waves nothing, and straight from there', () => {
    const table = waterlineSpectrum(0.61, 20)
    expect(readSpectrum(table, 0)).toBe(0)
    expect(readSpectrum(table, 0.02) / readSpectrum(table, 0.01)).toBeCloseTo(2, 4)
  })
  it('starts with the slope of the hull’s own volume: ∫ f′ x dx = −C', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.42, max: 0.93, noNaN: true }), fullness => {
        expect(readSpectrum(waterlineSpectrum(fullness, 5), 0.01) / 0.01).toBeCloseTo(-fullness, 2)
      }),
      { numRuns: 60 },
    )
  })
  it('does not depend on how far it is going to be read, nor jump from one tabled fullness to the next', () => {
    const near = waterlineSpectrum(0.605, 40),
      far = waterlineSpectrum(0.605, 400)
    for (const w of [0.1, 3, 11.7, 39.9]) expect(readSpectrum(near, w)).toBe(readSpectrum(far, w))
    // n = e^0.44 is one that is tabled
    const tabled = Math.exp(0.44) / (1 + Math.exp(0.44))
    for (const w of [3, 11.7, 39.9])
      expect(readSpectrum(waterlineSpectrum(tabled - 1e-7, 60), w)).toBeCloseTo(
        readSpectrum(waterlineSpectrum(tabled + 1e-7, 60), w),
        5,
      )
  })
})

describe('how much of a wave a section feels', () => {
  it('is the closed form for a parabola, from waves far longer than the draught to far shorter ones', () => {
    const down = sectionSpectrum({ draught: 1, section: fullnessCurve(2 / 3, DEPTHS) })
    for (const a of [0.05, 0.3, 1, 2.7, 8, 30]) expect(down(a) / parabolaDown(a)).toBeCloseTo(1, 3)
  })
  it('of an endless wave feels the whole section, and of a short one only the water’s edge', () => {
    const down = sectionSpectrum(roundHull(10, 1, 0.8, 0.6, 0.74))
    expect(down(1e-4)).toBeCloseTo(0.8 * 0.74, 2)
    expect(1e4 * down(1e4)).toBeCloseTo(1, 2)
  })
  it('falls as waves grow short', () => {
    const down = sectionSpectrum(tubeHull(7, 0.6, 0.35, 0.86))
    let before = Infinity
    for (let a = 0.01; a < 100; a *= 1.3) {
      expect(down(a)).toBeLessThan(before)
      before = down(a)
    }
  })
})

describe('hulls side by side', () => {
  it('stand evenly to both sides, a spacing apart', () => {
    expect(hullOffsets({ hulls: 1, hullSpacing: 0 })).toEqual([0])
    expect(hullOffsets({ hulls: 2, hullSpacing: 4.6 })).toEqual([-2.3, 2.3])
    expect(hullOffsets({ hulls: 3, hullSpacing: 1.1 })).toEqual([-1.1, 0, 1.1])
  })

  /**
   * The integral of one hull with any interference, by the midpoint rule on the wave's angle: no tables, no mixing, no
   * panels.
   */
  function byAngle(draught: number, speed: number, offsets: number[]) {
    const k = GRAVITY / speed ** 2,
      N = 40_000,
      L = 10,
      B = 0.9
    let sum = 0
    for (let i = 0; i < N; i++) {
      const theta = (((i + 0.5) / N) * Math.PI) / 2,
        l = 1 / Math.cos(theta),
        w = k * l
      const h = (w * L) / 2,
        along = (-16 / (L * L)) * (Math.sin(h) / (w * w) - ((L / 2) * Math.cos(h)) / w)
      const down = draught * parabolaDown(w * l * draught)
      const amplitude = offsets.reduce((s, y) => s + Math.cos(w * l * Math.sin(theta) * y), 0)
      sum += ((B / 2) * along * down * amplitude) ** 2 * l ** 3
    }
    return (((4 * 1025.9 * GRAVITY ** 2) / (Math.PI * speed ** 2)) * sum * Math.PI) / 2 / N
  }

  it('agree within half a per cent for any spacing and speed, though their short waves are taken as mixed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 0.9, noNaN: true }),
        fc.double({ min: 1.2, max: 6, noNaN: true }),
        fc.double({ min: 0.35, max: 0.8, noNaN: true }),
        fc.boolean(),
        (fn, spacing, draught, three) => {
          const offsets = three ? [-spacing, 0, spacing] : [-spacing / 2, spacing / 2]
          const speed = fn * Math.sqrt(GRAVITY * 10)
          const exact = byAngle(draught, speed, offsets)
          expect(
            Math.abs(michellResistance(roundHull(10, 0.9, draught, 2 / 3, 2 / 3), speed, 1025.9, offsets) / exact - 1),
          ).toBeLessThan(0.005)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('thin-ship on a boat', () => {
  it.each(['catamaran', 'pontoon', 'canoe'])(
    '%s: friction is the ITTC line’s on all that is wet, times the form factor of one hull; waves are Michell’s',
    type => {
      const { form, water } = modelOf(DEMO_BOATS.find(b => b.boat.hullType === type)!)
      const prepared = thinShip.prepare({
        form,
        water,
        frictionFactor: 1.2,
        frictionAllowance: 0.0003,
      })
      const k1 = slenderFormFactor(form.lengthWaterline / Math.cbrt(form.volumeBody / form.hulls), form.hulls)
      const hull =
        form.section === 'tube'
          ? tubeHull(form.lengthWaterline, form.tubeDiameter, form.draughtBody, form.prismatic)
          : roundHull(form.lengthWaterline, form.beamWaterline, form.draughtBody, form.prismatic, form.midship)
      for (const fn of [0.22, 0.3, 0.42]) {
        const speed = fn * Math.sqrt(GRAVITY * form.lengthWaterline),
          { friction, wave } = prepared.at(speed)
        const cf = 0.075 / (Math.log10((speed * form.lengthWaterline) / water.viscosity) - 2) ** 2
        expect(
          friction / (0.5 * water.density * speed ** 2 * form.wettedSurface * (k1 * cf * 1.2 + 0.0003)),
        ).toBeCloseTo(1, 9)
        // a blunt tube's humps are smoothed away
        if (form.section !== 'tube')
          expect(Math.abs(wave / michellResistance(hull, speed, water.density, hullOffsets(form)) - 1)).toBeLessThan(
            0.005,
          )
      }
    },
  )
  it('has no hump and no hollow on a blunt tube, and on the whole as much as the integral', () => {
    const { form, water } = modelOf(DEMO_BOATS.find(b => b.boat.hullType === 'pontoon')!)
    const prepared = thinShip.prepare({ form, water, frictionFactor: 1, frictionAllowance: 0 })
    const hull = tubeHull(form.lengthWaterline, form.tubeDiameter, form.draughtBody, form.prismatic)
    const unit = Math.sqrt(GRAVITY * form.lengthWaterline)
    const fns = Array.from({ length: 24 }, (_, i) => 0.24 + 0.01 * i)
    const smooth = fns.map(fn => prepared.at(fn * unit).wave / fn ** 2),
      own = fns.map(fn => michellResistance(hull, fn * unit, water.density, hullOffsets(form)) / fn ** 2)
    const turns = (values: number[]) =>
      values.filter((v, i) => i > 0 && i < values.length - 1 && (v - values[i - 1]!) * (values[i + 1]! - v) < 0).length
    expect(turns(smooth)).toBeLessThan(turns(own))
    const mean = (values: number[]) => values.reduce((a, b) => a + b) / values.length
    expect(mean(smooth) / mean(own)).toBeGreaterThan(0.7)
    expect(mean(smooth) / mean(own)).toBeLessThan(1.3)
  })
  it('reads between its knots within half a per cent of the integral itself', () => {
    const { form, water } = modelOf(DEMO_BOATS.find(b => b.boat.hullType === 'catamaran')!),
      given = { form, water, frictionFactor: 1, frictionAllowance: 0 }
    const read = thinShip.prepare(given),
      hull = roundHull(form.lengthWaterline, form.beamWaterline, form.draughtBody, form.prismatic, form.midship)
    for (let fn = 0.185; fn < 1; fn += 0.013) {
      const speed = fn * Math.sqrt(GRAVITY * form.lengthWaterline)
      const exact = michellResistance(hull, speed, water.density, hullOffsets(form))
      expect(Math.abs(read.at(speed).wave / exact - 1)).toBeLessThan(0.005)
    }
  })
})
