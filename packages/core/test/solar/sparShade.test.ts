import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMO, withEdits } from '../../src/project'
import { edit } from '../../src/project/definition/projectPath'
import { arrayLight, onPanel, sparShade, type Spar, type SunAngle } from '../../src/solar'
import { shadow } from '../../src/solar/sparShade'
import { shadeOfMonth } from '../../src/solar/solarYear'
import { boatSolarMonth, evaluate } from '../../src/system'
import { readFigure } from '../../src/figures'
import { daylight, yearRun } from '../../src/voyage'

const RAD = Math.PI / 180
const panel = { ...DEMO.osprel.design.solar.panel, length: 1, width: 1 }
const mast: Spar = { kind: 'mast', ahead: 2, starboard: 0, height: 10, length: 0, thick: 0.15 }
const boom: Spar = { kind: 'boom', ahead: 2, starboard: 0, height: 1, length: 4, thick: 0.12 }
/** One square metre, bow to the north, at rest. */
const array = (spars: Spar[], more: object = {}) => ({
  ...DEMO.osprel.design.solar,
  panel,
  series: 1,
  parallel: 1,
  swings: false,
  bow: 0,
  tilt: 0,
  spars,
  ...more,
})
const sun = (altitude: number, azimuth: number): SunAngle => ({ altitude: altitude * RAD, azimuth: azimuth * RAD })
const RADIUS = Math.sqrt(1 / Math.PI)

describe('the shadow of mast and boom', () => {
  it('falls away from the sun, and as far as the spar is high over the tangent of the sun’s height', () => {
    // sun ahead: the mast’s shadow runs aft through the middle of the panels
    expect(shadow(mast, 45 * RAD, 0, RADIUS).chord).toBeCloseTo(2 * RADIUS, 9)
    // sun astern: it falls ahead
    expect(shadow(mast, 45 * RAD, Math.PI, RADIUS).chord).toBe(0)
    // too low a mast does not reach: 2 m ahead, its shadow ends at the middle
    expect(shadow({ ...mast, height: 2 }, 45 * RAD, 0, RADIUS).chord).toBeCloseTo(RADIUS, 9)
    // a boom under the sun at the zenith lies over the whole width, a short one over its own length
    expect(shadow(boom, 89.999 * RAD, 0, RADIUS).chord).toBeCloseTo(2 * RADIUS, 6)
    expect(shadow({ ...boom, ahead: 0.1, length: 0.2 }, 89.999 * RAD, 0, RADIUS).chord).toBeCloseTo(0.2, 6)
    // with the sun abeam at 45° it has moved aside by its height
    expect(shadow(boom, 45 * RAD, 90 * RAD, RADIUS).chord).toBe(0)
    expect(shadow({ ...boom, starboard: 1 }, 45 * RAD, 90 * RAD, RADIUS).chord).toBeCloseTo(2 * RADIUS, 9)
    expect(shadow({ ...boom, starboard: 1.3 }, 45 * RAD, 90 * RAD, RADIUS).chord).toBeCloseTo(
      2 * Math.sqrt(RADIUS ** 2 - 0.3 ** 2),
      9,
    )
  })
  it('agrees with rays counted one by one from the panels to the sun', () => {
    fc.assert(
      fc.property(
        fc.record({
          kind: fc.constantFrom('mast' as const, 'boom' as const),
          ahead: fc.double({ min: -3, max: 3, noNaN: true }),
          starboard: fc.double({ min: -2, max: 2, noNaN: true }),
          height: fc.double({ min: 0.3, max: 10, noNaN: true }),
          length: fc.double({ min: 0.2, max: 4, noNaN: true }),
        }),
        fc.double({ min: 0.1, max: 1.5, noNaN: true }),
        fc.double({ min: -Math.PI, max: Math.PI, noNaN: true }),
        (of, altitude, bearing) => {
          const spar: Spar = { ...of, thick: 0.02 }
          const from = { x: spar.ahead, y: spar.starboard, z: spar.kind === 'mast' ? 0 : spar.height },
            to =
              spar.kind === 'mast'
                ? { ...from, z: spar.height }
                : { x: spar.ahead - spar.length, y: spar.starboard, z: spar.height }
          const reach = 1 / Math.tan(altitude)
          // points of the spar, each thrown on the deck: the share of them inside the disc is that of its shadow
          const N = 4000
          let inside = 0
          for (let i = 0; i < N; i++) {
            const t = (i + 0.5) / N,
              z = from.z + t * (to.z - from.z),
              x = from.x + t * (to.x - from.x) - z * reach * Math.cos(bearing),
              y = from.y + t * (to.y - from.y) - z * reach * Math.sin(bearing)
            if (x * x + y * y < RADIUS * RADIUS) inside++
          }
          const long = spar.kind === 'mast' ? spar.height * reach : spar.length
          const { chord } = shadow(spar, altitude, bearing, RADIUS)
          expect(Math.abs(chord - (inside / N) * long)).toBeLessThan((2.1 * long) / N + 1e-9)
        },
      ),
    )
  })
  it('takes whole strings of cells, nothing at night, never more than all', () => {
    const crossed = sparShade(array([mast]), sun(45, 0))
    // one panel crossed by 0.15 m: one string, and the chance of a second
    expect(crossed).toBeCloseTo(2 * RADIUS * (1 / 3 + 0.15), 9)
    // of nine panels the shadow crosses three, each a third and more
    expect(sparShade(array([mast], { series: 9 }), sun(45, 0))).toBeCloseTo(crossed / 3, 9)
    expect(sparShade(array([mast]), sun(-5, 0))).toBe(0)
    expect(sparShade(array([]), sun(45, 0))).toBe(0)
    expect(sparShade(array(Array.from({ length: 6 }, () => ({ ...mast, thick: 1 }))), sun(45, 0))).toBe(1)
  })
  it('a wire far away hides only part of the sun', () => {
    const stay = { ...mast, thick: 0.008 },
      near = sparShade(array([{ ...stay, ahead: 0.6 }]), sun(45, 0)),
      far = sparShade(array([{ ...stay, ahead: 6 }]), sun(45, 0))
    // 0.60 m over cos 45° is 0.85 m, where 8 mm are just as wide as the sun
    expect(near).toBeCloseTo(2 * RADIUS * (1 / 3 + 0.008), 2)
    expect(far).toBeLessThan(0.12 * near)
  })
  it('is the same whichever way she points, if the sun goes round with her; a boat that swings has the mean', () => {
    const turned = sparShade(array([mast], { bow: 70 * RAD }), sun(40, 70))
    expect(turned).toBeCloseTo(sparShade(array([mast]), sun(40, 0)), 9)
    const headings = Array.from({ length: 12 }, (_, i) =>
      sparShade(array([mast, boom], { bow: i * 30 * RAD }), sun(40, 200)),
    )
    expect(sparShade(array([mast, boom], { swings: true }), sun(40, 200))).toBeCloseTo(
      headings.reduce((a, b) => a + b, 0) / 12,
      9,
    )
    expect(sparShade(array([mast, boom]), sun(40, 200), true)).toBeCloseTo(
      sparShade(array([mast, boom], { swings: true }), sun(40, 200)),
      12,
    )
  })
  it('takes from the direct light only', () => {
    const at = sun(45, 0),
      free = onPanel(700, at, 172, { tilt: 0, heading: null }),
      shaded = onPanel(700, at, 172, { tilt: 0, heading: null }, 1)
    expect(free).toBe(700)
    // what is left is the sky’s share of a clear day: a fifth or so
    expect(shaded / free).toBeGreaterThan(0.1)
    expect(shaded / free).toBeLessThan(0.35)
    // a grey sky throws hardly any shadow
    expect(onPanel(100, at, 172, { tilt: 0, heading: null }, 1)).toBeGreaterThan(97)
    expect(arrayLight(array([mast]), 700, at, 172)).toBeCloseTo(
      free - sparShade(array([mast]), at) * (free - shaded),
      9,
    )
  })
})

describe('a year under mast and boom', () => {
  const sunny = withEdits(DEMO.osprel, [edit('design.solar.fitted', true), edit('design.solar.spars', [mast, boom])]),
    { solar } = sunny.design
  const load = { packVoltage: 52, air: 288 }
  it('month, day and year all give less, and the figure says how much', () => {
    const bare = withEdits(sunny, [edit('design.solar.spars', [])])
    const month = sunny.design.charging.month
    const lost = 1 - boatSolarMonth(sunny, month).perDay / boatSolarMonth(bare, month).perDay
    expect(lost).toBeGreaterThan(0.01)
    expect(lost).toBeLessThan(0.5)
    expect(readFigure('sunShade', evaluate(sunny, 2)).value).toBeCloseTo(lost, 9)
    const noon = (boat: typeof sunny) => daylight(boat).drivePower(12 * 3600)
    expect(noon(sunny)).toBeLessThan(noon(bare))
    // a house that takes all that comes: what is offered is used
    const got = (boat: typeof sunny) =>
      yearRun(withEdits(boat, [edit('use.houseLoad', 400)]), null).months.reduce((sum, m) => sum + m.sun, 0)
    expect(got(sunny)).toBeLessThan(got(bare))
  })
  it('by the hour: shares lie between none and all; the month’s loss is less than the worst hour', () => {
    const { hours, lost } = shadeOfMonth(solar, sunny.use.place, load, 5)
    expect(hours.length).toBeGreaterThan(50)
    for (const h of hours) expect(h.lost).toBeGreaterThanOrEqual(0)
    expect(lost).toBeGreaterThan(0)
    expect(lost).toBeLessThan(Math.max(...hours.map(h => h.lost)))
    expect(shadeOfMonth({ ...solar, spars: [] }, sunny.use.place, load, 5).lost).toBe(0)
  })
})
