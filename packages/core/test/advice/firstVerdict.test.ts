import { describe, expect, it } from 'vitest'
import { firstVerdict, firstWays } from '../../src/advice'
import { KNOT } from '../../src/constants'
import { firstDesign } from '../../src/sizing'
import { newProject, typicalAnswers, type FirstAnswers } from '../../src/project/begin/newProject'
import { DEMO, edit, weightAfloat, withEdits } from '../../src/project'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const runabout = (of: Partial<FirstAnswers>) =>
  firstDesign(
    {
      ...typicalAnswers('planing', 5),
      name: '',
      hullType: 'planing',
      drive: 'outboard',
      mass: 750,
      massHolds: 'before',
      ...of,
    } as FirstAnswers,
    'x',
  )

describe('a first design over a clash or a weight that sinks her is none', () => {
  it('a boat of 5 m and 750 kg at 18 kn for an hour: not like this, and what would do', () => {
    const { project, note } = runabout({ cruiseSpeed: 10 * KNOT, topSpeed: 11 * KNOT, duration: 3600 })
    const verdict = firstVerdict(project, note)
    expect(verdict.word).toBe('notThis')
    expect(verdict.why.length).toBeGreaterThan(0)
    const run = firstWays(project)
    let step = run.next()
    while (!step.done) step = run.next()
    const { ways, lasts } = step.value
    expect(lasts).not.toBeNull()
    expect(ways.map(w => w.id)).toContain('slower')
    for (const way of ways) {
      // each is a design that holds, with its kWh, kg and money
      expect(firstVerdict(withEdits(project, way.edits)).word).toBe('fits')
      expect(way.energy).toBeLessThan(weightAfloat(project).mass * 3.6e6)
      expect(way.mass).toBeGreaterThan(0)
      expect(way.price).toBeGreaterThan(0)
    }
  }, 120_000)
  it('where only the parts clash, the wish stands: she is sized again', () => {
    expect(firstVerdict(DEMO.tirrick).word).toBe('notThis')
    const run = firstWays(DEMO.tirrick)
    let step = run.next()
    while (!step.done) step = run.next()
    const { ways, lasts } = step.value
    expect([ways.map(w => w.id), lasts]).toEqual([['again'], null])
    expect(firstVerdict(withEdits(DEMO.tirrick, ways[0]!.edits)).word).toBe('fits')
  }, 120_000)
  it('a clash of any kind speaks against it: a motor beyond its rpm', () =>
    expect(firstVerdict(DEMO.lodden).word).toBe('notThis'))
  it('what sizing cannot find is none either', () => {
    const empty = newProject({ ...typicalAnswers('dinghy', 3), name: '' } as FirstAnswers, 'x')
    expect(firstVerdict(empty, { text: 'no motor turns so slowly' })).toMatchObject({ word: 'notThis' })
  })
  it('the fleet’s own designs fit; just at, and just beyond what a boat may gain', () => {
    for (const boat of SIZED_FLEET) expect(firstVerdict(boat).word, boat.name).toBe('fits')
    const before = withEdits(DEMO.osprel, [edit('boat.massHolds', 'before'), edit('yard.weights', [])]),
      room = 1.3 * before.boat.mass - weightAfloat(before).mass,
      loaded = (more: number) =>
        firstVerdict(
          withEdits(before, [
            edit('yard.weights', [
              { name: 'Load', way: 'in', mass: room + more, doubt: 0, along: 3, across: 0, above: 0 },
            ]),
          ]),
        ).why.some(w => w.text.includes('no boat is made for that'))
    expect([-1, -0.001, 0.001, 1].map(loaded)).toEqual([false, false, true, true])
  })
})
