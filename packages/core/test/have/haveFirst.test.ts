import { describe, expect, it } from 'vitest'
import {
  budgetOf,
  checkFindings,
  firstDesign,
  fillText,
  KNOT,
  packFigures,
  packLayouts,
  PART_KINDS,
  readAnswers,
  readEarlyAll,
  readHave,
  readKnown,
  readProject,
  sizeRest,
  typicalAnswers,
  whatItDoes,
  withEdits,
  writeProject,
  type CellSpec,
  type Project,
} from '@remigo/core'
import { SITUATIONS } from './situations'

/** What must be true of the design that is made around it. */
const CHECKS: Record<(typeof SITUATIONS)[number]['name'], (project: Project) => void> = {
  'cells first': ({ design, held }) => {
    expect(held.pack).toBe(true)
    expect(design.pack.series * design.pack.parallel).toBe(48)
    expect(design.banks.owned).toBe(48)
  },
  'motor and cells of a fast boat': ({ design, use }) => {
    expect(packFigures(design.pack).fullVoltage).toBeLessThanOrEqual(150)
    expect(design.motor.ratedPower).toBe(62_000)
    // she planes on what he has: nobody typed a speed
    expect(use.topSpeed / KNOT).toBeGreaterThan(18)
  },
  'a motor alone': ({ design }) => expect(design.motor.ratedVoltage).toBe(110),
  'a whole outboard by its plate': ({ design, boat }) => {
    expect(boat.drive.kind).toBe('outboard')
    expect(design.wholeDrive?.inputPower).toBeCloseTo(5040, -1)
    expect(design.pack).toMatchObject({ series: 1, parallel: 2 })
  },
  'a dead outboard’s leg and a head for it': ({ boat, held }) => {
    expect(boat.drive).toMatchObject({ kind: 'outboard', legRatio: 2 })
    expect(held.leg).toBe(true)
  },
  'two packs of unlike chemistry': ({ design }) => expect(design.banks.others).toEqual([]),
  'two packs of one chemistry': ({ design }) => expect(design.banks.others).toMatchObject([{ series: 4, parallel: 2 }]),
  'panels only': ({ design, held }) => {
    expect(held.panels).toBe(true)
    expect(design.solar).toMatchObject({ fitted: true, panel: { power: 215 } })
    expect(design.solar.series * design.solar.parallel).toBe(3)
  },
  'a jet with its pump': ({ design, boat }) => {
    expect(boat.drive.kind).toBe('jet')
    expect(design.jet.impellerDiameter).toBeCloseTo(0.2057, 3)
  },
  'a hub motor by its torque': ({ design }) => expect(design.motor.ratedVoltage).toBe(60),
  'the drive and pack of a car': ({ design }) => {
    expect(design.motor.peakPower).toBe(80_000)
    expect(design.banks.health).toBe(0.85)
  },
  'everything bought, nothing sized': ({ design, held, boat }) => {
    expect(held).toMatchObject({
      motor: true,
      controller: true,
      pack: true,
      charger: true,
      panels: true,
      propeller: true,
    })
    expect(design.charging.charger.power).toBe(1500)
    expect(boat.oldEngine.ratedPower).toBeCloseTo(8948, 0)
  },
  'one reading only, with what drove her then': ({ trial }) =>
    expect(trial).toMatchObject({ points: [{ current: 38, voltage: 50 }], setups: [{ made: 'another' }] }),
  'a boat and a budget': project => {
    expect(project.yard.budget).toBe(4000)
    expect(budgetOf(project).likely.value).toBeLessThanOrEqual(4000)
  },
}

describe('from what the owner has to a design', () => {
  it.each(SITUATIONS)('$name', ({ name, hull, length, have }) => {
    const { had, errors, readings } = readHave(have)
    expect(errors).toEqual([])
    const early = readEarlyAll(readings)
    const known = early.ok ? early.points.map(point => ({ point, made: { made: 'another' as const } })) : []
    const { project, own } = firstDesign(typicalAnswers(hull, length), 'x', { have: had, known, wish: false })
    CHECKS[name](project)
    expect(own).toHaveLength(had.filter(h => h.what === 'part').length)
    expect(readProject(writeProject(project))).toMatchObject({ ok: true })
    // nothing that he has is swapped away by sizing the rest once more
    const again = sizeRest(project)
    expect(again.outcome).toBe('sized')
    const stopped = checkFindings(project).findings.filter(f => f.severity === 'stop')
    expect(stopped.map(f => f.rule)).toEqual([])
    const { flatOut, continuous, farthest } = whatItDoes(project)
    expect(flatOut.speed).toBeGreaterThanOrEqual(continuous.speed - 1e-9)
    expect(farthest.toReserve).toBeGreaterThan(0)
  })

  it('takes a stand-in where the library has none, and says what to find', () => {
    const { had } = readHave('motor 60 kW 96 V 2500 rpm')
    const { project } = firstDesign(typicalAnswers('displacementLaunch', 15), 'x', { have: had, wish: false })
    const bare = withEdits(project, [])
    const few = sizeRest(bare, { ...emptyOf('controller'), cells: PART_KINDS.cell.shipped as never })
    expect(few.outcome).toBe('sized')
    const made = few.outcome === 'sized' ? withEdits(bare, few.edits) : bare
    expect(made.design.controller).toMatchObject({
      standIn: true,
      name: expect.stringMatching(/^Controller to find: /),
    })
    expect(made.design.controller.greatestVoltage).toBeGreaterThanOrEqual(packFigures(made.design.pack).fullVoltage)
    const finding = checkFindings(made).findings.find(f => f.rule === 'partsToFind')!
    expect(fillText(finding.sentence)).toContain(made.design.controller.name)
    expect(readProject(writeProject(made))).toMatchObject({ ok: true })
  })

  it('finds a design for every kind and size, and says what is still to be found', () => {
    for (const [hull, lengths] of [
      ['jetBoat', [4, 6, 8, 10, 12]],
      ['planing', [4, 8, 12]],
      ['dinghy', [2.5, 5]],
      ['canalBoat', [10, 21]],
    ] as const)
      for (const length of lengths) {
        const { note } = firstDesign(typicalAnswers(hull, length), 'x')
        expect(note && fillText(note), `${hull} ${length}`).toBeNull()
      }
  })

  it('puts blocks together by the volts that are there, and leaves few idle', () => {
    const cell = {
      ...(PART_KINDS.cell.shipped[0] as unknown as CellSpec),
      chemistry: 'LFP',
      cellsInSeries: 1,
    } as CellSpec
    expect(packLayouts(cell, 54, { least: 80, greatest: 150, rated: 120 })[0]!.series * 3.45).toBeLessThanOrEqual(150)
    expect(packLayouts(cell, 14, null)[0]).toEqual({ series: 14, parallel: 1 })
    for (const { series, parallel } of packLayouts(cell, 48, null)) expect(series * parallel).toBe(48)
    expect(packLayouts(cell, 1, null)).toEqual([{ series: 1, parallel: 1 }])
  })

  it('reads what he has among the answers, and names the line that it cannot', () => {
    expect(readAnswers({ hullType: 'dinghy', have: ['bananas', '4 kn 900 W', 7] })).toMatchObject({
      ok: false,
      errors: [
        { field: 'have.0' },
        { field: 'have.1', message: expect.stringMatching(/"known"/) },
        { field: 'have.2' },
      ],
    })
    const read = readAnswers({ hullType: 'dinghy', have: ['trolling motor 55 lb thrust 12 V'], known: [] })
    expect(read).toMatchObject({ ok: true, wish: false, have: [{ kind: 'wholeDrive' }] })
    expect(readKnown([], 'known')).toMatchObject({ ok: true })
  })
})

/** The library without parts of one kind. */
const emptyOf = (kind: 'controller') =>
  ({
    ...Object.fromEntries(Object.entries(PART_KINDS).map(([k, { shipped }]) => [`${k}s`, k === kind ? [] : shipped])),
  }) as unknown as Parameters<typeof sizeRest>[1] & object
