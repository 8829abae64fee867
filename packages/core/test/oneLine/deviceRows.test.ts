import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deviceRows, oneLine } from '../../src/oneLine'
import { DEMO_BOATS, withEdits } from '../../src/project'
import { fillText } from '../../src/units'

describe('words in a device’s box', () => {
  it('go on in the next row, and are cut only where there is none', () => {
    expect(deviceRows(['230 V, 16 A', 'residual-current breaker'])).toEqual([
      '230 V, 16 A',
      'residual-current',
      'breaker',
    ])
    expect(deviceRows(['12 V, keeps lights, pump and radio'])).toEqual(['12 V, keeps lights,', 'pump and radio'])
    expect(deviceRows(['A controller of a very long name indeed', '36 V to 62 V'])).toEqual([
      'A controller of a very',
      'long name indeed',
      '36 V to 62 V',
    ])
    expect(deviceRows(['16 in series', 'Cells of a very long name indeed', '51.2 V, 230 Ah'])).toEqual([
      '16 in series',
      'Cells of a very long',
      'name indeed',
    ])
    expect(deviceRows(['A controller of a very long name that goes on and on and on, row by row'])).toEqual([
      'A controller of a very',
      'long name that goes on',
      'and on and on, row by…',
    ])
    expect(deviceRows([])).toEqual([])
  })
  it('are three rows at most, none wider than the box, whatever the words', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 60 }), { maxLength: 4 }), lines => {
        const rows = deviceRows(lines)
        expect(rows.length).toBeLessThanOrEqual(3)
        for (const row of rows) expect(row.length).toBeLessThanOrEqual(23)
      }),
    )
  })
  it('of every demo boat stand whole: no word that Remigo prints is cut', () => {
    const everything = (boat: (typeof DEMO_BOATS)[number]) =>
      withEdits(boat, [
        { path: 'design.charging.supply', value: 'generator' },
        { path: 'design.solar.fitted', value: true },
        { path: 'design.wiring.fitted.insulationWatch', value: true },
        { path: 'design.wiring.fitted.galvanicIsolator', value: true },
      ])
    for (const boat of DEMO_BOATS)
      for (const device of oneLine(everything(boat)).devices) {
        const rows = deviceRows(device.lines.map(line => fillText(line)))
        expect(
          rows.filter(row => row.endsWith('…')),
          `${boat.name}: ${device.label}`,
        ).toEqual([])
      }
  })
})
