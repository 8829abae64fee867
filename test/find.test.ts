import { describe, expect, it } from 'vitest'
import { checkFindings, DEMO, METRIC_UNITS, SHIPPED_LIBRARY } from '@remigo/core'
import { findEntries } from '../app/find/entries'
import { TERMS } from '../app/find/terms'
import { findIndex } from '../app/find/findIndex'

const entries = findEntries({
  library: SHIPPED_LIBRARY,
  findings: checkFindings(DEMO.tirrick).findings,
  boats: [{ id: 'demo-tirrick', name: 'Tirrick' }],
  units: METRIC_UNITS,
})
const index = findIndex(entries)
const ids = (words: string) => index.find(words).map(e => e.id)

describe('find by everyday words', () => {
  it.each([
    ['prop size', 'field/design.propeller.diameter'],
    ['BMS', 'field/design.wiring.bmsCurrent'],
    ['range', 'figure/distanceLeft'],
    ['amp hours', 'field/design.pack.cell.capacityAh'],
    ['draft', 'field/boat.draught'],
    ['AWG', 'field/design.wiring.mainArea'],
    ['horsepower', 'field/boat.oldEngine.ratedPower'],
    ['shore power', 'field/design.charging.shoreVoltage'],
    ['solar', 'bench/year'],
    ['battery', 'bench/pack'],
    ['bollard pull', 'figure/quayThrust'],
    ['propellor', 'bench/propeller'],
    ['wire gauge', 'field/design.wiring.mainArea'],
    ['units', 'action/units'],
    ['new boat', 'action/start'],
    ['Tirrick', 'boat/demo-tirrick'],
    ['MPPT', 'term/MPPT'],
    ['slip', 'term/Slip'],
    ['stuffing box', 'term/Shaft seal'],
    ['pack 51.2 V 105 Ah', 'part/pack/ostra-pack-48-105'],
  ])('“%s” leads to %s among the first six', (words, id) => expect(ids(words).slice(0, 6)).toContain(id))
  it('words of the trade are explained in one or two sentences', () => {
    for (const [term, , meaning] of TERMS) {
      expect(meaning.length, term).toBeLessThan(140)
      expect(meaning).toMatch(/\.$/)
    }
    expect(TERMS.length).toBeGreaterThan(75)
  })
  it('finds nothing for nothing, and says nothing of nonsense', () => {
    expect(ids('   ')).toEqual([])
    expect(ids('zzqqxx')).toEqual([])
  })
  it('every entry is found by its own title', () => {
    const lost = entries.filter(e => e.kind !== 'part' && !index.find(e.title).some(f => f.title === e.title))
    expect(lost.map(e => e.id)).toEqual([])
  })
})
