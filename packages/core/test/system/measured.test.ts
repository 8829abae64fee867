import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import {
  DEMO,
  DEMO_BOATS,
  edit,
  trialWith,
  withEdits,
  type Edit,
  type Project,
  type ReadingKind,
  type TrialPoint,
} from '../../src/project'
import {
  driveTrain,
  evaluate,
  hullResistance,
  measuredOf,
  modelOf,
  operatingPoint,
  resistanceOfReading,
  theoryResistance,
  whatNext,
} from '../../src/system'
import { EMPTY_READING, isFarOff } from '../../src/trial'
import { sampleBoat } from '../../src/uncertainty'
import { fillText } from '../../src/units'

const calm = (boat: Project) => withEdits(boat, [edit('use.seaMargin', 0), edit('use.headWind', 0)])
const yacht = calm(DEMO.tirrick)
const model = modelOf(yacht)
const reading = (kn: number, power: number | null, more: Partial<TrialPoint> = {}): TrialPoint => ({
  ...EMPTY_READING,
  speed: kn * KNOT,
  power,
  sea: 'smooth',
  ...more,
})
const withReadings = (points: TrialPoint[], boat = yacht) => withEdits(boat, [edit('trial', trialWith(boat, points))])
/** watts that she would take if she met so many times the theory's resistance */
const watts = (kn: number, factor: number, of = model) =>
  driveTrain(of, kn * KNOT, factor * theoryResistance(of, kn * KNOT).centre).packPower
const factorAt = (project: Project, kn: number) =>
  hullResistance(modelOf(project), kn * KNOT).centre / theoryResistance(modelOf(project), kn * KNOT).centre
const band = (project: Project, kn: number) => {
  const p = operatingPoint(modelOf(project), kn * KNOT)
  return p.packPowerHigh / p.packPowerLow
}

describe('one reading', () => {
  it('moves the curve and narrows the band at once, most near its speed', () => {
    const read = withReadings([reading(4.4, watts(4.4, 1.25), { doubt: 0.05 })])
    expect(factorAt(read, 4.4)).toBeGreaterThan(1.2)
    expect(factorAt(read, 4.4)).toBeLessThan(1.25)
    expect(factorAt(read, 6.5)).toBeGreaterThan(1.02)
    expect(factorAt(read, 6.5)).toBeLessThan(factorAt(read, 4.4))
    expect(band(read, 4.4)).toBeLessThan(1.5)
    expect(band(read, 4.4)).toBeLessThan(band(yacht, 4.4))
    expect(band(read, 6.5)).toBeLessThan(band(yacht, 6.5))
  })
  it('of every kind, exact, is passed through: the kind’s own value comes back', () => {
    for (const boat of [DEMO.tirrick, DEMO.osprel, DEMO.merrin].map(calm)) {
      const of = modelOf(boat)
      const kn = boat.use.cruiseSpeed / KNOT,
        pull = 1.15 * theoryResistance(of, kn * KNOT).centre,
        train = driveTrain(of, kn * KNOT, pull)
      const values: Partial<Record<ReadingKind, Partial<TrialPoint>>> = {
        battery: { power: train.packPower },
        shaft: { power: train.shaftPower },
        rpm: { rpm: train.motorRpm },
        pull: { pull },
      }
      for (const [kind, value] of Object.entries(values)) {
        const read = withReadings([reading(kn, null, { kind: kind as ReadingKind, ...value, doubt: 0.01 })], boat)
        expect(factorAt(read, kn), `${boat.name} ${kind}`).toBeGreaterThan(1.1)
        expect(measuredOf(read).points[0]!.resistance / pull).toBeCloseTo(1, 3)
      }
    }
  })
  it('of less than house and idle tells nothing, and says so; the theory stands', () => {
    const read = withReadings([reading(4.4, 20)])
    expect(measuredOf(read).unread.map(u => fillText(u.reason))).toEqual(['House and idle alone take more than that.'])
    expect(factorAt(read, 4.4)).toBe(1)
  })
  it('of the old engine: fuel and plate agree where the fuel is what the power burns', () => {
    const speed = 5 * KNOT
    const engine = resistanceOfReading(model, { kind: 'engine', speed, value: 5000 })!
    // a diesel takes 0.275 l for a kWh at the shaft
    const fuel = resistanceOfReading(model, { kind: 'fuel', speed, value: (5 * 0.275e-3) / 3600 })!
    expect(fuel.resistance / engine.resistance).toBeCloseTo(1, 3)
    // between a third and two thirds of an engine's power reach the water as thrust (common practice)
    expect((engine.resistance * speed) / 5000).toBeGreaterThan(0.33)
    expect((engine.resistance * speed) / 5000).toBeLessThan(0.67)
  })
})

describe('several readings', () => {
  it('recover a boat that meets 1.3 times the theory', () => {
    const read = withReadings([3, 3.5, 4, 4.5, 5, 5.5, 6].map(kn => reading(kn, watts(kn, 1.3), { doubt: 0.05 })))
    for (const kn of [3.5, 4.5, 5.5]) expect(factorAt(read, kn)).toBeCloseTo(1.3, 1)
    expect(measuredOf(read).points.every(p => p.weight === 1)).toBe(true)
  })
  it('name one far off and are hardly moved by it', () => {
    const good = [3, 3.5, 4, 4.5, 5, 5.5, 6].map(kn => reading(kn, watts(kn, 1.2)))
    const read = withReadings([...good, reading(5, watts(5, 2.6))])
    const far = measuredOf(read).points.filter(isFarOff)
    expect(far.map(p => p.rows)).toEqual([[8]])
    expect(Math.abs(factorAt(read, 4.5) / factorAt(withReadings(good), 4.5) - 1)).toBeLessThan(0.04)
  })
  it('with a knee near hull speed are no error', () => {
    // below the knee as the theory, beyond it half as much again
    const read = withReadings(
      [3.5, 4, 4.5, 5, 5.5, 6, 6.5].map(kn => reading(kn, watts(kn, kn < 5.2 ? 1 : 1.4), { doubt: 0.08 })),
    )
    expect(measuredOf(read).points.filter(isFarOff)).toEqual([])
    expect(factorAt(read, 6.2)).toBeGreaterThan(1.25)
    expect(factorAt(read, 4)).toBeLessThan(1.12)
  })
  it('do not count when the owner goes by the methods', () => {
    const read = withReadings([reading(4.4, watts(4.4, 1.3))])
    const without = withEdits(read, [edit('trial.use', 'theory')])
    expect(evaluate(without, 4.4 * KNOT).point.drive.packPower).toBeCloseTo(
      evaluate(yacht, 4.4 * KNOT).point.drive.packPower,
      9,
    )
  })
  it('of a slow boat above the theory are followed: her losses are often more than any method knows', () => {
    const slow = withReadings([2, 2.2, 2.4].map(kn => reading(kn, watts(kn, 1.8), { doubt: 0.05 })))
    expect(factorAt(slow, 2.2)).toBeGreaterThan(1.6)
    expect(band(slow, 2.2)).toBeLessThan(band(yacht, 2.2))
  })
})

describe('readings keep the drive, house, weight and bottom that they were made with', () => {
  const made = withReadings([3, 3.8, 4.6, 5.4].map(kn => reading(kn, watts(kn, 1.2))))
  it.each<[string, Edit]>([
    ['propeller', edit('design.propeller.pitch', 0.22)],
    ['motor', edit('design.motor.ratedEfficiency', 0.8)],
    ['reduction', edit('design.reduction.ratio', 2.5)],
    ['house', edit('use.houseLoad', 400)],
  ])('another %s changes the watts, not what the hull was measured to take', (_, change) => {
    const other = withEdits(made, [change])
    expect(factorAt(other, 4.2)).toBeCloseTo(factorAt(made, 4.2), 9)
    const power = (p: Project) => evaluate(p, 4.2 * KNOT).point.drive.packPower
    expect(Math.abs(power(other) / power(made) - 1)).toBeGreaterThan(0.01)
  })
  it('the sea margin stays a wish on top of what was read in calm', () => {
    const rough = withEdits(made, [edit('use.seaMargin', 0.3)])
    expect(
      hullResistance(modelOf(rough), 4 * KNOT).centre / hullResistance(modelOf(made), 4 * KNOT).centre,
    ).toBeCloseTo(1.3, 1)
  })
  it('a cleaner bottom afterwards takes less', () => {
    const clean = withEdits(made, [edit('use.hullCondition', 'clean')])
    expect(hullResistance(modelOf(clean), 4 * KNOT).centre).toBeLessThan(hullResistance(modelOf(made), 4 * KNOT).centre)
  })
  it('a new one after a change of drive is made with the new one; a setup that none uses goes', () => {
    const other = withEdits(made, [edit('design.propeller.pitch', 0.25)])
    const more = trialWith(other, [...other.trial.points, reading(4, 1500)])
    expect(more.setups).toHaveLength(2)
    expect(more.points.map(p => p.setup)).toEqual([0, 0, 0, 0, 1])
    expect(more.setups[1]!.propeller.pitch).toBe(0.25)
    expect(trialWith({ ...other, trial: { ...other.trial, ...more } }, more.points.slice(4)).setups).toHaveLength(1)
  })
  it('watts that leave the house out mean more at the shaft', () => {
    const without = withEdits(made, [
      edit(
        'trial.setups',
        made.trial.setups.map(s => ({ ...s, houseLoad: 0 })),
      ),
    ])
    const first = (p: Project) => measuredOf(p).points[0]!.resistance
    expect(first(without)).toBeGreaterThan(first(made))
  })
})

describe('after readings everything reads one model', () => {
  const read = withReadings([4, 5].map(kn => reading(kn, watts(kn, 1.2), { doubt: 0.06 })))
  it('drawn curves have the band that the lever shows', () => {
    const run = sampleBoat(read, 1500)
    let step = run.next()
    while (!step.done) step = run.next()
    const { cruise } = evaluate(read, read.use.cruiseSpeed)
    expect(step.value.cruisePower.p10 / cruise.packPowerLow).toBeCloseTo(1, 1)
    expect(step.value.cruisePower.p90 / cruise.packPowerHigh).toBeCloseTo(1, 1)
    expect(step.value.cruisePower.p50 / cruise.drive.packPower).toBeCloseTo(1, 1)
  })
  it.each(DEMO_BOATS.map(b => [b.name, calm(b)] as const))('%s: doubts add to the band’s σ', (_, boat) => {
    const kn = boat.use.cruiseSpeed / KNOT
    const one = withReadings([reading(kn, watts(kn, 1.1, modelOf(boat)))], boat)
    const r = hullResistance(modelOf(one), kn * KNOT)
    expect(Math.hypot(...Object.values(r.doubts))).toBeCloseTo(r.powerSigma, 9)
    expect(r.powerSigma).toBeLessThan(theoryResistance(modelOf(boat), kn * KNOT).powerSigma)
    expect(Object.values(r.doubts).every(d => d >= 0)).toBe(true)
  })
})

describe('what to find out next', () => {
  it('without readings is watts at cruise; each step leaves less than today', () => {
    const { sigma, steps } = whatNext(yacht)
    expect(steps[0]!.what).toBe('cruise')
    for (const step of steps) expect(step.sigma).toBeLessThanOrEqual(sigma)
  })
  it('tells what the reading, once made, leaves', () => {
    const kn = yacht.use.cruiseSpeed / KNOT
    const promised = whatNext(yacht).steps.find(s => s.what === 'cruise')!.sigma
    const read = withReadings([reading(kn, watts(kn, 1), { doubt: 0.05 })])
    // the reading's own noise grows a little where house and idle take their part
    expect(hullResistance(modelOf(read), kn * KNOT).powerSigma / promised).toBeCloseTo(1, 0)
    // a second one there tells less
    expect(whatNext(read).sigma - whatNext(read).steps[0]!.sigma).toBeLessThan(whatNext(yacht).sigma - promised)
  })
  it('is a weighing where weight is what is not known', () => {
    const heavy = withEdits(calm(DEMO.merrin), [edit('boat.massUncertainty', 0.5)])
    const steps = whatNext(heavy).steps.filter(s => s.what !== 'cruise' && s.what !== 'top')
    expect(steps[0]!.what).toBe('weight')
  })
})
