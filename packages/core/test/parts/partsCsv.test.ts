import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { fieldSchema } from '../../src/fields/fieldSchema'
import {
  checkPart,
  columnHeading,
  libraryWith,
  PART_KINDS,
  readParts,
  SHIPPED_LIBRARY,
  writeParts,
  type Part,
  type PartKindId,
  type PartsTable,
} from '../../src/parts'

const KINDS = Object.keys(PART_KINDS) as PartKindId[]
function read(kind: PartKindId, text: string): PartsTable {
  const run = readParts(kind, text)
  for (;;) {
    const step = run.next()
    if (step.done) return step.value
  }
}
const errorsOf = (table: PartsTable) => (table.outcome === 'wrong' ? table.errors : [])

describe.each(KINDS)('%s', kind => {
  const { shipped, columns } = PART_KINDS[kind]
  it('that ship are whole, invented and have ids of their own', () => {
    expect(shipped.length).toBeGreaterThan(2)
    for (const part of shipped) expect(checkPart(kind, part), part.name).toEqual([])
    expect(new Set(shipped.map(p => p.id)).size).toBe(shipped.length)
  })
  it('go out and come back the same, but for their ids', () => {
    const table = read(kind, writeParts(kind, shipped))
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors.slice(0, 3)))
    expect(table.parts.length).toBe(shipped.length)
    table.parts.forEach((part, i) => {
      for (const c of columns) {
        if (c.kind === 'number')
          expect(part[c.key], `${part.name} ${c.key}`).toBeCloseTo(shipped[i]![c.key] as number, 7)
        else expect(part[c.key]).toBe(shipped[i]![c.key])
      }
    })
  })
  it('have headings that differ', () => {
    expect(new Set(columns.map(columnHeading)).size).toBe(columns.length)
  })
})

describe('a file of fuses', () => {
  const HEAD = 'name,kind,rating_A,clears_at_up_to_V,interrupts_A,price_euro'
  it.each([
    ['no heading', 'a,b\n1,2', 1, 'name', /needs name and at least one figure/],
    ['a word for a number', `${HEAD}\nA,terminal block,many,58,2000,10`, 2, 'rating_A', /“many” is not a number/],
    ['nothing but a name', `${HEAD}\nA,,,,,`, 2, 'name', /at least one figure/],
    [
      'a number out of range',
      `${HEAD}\nA,terminal block,60,58,2000,10\nB,terminal block,6000,58,2000,10`,
      3,
      'rating_A',
      /runs from 0\.1 A to 2000 A; this is 6000 A/,
    ],
    ['an unknown kind', `${HEAD}\nA,glass,60,58,2000,10`, 2, 'kind', /“glass” should be fast/],
    [
      'a name twice',
      `${HEAD}\nA,terminal block,60,58,2000,10\nA,terminal block,80,58,2000,10`,
      3,
      'name',
      /line 2 already/,
    ],
    ['no name', `${HEAD}\n,terminal block,60,58,2000,10`, 2, 'name', /needs a name/],
    ['nothing below the heading', HEAD, 2, 'name', /no fuses/],
  ])('with %s is told by line and column', (_, text, line, column, message) => {
    expect(errorsOf(read('fuse', text))[0]).toMatchObject({ line, column, message: expect.stringMatching(message) })
  })
  it('counts lines as an editor does when a quoted name runs over two', () => {
    expect(
      errorsOf(read('fuse', `${HEAD}\n"A\nlong",terminal block,60,58,2000,10\nB,terminal block,many,58,2000,10`))[0]!
        .line,
    ).toBe(4)
  })
  it('takes semicolons with decimal commas, columns in any order, and empty lines', () => {
    const table = read(
      'fuse',
      '\uFEFFprice_euro;name;kind;rating_A;clears_at_up_to_V;interrupts_A\n9,50;A;terminal block;62,5;58;2000\n;;;;;\n',
    )
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.parts[0]).toMatchObject({ id: 'own/a', rating: 62.5, price: 9.5 })
  })
})

describe('columns against each other', () => {
  const wrong = (kind: PartKindId, change: Partial<Part>) =>
    checkPart(kind, { ...PART_KINDS[kind].shipped[0]!, ...change }).map(e => e.key)
  it('name the column that cannot be', () => {
    expect(wrong('motor', { greatestVoltage: 5 })).toEqual(['greatestVoltage'])
    expect(wrong('motor', { peakPower: 10 })).toEqual(['peakPower'])
    expect(wrong('motor', { noLoadCurrent: 150 })).toEqual(['ratedEfficiency'])
    expect(wrong('controller', { rollbackTo: 310 })).toEqual(['rollbackTo'])
    expect(wrong('cell', { currentPeak: 1 })).toEqual(['currentPeak'])
  })
  it('never let a part in that the schema refuses, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...KINDS),
        fc.nat(20),
        fc.oneof(fc.double(), fc.string(), fc.constant(null)),
        (kind, place, value) => {
          const { columns, shipped, fields } = PART_KINDS[kind]
          const part = { ...shipped[0]!, [columns[place % columns.length]!.key]: value }
          if (checkPart(kind, part).length === 0)
            expect(fieldSchema({ kind: 'group', label: kind, fields }).safeParse(part).success).toBe(true)
        },
      ),
      { seed: 7 },
    )
  })
})

it('ten thousand motors are read, with progress on the way', () => {
  const [head, row] = writeParts('motor', PART_KINDS.motor.shipped.slice(4, 5)).trim().split('\n')
  const text = [head, ...Array.from({ length: 10_000 }, (_, i) => row!.replace(/^"[^"]*"/, `Motor ${i}`))].join('\n')
  const run = readParts('motor', text)
  let told = 0,
    step = run.next()
  while (!step.done) {
    told++
    step = run.next()
  }
  expect(step.value.outcome === 'read' && step.value.parts.length).toBe(10_000)
  expect(told).toBeGreaterThan(20)
})

it('own parts stand behind those that ship; none leave the library as it is', () => {
  expect(libraryWith({ motor: [] })).toBe(SHIPPED_LIBRARY)
  const own = { ...SHIPPED_LIBRARY.motors[0]!, id: 'own/x' }
  expect(libraryWith({ motor: [own] }).motors.at(-1)).toBe(own)
})
