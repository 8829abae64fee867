import { describe, expect, it } from 'vitest'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { findingsOf } from '../../src/advice'
import { DEMO, edit, withEdits, type Edit, type Project } from '../../src/project'
import { cellNamed, chargerNamed } from '../../src/parts'
import { evaluate } from '../../src/system'
import { fillText } from '../../src/units'
import { howMany } from '../howMany'

/** What an owner may have already, good for her or not. */
const OWNED: [string, (boat: Project) => Edit[]][] = [
  [
    'sixteen blocks and no more',
    () => [edit('design.banks.owned', 16), edit('design.pack.series', 16), edit('design.pack.parallel', 1)],
  ],
  [
    'a motor that is too small',
    ({ design }) => [
      edit('held.motor', true),
      edit('design.motor', {
        ...design.motor,
        ratedPower: design.motor.ratedPower / 3,
        peakPower: design.motor.peakPower / 3,
      }),
    ],
  ],
  [
    'a charger for other volts',
    () => [edit('design.charging.charger', chargerNamed('pallan-12-25')), edit('held.charger', true)],
  ],
  [
    'panels for another controller',
    () => [edit('design.solar', { ...DEMO.osprel.design.solar, fitted: true, series: 9, parallel: 1 })],
  ],
  [
    'a wish three times as fast',
    ({ use }) => [
      edit('use.cruiseSpeed', Math.min(18, 3 * use.cruiseSpeed)),
      edit('use.topSpeed', Math.min(20, 3 * use.topSpeed)),
    ],
  ],
  [
    'cells that give little',
    () => [
      edit('design.pack.cell', { ...cellNamed('ostra-lfp-280'), current: 20, currentPeak: 30 }),
      edit('held.pack', true),
    ],
  ],
]
/** A few of every kind: their findings are proven on the whole boat. */
const BOATS = SIZED_FLEET.filter((_, i) => i % howMany(8, 4) === 0)

describe('a cure is what an owner of that boat could do', () => {
  it.each(OWNED)(
    '%s',
    (_, edits) => {
      for (const boat of BOATS) {
        const her = withEdits(boat, edits(boat)),
          { use, design, held } = her
        for (const finding of findingsOf(evaluate(her, 1))
          .findings.filter(f => f.severity === 'stop')
          .slice(0, 4))
          for (const fix of finding.fixes) {
            const then = withEdits(her, fix.edits),
              said = `${boat.name}, ${finding.rule}: ${fillText(fix.label)}`
            expect(fillText(fix.label).length, said).toBeGreaterThan(3)
            // what he has stays his, unless the cure says that he lets it go
            if (design.banks.owned !== null) {
              expect(then.design.pack.cell.id, said).toBe(design.pack.cell.id)
              expect(then.design.pack.series * then.design.pack.parallel, said).toBeLessThanOrEqual(design.banks.owned)
            }
            for (const part of ['motor', 'pack', 'charger'] as const)
              if (held[part] && then.held[part])
                expect(
                  part === 'charger'
                    ? then.design.charging.charger.id
                    : part === 'motor'
                      ? then.design.motor.id
                      : then.design.pack.cell.id,
                  said,
                ).toBe(
                  part === 'charger'
                    ? design.charging.charger.id
                    : part === 'motor'
                      ? design.motor.id
                      : design.pack.cell.id,
                )
              else if (held[part]) expect(fillText(fix.label), said).toContain('Let go')
            // no other boat's use
            if (
              finding.rule !== 'rangeShort' &&
              finding.rule !== 'topBeyondHull' &&
              !/top|Top|Cruise/.test(fillText(fix.label))
            )
              expect(then.use.cruiseSpeed, said).toBeGreaterThanOrEqual(0.59 * use.cruiseSpeed)
            // oars are for what two people row
            if (then.use.wayHome === 'oars' && use.wayHome !== 'oars')
              expect(boat.boat.mass, said).toBeLessThanOrEqual(1000)
            // panels that are there stay, and give something
            if (
              design.solar.fitted &&
              finding.rule === 'panelVolts' &&
              then.design.solar.panel.id === design.solar.panel.id &&
              then.design.solar.controller?.id === design.solar.controller?.id
            )
              expect(then.design.solar.series * then.design.solar.parallel, said).toBe(
                design.solar.series * design.solar.parallel,
              )
          }
      }
    },
    300_000,
  )
})
