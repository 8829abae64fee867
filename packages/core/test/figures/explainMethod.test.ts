import { describe, expect, it } from 'vitest'
import { explainMethod, methodShaftPower } from '../../src/figures'
import { DEMO, DEMO_BOATS } from '../../src/project'
import { evaluate } from '../../src/system'
import { fillText } from '../../src/units'

describe.each(DEMO_BOATS.map(b => [b.name, b] as const))('every method of %s opens its working', (_, boat) => {
  const speed = boat.use.cruiseSpeed,
    e = evaluate(boat, speed)
  it.each(e.point.resistance.methods.map(m => m.id))('%s', method => {
    const working = explainMethod(method, boat, speed),
      at = e.point.resistance.methods.find(m => m.id === method)!
    expect(working.value).toBeCloseTo(methodShaftPower(e, method), 9)
    expect(working.low!).toBeLessThanOrEqual(working.value)
    expect(working.high!).toBeGreaterThanOrEqual(working.value)
    expect(working.source.length).toBeGreaterThan(4)
    expect(fillText(working.holds)).toMatch(at.holds ? /^From .* for this hull/ : /^(Outside|From .* outside)/)
    expect(working.inputs.every(i => Number.isFinite(i.value))).toBe(true)
  })
  // near the end of its range a method fades out: it still has a part in the answer there
  it.runIf(boat.trial.use === 'theory')('the answer of theory lies between the least and the most of them', () => {
    const all = e.point.resistance.methods.map(m => methodShaftPower(e, m.id))
    expect(e.point.drive.shaftPower).toBeGreaterThanOrEqual(Math.min(...all) * (1 - 1e-9))
    expect(e.point.drive.shaftPower).toBeLessThanOrEqual(Math.max(...all) * (1 + 1e-9))
  })
})

it('a method that does not suit the hull is refused with those that do', () => {
  expect(() => explainMethod('savitsky1964', DEMO.tirrick, 2)).toThrow(/delft1998/)
})
