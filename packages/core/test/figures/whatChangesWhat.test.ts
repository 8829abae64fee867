import { describe, expect, it } from 'vitest'
import { figuresOf, readFigure, type FigureId } from '../../src/figures'
import { DEMO_BOATS, withEdits, type Edit, type Project } from '../../src/project'
import { resistanceMethodOf } from '../../src/resistance'
import { evaluate } from '../../src/system'

/** A change that an owner may make, and figures that must rise, fall or stay as they are because of it, at cruise. */
interface Cause {
  what: string
  edits: (p: Project) => Edit[]
  rise?: FigureId[]
  fall?: FigureId[]
  stay?: FigureId[]
  of?: (p: Project) => boolean
}

const at = (p: Project) => evaluate(p, p.use.cruiseSpeed)
const theory = (p: Project) => p.trial.use === 'theory'
/** formulas of boats in service hold paint and an ordinary sea already: where only they hold, neither is added again */
const addsSea = (p: Project) =>
  theory(p) && at(p).point.resistance.methods.some(m => m.share > 0.1 && !resistanceMethodOf(m.id).inService)
const CAUSES: Cause[] = [
  {
    what: 'a heavier boat',
    of: theory,
    edits: p => [{ path: 'boat.mass', value: 1.15 * p.boat.mass }],
    rise: ['pull', 'shaftPower', 'packPower', 'packCurrent', 'energyPerDistance', 'wettedSurface'],
    fall: ['timeLeft', 'distanceLeft', 'cruiseRange'],
  },
  {
    what: 'weed on the hull',
    of: p => addsSea(p) && p.use.hullCondition !== 'barnacles',
    edits: () => [{ path: 'use.hullCondition', value: 'barnacles' }],
    rise: ['pull', 'packPower', 'motorTorque'],
    fall: ['cruiseRange'],
    stay: ['hullSpeed', 'wettedSurface'],
  },
  {
    what: 'a rougher sea in the margin',
    of: addsSea,
    edits: p => [{ path: 'use.seaMargin', value: p.use.seaMargin + 0.2 }],
    rise: ['pull', 'thrust', 'packCurrent'],
    fall: ['timeLeft'],
    stay: ['hullSpeed'],
  },
  {
    what: 'a head wind',
    of: theory,
    edits: p => [{ path: 'use.headWind', value: p.use.headWind + 6 }],
    rise: ['pull', 'packPower'],
    fall: ['distanceLeft'],
    stay: ['hullSpeed', 'wettedSurface'],
  },
  {
    what: 'twice as many strings',
    edits: p => [{ path: 'design.pack.parallel', value: 2 * p.design.pack.parallel }],
    rise: ['timeLeft', 'distanceLeft', 'cruiseRange'],
    stay: ['pull', 'shaftPower', 'propellerRpm', 'motorTorque'],
  },
  {
    what: 'more kept in reserve',
    edits: p => [{ path: 'use.reserve', value: p.use.reserve + 0.15 }],
    fall: ['timeLeft', 'distanceLeft', 'cruiseRange'],
    stay: ['packPower', 'pull'],
  },
  {
    what: 'a larger house load',
    edits: p => [{ path: 'use.houseLoad', value: p.use.houseLoad + 150 }],
    rise: ['packPower', 'packCurrent'],
    fall: ['timeLeft'],
    stay: ['shaftPower', 'pull', 'motorTorque'],
  },
  {
    what: 'a worn pack',
    edits: p => [{ path: 'design.banks.health', value: 0.75 * p.design.banks.health }],
    fall: ['timeLeft', 'cruiseRange'],
    stay: ['shaftPower', 'pull'],
  },
  {
    what: 'a poorer controller',
    edits: p => [{ path: 'design.controller.efficiency', value: 0.95 * p.design.controller.efficiency }],
    rise: ['packPower', 'packCurrent'],
    fall: ['cruiseRange'],
    stay: ['shaftPower', 'propellerRpm'],
  },
  {
    what: 'a faster reduction',
    of: p => p.design.reduction.kind !== 'direct',
    edits: p => [{ path: 'design.reduction.ratio', value: 1.2 * p.design.reduction.ratio }],
    rise: ['motorRpm'],
    fall: ['motorTorque'],
    stay: ['propellerRpm', 'pull', 'thrust'],
  },
]

describe.each(CAUSES)('$what', ({ edits, rise = [], fall = [], stay = [], of = () => true }) => {
  const concerned = DEMO_BOATS.filter(of)
  it('concerns some of the demo boats', () => expect(concerned.length).toBeGreaterThan(0))
  it.each(concerned.map(p => [p.name, p] as const))('moves the figures of %s the right way', (_, boat) => {
    const before = at(boat),
      after = at(withEdits(boat, edits(boat))),
      has = figuresOf(before)
    const change = (id: FigureId) => readFigure(id, after).value - readFigure(id, before).value
    const size = (id: FigureId) => Math.max(1e-9, Math.abs(readFigure(id, before).value))
    for (const id of rise.filter(id => has.includes(id))) expect(change(id), id).toBeGreaterThan(0)
    for (const id of fall.filter(id => has.includes(id))) expect(change(id), id).toBeLessThan(0)
    for (const id of stay.filter(id => has.includes(id))) expect(Math.abs(change(id)) / size(id), id).toBeLessThan(1e-9)
  })
})

it('every cause names figures that exist, each once', () => {
  const known = new Set(DEMO_BOATS.flatMap(p => figuresOf(at(p))))
  for (const { what, rise = [], fall = [], stay = [] } of CAUSES) {
    const all = [...rise, ...fall, ...stay]
    expect(
      all.filter(id => !known.has(id)),
      what,
    ).toEqual([])
    expect(new Set(all).size, what).toBe(all.length)
  }
})
