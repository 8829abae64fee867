import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { oddReading } from '../../src/findings/rules/log/oddReading'
import { SHIPPED_LIBRARY } from '../../src/parts'
import {
  DEMO,
  edit,
  readingMadeWith,
  setupOf,
  trialWith,
  withEdits,
  type MadeWith,
  type Project,
  type RunSetup,
  type TrialPoint,
} from '../../src/project'
import { firstDesign } from '../../src/sizing'
import { typicalAnswers, type FirstAnswers } from '../../src/project/begin/newProject'
import { evaluate, factsOf, hullResistance, measuredOf, modelOf, theoryResistance } from '../../src/system'
import { reachesWater } from '../../src/system/curve/driveThen'
import { EMPTY_READING, NOT_SAID, readEarly, readReading } from '../../src/trial'
import { fillText } from '../../src/units'

const boat = withEdits(DEMO.tirrick, [edit('trial', { points: [], setups: [], use: 'theory' })])
const point = (sentence: string) => {
  const read = readReading(sentence)
  if (!read.ok) throw new Error(read.message)
  return read.point
}
/** The boat with readings, made with what is said. */
function told(sentences: string[], made: MadeWith, more: object = {}): Project {
  const trial = trialWith(
    boat,
    sentences.map(s => ({ ...EMPTY_READING, ...point(s), sea: 'smooth' as const, setup: -1 })),
  )
  return withEdits(boat, [edit('trial', { ...trial, setups: trial.setups.map(s => ({ ...s, made, ...more })) })])
}
const ofTheory = (project: Project) => measuredOf(project).points.map(p => p.resistance / p.theory)
const width = (project: Project) => {
  const { packPowerHigh, packPowerLow } = evaluate(project, 4.4 * KNOT).point
  return packPowerHigh / packPowerLow
}

describe('a reading belongs to the drive that it was made with', () => {
  it('watts of a drive that is not known leave more open than those of the one that is fitted', () => {
    const [fitted, unknown] = (['asFitted', 'unknown'] as const).map(made => told(['4.4 kn 2300 W'], made))
    const open = (project: Project) => {
      const { noise, common } = measuredOf(project).points[0]!.seen
      return Math.hypot(noise, ...common.slice(4))
    }
    expect(open(unknown!)).toBeGreaterThan(2 * open(fitted!))
    expect(width(unknown!)).toBeGreaterThan(width(fitted!))
    // and still less than nothing read
    expect(width(unknown!)).toBeLessThan(width(boat))
  })
  it('of kilowatts some 40 % reach the water, of a few watts a fifth, without a step between', () => {
    // 15 to 35 % of small motors, common practice; by hand: 0.4 (60/2000)^0.15 (60 − 7.5)/60 is 0.207
    const share = (watts: number) => {
      const [p] = measuredOf(told([`1.5 kn ${watts} W`], 'another', { houseLoad: 0 })).points
      return (p!.resistance * p!.speed) / watts
    }
    expect(share(60)).toBeCloseTo(0.207, 3)
    expect(share(20_000)).toBeCloseTo(0.4, 2)
    let last = share(50)
    for (let watts = 60; watts < 3000; watts *= 1.1) {
      expect(share(watts)).toBeGreaterThanOrEqual(last - 1e-6)
      expect(share(watts) - last).toBeLessThan(0.02)
      last = share(watts)
    }
  })
  it('a pull is a pull, whatever made it', () => {
    const [a, b] = (['asFitted', 'unknown'] as const).map(made => ofTheory(told(['4 kn 400 N'], made))[0])
    expect(a).toBe(b)
  })
  it('rpm of a drive that is not known tell nothing', () => {
    const { points, unread } = measuredOf(told(['4.4 kn 900 rpm'], 'unknown'))
    expect(points).toEqual([])
    expect(fillText(unread[0]!.reason)).toMatch(/without the gear and propeller/)
    expect(measuredOf(told(['4.4 kn 900 rpm'], 'asFitted')).points.length).toBe(1)
  })
  it('a share of a charge, or amps alone, of a pack that nobody told ask for it, and are read once it is told', () => {
    for (const [sentence, asks] of [
      ['9 km in 80 min took 35 %', /what pack that was/],
      ['4.4 kn 45 A', /the volts too/],
    ] as const) {
      const { points, unread } = measuredOf(told([sentence], 'another', { packKnown: false }))
      expect([points.length, fillText(unread[0]!.reason)]).toEqual([0, expect.stringMatching(asks)])
    }
    const asked = told(['9 km in 80 min took 35 %'], 'another', { packKnown: false }),
      withPack = withEdits(asked, [
        edit('trial', readingMadeWith(asked, 0, { packKnown: true, packEnergy: 5 * 3.6e6 })),
      ])
    // 35 % of 5 kWh in 80 min
    const [p] = measuredOf(withPack).points
    expect(p!.value).toBeCloseTo((0.35 * 5 * 3.6e6) / 4800, 6)
  })
  it('what is told after a reading with another drive is made with that one too, until said otherwise', () => {
    const first = told(['4 kn 1800 W'], 'another', { packKnown: false }),
      more = trialWith(first, [...first.trial.points, { ...EMPTY_READING, ...point('4.4 kn 2300 W'), setup: -1 }])
    expect(more.points.map(p => [more.setups[p.setup]!.made, more.setups[p.setup]!.packKnown])).toEqual([
      ['another', false],
      ['another', false],
    ])
  })
  it('another setup of one reading leaves those of the others as they were', () => {
    const three = told(['4 kn 1800 W', '4.4 kn 2300 W', '4.8 kn 3000 W'], 'asFitted'),
      trial = readingMadeWith(three, 1, { made: 'oldEngine' })
    expect(trial.points.map(p => trial.setups[p.setup]!.made)).toEqual(['asFitted', 'oldEngine', 'asFitted'])
    const back = readingMadeWith(withEdits(three, [edit('trial', trial)]), 1, { made: 'asFitted' })
    expect(back.setups).toEqual(three.trial.setups)
    // a kind that was told of another drive is not that of one of which nobody is sure
    const trolling = readingMadeWith(three, 0, { made: 'another', kind: 'trollingMotor', plate: 500 }),
      unsure = readingMadeWith(withEdits(three, [edit('trial', trolling)]), 0, { made: 'unknown' })
    expect(unsure.setups[unsure.points[0]!.setup]).toMatchObject({ made: 'unknown', kind: 'unknown', plate: null })
    expect(setupOf(boat).made).toBe('asFitted')
  })
})

describe('what is not known of a drive is its own, and all its readings share it', () => {
  /** watts of a motor with five notches that burns the rest in a resistor, on a hull of so many times the theory */
  const NOTCHES = [0.27, 0.33, 0.43, 0.53, 1]
  const dinghy = withEdits(DEMO.lodden, [
    edit('trial', { points: [], setups: [], use: 'theory' }),
    edit('log.trips', []),
    edit('use.seaMargin', 0),
    edit('use.headWind', 0),
  ])
  const theory = (speed: number) => theoryResistance(modelOf(dinghy), speed).centre
  /** speed at which so many watts of pull times speed are met, m/s */
  function speedFor(power: number, factor: number): number {
    let low = 0.1,
      high = 4
    for (let i = 0; i < 50; i++) {
      const v = (low + high) / 2
      if (factor * theory(v) * v < power) low = v
      else high = v
    }
    return low
  }
  const plate = 600
  /** the notches as an owner pastes them, of a motor that makes `full` of its watts flat out and fades so */
  function notched(factor: number, full: number, fade: number, more: Partial<RunSetup> = {}): Project {
    const points = NOTCHES.map(load => {
      const watts = plate * load
      return {
        ...EMPTY_READING,
        sea: 'smooth' as const,
        power: watts,
        speed: speedFor(full * load ** fade * (watts - 8), factor),
        setup: -1,
      }
    })
    const trial = trialWith(dinghy, points),
      of = {
        made: 'another' as const,
        kind: 'trollingMotor' as const,
        notches: 5,
        plate,
        houseLoad: 0,
        mass: dinghy.boat.mass,
        ...more,
      }
    return withEdits(dinghy, [edit('trial', { ...trial, setups: trial.setups.map(s => ({ ...s, ...of })) })])
  }
  const { sigma } = theoryResistance(modelOf(dinghy), 1.5)
  const factorAt = (p: Project, speed = 1.5) =>
    hullResistance(modelOf(p), speed).centre / theoryResistance(modelOf(p), speed).centre

  it('five notches of a trolling motor leave the hull’s curve within its own doubt, whatever the motor burns', () => {
    for (const [full, fade] of [
      [0.33, 1],
      [0.27, 1.3],
      [0.4, 0.7],
    ] as const)
      expect(Math.abs(Math.log(factorAt(notched(1, full, fade)))), `${full}, ${fade}`).toBeLessThan(sigma)
    // the same notches read through a drive of which nothing is said move it further
    const silent = notched(1, 0.33, 1, { made: 'unknown', kind: 'unknown', notches: null, plate: null })
    expect(Math.abs(Math.log(factorAt(notched(1, 0.33, 1))))).toBeLessThan(Math.abs(Math.log(factorAt(silent))))
  })
  it('and tell what the motor loses: how it fades is learnt from its notches', () => {
    const { drives } = measuredOf(notched(1, 0.3, 1.2))
    expect(drives).toHaveLength(1)
    const [flatOut, quarter] = [1, 0.27].map(load => drives[0]!.at(load * plate))
    expect(flatOut!.centre).toBeGreaterThan(0.24)
    expect(flatOut!.centre).toBeLessThan(0.36)
    // 0.3 × 0.27^1.2, less 8 W of 162
    expect(quarter!.low).toBeLessThan(0.059)
    expect(quarter!.high).toBeGreaterThan(0.059)
    // narrower than what is usual of its kind
    const before = reachesWater({ kind: 'trollingMotor', notches: 5, plate, houseLoad: 0 }, 0.27 * plate)
    expect(Math.log(quarter!.high / quarter!.low) / 2 / 1.2816).toBeLessThan(Math.hypot(...before.shared))
  })
  it('two readings through one drive do not make it surer than it is', () => {
    const once = notched(1.6, 0.33, 1),
      [first] = once.trial.points
    const same = withEdits(once, [
      edit('trial.points', [
        first!,
        ...[1, 2, 3, 4, 5].map(k => ({ ...first!, speed: first!.speed * (1 + k / 1000) })),
      ]),
    ])
    const one = withEdits(once, [edit('trial.points', [first!])])
    const left = (p: Project) => hullResistance(modelOf(p), first!.speed).sigma
    expect(left(same)).toBeGreaterThan(0.85 * left(one))
  })
  it('turns tell something once the gear and propeller of then are told', () => {
    const rpm = told(['4.4 kn 900 rpm'], 'another', { gear: 1.7, diameter: 0.4, pitch: 0.3 })
    expect(measuredOf(rpm).points).toHaveLength(1)
    expect(measuredOf(told(['4.4 kn 900 rpm'], 'another', { gear: 1.7, diameter: 0.4 })).points).toHaveLength(0)
  })
  it('a screw that was dragged, a head wind and a heavier boat are not the hull’s', () => {
    const ofTheory = (more: object) => {
      const [p] = measuredOf(told(['4.4 kn 2300 W'], 'asFitted', more)).points
      return p!.resistance / p!.theory
    }
    const plain = ofTheory({})
    expect(ofTheory({ still: 'locked' })).toBeLessThan(plain)
    expect(ofTheory({ headWind: 8 })).toBeLessThan(plain)
    expect(ofTheory({ mass: 1.2 * setupOf(boat).mass })).toBeLessThan(plain)
  })
})

describe('a reading far from the theory', () => {
  const odd = (sentences: string[]) =>
    oddReading.check({ ...factsOf(told(sentences, 'asFitted')), library: SHIPPED_LIBRARY })
  it('alone is a warning, since nothing that was read says that it is wrong; among others that agree a note', () => {
    expect(odd(['4.4 kn 15 kW'])!.severity).toBe('caution')
    expect(odd(['3.6 kn 1300 W', '4 kn 1700 W', '4.8 kn 2600 W', '4.4 kn 15 kW'])!.severity).toBe('note')
    expect(odd(['4.4 kn 2300 W'])).toBeNull()
  })
})

describe('a reading says the sea in which it was made', () => {
  const margin = withEdits(boat, [edit('use.seaMargin', 0.3)])
  const at = (sea: TrialPoint['sea']) => {
    const trial = trialWith(margin, [{ ...EMPTY_READING, ...point('4.4 kn 3000 W'), doubt: 0.02, sea, setup: -1 }])
    return withEdits(margin, [edit('trial', trial)])
  }
  const power = (p: Project) => evaluate(p, 4.4 * KNOT).point.drive.packPower
  it('so that the curve carries the margin once, beside a calm one or in one of her usual sea', () => {
    expect(power(at('moderate')) / 3000).toBeCloseTo(1, 1)
    expect(power(at('smooth')) / power(at('moderate'))).toBeGreaterThan(1.05)
    expect(power(at(''))).toBeGreaterThan(power(at('moderate')))
    expect(power(at(''))).toBeLessThan(power(at('smooth')))
    expect(measuredOf(at('')).points[0]!.seen.noise).toBeGreaterThan(measuredOf(at('smooth')).points[0]!.seen.noise)
  })
})

describe('what is told before there is a design', () => {
  const answers = {
    ...typicalAnswers('displacementLaunch', 7.3),
    name: 'A',
    hullType: 'displacementLaunch',
  } as FirstAnswers
  const early = (sentence: string) => {
    const read = readEarly(sentence)
    if (!read.ok) throw new Error(read.message)
    return [{ point: read.point, made: NOT_SAID }]
  }
  it('is no reading of the design that is made of it', () => {
    const { project } = firstDesign(answers, 'x', { known: early('4 kn 1200 W') })
    expect(project.trial.setups.map(s => [s.made, s.packKnown])).toEqual([['unknown', false]])
    expect(measuredOf(project).points.length).toBe(1)
  })
  it('a share of a charge asks for the pack, and the design’s own is not taken for it', () => {
    const { project } = firstDesign(answers, 'x', { known: early('9 km in 80 min took 35 %') })
    expect(measuredOf(project).points).toEqual([])
    expect(evaluate(project, 2).point.drive.packPower).toBeCloseTo(
      evaluate(firstDesign(answers, 'x').project, 2).point.drive.packPower,
      6,
    )
  })
})
