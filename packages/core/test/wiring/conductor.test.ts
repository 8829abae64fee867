import { describe, expect, it } from 'vitest'
import table from '../../data/electrical.json'
import { awgDiameter } from '../../src/units'
import { conductorResistance, COPPER } from '../../src/wiring'

const gaugeOf = (name: string) => (name.endsWith('/0') ? 1 - Number(name[0]) : Number(name))

describe('wire arithmetic', () => {
  it('one AWG step is a factor 1.1229 in diameter (ASTM B258)', () => {
    expect(awgDiameter(9) / awgDiameter(10)).toBeCloseTo(1.1229, 4)
    expect(awgDiameter(36)).toBeCloseTo(0.127e-3, 9)
  })
  it.each(table.awg.rows.map(r => r as [string, number, number]))(
    'AWG %s has %f mm² and %f Ω/km',
    (name, area, ohms) => {
      const computed = (Math.PI / 4) * (awgDiameter(gaugeOf(name)) * 1000) ** 2
      expect(Math.abs(computed / area - 1)).toBeLessThan(1e-3)
      expect(Math.abs(conductorResistance(1000, computed) / ohms - 1)).toBeLessThan(1e-3)
    },
  )
  it('warm copper: (234.5 + T2)/(234.5 + T1)', () => {
    expect(conductorResistance(10, 35, 80) / conductorResistance(10, 35, 20)).toBeCloseTo(
      (234.5 + 80) / (234.5 + 20),
      3,
    )
    expect(COPPER.resistivity).toBe(table.copper.resistivity_ohm_m_20C)
  })
})
