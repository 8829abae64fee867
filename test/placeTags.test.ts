import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { freeEnd, placeTags } from '~/components/chart/placeTags'

const line = (points: [number, number][]) => points.map(([x, y]) => ({ x, y }))

describe('letters of curves', () => {
  it('stand at the end of each curve that is on the chart', () => {
    expect(placeTags([{ tag: 'A', points: line([[0, 300], [100, 200], [200, 100]]) }], 0)).toEqual([{ tag: 'A', index: 2 }])
    expect(placeTags([{ tag: 'A', points: line([[0, 300], [100, 200], [200, 5]]) }], 12)).toEqual([{ tag: 'A', index: 1 }])
    expect(placeTags([{ tag: 'A', points: [{ x: 0, y: 300 }, null, null] }], 0)).toEqual([{ tag: 'A', index: 0 }])
  })
  it('of curves that end together step back along their own', () => {
    const points = line(Array.from({ length: 41 }, (_, i) => [5 * i, 400 - 8 * i]))
    const [first, second, third] = placeTags([{ tag: 'A', points }, { tag: 'B', points }, { tag: 'C', points }], 0)
    expect(first!.index).toBe(40)
    expect([first, second, third].map(p => p!.tag)).toEqual(['A', 'B', 'C'])
    for (const [p, q] of [[first!, second!], [second!, third!], [first!, third!]] as const) {
      const a = points[p.index]!, b = points[q.index]!
      expect(Math.abs(a.x - b.x) >= 20 || Math.abs(a.y - b.y) >= 24).toBe(true)
    }
  })
  it('are left out where nothing is drawn, and given their end where nowhere is free', () => {
    expect(placeTags([{ tag: 'A', points: [null, null] }], 0)).toEqual([])
    const short = line([[0, 300], [1, 299]])
    expect(placeTags([{ tag: 'A', points: short }, { tag: 'B', points: short }], 0)).toEqual([{ tag: 'A', index: 1 }, { tag: 'B', index: 1 }])
  })
  it('always stand on a drawn point of their own curve', () => {
    const points = fc.array(fc.option(fc.record({ x: fc.integer({ min: 0, max: 500 }), y: fc.integer({ min: -50, max: 400 }) })), { minLength: 1, maxLength: 30 })
    fc.assert(fc.property(fc.array(points, { minLength: 1, maxLength: 5 }), (curves) => {
      const given = curves.map((p, i) => ({ tag: String(i), points: p }))
      for (const { tag, index } of placeTags(given, 0)) expect(given[Number(tag)]!.points[index]!.y).toBeGreaterThanOrEqual(0)
    }))
  })
})

describe('the word of an upright line', () => {
  const area = { top: 12, bottom: 354 }, at = 200
  it('stands at the foot, where nothing runs', () => {
    expect(freeEnd('hump', at, [line([[0, 300], [400, 20]])], area)).toBe('foot')
    expect(freeEnd('hump', at, [[null]], area)).toBe('foot')
  })
  it('goes to the head where a curve runs through the foot, left of the line', () => {
    expect(freeEnd('hull speed', at, [line([[150, 350], [190, 345]])], area)).toBe('head')
    expect(freeEnd('hull speed', at, [line([[210, 350], [250, 345]])], area)).toBe('foot')
  })
  it('stays where both ends are crossed: the foot is where it is looked for', () => {
    expect(freeEnd('hull speed', at, [line([[150, 350], [190, 345]]), line([[170, 15]])], area)).toBe('foot')
  })
})
