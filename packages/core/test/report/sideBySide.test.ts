import { describe, expect, it } from 'vitest'
import { DEMO, DEMO_BOATS, edit, withEdits } from '../../src/project'
import { readFigure } from '../../src/figures'
import { sideBySide, type SideRow } from '../../src/report'
import { evaluate } from '../../src/system'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const yacht = DEMO.tirrick
const rowOf = (rows: SideRow[], id: string) => rows.find(r => r.id === id)!

describe('boats side by side', () => {
  it('a boat beside itself differs in nothing', () => {
    for (const row of sideBySide([yacht, yacht])) expect(row.apart, row.id).toBe(0)
  })
  it('a variant with twice the cells: the pack differs, the hull does not, and differences stand first', () => {
    const variant = withEdits(yacht, [edit('design.pack.parallel', 2 * yacht.design.pack.parallel)]),
      rows = sideBySide([yacht, variant])
    expect(rowOf(rows, 'packEnergy').apart).toBeCloseTo(0.5, 6)
    expect(rowOf(rows, 'hull').apart).toBe(0)
    expect(rowOf(rows, 'motor').apart).toBe(0)
    const apart = rows.map(r => r.apart)
    expect(apart).toEqual([...apart].sort((a, b) => b - a))
  })
  it('reads the very figures of each boat at her own cruise', () => {
    const boats = [DEMO.osprel, DEMO.lodden, DEMO.halcyne],
      rows = sideBySide(boats)
    boats.forEach((boat, i) => {
      const e = evaluate(boat, boat.use.cruiseSpeed)
      for (const id of ['cruiseRange', 'cruisePower', 'designPrice'] as const)
        expect(rowOf(rows, id).values[i]).toEqual(readFigure(id, e))
    })
  })
  it('holds for any two of the boats', () => {
    const all = [...DEMO_BOATS, ...SIZED_FLEET]
    all.forEach((boat, i) => {
      for (const row of sideBySide([boat, all[(i + 7) % all.length]!])) {
        expect(row.apart).toBeGreaterThanOrEqual(0)
        expect(row.apart).toBeLessThanOrEqual(1)
        for (const v of row.values) if (v !== null && typeof v === 'object') expect(v.value).not.toBeNaN()
      }
    })
  })
})
