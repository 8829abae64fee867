import { edit } from '../../src/project/definition/projectPath'
import { packFor, sizeRest, voltageChoices } from '../../src/sizing'
import { describe, expect, it } from 'vitest'
import { CHEMISTRIES, packFigures, restVoltage, peukertShare, type Chemistry } from '../../src/battery'
import { continuousTorque, REDUCTION_PRICE, timeFactor } from '../../src/drive'
import { SHIPPED_LIBRARY } from '../../src/parts'
import { SYSTEM_VOLTAGES, DEMO_BOATS, DEMO, withEdits } from '../../src/project'
import { evaluate, modelOf, voltageNeeds } from '../../src/system'
import { cheapestDrives, driveCandidates } from '../../src/sizing/driveCandidates'
import { HIGH_VOLTAGE_COST, packCandidates } from '../../src/sizing/packCandidates'
import { TOUCH_LIMIT } from '../../src/wiring'
import { fillText } from '../../src/units'

const named = DEMO_BOATS.map(b => [b.name, b] as const)
/** The boat with nothing held. */
const free = (boat: (typeof DEMO_BOATS)[number]) =>
  withEdits(
    boat,
    (['motor', 'pack', 'propeller', 'voltage'] as const).map(part => edit(`held.${part}`, false)),
  )

describe('drives that could move a boat', () => {
  it.each(named)('%s: a candidate that holds would hold as the boat’s own, for what it was said to take', (_, boat) => {
    const project = free(boat),
      candidates = driveCandidates(modelOf(project), SHIPPED_LIBRARY)
    const good = candidates.filter(c => c.excess <= 0.97)
    expect(good.length).toBeGreaterThan(0)
    let tried = 0
    for (const c of good.filter((_, i) => i % Math.ceil(good.length / 4) === 0)) {
      const pack = packCandidates(project, c, SHIPPED_LIBRARY)[0]
      if (!pack) continue
      tried++
      const fitted = withEdits(project, [
        { path: 'design.motor', value: c.motor },
        {
          path: 'design.reduction',
          value:
            boat.boat.drive.kind === 'shaft' || c.reduction.kind !== 'direct' ? c.reduction : project.design.reduction,
        },
        { path: 'boat.drive.legRatio', value: c.legRatio },
        { path: 'design.propeller', value: c.propeller },
        { path: 'design.jet', value: c.jet },
        { path: 'design.controller', value: pack.controller },
        { path: 'design.pack', value: pack.pack },
      ])
      const { cruise } = evaluate(fitted, fitted.use.cruiseSpeed)
      // the candidate takes the controller at a round 96.5 %; a small one's own needs weigh more
      expect(Math.abs(cruise.drive.controllerInput - c.cruisePower)).toBeLessThan(0.08 * c.cruisePower + 20)
      expect(cruise.drive.motorTorque).toBeLessThanOrEqual(
        1.02 * continuousTorque(c.motor, (cruise.drive.motorRpm * Math.PI) / 30),
      )
    }
    expect(tried).toBeGreaterThan(0)
  })
  it('keep what is held', () => {
    const boat = withEdits(free(DEMO.tirrick), [
      { path: 'held.motor', value: true },
      { path: 'held.propeller', value: true },
    ])
    for (const c of driveCandidates(modelOf(boat), SHIPPED_LIBRARY)) {
      expect(c.motor.id).toBe(boat.design.motor.id)
      expect(c.propeller).toEqual(boat.design.propeller)
    }
  })
  it.each(named)(
    '%s: of those kept as cheapest none is beaten by a cheaper one in all that it asks, and all others are',
    (_, boat) => {
      const all = driveCandidates(modelOf(free(boat)), SHIPPED_LIBRARY).filter(c => c.excess <= 1),
        kept = cheapestDrives(all)
      const price = (c: (typeof all)[number]) => c.motor.price + REDUCTION_PRICE[c.reduction.kind] + c.jet.price
      const volts = (c: (typeof all)[number]) =>
        [c.motor.leastVoltage, c.motor.greatestVoltage, c.motor.ratedVoltage].join()
      const noDearer = (a: (typeof all)[number], b: (typeof all)[number]) =>
        volts(a) === volts(b) &&
        price(a) <= price(b) &&
        a.cruisePower <= b.cruisePower &&
        a.topPower <= b.topPower &&
        a.cruisePhase <= b.cruisePhase &&
        a.topPhase <= b.topPhase
      for (const c of all) expect(kept.some(k => k === c || noDearer(k, c))).toBe(true)
      for (const k of kept) expect(kept.some(other => price(other) < price(k) && noDearer(other, k))).toBe(false)
    },
  )
})

describe('a pack for a drive', () => {
  it.each(named)(
    '%s: stands between the motor’s volts, gives amps and energy, below the touch limit where the volts allow',
    (_, boat) => {
      const project = free(boat)
      for (const drive of cheapestDrives(
        driveCandidates(modelOf(project), SHIPPED_LIBRARY).filter(c => c.excess <= 1),
      ).slice(0, 5)) {
        for (const d of packCandidates(project, drive, SHIPPED_LIBRARY, { controllers: 'all' })) {
          const pack = packFigures(d.pack),
            rest = restVoltage(d.pack, 0.5)
          /** W at half charge, where the findings judge it too */
          const gives = (amps: number) => amps * (rest - amps * pack.resistance)
          expect(pack.fullVoltage).toBeLessThanOrEqual(d.motor.greatestVoltage)
          if (d.motor.ratedVoltage <= 50) expect(pack.fullVoltage).toBeLessThanOrEqual(TOUCH_LIMIT + 1e-9)
          expect(d.controller.greatestVoltage).toBeGreaterThanOrEqual(pack.fullVoltage)
          const held = (allDay: number, peak: number, seconds: number) =>
            allDay * timeFactor({ allDay, peak, seconds }, project.use.topTime)
          const { phaseCurrent, phaseCurrentPeak, batteryCurrent, batteryCurrentPeak } = d.controller
          expect(held(phaseCurrent, phaseCurrentPeak, 60)).toBeGreaterThanOrEqual(d.topPhase)
          expect(project.boat.drive.count * held(batteryCurrent, batteryCurrentPeak, 60) * rest).toBeGreaterThanOrEqual(
            d.topPower,
          )
          const { current, currentPeak } = d.pack.cell
          expect(gives(d.pack.parallel * held(current, currentPeak, 30))).toBeGreaterThanOrEqual(d.topPower)
          expect(gives(d.pack.parallel * current * (1 - project.use.headroom))).toBeGreaterThanOrEqual(d.cruisePower)
          const chemistry: Chemistry = CHEMISTRIES[d.pack.cell.chemistry],
            hours =
              project.use.stretchKind === 'hours'
                ? project.use.duration
                : project.use.distance / project.use.cruiseSpeed
          const rate = d.cruisePower / (0.98 * rest) / pack.capacityAh
          expect(pack.usableEnergy * peukertShare(chemistry.peukert, rate)).toBeGreaterThanOrEqual(
            (0.99 * d.cruisePower * hours) / (1 - project.use.reserve),
          )
        }
      }
    },
  )
  it('costs what its parts cost, and more where it can kill', () => {
    const project = free(DEMO_BOATS.find(b => b.boat.hullType === 'planing')!)
    const [drive] = cheapestDrives(driveCandidates(modelOf(project), SHIPPED_LIBRARY).filter(c => c.excess <= 1))
    for (const d of packCandidates(project, drive!, SHIPPED_LIBRARY, { controllers: 'all' })) {
      const pack = packFigures(d.pack),
        high = pack.fullVoltage > TOUCH_LIMIT ? HIGH_VOLTAGE_COST : 0
      expect(d.cost).toBeCloseTo(
        d.motor.price + d.controller.price + REDUCTION_PRICE[d.reduction.kind] + pack.price + high,
        6,
      )
    }
  })
  it('of the cells on board is about the pack that carries the day: one string less would not', () => {
    const boat = DEMO.tirrick,
      pack = packFor(boat, boat.design.pack.cell)!
    const balance = (parallel: number) =>
      evaluate(withEdits(boat, [{ path: 'design.pack', value: { ...pack, parallel } }]), boat.use.cruiseSpeed).energy
    expect(balance(pack.parallel).needed).toBeLessThanOrEqual(balance(pack.parallel).available)
    if (pack.parallel > 1)
      expect(balance(pack.parallel - 1).needed).toBeGreaterThan(0.97 * balance(pack.parallel - 1).available)
  })
})

describe('volts side by side', () => {
  const boat = DEMO.tirrick,
    model = modelOf(boat),
    top = evaluate(boat, boat.use.cruiseSpeed).top.drive.packPower
  it('amps go down as volts go up, and the cable with them', () => {
    const needs = SYSTEM_VOLTAGES.map(v => voltageNeeds(model, v))
    needs.forEach((n, i) => expect(n.topCurrent * SYSTEM_VOLTAGES[i]!).toBeCloseTo(top, 6))
    const copper = needs.flatMap(n => (n.run ? [n.run.copper] : []))
    copper.slice(1).forEach((c, i) => expect(c).toBeLessThanOrEqual(copper[i]!))
  })
  it('the cable takes at cruise what amps squared take of its ohms', () => {
    const { run, loss, cruiseCurrent } = voltageNeeds(model, 48)
    expect(loss).toBeCloseTo((run!.drop / run!.current) * cruiseCurrent ** 2, 6)
  })
  it('name what can be had, and mark what could kill', () => {
    const choices = voltageChoices(boat)
    expect(choices.map(c => c.voltage)).toEqual([...SYSTEM_VOLTAGES])
    expect(choices.filter(c => c.fitted).map(c => c.voltage)).toEqual([48])
    for (const c of choices) {
      expect(c.aboveTouch).toBe(c.voltage > 53)
      expect(c.price === null).toBe(c.parts === null)
      if (c.motors === 0) expect(c.strongest).toBe(0)
    }
  })
})

it('every reason of a sizing is a whole sentence, and what is held says so', () => {
  for (const boat of DEMO_BOATS) {
    const sized = sizeRest(boat)
    if (sized.outcome !== 'sized') throw new Error(`${boat.name} finds no design`)
    for (const reason of sized.reasons) expect(fillText(reason.text)).toMatch(/^[^{}]+\.$/)
    for (const reason of sized.reasons.filter(r => r.held)) expect(fillText(reason.text)).toMatch(/ (is|are) held\.$/)
  }
})
