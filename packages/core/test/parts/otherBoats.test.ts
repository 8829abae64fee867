import { describe, expect, it } from 'vitest'
import { OTHER_BOATS, readOtherBoats } from '../../src/parts'

describe('other boats', () => {
  it('ask more power at more speed, every one', () => {
    for (const { points } of OTHER_BOATS)
      points.slice(1).forEach((p, i) => {
        expect(p.speed).toBeGreaterThan(points[i]!.speed)
        expect(p.power).toBeGreaterThan(points[i]!.power)
      })
  })
  it('are read from the owner’s list, a row a speed', () => {
    const table = readOtherBoats(
      'name,kind,waterline_m,mass_t,speed_kn,power_kW\n' +
        'Kittiwake,Yacht,7.1,3.1,4,1.1\nKittiwake,Yacht,7.1,3.1,5,2.4\nOdd,,5,1,3,0.3',
    )
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table))
    expect(table.boats.map(b => [b.name, b.points.length])).toEqual([
      ['Kittiwake', 2],
      ['Odd', 1],
    ])
    expect(table.boats[0]!.mass).toBe(3100)
  })
  it.each([
    ['a heading that lacks a column', 'name,mass_t\nA,3', 1, /waterline_m, speed_kn, power_kW/],
    [
      'a number that is none',
      'name,waterline_m,mass_t,speed_kn,power_kW\nA,7,heavy,4,1',
      2,
      /mass_t should be a number/,
    ],
    ['no name', 'name,waterline_m,mass_t,speed_kn,power_kW\n,7,3,4,1', 2, /needs a name/],
    ['no boats', 'name,waterline_m,mass_t,speed_kn,power_kW', 2, /no boats/],
  ])('%s is told by line and column', (_, text, line, message) => {
    const table = readOtherBoats(text)
    if (table.outcome !== 'wrong') throw new Error('read')
    expect(table.errors[0]!.line).toBe(line)
    expect(table.errors[0]!.message).toMatch(message)
  })
})
