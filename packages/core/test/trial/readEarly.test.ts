import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { readEarlyAll } from '../../src/trial/readEarly'

const read = (text: string) => {
  const found = readEarlyAll(text)
  return found.ok ? found.points.map(p => [+(p.speed / KNOT).toFixed(2), p.kind, p.power]) : found.message
}

describe('what an owner tells at Start', () => {
  it('may be nothing, or one reading', () => {
    expect(read('')).toEqual([])
    expect(read('4 kn 900 W')).toEqual([[4, 'battery', 900]])
  })
  it.each([
    '4 kn 900 W, 5 kn 1.9 kW',
    '4 kn 900 W; 5 kn 1.9 kW',
    '4 kn 900 W and 5 kn 1.9 kW',
    '4 kn 900 W\n5 kn 1.9 kW',
  ])('may be two: %j', text =>
    expect(read(text)).toEqual([
      [4, 'battery', 900],
      [5, 'battery', 1900],
    ]),
  )
  it('keeps together what a comma parts within one reading', () => {
    const found = readEarlyAll('4 kn, 50 V, 18 A, 5 kn, 50 V, 38 A')
    expect(found.ok && found.points.map(p => p.current)).toEqual([18, 38])
  })
  it('may be rows of a table, with a heading or without', () => {
    const rows = ['3.4\t900\tout', '2.6\t500\tback', '4\t1900', '4.6\t2900', '5.2\t4600']
    expect(read(rows.join('\n'))).toHaveLength(5)
    expect(read(['speed kn\twatts', ...rows].join('\n'))).toHaveLength(5)
  })
  it('names the line that it does not understand, and takes no rpm', () => {
    expect(read('4 kn 900 W\nquite fast')).toMatch(/^Line 2: /)
    expect(read('6 kn 1900 rpm')).toMatch(/^Rpm tell something/)
    expect(read('4 kn 900 W, 6 kn 1900 rpm')).toMatch(/^Rpm tell something/)
  })
})
