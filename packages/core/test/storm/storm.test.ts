import { describe, expect, it } from 'vitest'
import { projectSchema } from '../../src/project'
import { guarded, readTable, unguarded, writeTable } from '../../src/tables'
import { faultOfFile } from './hostileFiles'
import { faultsOf } from './judge'
import { randomBoat } from './randomBoat'
import { howMany } from '../howMany'

// The short form of "npm run storm". Another seed by STORM_SEED=…; a fault names the seed that it was found with.
const SEED = Number(process.env.STORM_SEED ?? 1)
const BOATS = howMany(90, 180),
  FILES = howMany(1000, 3000),
  LOTS = 6

describe(`random valid boats and hostile files from seed ${SEED}`, () => {
  it('each boat is valid', () => {
    for (let seed = SEED; seed < SEED + 60; seed++) {
      const read = projectSchema.safeParse(randomBoat(seed))
      expect(read.success, `seed ${seed}: ${read.error?.issues[0]?.message}`).toBe(true)
    }
  })
  it.each(Array.from({ length: LOTS }, (_, lot) => SEED + (lot * BOATS) / LOTS))(
    'answers without an exception, without NaN, each value within its band, from seed %i',
    first => {
      for (let seed = first; seed < first + BOATS / LOTS; seed++)
        expect(faultsOf(randomBoat(seed), seed), `seed ${seed}`).toEqual([])
    },
  )
  it('opens or refuses the files that once broke it', () => {
    // a group with a length that is none; a number beyond all numbers
    for (const seed of [67_743, 72_930]) expect(faultOfFile(seed), `seed ${seed}`).toBeNull()
  })
  it('opens or refuses each file with a sentence', () => {
    for (let seed = SEED; seed < SEED + FILES; seed++) expect(faultOfFile(seed), `seed ${seed}`).toBeNull()
  })
})

describe('tables', () => {
  const CELLS = [
    '=1+1',
    '+1',
    '-2.5',
    '-cmd',
    '@sum',
    "'=x",
    "''=x",
    "'quoted",
    '\t=1',
    '\r=1',
    '1e5',
    '',
    'a,"b"\nc',
    '日本',
  ]
  it('are never run by a spreadsheet, and read back the same', () => {
    const rows = [['name', 'x'], ...CELLS.map((cell, i) => [`n${i}`, cell])]
    const text = writeTable(rows)
    expect(readTable(text).rows).toEqual(rows)
    for (const cell of CELLS) {
      expect(unguarded(guarded(cell))).toBe(cell)
      expect(guarded(cell)).toMatch(/^(?![=+\-@\t\r])|^[+-]?\d/)
    }
  })
  it('are read with commas, semicolons or tabs, with or without a mark', () => {
    for (const d of [',', ';', '\t'])
      expect(readTable(`\uFEFFname${d}a\nx${d}1\r\ny${d}2\n`).rows).toEqual([
        ['name', 'a'],
        ['x', '1'],
        ['y', '2'],
      ])
    expect(readTable('"a;b",c\n1,2').rows[0]).toEqual(['a;b', 'c'])
    expect(readTable('').rows).toEqual([])
  })
})
