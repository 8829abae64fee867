import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { restVoltage } from '../../src/battery'
import { motorLoss } from '../../src/drive'
import { DEMO, DEMO_BOATS, withEdits, type Project } from '../../src/project'
import {
  centreResistance,
  designMass,
  designPrice,
  driveTrain,
  energyBalance,
  limitShares,
  modelOf,
  operatingPoint,
  resistanceOfReading,
  stretchOf,
  tightestLimit,
  usableAt,
} from '../../src/system'

const named = new Map(DEMO_BOATS.map(boat => [boat.name, boat]))
/** any demo boat at any speed up to the top that her owner wishes, at any charge */
const anywhere = fc.record({
  name: fc.constantFrom(...named.keys()),
  share: fc.double({ min: 0.05, max: 1, noNaN: true }),
  charge: fc.double({ min: 0.1, max: 1, noNaN: true }),
})
function drive({ name, share, charge }: { name: string; share: number; charge: number }, more = 1) {
  const boat = named.get(name)!,
    model = modelOf(boat),
    speed = share * boat.use.topSpeed,
    pull = more * centreResistance(model, speed)
  return { boat, model, speed, pull, d: driveTrain(model, speed, pull, charge) }
}
function close(a: number, b: number) {
  expect(Math.abs(a - b)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(a), Math.abs(b)))
}

describe('power is never made on its way', () => {
  it('from the pack to the shaft each stage gives on what it took, less its loss', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model } = drive(there)
        close(d.packPower, d.controllerInput + d.housePower)
        close(d.controllerInput, d.motorInput + d.controllerLoss)
        close(d.motorInput, d.shaftPower + d.motorLoss)
        close(d.deliveredPower, d.shaftPower * model.transmission)
        expect(Math.min(d.controllerLoss, d.motorLoss, d.housePower)).toBeGreaterThanOrEqual(0)
      }),
    )
  })
  it('what moves the boat is less than what turns the propeller, and that less than what leaves the pack', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d } = drive(there)
        expect(d.effectivePower).toBeLessThan(d.deliveredPower)
        expect(d.deliveredPower).toBeLessThan(d.packPower)
        close(d.overallEfficiency, d.effectivePower / d.packPower)
      }),
    )
  })
  it('a propeller never beats the ideal disc: efficiency at most 2/(1 + √(1 + C_T))', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model } = drive(there),
          disc = (Math.PI / 4) * model.propulsor.diameter ** 2
        if (model.propulsor.kind === 'jet') return
        const loading = d.thrust / (0.5 * model.water.density * d.advanceSpeed ** 2 * disc)
        expect(d.propellerEfficiency).toBeLessThanOrEqual(2 / (1 + Math.sqrt(1 + loading)))
      }),
    )
  })
  it('torque times angular speed is the power at shaft and propeller alike', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model } = drive(there),
          omega = (d.motorRpm * Math.PI) / 30
        close(d.motorTorque * omega, d.shaftPower)
        close((d.propellerTorque * omega) / model.totalRatio, d.deliveredPower)
        if (model.motor.outcome === 'fitted') close(d.motorLoss, motorLoss(model.motor.losses, d.motorTorque, omega))
      }),
    )
  })
  it('the pack’s volts sag by amps times ohms, and volts times amps are its power', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model, boat } = drive(there)
        if (d.packOutcome === 'tooWeak') return
        close(d.packVoltage, restVoltage(boat.design.pack, there.charge) - d.packCurrent * model.pack.resistance)
        expect((d.packVoltage * d.packCurrent) / d.packPower).toBeCloseTo(1, 9)
      }),
    )
  })
  it('thrust carries the pull and what the propeller draws from the stern', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model, pull } = drive(there)
        close(d.thrust * (1 - model.interaction.thrustDeduction), pull)
      }),
    )
  })
  it('at rest only the house is fed', () => {
    for (const boat of DEMO_BOATS) {
      const d = driveTrain(modelOf(boat), 0, 0)
      expect([d.shaftPower, d.controllerInput, d.thrust]).toEqual([0, 0, 0])
      close(d.packPower, d.housePower)
    }
  })
})

describe('more pull asks for more of everything', () => {
  it('power, amps and torque rise with the pull, and the volts fall', () => {
    fc.assert(
      fc.property(anywhere, fc.double({ min: 1.02, max: 1.6, noNaN: true }), (there, more) => {
        const { d: a, model } = drive(there),
          { d: b } = drive(there, more)
        expect(b.packPower).toBeGreaterThan(a.packPower)
        expect(b.motorTorque).toBeGreaterThan(a.motorTorque)
        expect(b.phaseCurrent).toBeGreaterThan(a.phaseCurrent)
        if (b.packOutcome !== 'tooWeak') expect(b.packVoltage).toBeLessThan(a.packVoltage)
        expect(tightestLimit(limitShares(model, b), 'allDay').share).toBeGreaterThanOrEqual(
          tightestLimit(limitShares(model, a), 'allDay').share,
        )
      }),
    )
  })
  it('the tightest limit is the largest share, and minutes never allow less than all day', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model } = drive(there),
          shares = limitShares(model, d)
        for (const which of ['allDay', 'minutes'] as const) {
          const found = tightestLimit(shares, which)
          expect(found.share).toBe(Math.max(...shares.map(s => s[which])))
          expect(shares.find(s => s.name === found.name)![which]).toBe(found.share)
        }
        for (const s of shares) expect(s.minutes).toBeLessThanOrEqual(s.allDay)
      }),
    )
  })
  it('the pull comes back from the power that it asks for', () => {
    fc.assert(
      fc.property(anywhere, there => {
        const { d, model, speed, pull } = drive(there)
        expect(
          resistanceOfReading(model, { kind: 'battery', speed, value: d.packPower })!.resistance / pull,
        ).toBeCloseTo(1, 3)
      }),
      { numRuns: 60 },
    )
    expect(resistanceOfReading(modelOf(DEMO.tirrick), { kind: 'battery', speed: 2, value: 0 })).toBeNull()
  })
})

describe('energy of a day', () => {
  it('hours and the distance that they make are the same stretch', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 600, max: 1e6, noNaN: true }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        (duration, cruiseSpeed) => {
          const byHours = stretchOf({ stretchKind: 'hours', duration, distance: 0, cruiseSpeed })
          const byDistance = stretchOf({
            stretchKind: 'distance',
            duration: 0,
            distance: byHours.distance,
            cruiseSpeed,
          })
          close(byDistance.duration, duration)
          close(byDistance.distance, byHours.distance)
        },
      ),
    )
  })
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))(
    '%s: needed is power times time, and reserve and what is free make the whole',
    (_, boat) => {
      const model = modelOf(boat),
        cruise = operatingPoint(model, boat.use.cruiseSpeed).drive
      const e = energyBalance(model, cruise)
      close(e.needed, cruise.packPower * e.duration)
      close(e.available + e.reserve, usableAt(model, cruise.packCurrent))
      close(e.reserve, boat.use.reserve * (e.available + e.reserve))
      expect(e.available + e.reserve).toBeLessThanOrEqual(model.pack.usableEnergy + 1e-6)
    },
  )
  it('lead gives less when it is drawn fast, lithium as good as all', () => {
    const of = (chemistry: Project['design']['pack']['cell']['chemistry']) => {
      const boat = DEMO.tirrick
      const model = modelOf(
        withEdits(boat, [
          { path: 'design.pack', value: { ...boat.design.pack, cell: { ...boat.design.pack.cell, chemistry } } },
        ]),
      )
      const share = (hours: number) => usableAt(model, model.pack.capacityAh / hours) / model.pack.usableEnergy
      return { hour: share(1), day: share(20) }
    }
    expect(of('AGM').hour).toBeLessThan(0.8)
    expect(of('AGM').day).toBeCloseTo(1, 2)
    expect(of('LFP').hour).toBeGreaterThan(0.9)
    expect(of('FLOODED').hour).toBeLessThan(of('AGM').hour + 1e-9)
  })
})

describe('what a design costs and weighs', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))(
    '%s: a dearer, heavier motor is in the sums to the euro and the kilogram',
    (_, boat) => {
      const other = withEdits(boat, [
        {
          path: 'design.motor',
          value: { ...boat.design.motor, price: boat.design.motor.price + 111, mass: boat.design.motor.mass + 7 },
        },
      ])
      expect(designPrice(modelOf(other)) - designPrice(modelOf(boat))).toBeCloseTo(111, 6)
      expect(designMass(modelOf(other)) - designMass(modelOf(boat))).toBeCloseTo(7, 6)
    },
  )
  it('only a jet boat pays for the jet', () => {
    for (const boat of DEMO_BOATS) {
      const other = withEdits(boat, [
        {
          path: 'design.jet',
          value: { ...boat.design.jet, price: boat.design.jet.price + 500, mass: boat.design.jet.mass + 20 },
        },
      ])
      const jet = boat.boat.drive.kind === 'jet'
      expect(designPrice(modelOf(other)) - designPrice(modelOf(boat)), boat.name).toBeCloseTo(jet ? 500 : 0, 6)
      expect(designMass(modelOf(other)) - designMass(modelOf(boat)), boat.name).toBeCloseTo(jet ? 20 : 0, 6)
    }
  })
})
