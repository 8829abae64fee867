import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fewOf } from '../app/design/figures/fewOf'

const rows = fc
  .array(
    fc.record({
      state: fc.constantFrom('fits' as const, 'caution' as const, 'stop' as const),
      price: fc.integer({ min: 1, max: 9999 }),
    }),
    { minLength: 1, maxLength: 80 },
  )
  .chain(list => fc.nat(list.length - 1).map(fitted => list.map((row, i) => ({ ...row, fitted: i === fitted }))))
const RANK = { fits: 0, caution: 1, stop: 2 }

describe('a few rows of many', () => {
  it('are all of them when they are few, in their order', () => {
    fc.assert(
      fc.property(rows, list => {
        expect(fewOf(list, list.length)).toEqual(list)
      }),
    )
  })
  it('are never more than asked, always with the fitted one, in the order of the library', () => {
    fc.assert(
      fc.property(rows, fc.integer({ min: 1, max: 40 }), (list, most) => {
        const few = fewOf(list, most)
        expect(few.length).toBe(Math.min(most, list.length))
        expect(few.some(row => row.fitted)).toBe(true)
        expect(few).toEqual(list.filter(row => few.includes(row)))
      }),
    )
  })
  it('leave out nothing that fits better, or as well for less', () => {
    fc.assert(
      fc.property(rows, fc.integer({ min: 1, max: 40 }), (list, most) => {
        const few = new Set(fewOf(list, most)),
          kept = [...few].filter(row => !row.fitted)
        for (const out of list.filter(row => !few.has(row))) {
          for (const row of kept)
            expect(RANK[row.state] < RANK[out.state] || (row.state === out.state && row.price <= out.price)).toBe(true)
        }
      }),
    )
  })
})
