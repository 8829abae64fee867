import { cellResistances, CELL_LIMITS, cellSpread, lastCells } from '../../../build'
import { cellVolts } from '../../../units'
import type { Rule } from '../../finding'

/** Cells of which one is not like the others. */
export const cellsApart: Rule = {
  part: 'pack',
  checks: 'The cells are alike, at rest and under load',
  source: 'Spread 20 mV at rest, 50 mV under load; resistance 30 % above the median (common practice)',
  check({ model: { project } }) {
    const { cells } = project.yard
    if (cells.length === 0) return null
    const weak = cellResistances(cells)?.filter(c => c.weak) ?? []
    for (const kind of ['load', 'rest'] as const) {
      const row = lastCells(cells, kind),
        spread = row && cellSpread(row.volts),
        { most } = CELL_LIMITS[kind]
      if (!spread || spread.spread <= most) continue
      const where = kind === 'rest' ? 'at rest' : 'under load'
      return {
        severity: spread.spread > 3 * most ? 'stop' : 'caution',
        title: `cells apart ${where}`,
        amount: { text: '{s}', params: { s: cellVolts(spread.spread) } },
        sentence: {
          text:
            `Cell ${spread.least.cell} is {s} below cell ${spread.most.cell} ${where}; up to {m} is accepted. ` +
            'It ends the pack early.',
          params: { s: cellVolts(spread.spread), m: cellVolts(most) },
        },
        measure: spread.spread,
        fixes: [],
        need: { text: `Balance at the top, then look at the links of cell ${spread.least.cell}, then change it.` },
      }
    }
    const first = weak[0]
    if (!first) return null
    return {
      severity: 'caution',
      title: 'a weak cell or joint',
      amount: { text: `cell ${first.cell}` },
      sentence: {
        text:
          `Cell ${first.cell} has ${first.times.toFixed(1)} times the resistance of the middle one: a weak cell, ` +
          'or its link.',
      },
      measure: first.times,
      fixes: [],
      need: { text: 'Clean and torque its links, read again under load.' },
    }
  },
}
