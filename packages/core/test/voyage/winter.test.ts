import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMO, edit, withEdits } from '../../src/project'
import { monthAir } from '../../src/solar'
import { heatingAt, heatingDay, winter, yearRun } from '../../src/voyage'

const C = 273.15,
  RAD = Math.PI / 180

describe('the air of a month', () => {
  // means of coasts as atlases give them, from memory, to 4 K
  it.each([
    [51.5, 0, 5],
    [51.5, 6, 18],
    [59, 0, -2],
    [38.7, 6, 23],
    [25.8, 0, 20],
    [-34, 6, 12],
  ])('at %s° in month %s is about %s °C', (latitude, month, air) => {
    expect(Math.abs(monthAir(latitude * RAD, month) - C - air)).toBeLessThan(4)
  })
  it('a known coldest month is met, and the summer stays', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 65, noNaN: true }),
        fc.double({ min: 250, max: 280, noNaN: true }),
        (l, t) => {
          expect(monthAir(l * RAD, 0, t)).toBeCloseTo(t, 9)
          expect(monthAir(l * RAD, 6, t)).toBeCloseTo(monthAir(l * RAD, 6), 9)
        },
      ),
    )
  })
})

describe('winter', () => {
  const cold = withEdits(DEMO.tirrick, [edit('use.year.coldest', C - 12), edit('use.year.heating', 1000)])
  it('lithium takes no charge in frost, and water that lies still freezes', () => {
    const january = winter(cold)[0]!
    expect(january.charging).toBe('none')
    expect(january.ice).toBe(true)
    expect(january.capacity).toBeLessThan(0.75)
    expect(winter(cold)[6]!.charging).toBe('freely')
  })
  it('heat is as typed at freezing point, none in a warm cabin, and its working says so', () => {
    expect(heatingAt(cold, C)).toBeCloseTo(1000, 9)
    expect(heatingAt(cold, C + 20)).toBe(0)
    expect(heatingDay(cold, 0).value).toBeCloseTo(winter(cold)[0]!.heating * 86_400, 6)
  })
  it('a heated winter takes more from the shore', () => {
    const all = (heating: number) =>
      yearRun(
        withEdits(DEMO.tirrick, [
          edit('use.year.pattern', 'weekends'),
          edit('use.year.seasonFrom', 0),
          edit('use.year.seasonTo', 11),
          edit('use.year.heating', heating),
        ]),
      ).months.reduce((sum, m) => sum + m.shore, 0)
    expect(all(1500)).toBeGreaterThan(all(0))
  })
})
