import { findingsOf } from '../../src/advice'
import { describe, expect, it } from 'vitest'
import { compareDesigns, explain, FIGURES, figureOn, figuresOf, readFigure, type FigureId } from '../../src/figures'
import { DEMO, DEMO_BOATS, FIELDS, withEdits, type Project } from '../../src/project'
import { evaluate } from '../../src/system'
import { fillText, QUANTITIES } from '../../src/units'
import { curveCsv, evaluationJson, evaluationText } from '../../src/report'

const yacht = DEMO.tirrick
const ids = Object.keys(FIGURES) as FigureId[]

const jetBoat = DEMO_BOATS.find(p => p.boat.drive.kind === 'jet')!
const has = (boat: Project, speed: number, id: FigureId) => figuresOf(evaluate(boat, speed)).includes(id)
const onYacht = figuresOf(evaluate(yacht, 2)),
  onJetBoat = figuresOf(evaluate(jetBoat, 2))

describe('every figure shows its working', () => {
  it.each(ids)('%s', id => {
    for (const [boat, speed] of [
      [yacht, 0],
      [yacht, 1],
      [yacht, yacht.use.cruiseSpeed],
      [yacht, 4],
      [jetBoat, 0],
      [jetBoat, jetBoat.use.cruiseSpeed],
    ] as const) {
      if (!has(boat, speed, id)) continue
      const working = explain(id, boat, speed)
      expect(Number.isNaN(working.value)).toBe(false)
      expect(working.formula).toMatch(/\w .*\w/)
      expect(working.source.length).toBeGreaterThan(2)
      expect(working.inputs.length).toBeGreaterThan(0)
      for (const input of working.inputs) expect(QUANTITIES[input.quantity]).toBeDefined()
      expect(fillText(working.holds).length).toBeGreaterThan(5)
      const { depends } = figureOn(id, boat)
      for (const path of depends) expect(FIELDS[path]).toBeDefined()
      if (speed !== boat.use.cruiseSpeed) continue
      // strongest first, and each of a field that the figure says it depends on
      const moves = working.sensitivities.map(s => Math.abs(s.higher - s.lower))
      expect(moves).toEqual(moves.toSorted((a, b) => b - a))
      expect(depends).toEqual(expect.arrayContaining(working.sensitivities.map(s => s.path)))
    }
  })
  it('on a jet boat the propeller’s figures are the pump’s', () => {
    expect(figureOn('propellerRpm', jetBoat).label).toBe('Pump')
    expect(onJetBoat).not.toContain('slip')
    expect(onYacht).not.toContain('suctionSpeed')
    expect(explain('propellerEfficiency', jetBoat, 8).source).toMatch(/jets/)
  })
  it('the sensitivity is what a changed boat really gives', () => {
    const working = explain('packPower', yacht, 2.5)
    const mass = working.sensitivities.find(s => s.path === 'boat.mass')!
    const heavier = withEdits(yacht, [{ path: 'boat.mass', value: yacht.boat.mass * 1.1 }])
    expect(mass.higher).toBeCloseTo(evaluate(heavier, 2.5).point.drive.packPower, 6)
    expect(mass.higher).toBeGreaterThan(mass.lower)
  })
  it('an estimate counts as an input too', () => {
    expect(explain('pull', yacht, 2.5).sensitivities.map(s => s.path)).toContain('boat.beamWaterline')
  })
  it('the parts of the pull are those of the method that counts most, and make its pull', () => {
    const { resistance } = evaluate(yacht, 1.9).point,
      most = resistance.methods.reduce((a, b) => (b.share > a.share ? b : a))
    const [friction, wave, fins, air, margin] = explain('pull', yacht, 1.9).inputs.map(i => i.value!) as [
      number,
      number,
      number,
      number,
      number,
    ]
    expect(resistance.partsOf).toBe(most.id)
    expect((friction + wave + fins + air) * margin).toBeCloseTo(most.value, 6)
  })
})

it.each(DEMO_BOATS.map(p => [p.name, p] as const))('%s: to the reserve is so much less than until empty', (_, boat) => {
  const at = evaluate(boat, boat.use.cruiseSpeed),
    kept = 1 - boat.use.reserve
  for (const [toReserve, toEmpty] of [
    ['timeLeft', 'timeToEmpty'],
    ['distanceLeft', 'distanceToEmpty'],
    ['cruiseRange', 'rangeToEmpty'],
  ] as const) {
    const near = readFigure(toReserve, at),
      far = readFigure(toEmpty, at)
    for (const end of ['low', 'value', 'high'] as const) expect(near[end]! / far[end]!).toBeCloseTo(kept, 9)
    expect(FIGURES[toReserve].label).toMatch(/to the reserve$/)
    expect(FIGURES[toEmpty].label).toMatch(/until empty$/)
  }
})

it('a change is weighed by the figures that move most', () => {
  const doubled = withEdits(yacht, [{ path: 'design.pack.parallel', value: 2 }])
  const changes = compareDesigns(yacht, doubled, yacht.use.cruiseSpeed)
  expect(changes.length).toBeLessThanOrEqual(4)
  expect(changes[0]!.relative).toBeGreaterThan(0.5)
  expect(changes.map(c => c.id)).toContain('cruiseRange')
  expect(compareDesigns(yacht, yacht, 2)).toEqual([])
})

describe('what leaves Remigo', () => {
  const e = evaluate(yacht, 2.5)
  it('JSON holds every figure and every finding', () => {
    const json = evaluationJson(e)
    expect(Object.keys(json.figures)).toEqual(onYacht)
    expect(Object.keys(evaluationJson(evaluate(jetBoat, 8)).figures)).toContain('jetVelocity')
    expect(json.findings).toHaveLength(findingsOf(e).findings.length)
    expect(JSON.parse(JSON.stringify(json))).toEqual(json)
  })
  it('text says speed, figures and findings', () => {
    expect(evaluationText(e)).toMatch(/Tirrick at 4\.9 kn[\s\S]*From the pack[\s\S]*CLASHES/)
  })
  it('CSV has a row a speed and a column a method', () => {
    const [head, ...rows] = curveCsv(yacht).trim().split('\n')
    expect(head).toContain('delft1998_N,delft1998_holds,vanOortmerssen1971_N')
    expect(rows).toHaveLength(60)
    expect(readFigure('pull', e).value).toBeGreaterThan(0)
  })
})
