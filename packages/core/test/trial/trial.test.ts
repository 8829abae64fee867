import { edit, type Edit } from '../../src/project/projectPath'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { KNOT } from '../../src/constants'
import { DEMO, trialWith, withEdits, type Project, type TrialPoint } from '../../src/project'
import {
  driveTrain,
  evaluate,
  hullResistance,
  measuredOf,
  modelOf,
  operatingPoint,
  resistanceOfPower,
  theoryResistance,
} from '../../src/system'
import {
  fitTrial,
  meanOfMeans,
  readTrialTable,
  streamError,
  trialPower,
  trialRuns,
  type ResistanceRun,
} from '../../src/trial'
import { fillText } from '../../src/units'

const yacht = DEMO.tirrick
const point = (kn: number, power: number | null, more: Partial<TrialPoint> = {}): TrialPoint => ({
  speed: kn * KNOT,
  power,
  voltage: null,
  current: null,
  direction: '',
  stream: null,
  note: '',
  setup: 0,
  ...more,
})
const withTrial = (points: TrialPoint[], use: Project['trial']['use'] = 'theory') =>
  withEdits(yacht, [{ path: 'trial', value: { points, setups: [], use } }])

describe('runs', () => {
  it('out and back at one power lose the stream: 5.2 and 4.0 kn are 4.6 kn', () => {
    const runs = trialRuns([point(5.2, 2400, { direction: 'out' }), point(4, 2450, { direction: 'back' })])
    expect(runs).toHaveLength(1)
    expect(runs[0]!.speed / KNOT).toBeCloseTo(4.6, 9)
    expect(runs[0]).toMatchObject({ power: 2425, rows: [1, 2], stream: 'pairs' })
  })
  it('three runs with a stream that grows evenly weigh 1 2 1, four 1 3 3 1 (mean of means)', () => {
    expect(meanOfMeans(3)).toEqual([0.25, 0.5, 0.25])
    expect(meanOfMeans(4)).toEqual([0.125, 0.375, 0.375, 0.125])
    // true speed 5 kn, stream 1, 0.8, 0.6 kn along, against, along
    const runs = trialRuns([
      point(6, 3000, { direction: 'out' }),
      point(4.2, 3000, { direction: 'back' }),
      point(5.6, 3000, { direction: 'out' }),
    ])
    expect(runs[0]!.speed / KNOT).toBeCloseTo(5, 9)
  })
  it('runs at other powers, or the same way, are not joined; a given stream is taken off', () => {
    expect(trialRuns([point(5, 2400, { direction: 'out' }), point(6, 5000, { direction: 'back' })])).toHaveLength(2)
    expect(trialRuns([point(5, 2400, { direction: 'out' }), point(5, 2400, { direction: 'out' })])).toHaveLength(2)
    expect(trialRuns([point(5, 2400, { stream: 0.5 * KNOT })])[0]!.speed / KNOT).toBeCloseTo(4.5, 9)
  })
  it('volts times amps are watts; a row without either is left out', () => {
    expect(trialPower(point(4, null, { voltage: 51, current: 40 }))).toBe(2040)
    expect(trialRuns([point(4, null)])).toEqual([])
  })
})

describe('runs that cannot be', () => {
  it('of a stream that leaves nothing of their speed are left out, and told at their cell', () => {
    const still = point(2, 500, { stream: 3 * KNOT })
    expect(trialRuns([still])).toEqual([])
    expect(streamError(still)).toMatch(/a stream of 3\.0.kn leaves nothing of 2\.0.kn/)
    expect(() => evaluate(withTrial([still, still, still], 'measured'), 2)).not.toThrow()
    expect(readTrialTable('speed kn,power W,stream kn\n2,500,3')).toMatchObject({
      outcome: 'wrong',
      errors: [{ line: 2, column: 3 }],
    })
  })
})

describe('runs keep the drive, house and weight that they were made with', () => {
  const model = modelOf(yacht),
    speeds = [3, 3.8, 4.6, 5.4].map(kn => kn * KNOT)
  // she meets 1.2 times the theory
  const watts = speeds.map(v => driveTrain(model, v, 1.2 * theoryResistance(model, v).centre).packPower)
  const made = withEdits(yacht, [
    {
      path: 'trial',
      value: {
        ...trialWith(
          yacht,
          speeds.map((speed, i) => ({ ...point(1, watts[i]!), speed, setup: -1 })),
        ),
        use: 'measured',
      },
    },
  ])
  const factor = (project: Project) => {
    const fit = measuredOf(project)
    return fit.outcome === 'fitted' ? fit.factor(4.2 * KNOT) : NaN
  }
  it.each<[string, Edit]>([
    ['propeller', edit('design.propeller.pitch', 0.22)],
    ['motor', edit('design.motor.ratedEfficiency', 0.8)],
    ['reduction', edit('design.reduction.ratio', 2.5)],
    ['house', edit('use.houseLoad', 400)],
  ])('another %s changes the watts, not what the hull was measured to take', (_, change) => {
    const other = withEdits(made, [change])
    expect(factor(made)).toBeCloseTo(1.2, 2)
    expect(factor(other)).toBeCloseTo(factor(made), 9)
    expect(
      Math.abs(
        evaluate(other, 4.2 * KNOT).point.drive.packPower / evaluate(made, 4.2 * KNOT).point.drive.packPower - 1,
      ),
    ).toBeGreaterThan(0.01)
  })
  it('a new run after a change of drive is made with the new one; a setup that no run uses goes', () => {
    const other = withEdits(made, [{ path: 'design.propeller.pitch', value: 0.25 }])
    const more = trialWith(other, [...other.trial.points, { ...point(4, 1500), setup: -1 }])
    expect(more.setups).toHaveLength(2)
    expect(more.points.map(p => p.setup)).toEqual([0, 0, 0, 0, 1])
    expect(more.setups[1]!.propeller.pitch).toBe(0.25)
    expect(trialWith({ ...other, trial: { ...other.trial, ...more } }, more.points.slice(4)).setups).toHaveLength(1)
  })
  it('watts that leave the house out mean more at the shaft', () => {
    const without = withEdits(made, [
      { path: 'trial.setups', value: made.trial.setups.map(s => ({ ...s, houseLoad: 0 })) },
    ])
    expect(factor(without)).toBeGreaterThan(factor(made))
  })
})

describe('the fit', () => {
  const model = modelOf(yacht)
  /** watts that the boat would take if she met so many times the theory's resistance */
  const watts = (kn: number, factor: number) =>
    driveTrain(model, kn * KNOT, factor * theoryResistance(model, kn * KNOT).centre).packPower
  it('finds the resistance behind a power again', () => {
    const v = 4 * KNOT
    expect(resistanceOfPower(model, v, driveTrain(model, v, 300).packPower)).toBeCloseTo(300, 1)
    expect(resistanceOfPower(model, v, 10)).toBe(0)
  })
  it('recovers a boat that meets 1.3 times the theory', () => {
    const fit = measuredOf(withTrial([3, 4, 5, 6].map(kn => point(kn, watts(kn, 1.3)))))
    if (fit.outcome !== 'fitted') throw new Error(fillText(fit.reason))
    for (const kn of [3, 4.5, 6]) expect(fit.factor(kn * KNOT)).toBeCloseTo(1.3, 2)
    expect(fit.off).toEqual([])
  })
  it('names a point far off and is hardly moved by it', () => {
    const fit = measuredOf(
      withTrial([...[3, 3.5, 4, 4.5, 5, 5.5, 6].map(kn => point(kn, watts(kn, 1.2))), point(5, watts(5, 2.6))]),
    )
    if (fit.outcome !== 'fitted') throw new Error(fillText(fit.reason))
    expect(fit.off.map(o => o.rows)).toEqual([[8]])
    // 2.6 times the theory's pull where the rest say 1.2
    expect(fit.off[0]!.share).toBeCloseTo(2.6 / 1.2 - 1, 1)
    expect(Math.abs(fit.factor(4.5 * KNOT) / 1.2 - 1)).toBeLessThan(0.04)
    expect(fit.runs).toHaveLength(8)
  })
  it.each([
    ['two speeds', [point(4, watts(4, 1)), point(5, watts(5, 1))], /three speeds/],
    [
      'three runs at one speed',
      [point(4, watts(4, 1)), point(4.05, watts(4, 1.1)), point(4.1, watts(4, 1.05))],
      /three speeds/,
    ],
    [
      'speeds too near each other',
      [point(4, watts(4, 1)), point(4.3, watts(4.3, 1)), point(4.6, watts(4.6, 1))],
      /too near/,
    ],
    ['watts that are milliwatts', [3, 4, 5].map(kn => point(kn, 40 * watts(kn, 1))), /Look at the units/],
    ['runs below what house and idle take', [3, 4, 5].map(kn => point(kn, 20)), /house and idle/],
    [
      'no sense',
      [point(3, watts(3, 3.8)), point(4, watts(4, 0.4)), point(5, watts(5, 3.6)), point(6, watts(6, 0.4))],
      /scatter|expects/,
    ],
  ])('refuses %s, with the reason', (_, points, reason) => {
    const fit = measuredOf(withTrial(points))
    expect(fit.outcome).toBe('refused')
    if (fit.outcome === 'refused') expect(fillText(fit.reason)).toMatch(reason)
  })
  it('becomes the curve that everything else uses, and its band is narrower than the theory’s', () => {
    const points = [3, 3.5, 4, 4.5, 5, 5.5].map(kn => point(kn, watts(kn, 1.25)))
    const measured = withTrial(points, 'measured')
    const v = 4.6 * KNOT
    const theory = theoryResistance(modelOf(measured), v),
      used = hullResistance(modelOf(measured), v)
    expect(used.centre / theory.centre).toBeCloseTo(1.25, 2)
    expect(used.high / used.low).toBeLessThan(theory.high / theory.low)
    expect(operatingPoint(modelOf(measured), v).drive.packPower).toBeCloseTo(watts(4.6, 1.25), -1)
    // a refused trial changes nothing
    expect(hullResistance(modelOf(withTrial(points.slice(0, 2), 'measured')), v)).toEqual(
      theoryResistance(modelOf(withTrial(points.slice(0, 2), 'measured')), v),
    )
  })
  it('is less sure outside its runs, and trusts pairs more than single runs', () => {
    const single = measuredOf(withTrial([3, 4, 5, 6].map(kn => point(kn, watts(kn, 1.1)))))
    const pairs = measuredOf(
      withTrial(
        [3, 4, 5, 6].flatMap(kn => [
          point(kn + 0.4, watts(kn, 1.1), { direction: 'out' }),
          point(kn - 0.4, watts(kn, 1.1), { direction: 'back' }),
        ]),
      ),
    )
    if (single.outcome !== 'fitted' || pairs.outcome !== 'fitted') throw new Error('no fit')
    expect(single.spread(9 * KNOT)).toBeGreaterThan(single.spread(4.5 * KNOT))
    expect(pairs.honesty).toBeGreaterThan(single.honesty)
    expect(single.wants.join()).toMatch(/both ways/)
  })
  it('its factor is scaled by no more than its runs, whatever they are', () => {
    const run = fc.record({
      speed: fc.double({ min: 1, max: 4, noNaN: true }),
      factor: fc.double({ min: 0.4, max: 2.5, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(run, { minLength: 3, maxLength: 12 }), runs => {
        const fit = fitTrial(
          runs.map(({ speed, factor }): ResistanceRun => ({
            speed,
            power: 1,
            rows: [1],
            stream: 'none',
            setup: 0,
            resistance: 100 * factor,
            theory: 100,
          })),
        )
        if (fit.outcome !== 'fitted') return
        for (const { speed } of runs) {
          expect(fit.factor(speed)).toBeGreaterThan(0.1)
          expect(fit.factor(speed)).toBeLessThan(8)
          expect(fit.spread(speed)).toBeGreaterThan(0)
        }
      }),
    )
  })
})

describe('a table', () => {
  it('with headings in any order, units in the heading or the cell', () => {
    const table = readTrialTable('note,Power (kW),speed km/h,way\nflat,0.5,5.0,out\n,1.0 kW,7.5,back')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points[0]).toMatchObject({ power: 500, direction: 'out', note: 'flat' })
    expect(table.points[0]!.speed).toBeCloseTo(5 / 3.6, 9)
    expect(table.points[1]).toMatchObject({ power: 1000, direction: 'back' })
  })
  it('pasted with tabs and without headings: speed, watts, way', () => {
    const table = readTrialTable('3\t820\tout\n4.4 kn\t2400 W\tback')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points.map(p => [Number((p.speed / KNOT).toFixed(6)), p.power, p.direction])).toEqual([
      [3, 820, 'out'],
      [4.4, 2400, 'back'],
    ])
  })
  it('with semicolons and decimal commas; volts and amps', () => {
    const table = readTrialTable('speed kn;volts;amps\n4,5;51,2;44')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points[0]).toMatchObject({ voltage: 51.2, current: 44, power: null })
  })
  it.each([
    ['nothing', '', 1, /nothing to read/],
    ['no speed', 'watts,note\n500,a', 1, /No column is named speed/],
    ['a word for a number', 'speed,power\n4,fast', 2, /./],
    ['neither watts nor amps', 'speed,volts\n4,51', 2, /neither watts/],
    ['a speed of nothing', 'speed,power\n0,400', 2, /Speed runs from 0\.2.kn to 58\.3.kn; this is/],
  ])('%s is told by line', (_, text, line, message) => {
    const table = readTrialTable(text)
    expect(table.outcome).toBe('wrong')
    if (table.outcome === 'wrong') {
      expect(table.errors[0]!.line).toBe(line)
      expect(table.errors[0]!.message).toMatch(message)
    }
  })
  it('never throws', () => {
    fc.assert(
      fc.property(fc.string(), text => {
        readTrialTable(text)
      }),
    )
  })
})
