import { edit, type Edit } from '../../src/project/definition/projectPath'
import { packFor, sizeRest } from '../../src/sizing'
import { findingsOf } from '../../src/advice'
import { checkFindings } from '../../src/findings'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { GRAVITY, KNOT } from '../../src/constants'
import { DEMO_BOATS, newProject, projectSchema, typicalAnswers, withEdits, type Project } from '../../src/project'
import {
  curveSpeeds,
  evaluate,
  hullResistance,
  limitShares,
  lowSpeedDoubt,
  methodCurves,
  modelOf,
  motorEnvelope,
  operatingPoint,
  payoffSpeed,
  pitchChoices,
  powerCurve,
  stretchOf,
  topSpeed,
} from '../../src/system'
import { cellNamed } from '../../src/parts'

const [yacht, launch] = DEMO_BOATS as [Project, Project]
const sized = (project: Project) => {
  const s = sizeRest(project)
  if (s.outcome !== 'sized') throw new Error(s.text.text)
  return withEdits(project, s.edits)
}

describe('the chain balances', () => {
  it('energy: from the pack to the water every loss is accounted for', () => {
    for (const project of DEMO_BOATS) {
      for (const p of powerCurve(project, 12)) {
        const d = p.drive,
          m = modelOf(project)
        expect(d.packPower).toBeCloseTo(d.controllerInput + d.housePower, 6)
        expect(d.controllerInput).toBeCloseTo(d.motorInput + d.controllerLoss, 6)
        expect(d.motorInput).toBeCloseTo(d.shaftPower + d.motorLoss, 6)
        expect(d.deliveredPower).toBeCloseTo(d.shaftPower * m.transmission, 6)
        expect(d.effectivePower).toBeCloseTo(p.resistance.centre * p.speed, 9)
        expect(d.thrust * (1 - m.interaction.thrustDeduction)).toBeCloseTo(p.resistance.centre, 6)
        // PE/PD = ηH ηO ηR
        const hull = (1 - m.interaction.thrustDeduction) / (1 - m.interaction.wakeFraction)
        expect(d.effectivePower / d.deliveredPower).toBeCloseTo(
          hull * d.propellerEfficiency * m.interaction.relativeRotative,
          6,
        )
        if (d.packOutcome === 'carries') expect(d.packCurrent * d.packVoltage).toBeCloseTo(d.packPower, 4)
        expect(d.motorRpm / 60).toBeCloseTo(d.shaftSpeed * m.totalRatio, 9)
      }
    }
  })
  it('at rest only the house draws', () => {
    const { drive } = operatingPoint(modelOf(yacht), 0)
    expect(drive.packPower).toBe(drive.housePower)
    expect(drive.motorRpm).toBe(0)
  })
  it('refuses a speed that is none', () => {
    expect(() => operatingPoint(modelOf(yacht), Number.NaN)).toThrow(/speed/)
    expect(() => evaluate(yacht, 99)).toThrow(/speed/)
  })
})

describe('measured boats (handbook/05: common practice, owner-measured, ± 10 %)', () => {
  const fromDimensions = (length: number, over: Partial<ReturnType<typeof typicalAnswers>>, told: Edit[] = []) =>
    sized(withEdits(newProject({ ...typicalAnswers('keelYacht', length), ...over }, 'measured'), told))
  const large = fromDimensions(11, { mass: 10_000 }),
    // a direct drive, as is told of her
    small = fromDimensions(7.6, {}, [
      edit('design.reduction', { kind: 'direct', ratio: 1 }),
      edit('held.reduction', true),
    ])
  it.each<[string, Project, number, number]>([
    ['11 m, 10 t', large, 5.3, 6.2],
    ['11 m, 10 t', large, 6.6, 14],
    ['7.6 m', small, 7.5 / 1.852, 1],
    ['7.6 m', small, 8.5 / 1.852, 1.5],
    ['7.6 m', small, 9.5 / 1.852, 2],
    ['7.6 m', small, 10.5 / 1.852, 2.9],
  ])('%s from its dimensions alone: the band at %3$f kn holds %4$f kW', (_, project, knots, kW) => {
    const p = operatingPoint(modelOf(project), knots * KNOT)
    expect(p.froude).toBeGreaterThan(0.25)
    expect(p.packPowerLow / 1000).toBeLessThan(kW)
    expect(p.packPowerHigh / 1000).toBeGreaterThan(kW)
  })
  // measured in calm water: without the margin for the sea, the bottom and the propeller unknown as they were; what was
  // read with some stream (5.3 kn) is no measure of a centre, and her top with the old propeller (14 kW at 6.6 kn,
  // where we say 10.5 with one that suits) is inside the band alone
  it.each<[string, Project, number, number]>([
    ['11 m, 10 t', large, 4.4, 2.4],
    ['7.6 m', small, 7.5 / 1.852, 1],
    ['7.6 m', small, 8.5 / 1.852, 1.5],
    ['7.6 m', small, 9.5 / 1.852, 2],
    ['7.6 m', small, 10.5 / 1.852, 2.9],
  ])('%s in calm water: the centre at %3$f kn is within a quarter of %4$f kW', (_, project, knots, kW) => {
    const calm = withEdits(project, [edit('use.seaMargin', 0)])
    const { froude, drive } = operatingPoint(modelOf(calm), knots * KNOT)
    expect(froude).toBeGreaterThan(0.2)
    expect(Math.abs(drive.packPower / 1000 / kW - 1)).toBeLessThan(0.25)
  })
  it('below Fn 0.25 the band owns up to twice the centre', () => {
    expect(lowSpeedDoubt(0.3)).toBe(1)
    expect(lowSpeedDoubt(0.1)).toBe(2)
    for (const [project, knots, kW] of [
      [large, 3, 0.82],
      [large, 4.4, 2.4],
      [small, 5 / 1.852, 0.5],
    ] as const) {
      expect(operatingPoint(modelOf(project), knots * KNOT).packPowerHigh / 1000).toBeGreaterThan(kW)
    }
  })
})

describe('properties of the boat', () => {
  const boats = fc
    .record({
      type: fc.constantFrom('keelYacht', 'displacementLaunch'),
      length: fc.double({ min: 5.5, max: 16, noNaN: true }),
      drive: fc.constantFrom<'shaft' | 'sailDrive'>('shaft', 'sailDrive'),
      heavy: fc.double({ min: 0.6, max: 1.6, noNaN: true }),
      beam: fc.double({ min: 0.85, max: 1.2, noNaN: true }),
      fn: fc.double({ min: 0, max: 0.5, noNaN: true }),
      condition: fc.constantFrom('unknown', 'clean', 'slime', 'weed', 'barnacles'),
    })
    .map(({ type, length, drive, heavy, beam, fn, condition }) => {
      const t = typicalAnswers(type, length)
      const project = newProject({ ...t, drive, mass: t.mass * heavy, beam: t.beam * beam }, 'random')
      return {
        project: withEdits(project, [{ path: 'use.hullCondition', value: condition }]),
        speed: fn * Math.sqrt(GRAVITY * length),
      }
    })
  it('nothing is ever NaN', () => {
    fc.assert(
      fc.property(boats, ({ project, speed }) => {
        const { point, cruise, top, energy } = evaluate(project, speed)
        for (const p of [point, cruise, top])
          for (const v of Object.values(p.drive)) if (typeof v === 'number') expect(v).not.toBeNaN()
        for (const v of Object.values(energy)) expect(Number.isFinite(v)).toBe(true)
        expect(point.resistance.low).toBeLessThanOrEqual(point.resistance.centre)
        expect(point.resistance.high).toBeGreaterThanOrEqual(point.resistance.centre)
      }),
      { numRuns: 150 },
    )
  })
  it('a heavier or fouler boat is no easier to move', () => {
    fc.assert(
      fc.property(boats, ({ project, speed }) => {
        const pull = (edits: Edit[]) => hullResistance(modelOf(withEdits(project, edits)), speed)
        const same = pull([])
        // a heavier boat may leave one method's range for another's, so methods are compared one by one
        const heavier = pull([{ path: 'boat.mass', value: project.boat.mass * 1.1 }])
        same.methods.forEach((m, i) => expect(heavier.methods[i]!.value).toBeGreaterThanOrEqual(m.value * 0.97))
        const clean = pull([{ path: 'use.hullCondition', value: 'clean' }]),
          foul = pull([{ path: 'use.hullCondition', value: 'barnacles' }])
        expect(foul.centre).toBeGreaterThanOrEqual(clean.centre)
      }),
      { numRuns: 100 },
    )
  })
})

describe('top speed', () => {
  it('is where the tightest rating is just met, and never faster all day than for minutes', () => {
    for (const project of DEMO_BOATS.map(sized)) {
      const model = modelOf(project),
        allDay = topSpeed(model, 'allDay'),
        minutes = topSpeed(model, 'minutes')
      if (allDay.outcome !== 'limited' || minutes.outcome === 'none') throw new Error('expected a limit')
      const shares = limitShares(model, operatingPoint(model, allDay.speed).drive)
      expect(Math.max(...shares.map(s => s.allDay))).toBeCloseTo(1, 2)
      expect(minutes.speed).toBeGreaterThanOrEqual(allDay.speed - 1e-3)
    }
  })
  it('says when even a crawl is too much', () => {
    const weak = withEdits(yacht, [
      { path: 'design.pack.cell', value: { ...yacht.design.pack.cell, current: 1e-3, currentPeak: 2e-3 } },
    ])
    expect(topSpeed(modelOf(weak), 'allDay')).toMatchObject({ outcome: 'none', by: 'packAmps' })
  })
})

describe('sizing the rest', () => {
  it.each(DEMO_BOATS.map(p => [p.name, p] as const))(
    '%s: leaves no stop, keeps what is held, carries the use with headroom',
    (_, project) => {
      const design = sized(project),
        e = evaluate(design, project.use.cruiseSpeed)
      expect(findingsOf(e).counts.stop).toBe(0)
      if (project.held.motor) expect(design.design.motor).toBe(project.design.motor)
      if (project.held.propeller) expect(design.design.propeller).toBe(project.design.propeller)
      expect(e.energy.available).toBeGreaterThanOrEqual(e.energy.needed)
      expect(e.cruise.drive.continuousShare).toBeLessThanOrEqual(1 - project.use.headroom + 0.02)
      expect(
        project.boat.drive.kind === 'jet' ? design.design.jet.impellerDiameter : design.design.propeller.diameter,
      ).toBeLessThanOrEqual(Math.max(project.boat.drive.greatestDiameter, project.held.propeller ? 9 : 0) + 1e-9)
      expect(projectSchema.safeParse(design).success).toBe(true)
    },
  )
  it.each(['motor', 'pack', 'propeller', 'voltage'] as const)('holds the %s and sizes around it', part => {
    const base = sized(withEdits(yacht, [{ path: 'held.motor', value: false }]))
    const held = withEdits(base, [{ path: `held.${part}`, value: true }])
    const again = sized(held)
    if (part === 'voltage') expect(again.design.systemVoltage).toBe(base.design.systemVoltage)
    else expect(again.design[part]).toBe(base.design[part])
  })
  it('gives a reason for every part', () => {
    const s = sizeRest(launch)
    expect(s.outcome === 'sized' && s.reasons.map(r => r.part)).toEqual([
      'motor',
      'reduction',
      'propeller',
      'controller',
      'voltage',
      'pack',
    ])
    expect(s.outcome === 'sized' && s.reasons.find(r => r.part === 'propeller')!.held).toBe(true)
  })
  it('designs with what is held though it is too weak, and says by how much', () => {
    const tiny = withEdits(yacht, [
      { path: 'design.motor', value: { ...yacht.design.motor, ratedPower: 200, peakPower: 300, noLoadCurrent: 0.1 } },
    ])
    const s = sizeRest(tiny)
    expect(s.outcome === 'sized' && s.short?.text).toMatch(/^With the motor held: /)
    // the figure of what is short is that of the finding beside it
    const found = s.outcome === 'sized' ? checkFindings(withEdits(tiny, s.edits)).findings : []
    expect(found.map(f => f.sentence.params)).toContainEqual(s.outcome === 'sized' && s.short?.params)
  })
  it('finds a design for typical boats of every size from their ten answers', () => {
    for (const type of ['keelYacht', 'displacementLaunch'] as const)
      for (const length of [6, 8, 10, 12, 15]) {
        const design = sized(newProject(typicalAnswers(type, length), 'x'))
        expect(findingsOf(evaluate(design, 2)).counts.stop, `${type} ${length} m`).toBe(0)
      }
  })
})

describe('curve and bench figures', () => {
  it('runs from half a knot to beyond hull speed', () => {
    const speeds = curveSpeeds(yacht),
      e = evaluate(yacht, 2)
    expect(speeds[0]! / KNOT).toBeCloseTo(0.5, 9)
    expect(speeds.at(-1)!).toBeGreaterThan(e.hullSpeed)
    const points = powerCurve(yacht)
    points.reduce((a, b) => {
      expect(b.drive.packPower).toBeGreaterThan(a.drive.packPower)
      return b
    })
    const curves = methodCurves(yacht, points)
    expect(curves.map(c => c.id)).toEqual(modelOf(yacht).methods.map(m => m.method.id))
    expect(curves[1]!.holds.some(Boolean)).toBe(false)
  })
  it('names where speed stops paying, at or below hull speed where the wave holds her', () => {
    for (const project of DEMO_BOATS) {
      const payoff = payoffSpeed(modelOf(project))
      if (modelOf(project).hullType.waveBound)
        expect(payoff.speed).toBeLessThanOrEqual(evaluate(project, 2).hullSpeed + 1e-9)
      expect(payoff.effectivePower).toBeGreaterThan(0)
    }
  })
  it('gives hours from a distance and the reverse', () => {
    expect(stretchOf({ stretchKind: 'distance', duration: 0, distance: 18_000, cruiseSpeed: 2.5 }).duration).toBe(7200)
  })
  it('tries stock pitches around the fitted one, coarser turning slower', () => {
    const rows = pitchChoices(yacht),
      turns = (p: Project) => operatingPoint(modelOf(p), p.use.topSpeed).drive.shaftSpeed
    expect(rows.filter(r => r.fitted)).toHaveLength(1)
    rows.reduce((a, b) => {
      expect(turns(b.project)).toBeLessThan(turns(a.project))
      return b
    })
  })
  it('cuts the motor’s torque where the volts end', () => {
    const envelope = motorEnvelope(yacht, powerCurve(yacht))
    expect(envelope.allDay[0]).toBeCloseTo(
      yacht.design.motor.ratedPower / ((yacht.design.motor.ratedRpm * 2 * Math.PI) / 60),
      6,
    )
    expect(envelope.allDay.at(-1)).toBe(0)
  })
  it('builds a pack of other cells that carries the use', () => {
    const pack = packFor(yacht, cellNamed('ostra-lfp-105'))!
    const e = evaluate(withEdits(yacht, [{ path: 'design.pack', value: pack }]), 2)
    expect(e.energy.available).toBeGreaterThanOrEqual(e.energy.needed)
  })
})
