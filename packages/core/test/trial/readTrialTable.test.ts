import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { KNOT } from '../../src/constants'
import { readTrialTable } from '../../src/trial'

describe('a table', () => {
  it('with headings in any order, units in the heading or the cell', () => {
    const table = readTrialTable('note,Power (kW),speed km/h,way\nflat,0.5,5.0,out\n,1.0 kW,7.5,back')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points[0]).toMatchObject({ power: 500, direction: 'out', note: 'flat' })
    expect(table.points[0]!.speed).toBeCloseTo(5 / 3.6, 9)
    expect(table.points[1]).toMatchObject({ power: 1000, direction: 'back' })
  })
  it('pasted with tabs and without headings: speed, watts, way', () => {
    const table = readTrialTable('3\t820\tout\n4.4 kn\t2400 W\tback')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points.map(p => [Number((p.speed / KNOT).toFixed(6)), p.power, p.direction])).toEqual([
      [3, 820, 'out'],
      [4.4, 2400, 'back'],
    ])
  })
  it('with semicolons and decimal commas; volts and amps', () => {
    const table = readTrialTable('speed kn;volts;amps\n4,5;51,2;44')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points[0]).toMatchObject({ voltage: 51.2, current: 44, power: null })
  })
  it('with rpm, shaft power, pull or fuel, each of its own kind', () => {
    const table = readTrialTable('speed kn,shaft kW,rpm,pull N,fuel l/h\n5,2,,,\n5,,1900,,\n5,,,600,\n5,,,,2.5')
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.points.map(p => p.kind)).toEqual(['shaft', 'rpm', 'pull', 'fuel'])
    expect(table.points[0]!.power).toBe(2000)
    expect(table.points[3]!.fuelRate! * 3600 * 1000).toBeCloseTo(2.5, 9)
  })
  it.each([
    ['nothing', '', 1, /nothing to read/],
    ['no speed', 'watts,note\n500,a', 1, /No column is named speed/],
    ['a word for a number', 'speed,power\n4,fast', 2, /./],
    ['neither watts nor amps', 'speed,volts\n4,51', 2, /neither watts/],
    ['a speed of nothing', 'speed,power\n0,400', 2, /Speed runs from 0\.2.kn to 58\.3.kn; this is/],
  ])('%s is told by line', (_, text, line, message) => {
    const table = readTrialTable(text)
    expect(table.outcome).toBe('wrong')
    if (table.outcome === 'wrong') {
      expect(table.errors[0]!.line).toBe(line)
      expect(table.errors[0]!.message).toMatch(message)
    }
  })
  it('never throws', () => {
    fc.assert(
      fc.property(fc.string(), text => {
        readTrialTable(text)
      }),
    )
  })
})
