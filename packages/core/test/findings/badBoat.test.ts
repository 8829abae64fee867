import { findingsOf } from '../../src/advice'
import { sizeRest } from '../../src/sizing'
import { describe, expect, it } from 'vitest'
import { DEMO, withEdits, type Project } from '../../src/project'
import { evaluate } from '../../src/system'
import type { Fix } from '../../src/findings'

/** A yacht on which a hurried owner has put everything that was cheap. */
const bad = withEdits(DEMO.tirrick, [
  { path: 'held.motor', value: false },
  // nothing was read yet
  { path: 'yard', value: DEMO.osprel.yard },
  { path: 'boat.massUncertainty', value: 0.3 },
  { path: 'boat.drive.torqueLimit', value: 20 },
  { path: 'boat.drive.rpmLimit', value: 600 },
  { path: 'use.headroom', value: 0.3 },
  { path: 'use.topSpeed', value: 3.4 },
  { path: 'use.ambient', value: 330 },
  {
    path: 'design.motor',
    value: {
      ...DEMO.tirrick.design.motor,
      ratedPower: 2500,
      peakPower: 4000,
      insulation: 'B',
      weakerDirection: 'clockwise',
    },
  },
  {
    path: 'design.propeller',
    value: { ...DEMO.tirrick.design.propeller, diameter: 0.44, pitch: 0.62, areaRatio: 0.25 },
  },
  { path: 'design.controller.regenCurrent', value: 400 },
  { path: 'design.pack.chargeVoltage', value: 4 },
])

function click(project: Project, fix: Fix): Project | null {
  const edited = withEdits(project, fix.edits)
  if (!fix.resize) return edited
  const sized = sizeRest(edited)
  return sized.outcome === 'sized' ? withEdits(edited, sized.edits) : null
}
const foundOn = (project: Project) => findingsOf(evaluate(project, project.use.cruiseSpeed))
const weight = (project: Project) => {
  const { counts } = foundOn(project)
  return 100 * counts.stop + 10 * counts.caution + counts.note
}

describe('a deliberately bad design', () => {
  it('collects ten findings and more, several of which stop', () => {
    const { findings, counts } = foundOn(bad)
    expect(findings.length).toBeGreaterThanOrEqual(10)
    expect(counts.stop).toBeGreaterThanOrEqual(4)
    expect(new Set(findings.map(f => f.rule)).size).toBe(findings.length)
  })
  it('is cleared one click at a time: every click makes it better, until nothing stops', () => {
    let boat = bad
    for (let clicks = 0; foundOn(boat).counts.stop > 0; clicks++) {
      expect(clicks).toBeLessThan(40)
      const before = weight(boat)
      const offers = foundOn(boat)
        .findings.flatMap(f => f.fixes.map(fix => click(boat, fix)))
        .filter(b => b !== null)
      const best = offers.reduce((a, b) => (weight(b) < weight(a) ? b : a))
      expect(weight(best)).toBeLessThan(before)
      boat = best
    }
    expect(foundOn(boat).counts.stop).toBe(0)
    expect(foundOn(boat).findings.length).toBeLessThan(foundOn(bad).findings.length / 2)
  })
})
