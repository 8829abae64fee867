import { edit, type PathAndValue } from '../../src/project/definition/projectPath'
import { packOf, sizeRest } from '../../src/sizing'
import { findingsOf } from '../../src/advice'
import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { changedParts } from '../../src/figures'
import { HULL_TYPES } from '../../src/hull'
import { oneLine } from '../../src/oneLine'
import { cellNamed, chargerNamed, controllerNamed, motorNamed, SHIPPED_CHARGERS } from '../../src/parts'
import {
  bestCharger,
  DEMO_BOATS,
  newProject,
  systemVoltageOf,
  typicalAnswers,
  usualHouse,
  usualLength,
  withEdits,
  type Project,
} from '../../src/project'
import { chargerSettings } from '../../src/report'
import { partsList } from '../../src/money'
import { chargeReport, chargeStart, evaluate, modelOf, solarReport, wiringReport } from '../../src/system'
import { fillText, amps } from '../../src/units'
import { FLEET } from '../fleet/fleetBoats'

const named = (id: string) => DEMO_BOATS.find(b => b.id === `demo-${id}`)!
const changed = (boat: Project, ...edits: PathAndValue[]) =>
  withEdits(
    boat,
    edits.map(([path, value]) => edit(path, value)),
  )
const found = (boat: Project, rule: string) =>
  findingsOf(evaluate(boat, boat.use.cruiseSpeed)).findings.find(f => f.rule === rule)
const yacht = named('tirrick'),
  launch = named('osprel'),
  runabout = named('merrin')

describe('what is usual follows the kind and the length', () => {
  it.each(HULL_TYPES.map(t => [t.id] as const))(
    '%s: her length, cruise and hours are of her kind, and nothing unasked is a fact',
    id => {
      const length = usualLength(id),
        answers = typicalAnswers(id, length),
        boat = newProject(answers, 'x')
      expect(length).toBeGreaterThanOrEqual(id === 'dinghy' ? 2.5 : 3.5)
      expect(length).toBeLessThanOrEqual(id === 'dinghy' ? 4 : 12)
      expect([boat.boat.oldEngine.ratedPower, boat.boat.oldEngine.mass]).toEqual([0, 0])
      expect(answers.cruiseSpeed / KNOT).toBeGreaterThan(['planing', 'jetBoat'].includes(id) ? 10 : 2)
    },
  )
  it('no house is taken for a canoe or a dinghy, some for a small boat, more for a large one', () => {
    expect([usualHouse('canoe', 5), usualHouse('dinghy', 3.2)]).toEqual([0, 0])
    expect(usualHouse('keelYacht', 6)).toBeLessThan(usualHouse('keelYacht', 11))
    expect(newProject(typicalAnswers('dinghy', 3), 'x').use.houseLoad).toBe(0)
  })
  it('an engine weighs what engines weigh: 180 hp of a stern drive are no 1,476 kg, nor a diesel', () => {
    const { oldEngine } = newProject(
      { ...typicalAnswers('planing', 5.5), drive: 'sternDrive', oldEnginePower: 134_000 },
      'x',
    ).boat
    expect(oldEngine.kind).toBe('petrolFourStroke')
    expect(oldEngine.mass).toBeGreaterThan(300)
    expect(oldEngine.mass).toBeLessThan(500)
    expect(newProject({ ...typicalAnswers('pontoon', 6), oldEnginePower: 37_000 }, 'x').boat.oldEngine).toMatchObject({
      kind: 'petrolFourStroke',
      // 113 of the engine, and half a tank
      mass: expect.closeTo(113 + 5 * Math.sqrt(37), -0.3),
    })
  })
})

describe('first designs', () => {
  it('have no clash that another choice from the library would avoid', () => {
    for (const boat of [
      ...HULL_TYPES.map(t => newProject({ ...typicalAnswers(t.id, usualLength(t.id)), name: t.id }, t.id)),
      ...FLEET,
    ]) {
      const sized = sizeRest(boat)
      if (sized.outcome !== 'sized') continue
      const { findings } = findingsOf(evaluate(withEdits(boat, sized.edits), boat.use.cruiseSpeed))
      expect(
        findings.filter(f => f.severity === 'stop' && f.rule !== 'dimensionsOdd').map(f => f.rule),
        boat.name,
      ).toEqual([])
    }
  })
  it('keep every part that is held', () => {
    const held = changed(
      launch,
      ['held.controller', true],
      ['held.reduction', true],
      ['held.charger', true],
      ['design.charging.charger', chargerNamed('pallan-48-15')],
      ['design.reduction', { kind: 'belt', ratio: 2.25 }],
    )
    const sized = sizeRest(held)
    if (sized.outcome !== 'sized') throw new Error('no design')
    const { design } = withEdits(held, sized.edits)
    expect([design.controller, design.reduction, design.charging.charger]).toEqual([
      held.design.controller,
      held.design.reduction,
      held.design.charging.charger,
    ])
    expect(
      sized.reasons
        .filter(r => r.held)
        .map(r => r.part)
        .sort(),
    ).toEqual(['controller', 'propeller', 'reduction'])
  })
  it('a card names every part that differs', () => {
    const other = changed(
      yacht,
      ['design.motor', motorNamed('brindle-3-48-900')],
      ['design.controller', controllerNamed('corvel-48-300')],
      ['design.reduction', { kind: 'gear', ratio: 3 }],
      ['design.charging.count', 2],
    )
    expect(changedParts(yacht, other).map(p => p.part)).toEqual(['Motor', 'Controller', 'Reduction', 'Charger'])
    expect(changedParts(yacht, changed(yacht, ['use.topSpeed', 2.5]))).toEqual([])
    expect(changedParts(yacht, changed(yacht, ['design.propeller.blades', 4]))).toEqual([
      { part: 'Propeller', before: '3 blades', after: '4 blades' },
    ])
  })
})

describe('charging', () => {
  const weak = changed(
    launch,
    ['design.charging.supply', 'none'],
    ['design.charging.sun', true],
    ['design.charging.month', 5],
  )
  it('by sun alone goes on with what there is, and says how long', () => {
    expect(chargeStart(weak).current).toBeGreaterThan(0)
    expect(chargeReport(weak).toEnd).not.toBeNull()
    const lessSun = changed(weak, ['design.solar.shading', 0.6], ['use.houseLoad', 20])
    expect(chargeStart(lessSun).current).toBeGreaterThan(0)
    expect(chargeStart(lessSun).current).toBeLessThan(0.02 * modelOf(lessSun).pack.capacityAh)
    expect(chargeReport(lessSun).toEnd).not.toBeNull()
  })
  it('helpers and house are no charger amps: the settings sheet says what the charger may be set to', () => {
    const amps = (boat: Project) =>
      fillText(chargerSettings(boat)[0]!.settings.find(s => s.label === 'Greatest amps')!.value)
    expect(amps(weak)).toBe(amps(changed(launch, ['design.charging.supply', 'shore'], ['use.houseLoad', 0])))
  })
  it('with a charger of other volts does not happen: a clash, no hours, and a fix that fits', () => {
    const wrong = changed(runabout, ['design.charging.charger', SHIPPED_CHARGERS.find(c => c.greatestVoltage === 62)!])
    expect(found(wrong, 'chargerWindow')?.severity).toBe('stop')
    expect(chargeReport(wrong).toEnd).toBeNull()
    expect(chargeStart(wrong).current).toBe(0)
    const mended = withEdits(wrong, found(wrong, 'chargerWindow')!.fixes[0]!.edits)
    expect(found(mended, 'chargerWindow')).toBeUndefined()
    expect(chargeReport(mended).toEnd).toBeGreaterThan(0)
  })
  it('the best charger has the volts of pack and shore, then suits breaker and cells', () => {
    expect(bestCharger(SHIPPED_CHARGERS, { fullVoltage: 14, shoreVoltage: 120, shoreCurrent: 15 })?.name).toBe(
      'Pallan 12/20 for 120 V',
    )
    expect(
      bestCharger(SHIPPED_CHARGERS, { fullVoltage: 55, shoreVoltage: 230, shoreCurrent: 10 })!.inputCurrent,
    ).toBeLessThanOrEqual(10)
    expect(
      bestCharger(SHIPPED_CHARGERS, { fullVoltage: 55, shoreVoltage: 230, shoreCurrent: 16, takes: 20 })!.current,
    ).toBeLessThanOrEqual(20)
    expect(bestCharger(SHIPPED_CHARGERS, { fullVoltage: 900, shoreVoltage: 230, shoreCurrent: 16 })).toBeNull()
  })
  it('panels whose volts never fill the pack give nothing, as the finding says', () => {
    const low = changed(
      launch,
      ['design.solar.series', 1],
      ['design.solar.panel', { ...launch.design.solar.panel, voltage: 18, openVoltage: 22 }],
    )
    expect(found(low, 'panelVolts')).toBeDefined()
    expect(solarReport(low).year).toBe(0)
  })
})

describe('banks', () => {
  const two = changed(launch, ['design.pack.parallel', 4], ['design.banks.count', 2]),
    one = changed(two, ['design.banks.count', 1])
  it('each carries what falls to it with another gone, breaks its own short; the sum counts where they join', () => {
    const each = wiringReport(modelOf(two)),
      whole = wiringReport(modelOf(one))
    expect(each.bank.shared).toBeCloseTo(each.current / 2, 9)
    expect(each.bank.current).toBeCloseTo(each.current, 9)
    expect(each.bmsCurrent).toBeCloseTo(whole.bmsCurrent / 2, 9)
    expect(each.shortCircuit).toBeLessThan(0.65 * whole.shortCircuit)
    expect(each.joinedShort).toBeCloseTo(2 * each.shortCircuit, 6)
    expect(each.fuse!.rating).toBeGreaterThanOrEqual(1.25 * each.bank.current)
    // four cells side by side short with more than the usual fuses break: only the heavy ones will do
    expect(whole.fuse!.interrupt).toBeGreaterThanOrEqual(whole.shortCircuit)
    expect(whole.fuse!.interrupt).toBeGreaterThan(each.shortCircuit)
    expect(each.main.ampacity).toBeGreaterThanOrEqual(2 * each.fuse!.rating)
  })
  it('diagram, parts list and findings say the same of them', () => {
    const { bmsCurrent, fuse } = wiringReport(modelOf(two)),
      guards = oneLine(two).devices.filter(d => d.kind === 'guard')
    expect(guards.map(d => fillText(d.lines[0]!))).toEqual(
      Array(2).fill(fillText({ text: '{a} continuous', params: { a: amps(bmsCurrent) } })),
    )
    const lines = partsList(two)
    expect(lines.find(l => l.item.startsWith('BMS, '))).toMatchObject({
      quantity: 2,
      item: expect.stringContaining(`${Math.round(bmsCurrent)} A`),
    })
    expect(lines.find(l => l.item === fuse!.name)!.quantity).toBe(2)
    expect(found(two, 'fuseNone')).toBeUndefined()
    expect(found(changed(two, ['design.wiring.bmsCurrent', Math.ceil(bmsCurrent)]), 'bmsAmps')).toBeUndefined()
  })
})

describe('volts that do not go together', () => {
  it('a pack of 12 V beside a motor of 90 V and more is a clash', () => {
    const wrong = changed(
      yacht,
      ['design.motor', { ...yacht.design.motor, leastVoltage: 90, greatestVoltage: 180, ratedVoltage: 144 }],
      ['design.pack.series', 4],
    )
    expect(found(wrong, 'packBelowWindow')?.severity).toBe('stop')
  })
  it('cells that make no pack of the held volts say so and offer to let go; free, the motor’s volts lead', () => {
    const held = changed(yacht, ['held.voltage', true], ['design.systemVoltage', 300]),
      made = packOf(held, cellNamed('ostra-lfp-280'))
    if (made.outcome !== 'none' || !made.edits) throw new Error('should offer to let go')
    expect(fillText(made.reason)).toMatch(/300.V, which is held/)
    expect(systemVoltageOf(withEdits(held, made.edits).design.pack)).toBe(48)
    expect(packOf(changed(held, ['held.voltage', false]), cellNamed('ostra-lfp-280')).outcome).toBe('pack')
  })
})

describe('judged by the kind of boat and propeller', () => {
  it('tips and blade area that are ordinary on a runabout do not stop her', () => {
    const wheel = {
      ...runabout.design.propeller,
      kind: 'outboard' as const,
      diameter: 0.33,
      pitch: 0.43,
      areaRatio: 0.5,
    }
    const fast = changed(runabout, ['boat.drive.kind', 'outboard'], ['design.propeller', wheel])
    for (const rule of ['tipSpeed', 'cavitation', 'bladeLoading'])
      expect(found(fast, rule)?.severity, rule).not.toBe('stop')
    expect(modelOf(fast).propulsor.kind).toBe('propeller')
  })
  it('tip speed is said in the owner’s units', () => {
    const small = changed(
        runabout,
        ['design.propeller.kind', 'fixed'],
        ['design.propeller.pitch', 0.15],
        ['use.topSpeed', 9],
      ),
      said = found(small, 'tipSpeed')!
    expect(fillText(said.amount)).toMatch(/^\d+(\.\d)?\sm\/s$/)
    expect(fillText(said.sentence, { profile: 'us', overrides: {} })).toMatch(
      /^At top the tips run at \d{3}\sft\/s; up to 115\sft\/s/,
    )
  })
  it('a top beyond hull speed stops nobody, and a slender hull is not told of it', () => {
    expect(found(changed(yacht, ['use.topSpeed', 4.2]), 'topBeyondHull')?.severity).toBe('caution')
    const shell = changed(
      named('wisp'),
      ['boat.lengthOverAll', 7.5],
      ['boat.lengthWaterline', 7.3],
      ['boat.mass', 160],
      ['boat.beam', 0.7],
    )
    const hullSpeed = evaluate(shell, 1).hullSpeed
    expect(found(changed(shell, ['use.topSpeed', 1.3 * hullSpeed]), 'topBeyondHull')).toBeUndefined()
  })
})
