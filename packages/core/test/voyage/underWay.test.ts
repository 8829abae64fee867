import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { DEMO, DEMO_BOATS, edit, withEdits, type Project } from '../../src/project'
import { modelOf } from '../../src/system'
import { dayAnswers, dayWorked, dayReport, simulateDay, underWay, type Here } from '../../src/voyage'

const start = ({ day }: Project): Here => ({ leg: 0, along: 0, time: day.departs, charge: day.charge })
const going = DEMO_BOATS.filter(b => b.day.legs[0]?.does === 'goes')

describe('under way', () => {
  it.each(going.map(b => [b.name, b] as const))('%s: at the berth she comes home as the day says', (_, boat) => {
    const leg = boat.day.legs[0]!
    if (leg.by !== 'water') return
    const at = underWay(boat, start(boat), leg.speed)!
    const day = dayAnswers(boat)
    expect(at.planned.left).toBeCloseTo(day.left, 2)
    expect(at.planned.leftBad).toBeCloseTo(day.leftLow, 2)
    expect(at.berth).toBe(0)
  })
  it('on the bad edge fewer miles are left, and a stream against her takes them', () => {
    const boat = DEMO.tirrick,
      speed = 4 * KNOT,
      at = underWay(boat, start(boat), speed)!
    expect(at.leftBad).toBeLessThan(at.left)
    const leg = boat.day.legs[0]!
    const foul = withEdits(boat, [
      edit('day.streams', [
        { ...boat.day.streams[0]!, kind: 'steady', set: (leg.course + Math.PI) % (2 * Math.PI), rate: speed / 2 },
      ]),
      edit(
        'day.legs',
        boat.day.legs.map(l => ({ ...l, stream: 1 })),
      ),
      edit('day.wind', []),
    ])
    const still = withEdits(foul, [edit('day.streams', [])]),
      free = withEdits(still, [
        edit(
          'day.legs',
          still.day.legs.map(l => ({ ...l, stream: 0 })),
        ),
      ])
    // half the way over ground for the same energy
    expect(underWay(foul, start(foul), speed)!.left / underWay(free, start(free), speed)!.left).toBeCloseTo(0.5, 2)
  })
  it('half way out the berth is as far as she came, and the charge is that of the plan', () => {
    const boat = DEMO.tirrick,
      plan = simulateDay(boat),
      leg = boat.day.legs[0]!,
      along = leg.distance / 2
    const there = plan.points.find(p => p.leg === 0 && p.along >= along)!
    const at = underWay(boat, { leg: 0, along, time: there.time, charge: there.charge }, leg.speed, plan)!
    expect(at.berth).toBeCloseTo(along, 6)
    expect(at.planCharge).toBeCloseTo(there.charge, 6)
    expect(at.planTime).toBeCloseTo(there.time, 6)
    expect(at.homeNow.left).toBeGreaterThan(at.planned.left)
  })
  it('no charge above the reserve leaves no miles and no turn', () => {
    const boat = DEMO.tirrick
    const at = underWay(boat, { ...start(boat), charge: 0.2, along: 500 }, 4 * KNOT)!
    expect(at.left).toBe(0)
    expect(at.turn).toBeNull()
  })
  it('a leg that is not there has no answer', () => {
    expect(underWay(DEMO.tirrick, { ...start(DEMO.tirrick), leg: 99 }, 2)).toBeNull()
  })
})

describe('the working of a day', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('%s: the formula gives what the bench shows', (_, boat) => {
    const run = dayReport({ project: boat, leg: 0, home: false })
    let step = run.next()
    while (!step.done) step = run.next()
    const report = step.value,
      worked = dayWorked(boat, report)
    if (report.outcome === 'home') expect(worked.left.value).toBeCloseTo(report.left, 9)
    expect(worked.left.low!).toBeLessThanOrEqual(worked.left.high!)
    expect(worked.chance.value).toBe(report.chance)
    if (report.turn) expect(worked.turn!.value).toBeCloseTo(report.turn.charge, 12)
    expect(worked.left.inputs[2]!.value).toBe(modelOf(boat).pack.energy)
  })
})
