import { describe, expect, it } from 'vitest'
import { DEMO, DEMO_BOATS, edit, withEdits, type Project } from '../../src/project'
import { propellerDrag } from '../../src/resistance'
import {
  besideMotor,
  centreResistance,
  driveTrain,
  modelOf,
  oneStopped,
  operatingPoint,
  sunDirect,
  theoryResistance,
} from '../../src/system'

const with_ = (boat: Project, beside: Partial<Project['use']['beside']>) =>
  withEdits(boat, [edit('use.beside', { ...boat.use.beside, ...beside })])

describe('a motor beside something else', () => {
  const yacht = DEMO.tirrick
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))(
    '%s: pushes and pulls are in balance at the speed of both',
    (_, boat) => {
      for (const kind of ['sails', 'pedals', 'oars', 'engine'] as const) {
        const found = besideMotor(with_(boat, { kind, power: kind === 'engine' ? 4000 : 100, motorPower: 300 }))!
        expect(found.together).toBeGreaterThanOrEqual(found.alone - 1e-3)
        expect(found.together).toBeGreaterThanOrEqual(found.motorAlone - 1e-3)
        const { share } = found
        expect(share.helper + share.motor).toBeCloseTo(share.resistance, 6)
        for (const row of found.rows) {
          expect(row.helper).toBeLessThanOrEqual(row.resistance)
          expect(row.packPower).toBeGreaterThanOrEqual(0)
          expect(Number.isFinite(row.packPower)).toBe(true)
        }
      }
    },
  )
  it('under sail alone she goes as fast as was said, and a motor of few watts adds little', () => {
    const few = besideMotor(with_(yacht, { kind: 'sails', sailSpeed: 2, motorPower: 20 }))!
    expect(few.alone).toBeCloseTo(2, 3)
    expect(few.together - few.alone).toBeLessThan(0.1)
    const more = besideMotor(with_(yacht, { kind: 'sails', sailSpeed: 2, motorPower: 400 }))!
    expect(more.together).toBeGreaterThan(few.together)
    // the motor's watts are those that its share of the push takes
    const train = driveTrain(modelOf(yacht), more.together, more.share.motor)
    expect(train.controllerInput).toBeCloseTo(400, -0.5)
  })
  it('is nothing without a helper', () => expect(besideMotor(yacht)).toBeNull())
})

describe('one of two drives stopped', () => {
  const twin = withEdits(DEMO.tirrick, [edit('boat.drive.count', 2)])
  it('goes slower and drags: most with the screw locked, least folded', () => {
    const [locked, free, folded] = oneStopped(twin)
    expect(locked!.packPower).toBeGreaterThan(free!.packPower)
    expect(free!.packPower).toBeGreaterThan(folded!.packPower)
    const both = operatingPoint(modelOf(twin), locked!.speed)
    expect(locked!.packPower).toBeGreaterThan(0.8 * both.drive.packPower)
  })
  it('has no rows with one drive', () => expect(oneStopped(DEMO.tirrick)).toEqual([]))
  it('a still screw adds its drag, with the sea margin, to the resistance', () => {
    const still = withEdits(DEMO.osprel, [edit('boat.drive.still', 'locked')])
    const model = modelOf(still),
      { propeller } = still.design,
      v = 2
    const more = theoryResistance(model, v).appendage - theoryResistance(modelOf(DEMO.osprel), v).appendage
    const inWake = v * (1 - model.interaction.wakeFraction)
    expect(more).toBeCloseTo(
      propellerDrag('locked', propeller.diameter, propeller.areaRatio, inWake, model.water.density),
      6,
    )
    expect(centreResistance(model, v)).toBeGreaterThan(centreResistance(modelOf(DEMO.osprel), v) + more)
  })
})

describe('straight from the panels', () => {
  const boat = withEdits(DEMO.osprel, [edit('design.solar.fitted', true)])
  it('a step of a minute gives the same way as ten: 0.5 %', () => {
    const coarse = sunDirect(boat, 5),
      fine = sunDirect(boat, 5, 60)
    expect(coarse.distance / fine.distance).toBeCloseTo(1, 2)
  })
  it('goes less far than the same light at an even pace, less with a panel shaded, least without its string', () => {
    for (const month of [0, 3, 6, 9]) {
      const day = sunDirect(boat, month)
      expect(day.shaded).toBeLessThanOrEqual(day.distance)
      expect(day.shadedWithoutDiodes).toBeLessThanOrEqual(day.shaded)
      expect(day.lostWithoutBattery).toBeGreaterThan(-0.02)
      expect(day.hours.every(h => h.light >= 0 && h.speed >= 0)).toBe(true)
    }
  })
  it('has its most light at the sun’s own noon', () => {
    const { hours } = sunDirect(withEdits(boat, [edit('design.solar.tilt', 0)]), 6)
    const best = hours.reduce((a, b) => (b.light > a.light ? b : a))
    expect(Math.abs(best.time / 3600 - 12)).toBeLessThan(0.4)
  })
})
