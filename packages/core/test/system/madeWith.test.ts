import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import {
  DEMO,
  edit,
  readingMadeWith,
  setupOf,
  trialWith,
  withEdits,
  type MadeWith,
  type Project,
} from '../../src/project'
import { firstDesign } from '../../src/sizing'
import { typicalAnswers, type FirstAnswers } from '../../src/project/begin/newProject'
import { evaluate, measuredOf } from '../../src/system'
import { EMPTY_READING, readEarly, readReading } from '../../src/trial'
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
    sentences.map(s => ({ ...EMPTY_READING, ...point(s), setup: -1 })),
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
    expect(measuredOf(unknown!).points[0]!.seen.noise).toBeGreaterThan(2 * measuredOf(fitted!).points[0]!.seen.noise)
    expect(width(unknown!)).toBeGreaterThan(width(fitted!))
    // and still less than nothing read
    expect(width(unknown!)).toBeLessThan(width(boat))
  })
  it('of kilowatts some 40 % reach the water, of a few watts a quarter, without a step between', () => {
    // by hand: 13 W of pull times speed at 0.26 is 51 W at the battery
    const share = (watts: number) => {
      const [p] = measuredOf(told([`1.5 kn ${watts} W`], 'another')).points
      return (p!.resistance * p!.speed) / watts
    }
    expect(share(60)).toBeGreaterThan(0.24)
    expect(share(60)).toBeLessThan(0.29)
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
    expect(setupOf(boat).made).toBe('asFitted')
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
    return [read.point]
  }
  it('is no reading of the design that is made of it', () => {
    const { project } = firstDesign(answers, 'x', early('4 kn 1200 W'))
    expect(project.trial.setups.map(s => [s.made, s.packKnown])).toEqual([['unknown', false]])
    expect(measuredOf(project).points.length).toBe(1)
  })
  it('a share of a charge asks for the pack, and the design’s own is not taken for it', () => {
    const { project } = firstDesign(answers, 'x', early('9 km in 80 min took 35 %'))
    expect(measuredOf(project).points).toEqual([])
    expect(evaluate(project, 2).point.drive.packPower).toBeCloseTo(
      evaluate(firstDesign(answers, 'x').project, 2).point.drive.packPower,
      6,
    )
  })
})
