import { describe, expect, it } from 'vitest'
import { designWeights, DEMO, edit, weightAfloat, withEdits, type Project } from '../../src/project'
import { balanceOf, crewStability, crewState, PERSON, plateCheck, type CrewStability } from '../../src/mass'
import { completePart } from '../../src/parts'
import { packFigures } from '../../src/battery'

const before = (boat: Project) => withEdits(boat, [edit('boat.massHolds', 'before')])
const withPanels = (boat: Project) =>
  withEdits(boat, [edit('design.solar', { ...DEMO.osprel.design.solar, fitted: true })])

describe('what is fitted weighs', () => {
  it('panels with their frames and their charge controllers, wherever they stand', () => {
    for (const boat of Object.values(DEMO)) {
      const bare = before(withEdits(boat, [edit('design.solar.fitted', false)])),
        clad = withPanels(bare),
        { panel, series, parallel, controller, others } = clad.design.solar
      const least =
        [{ panel, series, parallel }, ...others].reduce((sum, a) => sum + a.panel.mass * a.series * a.parallel, 0) +
        (controller?.mass ?? 0)
      const more = weightAfloat(clad).mass - weightAfloat(bare).mass
      expect(more).toBeGreaterThan(least)
      expect(more).toBeLessThan(1.3 * least + 20)
      // in the balance, on the plate, and against her stability
      expect(balanceOf(clad).in.mass - balanceOf(bare).in.mass).toBeCloseTo(more, 6)
      expect(balanceOf(clad).gm.value).toBeLessThan(balanceOf(bare).gm.value)
      const plated = (b: Project) => plateCheck(withEdits(b, [edit('yard.plateLoad', 900)])).load!.aboard
      expect(plated(clad) - plated(bare)).toBeCloseTo(more, 6)
    }
  })
  it('20 kg at 1.9 m on a pontoon boat of 250 kg cost a tenth of a metre of GM', () => {
    // handbook; a weight that is put in as the owner lists it
    const boat = withEdits(DEMO.lodden, [
      edit('boat.mass', 250),
      edit('boat.massHolds', 'after'),
      edit('yard.weights', []),
    ])
    const loaded = withEdits(boat, [
      edit('yard.weights', [{ name: 'Panel', way: 'in', mass: 20, doubt: 0, along: 3, across: 0, above: 1.9 }]),
    ])
    expect(balanceOf(boat).gm.value - balanceOf(loaded).gm.value).toBeGreaterThan(0.1)
    expect(balanceOf(boat).gm.value - balanceOf(loaded).gm.value).toBeLessThan(0.2)
  })
  it('a generator and a small motor with its battery', () => {
    const of = (boat: Project, part: string) => designWeights(boat).find(w => w.part === part)?.mass
    const plain = withEdits(DEMO.tirrick, [
      edit('design.charging.supply', 'shore'),
      edit('design.smallMotor.fitted', false),
    ])
    expect([of(plain, 'generator'), of(plain, 'smallMotor')]).toEqual([undefined, undefined])
    const full = withEdits(plain, [
      edit('design.charging.supply', 'generator'),
      edit('design.charging.generatorPower', 2000),
      edit('design.smallMotor', { ...plain.design.smallMotor, fitted: true, power: 2000, time: 600, chemistry: 'AGM' }),
    ])
    expect(of(full, 'generator')).toBe(40)
    // 4 kg, 4 kg/kW, and 1/3 kWh at 32 kg of which half is used
    expect(of(full, 'smallMotor')).toBeCloseTo(4 + 8 + (32 / 0.5) * (2 / 6), 9)
  })
  it('a pack that was told whole has no box added', () => {
    const told = { id: 'own/p', name: 'Pack', chemistry: 'LFP', capacityAh: 100, cellsInSeries: 4, mass: 12 }
    const { part } = completePart('pack', told),
      figures = packFigures({ cell: part as never, series: 1, parallel: 1, chargeVoltage: 3.5 })
    expect(figures.mass).toBe(12)
    const { part: cell } = completePart('cell', { ...told, cellsInSeries: 1, mass: 2 })
    expect(packFigures({ cell: cell as never, series: 4, parallel: 1, chargeVoltage: 3.5 }).mass).toBe(10)
  })
})

describe('crew that moves', () => {
  it('GM falls by the weight of people times their rise, and heel is the moment over it', () => {
    const boat = withEdits(DEMO.wisp, [edit('yard.crew', 2)]),
      { gm, mass } = balanceOf(boat),
      { standing, heel } = crewStability(boat)
    expect(gm.value - standing!.value).toBeCloseTo((2 * PERSON * (0.975 - 0.2 - 0.3)) / mass, 12)
    expect(Math.tan(heel.value)).toBeCloseTo((PERSON * 0.4 * boat.boat.beam) / (mass * gm.value), 9)
  })
  const ranged = (value: number) => ({ value, low: value - 0.1, high: value + 0.1 })
  const of = (seated: number, standing: number, degrees: number): CrewStability => ({
    seated: ranged(seated),
    standing: ranged(standing),
    heel: ranged((degrees * Math.PI) / 180),
  })
  it.each([
    ['canoe', 0.0499, 0.2, 5, 'stop', 'tender'],
    ['canoe', 0.05, 0.2, 5, 'caution', 'tender'],
    ['canoe', 0.249, 0.2, 5, 'caution', 'tender'],
    ['canoe', 0.25, 0.2, 5, null, null],
    ['dinghy', 0.5, 0.0001, 5, null, null],
    ['dinghy', 0.5, 0, 5, 'caution', 'standing'],
    ['dinghy', 0.5, -0.1, 5, 'caution', 'standing'],
    ['dinghy', 0.5, 0.3, 14.9, null, null],
    ['dinghy', 0.5, 0.3, 15.1, 'caution', 'heel'],
    ['pontoon', 0.5, 0.3, 9.9, null, null],
    ['pontoon', 0.5, 0.3, 10.1, 'caution', 'heel'],
    ['keelYacht', 0.01, -1, 40, null, null],
  ] as const)('%s, GM %f seated, %f standing, heel %f°: %s %s', (hullType, seated, standing, degrees, state, fault) => {
    const found = crewState({ hullType }, of(seated, standing, degrees))
    expect([found?.state ?? null, found?.fault ?? null]).toEqual([state, fault])
  })
})
