import { describe, expect, it } from 'vitest'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import { SHIPPED_JETS } from '../../src/parts'
import { QUIET_TIPS, seriesPropeller, STOCK_STEP, tipClearance } from '../../src/propulsor'
import {
  bestPitch,
  centreResistance,
  driveTrain,
  greatestShaftSpeed,
  jetChoices,
  judged,
  limitShares,
  modelOf,
  operatingPoint,
  pitchChoices,
  tightestLimit,
  toldLimits,
  bandOf,
  liftAt,
} from '../../src/system'

import { DRIVE_DOUBT } from '../../src/system/curve/plateDoubt'

const yacht = DEMO.tirrick
const jetBoat = DEMO_BOATS.find(b => b.boat.drive.kind === 'jet')!
const screwBoats = DEMO_BOATS.filter(b => b.boat.drive.kind !== 'jet').map(b => [b.name, b] as const)

describe('a pusher tried on a boat', () => {
  it.each(screwBoats)('%s: is judged by the rating used most at the top wished', (_, boat) => {
    const model = modelOf(boat),
      speed = boat.use.topSpeed
    const shares = limitShares(model, driveTrain(model, speed, centreResistance(model, speed)))
    const { tightest, state } = judged(boat)
    // fuse and cable are sized for her: they count only where they are passed
    expect(tightest).toEqual(tightestLimit(toldLimits(shares, 'allDay'), 'allDay'))
    expect(state).toBe(tightest.share <= 1 ? 'fits' : tightestLimit(shares, 'minutes').share <= 1 ? 'caution' : 'stop')
  })
  it('jets of the library: the fitted one marked, one too large for the place never fits', () => {
    const choices = jetChoices(jetBoat)
    expect(choices.map(c => c.jet.id)).toEqual(SHIPPED_JETS.map(j => j.id))
    expect(choices.filter(c => c.fitted).map(c => c.jet.id)).toEqual([jetBoat.design.jet.id])
    const narrow = withEdits(jetBoat, [
      { path: 'boat.drive.greatestDiameter', value: Math.min(...SHIPPED_JETS.map(j => j.impellerDiameter)) },
    ])
    for (const c of jetChoices(narrow))
      if (c.jet.impellerDiameter > narrow.boat.drive.greatestDiameter + 0.001) expect(c.state).toBe('stop')
  })
  it('pitches run fine to coarse by an inch of stock, inside the series, the fitted one as it is', () => {
    const choices = pitchChoices(yacht),
      { diameter, pitch } = yacht.design.propeller
    expect(choices.filter(c => c.fitted).map(c => c.pitch)).toEqual([pitch])
    choices.slice(1).forEach((c, i) => expect(c.pitch).toBeGreaterThan(choices[i]!.pitch))
    for (const c of choices) {
      expect(c.pitch / diameter).toBeGreaterThanOrEqual(0.45)
      expect(c.pitch / diameter).toBeLessThanOrEqual(1.5)
      if (!c.fitted) expect(Math.abs(c.pitch / STOCK_STEP - Math.round(c.pitch / STOCK_STEP))).toBeLessThan(1e-6)
    }
  })
})

describe('the turns that there are', () => {
  it.each(screwBoats)(
    '%s: at them the motor’s volts at rated torque are the pack’s, or it is at its own greatest speed',
    (_, boat) => {
      const model = modelOf(boat)
      if (model.motor.outcome !== 'fitted') throw new Error('a demo motor that cannot be')
      const { motor } = boat.design,
        { resistance, torqueConstant } = model.motor.losses
      const omega = greatestShaftSpeed(boat) * model.totalRatio * 2 * Math.PI
      const torque = motor.ratedPower / ((motor.ratedRpm * Math.PI) / 30)
      const volts = torqueConstant * omega + (resistance * torque) / torqueConstant
      const atEnd = Math.abs(omega - (motor.greatestRpm * Math.PI) / 30) < 1e-6
      if (atEnd) expect(volts).toBeLessThanOrEqual(model.pack.nominalVoltage * 1.000001)
      else expect(volts / model.pack.nominalVoltage).toBeCloseTo(1, 6)
    },
  )
  it('grow with the volts and fall with the reduction', () => {
    expect(
      greatestShaftSpeed(withEdits(yacht, [{ path: 'design.pack.series', value: yacht.design.pack.series + 2 }])),
    ).toBeGreaterThan(greatestShaftSpeed(yacht))
    const slower = withEdits(yacht, [{ path: 'design.reduction', value: { kind: 'belt', ratio: 3 } }])
    expect(greatestShaftSpeed(slower)).toBeLessThan(
      greatestShaftSpeed(withEdits(yacht, [{ path: 'design.reduction', value: { kind: 'belt', ratio: 1.5 } }])),
    )
  })
})

describe('the best pitch', () => {
  it.each(screwBoats)(
    '%s: no stock pitch that the turns allow takes less torque-power for the top wished',
    (_, boat) => {
      const { pitch, limitedBy } = bestPitch(boat),
        model = modelOf(boat),
        { propeller } = boat.design
      const thrust = centreResistance(model, boat.use.topSpeed) / (1 - model.interaction.thrustDeduction),
        va = boat.use.topSpeed * (1 - model.interaction.wakeFraction)
      const powerAt = (p: number) => {
        const { shaftSpeed, torque } = seriesPropeller({
          ...propeller,
          kind: 'fixed',
          efficiencyFactor: null,
          pitch: p,
        }).at(thrust, va, model.water.density)
        return { shaftSpeed, power: 2 * Math.PI * shaftSpeed * torque }
      }
      if (limitedBy === 'series') return
      const best = powerAt(pitch),
        most = greatestShaftSpeed(boat)
      for (const p of [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.3, 1.4].map(ratio => ratio * propeller.diameter)) {
        const other = powerAt(p)
        // a step of stock pitch is worth half a per cent at most here
        if (other.shaftSpeed <= most) expect(other.power / best.power).toBeGreaterThan(0.99)
      }
    },
  )
})

describe('room around the tips', () => {
  it('is the quiet share at the largest propeller, and grows by half of what a smaller one leaves', () => {
    expect(tipClearance(0.4, 0.4)).toBeCloseTo(QUIET_TIPS * 0.4, 12)
    expect(tipClearance(0.4, 0.36) - tipClearance(0.4, 0.4)).toBeCloseTo(0.02, 12)
    expect(tipClearance(0.4, 0.4 * (1 + 2 * QUIET_TIPS) + 0.001)).toBeLessThan(0)
  })
})

describe('the band of a point', () => {
  // one that is measured has a band of its own readings
  it.each(DEMO_BOATS.filter(b => b.log.trips.length === 0).map(b => [b.name, b] as const))(
    '%s: holds the centre; its ends are the drive’s own answer to pulls that leave room for wake and propeller too',
    (_, boat) => {
      const model = modelOf(boat)
      for (const share of [0.4, 0.7, 1]) {
        const speed = share * boat.use.topSpeed,
          p = operatingPoint(model, speed)
        const { centre, sigma } = p.resistance
        const wide = bandOf(centre, Math.hypot(sigma, DRIVE_DOUBT), liftAt(model, speed))
        expect(p.packPowerHigh).toBeCloseTo(driveTrain(model, speed, wide.high).packPower, 6)
        expect(p.packPowerLow).toBeCloseTo(driveTrain(model, speed, wide.low).packPower, 6)
        expect(p.shaftPowerHigh).toBeCloseTo(driveTrain(model, speed, wide.high).shaftPower, 6)
        expect(p.shaftPowerLow).toBeCloseTo(driveTrain(model, speed, wide.low).shaftPower, 6)
        expect(Math.hypot(...Object.values(p.resistance.doubts))).toBeCloseTo(p.resistance.powerSigma, 9)
        expect(p.packPowerLow).toBeLessThan(p.drive.packPower)
        expect(p.packPowerHigh).toBeGreaterThan(p.drive.packPower)
        expect(p.distanceLow).toBeLessThan(p.distanceLeft)
        expect(p.distanceHigh).toBeGreaterThan(p.distanceLeft)
        expect(p.energyPerDistance * speed).toBeCloseTo(p.drive.packPower, 6)
        expect(p.timeLeft * speed).toBeCloseTo(p.distanceLeft, 6)
        expect(p.distanceLow * p.packPowerHigh).toBeCloseTo(p.distanceHigh * p.packPowerLow, 2)
      }
    },
  )
})
