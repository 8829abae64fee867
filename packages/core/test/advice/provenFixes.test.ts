import { edit } from '../../src/project/definition/projectPath'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Finding } from '../../src/findings'
import {
  SHIPPED_CELLS,
  SHIPPED_CHARGERS,
  chargerNamed,
  panelNamed,
  SHIPPED_CONTROLLERS,
  SHIPPED_MOTORS,
  SHIPPED_PANELS,
  SHIPPED_CHARGE_CONTROLLERS,
  libraryWith,
} from '../../src/parts'
import {
  DEMO_BOATS,
  DEMO,
  HELD_PARTS,
  HELD_PATHS,
  valueAt,
  withEdits,
  type Edit,
  type Project,
} from '../../src/project'
import { findingsOf } from '../../src/advice'
import { evaluate } from '../../src/system'
import { fillText } from '../../src/units'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { foundOn } from '../findings/calmBoats'
import { everyNth, howMany } from '../howMany'

const RANK = { stop: 3, caution: 2, note: 1 }
const stops = (findings: readonly Finding[]) => new Set(findings.filter(f => f.severity === 'stop').map(f => f.rule))

/**
 * What is wrong with the fixes that a boat is offered: each must mend or lessen its finding, add no clash, change
 * something and nothing that is held.
 */
function faults(project: Project): string[] {
  const { findings } = foundOn(project),
    clashes = stops(findings)
  return findings.flatMap(finding =>
    finding.fixes.flatMap(fix => {
      const after = withEdits(project, fix.edits),
        then = foundOn(after).findings,
        still = then.find(f => f.rule === finding.rule),
        named = `${project.name} ${finding.rule}: ${fillText(fix.label)}`
      const better =
        !still ||
        RANK[still.severity] < RANK[finding.severity] ||
        (still.severity === finding.severity && still.measure !== undefined && still.measure < finding.measure!)
      const swapped = HELD_PARTS.filter(
        part =>
          project.held[part] &&
          after.held[part] &&
          HELD_PATHS[part].some(
            path =>
              JSON.stringify(valueAt(project, path)) !== JSON.stringify(valueAt(after, path)) &&
              fix.edits.some(e => e.path === path),
          ),
      )
      return [
        ...(better ? [] : [`${named} mends nothing`]),
        ...(finding.reveals || [...stops(then)].every(rule => clashes.has(rule))
          ? []
          : [`${named} adds a clash: ${[...stops(then)].filter(r => !clashes.has(r)).join()}`]),
        ...(swapped.length ? [`${named} swaps ${swapped.join()}`] : []),
        ...(JSON.stringify(after) === JSON.stringify(project) ? [`${named} changes nothing`] : []),
      ]
    }),
  )
}
/** Findings that matter and offer neither a fix nor a word on what it takes. */
const left = (project: Project) =>
  foundOn(project)
    .findings.filter(f => f.severity !== 'note' && f.fixes.length === 0 && f.need === null)
    .map(f => `${project.name} ${f.rule}`)

describe('what is offered for a finding', () => {
  it('mends or lessens it on every demo boat, adds no clash and swaps nothing that is held', () => {
    for (const boat of DEMO_BOATS) expect([...faults(boat), ...left(boat)]).toEqual([])
  })
  it('does so on the fleet', () => {
    for (const boat of everyNth(SIZED_FLEET, 2)) expect([...faults(boat), ...left(boat)]).toEqual([])
  }, 120_000)
  it('does so on bad designs at random, with any parts held', () => {
    const parts = fc.record({
      boat: fc.constantFrom(...DEMO_BOATS, ...SIZED_FLEET),
      motor: fc.constantFrom(...SHIPPED_MOTORS),
      controller: fc.constantFrom(...SHIPPED_CONTROLLERS),
      cell: fc.constantFrom(...SHIPPED_CELLS),
      charger: fc.constantFrom(...SHIPPED_CHARGERS),
      series: fc.integer({ min: 1, max: 60 }),
      parallel: fc.integer({ min: 1, max: 6 }),
      top: fc.double({ min: 0.6, max: 1.6, noNaN: true }),
      held: fc.subarray(HELD_PARTS),
      banks: fc.integer({ min: 1, max: 3 }),
      panels: fc.option(
        fc.record({
          panel: fc.constantFrom(...SHIPPED_PANELS),
          series: fc.integer({ min: 1, max: 6 }),
          controller: fc.option(fc.constantFrom(...SHIPPED_CHARGE_CONTROLLERS)),
        }),
      ),
    })
    fc.assert(
      fc.property(parts, ({ boat, motor, controller, cell, charger, series, parallel, top, held, banks, panels }) => {
        const edits: Edit[] = [
          { path: 'design.motor', value: motor },
          { path: 'design.controller', value: controller },
          { path: 'design.pack', value: { ...boat.design.pack, cell, series, parallel } },
          { path: 'design.charging.charger', value: charger },
          { path: 'design.banks.count', value: banks },
          { path: 'use.topSpeed', value: top * boat.use.topSpeed },
          ...HELD_PARTS.map(part => edit(`held.${part}`, held.includes(part))),
          ...(panels ? [edit('design.solar', { ...boat.design.solar, ...panels, parallel: 1, fitted: true })] : []),
        ]
        const bad = withEdits(boat, edits)
        expect([...faults(bad), ...left(bad)]).toEqual([])
      }),
      { numRuns: howMany(12, 40) },
    )
  }, 180_000)
})

describe('nothing of the owner’s is swapped unseen', () => {
  const boat = withEdits(DEMO.osprel, [])
  const mine = {
    ...panelNamed('helle-180'),
    id: 'own/200',
    name: 'My 200 W',
    power: 200,
    voltage: 40,
    current: 5,
    openVoltage: 47,
    shortCurrent: 5.4,
  }
  it('panels that are fitted are wired otherwise or get another controller; they stay', () => {
    const bad = withEdits(boat, [
      { path: 'design.solar', value: { ...boat.design.solar, panel: mine, series: 6, parallel: 1 } },
    ])
    const finding = foundOn(bad).findings.find(f => f.rule === 'panelVolts')!
    expect(finding.fixes.length).toBeGreaterThan(0)
    for (const fix of finding.fixes) {
      const { solar } = withEdits(bad, fix.edits).design
      expect(solar.panel).toBe(mine)
    }
  })
  it('a fitting charger of the owner’s own is offered as soon as the library has it', () => {
    const bad = withEdits(DEMO.tirrick, [
      { path: 'design.charging.charger', value: chargerNamed('pallan-12-25') },
      { path: 'design.pack.series', value: 9 },
      { path: 'design.pack.chargeVoltage', value: 3.45 },
    ])
    const own = {
      ...chargerNamed('pallan-12-25'),
      id: 'own/27',
      name: 'My 30 V charger',
      leastVoltage: 20,
      greatestVoltage: 31.5,
      power: 3000,
      current: 90,
      inputCurrent: 14,
      listens: true,
    }
    const offered = findingsOf(evaluate(bad, bad.use.cruiseSpeed), libraryWith({ charger: [own] })).findings.find(
      f => f.rule === 'chargerWindow',
    )
    expect(offered?.fixes.map(f => fillText(f.label))).toContain('My 30 V charger')
  })
})
