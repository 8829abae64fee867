import { describe, expect, it } from 'vitest'
import { GRAVITY, KNOT } from '../../src/constants'
import { DEMO, newProject, typicalAnswers, withEdits } from '../../src/project'
import { evaluate, humpOf, modelOf, operatingPoint, planingReading, powerCurve, readCurve } from '../../src/system'
import { fillText } from '../../src/units'

const yacht = DEMO.tirrick
const runabout = newProject({ ...typicalAnswers('planing', 6), cruiseSpeed: 18 * KNOT }, 'fast')
const reading = (project: typeof yacht) => {
  const e = evaluate(project, project.use.cruiseSpeed)
  return readCurve(e.model, powerCurve(project), e.payoff, e.cruise)
}
const words = (project: typeof yacht) =>
  reading(project)
    .sentences.map(s => fillText(s))
    .join(' ')

describe('the curve in words', () => {
  it('tells knee and cheapest mile, and changes with the boat', () => {
    expect(words(yacht)).toMatch(/knee at .*kn/)
    expect(words(yacht)).toMatch(/A mile is cheapest at/)
    const fast = withEdits(yacht, [{ path: 'use.cruiseSpeed', value: 7 * KNOT }])
    expect(words(fast)).toMatch(/beyond the knee/)
  })
  it('the cheapest mile is the least of the curve', () => {
    const least = Math.min(...powerCurve(yacht).map(p => p.energyPerDistance))
    expect(reading(yacht).cheapest.energyPerDistance).toBe(least)
  })
  it('explains methods that disagree by more than half', () => {
    expect(words(DEMO.osprel)).toMatch(/asks 2\..* times what .* asks\. One holds weather/)
  })
  it('warns of shallow water', () => {
    expect(words(withEdits(yacht, [{ path: 'boat.waterDepth', value: 1 }]))).toMatch(/the bottom is felt/)
  })
  it('finds the hump of a boat that planes, none of a yacht', () => {
    expect(reading(yacht).hump).toBeNull()
    expect(humpOf(powerCurve(yacht))).toBeNull()
    const hump = reading(runabout).hump!
    // between FnV 1 and 2, where the bow has come up and lift does not carry yet (common practice)
    const volumeFroude = hump.speed / Math.sqrt(GRAVITY * Math.cbrt(modelOf(runabout).form.volume))
    expect(volumeFroude).toBeGreaterThan(1)
    expect(volumeFroude).toBeLessThan(2)
    expect(words(runabout)).toMatch(/does not get over it/)
  })
})

describe('on the plane', () => {
  it('has trim, wetted length and the pack’s lever', () => {
    const p = planingReading(modelOf(runabout), 18 * KNOT)!
    expect((p.trim * 180) / Math.PI).toBeGreaterThan(2)
    expect((p.trim * 180) / Math.PI).toBeLessThan(10)
    expect(p.trimForward).toBeLessThan(p.trim)
    expect(p.trimAft).toBeGreaterThan(p.trim)
    expect(p.keelLength).toBeGreaterThan(p.chineLength)
  })
  it('is silent for a yacht and below its range', () => {
    expect(planingReading(modelOf(yacht), 3)).toBeNull()
    expect(planingReading(modelOf(runabout), 1)).toBeNull()
  })
  it('shallow water costs more at one speed', () => {
    const shallow = withEdits(yacht, [{ path: 'boat.waterDepth', value: 2 }])
    expect(operatingPoint(modelOf(shallow), 2.6).resistance.centre).toBeGreaterThan(
      operatingPoint(modelOf(yacht), 2.6).resistance.centre,
    )
  })
})
