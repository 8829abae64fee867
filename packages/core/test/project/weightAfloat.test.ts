import { describe, expect, it } from 'vitest'
import { DEMO, edit, newProject, typicalAnswers, weightAfloat, withEdits } from '../../src/project'
import { sizeRest } from '../../src/sizing'
import { evaluate, modelOf } from '../../src/system'
import { findingsOf } from '../../src/advice'

const before = withEdits(DEMO.tirrick, [edit('boat.massHolds', 'before'), edit('yard.weights', [])])
describe('weight is part of the answer', () => {
  it('as typed with the new drive it stands; as she was it loses the engine and gains the drive', () => {
    expect(weightAfloat(DEMO.tirrick)).toEqual({ typed: 4600, out: 0, in: 0, mass: 4600 })
    const { out, in: into, mass } = weightAfloat(before)
    expect(out).toBe(DEMO.tirrick.boat.oldEngine.mass)
    expect(mass).toBeCloseTo(4600 - out + into, 9)
    // motor 21, controller 3, belt 9, 16 cells of 280 Ah with their box about 100, charger and cables
    expect(into).toBeGreaterThan(110)
    expect(into).toBeLessThan(170)
    expect(modelOf(before).form.volume / modelOf(DEMO.tirrick).form.volume).toBeCloseTo(mass / 4600, 6)
  })
  it('a larger pack makes her heavier, so that range grows by less than the pack', () => {
    const double = withEdits(before, [edit('design.pack.parallel', 2)])
    const range = (p: typeof before) => evaluate(p, p.use.cruiseSpeed).cruise.distanceLeft
    expect(evaluate(double, 2.4).cruise.drive.packPower).toBeGreaterThan(evaluate(before, 2.4).cruise.drive.packPower)
    expect(range(double) / range(before)).toBeLessThan(2)
    expect(range(double) / range(before)).toBeGreaterThan(1.8)
  })
  it('sizing comes to rest: sized again she gets the same', () => {
    const boat = newProject({ ...typicalAnswers('planing', 6), oldEnginePower: 50_000, massHolds: 'before' }, 'planing')
    const sized = sizeRest(boat)
    if (sized.outcome !== 'sized') throw new Error('no design')
    const once = withEdits(boat, sized.edits),
      again = sizeRest(once)
    if (again.outcome !== 'sized') throw new Error('no design')
    const twice = withEdits(once, again.edits)
    expect(twice.design.motor.id).toBe(once.design.motor.id)
    expect(weightAfloat(twice).mass / weightAfloat(once).mass).toBeCloseTo(1, 2)
  })
  it('an engine of more than the boat is taken for mistyped', () => {
    const odd = withEdits(before, [edit('boat.oldEngine.mass', 5000), edit('boat.mass', 4600)])
    expect(weightAfloat(odd).out).toBeLessThan(0.61 * 4600)
  })
  it('a pack that she cannot carry is told in kilograms', () => {
    const heavy = withEdits(before, [edit('design.pack.parallel', 20)])
    const finding = findingsOf(evaluate(heavy, 2)).findings.find(f => f.rule === 'overloaded')!
    expect(finding.severity).toBe('stop')
    expect(findingsOf(evaluate(before, 2)).findings.some(f => f.rule === 'overloaded')).toBe(false)
  })
})
