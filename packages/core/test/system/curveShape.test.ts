import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { GRAVITY, KNOT } from '../../src/constants'
import { edit, READING_KINDS, trialWith, withEdits, type Project, type TrialPoint } from '../../src/project'
import { newProject, typicalAnswers, type FirstAnswers } from '../../src/project/begin/newProject'
import { hullResistance, modelOf, theoryResistance } from '../../src/system'
import { keptShape } from '../../src/system/curve/keptShape'
import { EMPTY_READING } from '../../src/trial'
import { howMany } from '../howMany'

const boatOf = (hullType: FirstAnswers['hullType'], length: number): Project =>
  newProject({ ...typicalAnswers(hullType, length), name: 'B', hullType }, 'x')
const withReadings = (boat: Project, points: TrialPoint[]) =>
  withEdits(boat, [edit('trial', { ...trialWith(boat, points), use: 'measured' })])
const power = (boat: Project, speed: number) => hullResistance(modelOf(boat), speed).centre * speed

describe('a shape that is kept', () => {
  it('leaves what is allowed as it is, and takes the middle of what allowed curves lie around', () => {
    expect(keptShape([0, 1, 2, 2], { least: [0, 0, 0], most: [2, 2, 2] })).toEqual([0, 1, 2, 2])
    // too steep: half from each end
    expect(keptShape([0, 0, 3, 3], { least: [0, 0, 0], most: [1, 1, 1] })).toEqual([0.5, 1, 2, 2.5])
    expect(() => keptShape([0, 1], { least: [], most: [] })).toThrow(RangeError)
  })
})

describe('readings never bend a curve into a shape that no hull has', () => {
  const dice = randomLcg(0.42)
  const HULLS = [
    ['displacementLaunch', 8],
    ['canalBoat', 15],
    ['canoe', 4.8],
    ['catamaran', 9],
    ['keelYacht', 10],
  ] as const
  const oddReading = (boat: Project): TrialPoint => {
    const speed = Math.sqrt(GRAVITY * modelOf(boat).form.lengthWaterline) * (0.08 + 0.34 * dice())
    // anywhere from a quarter to four times what the theory says, by any kind of reading
    const watts = theoryResistance(modelOf(boat), speed).centre * speed * Math.exp(2.8 * (dice() - 0.5)) * 2.2
    const kind = READING_KINDS[Math.floor(dice() * READING_KINDS.length)]!
    return {
      ...EMPTY_READING,
      speed,
      kind,
      power: kind === 'charge' ? null : watts,
      pull: (0.45 * watts) / speed,
      rpm: 200 + 1500 * dice(),
      fuelRate: watts * 7e-11,
      used: 0.3,
      time: 7200 * dice() + 600,
      doubt: dice() < 0.3 ? 0.02 : null,
    }
  }
  it.each(HULLS)('%s of %i m: power rises below the hump, its exponent between 1.5 and 9', (hull, length) => {
    const bare = boatOf(hull, length)
    for (let i = 0; i < howMany(6, 200); i++) {
      const read = withReadings(
        bare,
        Array.from({ length: 1 + Math.floor(dice() * 20) }, () => oddReading(bare)),
      )
      const fastest = 0.38 * Math.sqrt(GRAVITY * modelOf(bare).form.lengthWaterline)
      for (let speed = 0.4; speed * 1.06 < fastest; speed *= 1.06) {
        const exponent = Math.log(power(read, speed * 1.06) / power(read, speed)) / Math.log(1.06),
          own = Math.log(power(bare, speed * 1.06) / power(bare, speed)) / Math.log(1.06)
        const rows = JSON.stringify(read.trial.points.map(p => [p.kind, p.speed])),
          what = `${hull}, ${(speed / KNOT).toFixed(2)} kn: ${rows}`
        expect(exponent, what).toBeGreaterThan(Math.min(1.5, own) - 0.35)
        expect(exponent, what).toBeLessThan(Math.max(9, own) + 0.35)
        expect(power(read, speed * 1.06), what).toBeGreaterThan(power(read, speed))
      }
    }
  })
  it('two slow readings of a heavy twin with one screw dragged make no hump at a walking pace', () => {
    const yacht = boatOf('semiDisplacement', 15)
    const read = withReadings(
      yacht,
      (
        [
          [1.5, 700],
          [2, 2250],
        ] as const
      ).map(([kn, watts]) => ({ ...EMPTY_READING, speed: kn * KNOT, power: watts })),
    )
    let last = 0
    for (let kn = 1; kn < 6; kn += 0.1) {
      expect(power(read, kn * KNOT)).toBeGreaterThan(last)
      last = power(read, kn * KNOT)
    }
  })
  it('slow readings correct mostly what is slow', () => {
    const boat = boatOf('displacementLaunch', 8)
    const speed = 1.2
    const read = withReadings(boat, [
      { ...EMPTY_READING, kind: 'pull', speed, pull: 1.6 * theoryResistance(modelOf(boat), speed).centre },
    ])
    const factor = (v: number) => hullResistance(modelOf(read), v).centre / theoryResistance(modelOf(boat), v).centre
    expect(factor(1.2)).toBeGreaterThan(factor(2.4))
    expect(factor(2.4) - 1).toBeLessThan(0.5 * (factor(1.2) - 1))
  })
})

describe('a boat that planes', () => {
  it.each([6, 5, 4])(
    'of %i m: one reading at the top corrects the whole plane, and the curve is smooth through it',
    length => {
      const boat = boatOf('planing', length),
        model = modelOf(boat)
      const fnV = Math.sqrt(GRAVITY) * model.form.volume ** (1 / 6),
        top = 4.2 * fnV
      const pull = 0.75 * theoryResistance(model, top).centre
      const read = withReadings(boat, [{ ...EMPTY_READING, kind: 'pull', speed: top, pull, doubt: 0.05 }])
      const factor = (v: number) => hullResistance(modelOf(read), v).centre / theoryResistance(model, v).centre
      expect(factor(top)).toBeLessThan(0.85)
      // at seven tenths of that speed it still counts
      expect(Math.log(factor(3 * fnV)) / Math.log(factor(top))).toBeGreaterThan(0.5)
      let last = power(read, 2.2 * fnV)
      for (let v = 2.2; v < 5; v += 0.05) {
        const next = power(read, (v + 0.05) * fnV)
        expect(Math.abs(Math.log(next / last))).toBeLessThan(0.15)
        expect(next).toBeGreaterThan(0.995 * last)
        last = next
      }
    },
  )
})
