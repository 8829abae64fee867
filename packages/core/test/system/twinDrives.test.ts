import { describe, expect, it } from 'vitest'
import { DEMO, DEMO_BOATS, edit, weightAfloat, withEdits, type Project } from '../../src/project'
import { idealEfficiency } from '../../src/propulsor'
import { SHIPPED_FUSES } from '../../src/parts/shipped/shippedWiring'
import { partsList } from '../../src/money'
import { sizeRest } from '../../src/sizing'
import { driveTrain, evaluate, limitShares, modelOf, operatingPoint } from '../../src/system'

const twin = (boat: Project) => withEdits(boat, [edit('boat.drive.count', 2)])

describe('two drives share the thrust', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('%s: each does what one does at half the thrust', (_, boat) => {
    const one = modelOf(withEdits(boat, [edit('use.houseLoad', 0)])),
      two = modelOf(twin(withEdits(boat, [edit('use.houseLoad', 0)])))
    const speed = boat.use.cruiseSpeed,
      pull = operatingPoint(one, speed).resistance.centre
    const half = driveTrain(one, speed, pull / 2),
      both = driveTrain(two, speed, pull)
    expect(both.thrust).toBeCloseTo(2 * half.thrust, 6)
    for (const of of [
      'shaftSpeed',
      'propellerTorque',
      'motorTorque',
      'motorRpm',
      'phaseCurrent',
      'continuousShare',
    ] as const)
      expect(both[of] / half[of], of).toBeCloseTo(1, 9)
    for (const of of ['deliveredPower', 'shaftPower', 'motorInput', 'controllerInput', 'packPower'] as const)
      expect(both[of] / half[of], of).toBeCloseTo(2, 9)
  })
  it('as one of twice the disc does in the limit of momentum theory', () => {
    const [thrust, speed, diameter, density] = [900, 3, 0.4, 1025]
    expect(idealEfficiency(thrust / 2, speed, diameter, density)).toBeCloseTo(
      idealEfficiency(thrust, speed, Math.SQRT2 * diameter, density),
      12,
    )
  })
  it('energy: from the pack to the water every loss is accounted for', () => {
    const boat = twin(DEMO.halcyne),
      m = modelOf(boat)
    const p = operatingPoint(m, boat.use.cruiseSpeed),
      d = p.drive
    const hull = (1 - m.interaction.thrustDeduction) / (1 - m.interaction.wakeFraction)
    expect(d.effectivePower / d.deliveredPower).toBeCloseTo(
      hull * d.propellerEfficiency * m.interaction.relativeRotative,
      6,
    )
    expect(d.packPower).toBeCloseTo(d.controllerInput + d.housePower, 6)
    expect(d.controllerInput).toBeCloseTo(d.motorInput + d.controllerLoss, 6)
    expect(d.controllerCurrent * 2 * d.packVoltage).toBeCloseTo(d.controllerInput, 6)
  })
  it('each motor is used less, and two go faster than one', () => {
    const shares = (boat: Project) =>
      limitShares(modelOf(boat), evaluate(boat, boat.use.cruiseSpeed).cruise.drive).find(s => s.name === 'motorTorque')!
    expect(shares(twin(DEMO.tirrick)).allDay).toBeLessThan(shares(DEMO.tirrick).allDay)
    // through a fuse that is not what ends it
    const fuse = { ...SHIPPED_FUSES[0]!, rating: 1000 },
      open = (boat: Project) =>
        withEdits(boat, [
          edit('design.wiring.fuse', fuse),
          edit('design.wiring.mainArea', 150),
          edit('design.wiring.contactorCurrent', 1000),
        ])
    const all = (boat: Project) => evaluate(open(boat), 2).allDaySpeed
    const [a, b] = [all(DEMO.tirrick), all(twin(DEMO.tirrick))]
    expect(b.outcome !== 'none' && a.outcome !== 'none' && b.speed > a.speed).toBe(true)
  })
  it('are bought and weighed twice', () => {
    const piece = (boat: Project, name: string) =>
      partsList(boat)
        .filter(l => l.item.includes(name))
        .reduce((sum, l) => sum + l.quantity, 0)
    for (const part of [DEMO.tirrick.design.motor.name, DEMO.tirrick.design.controller.name])
      expect(piece(twin(DEMO.tirrick), part)).toBe(2 * piece(DEMO.tirrick, part))
    const weighed = (boat: Project) => weightAfloat(withEdits(boat, [edit('boat.massHolds', 'before')])).in
    const { motor, controller } = DEMO.tirrick.design
    expect(weighed(twin(DEMO.tirrick)) - weighed(DEMO.tirrick)).toBeGreaterThan(motor.mass + controller.mass)
  })
  it('get a first design of smaller motors', () => {
    const free = withEdits(DEMO.halcyne, [
      edit('held.motor', false),
      edit('held.pack', false),
      edit('held.voltage', false),
      edit('held.propeller', false),
    ])
    const motor = (boat: Project) => {
      const sized = sizeRest(boat)
      if (sized.outcome !== 'sized') throw new Error('no design')
      return withEdits(boat, sized.edits).design.motor.ratedPower
    }
    expect(motor(twin(free))).toBeLessThan(motor(free))
  })
})
