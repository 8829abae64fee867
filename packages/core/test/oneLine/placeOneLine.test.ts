import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { crossings, DEVICE, deviceRows, oneLine, placeOneLine, WORD_ROW, wirePath, type Point } from '../../src/oneLine'
import { DEMO, DEMO_BOATS, edit, withEdits, type Edit, type Project } from '../../src/project'
import { partsList } from '../../src/money'
import { FITTINGS } from '../../src/wiring'
import { fillText, METRIC_UNITS, type UnitChoice } from '../../src/units'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const US_UNITS: UnitChoice = { profile: 'us', overrides: {} }

interface Box {
  of: string
  left: number
  right: number
  top: number
  bottom: number
}
/** Widths of a letter at 13 px bold and 12 px, on average of long words in the face that is used (as measured). */
const BOLD = 6.4,
  LIGHT = 5.6
const box = (of: string, x: number, width: number, top: number, bottom: number, anchor: string): Box => {
  const left = anchor === 'middle' ? x - width / 2 : anchor === 'end' ? x - width : x
  return { of, left, right: left + width, top, bottom }
}

/** Every square and every word of a drawing as boxes. */
function boxesOf(project: Project, units: UnitChoice): { squares: Box[]; words: Box[] } {
  const placed = placeOneLine(oneLine(project)),
    squares: Box[] = [],
    words: Box[] = []
  const half = DEVICE / 2
  for (const d of placed.devices.filter(d => d.kind !== 'bus')) {
    squares.push(box(d.id, d.x, DEVICE, d.y - half, d.y + half, 'middle'))
    const rows = deviceRows(
        d.lines.map(l => fillText(l, units)),
        d.words.wide,
        d.words.rows,
      ),
      n = rows.length
    const [x, y, anchor] =
      d.words.side === 'below'
        ? [d.x, d.y + half + 15, 'middle']
        : d.words.side === 'right'
          ? [d.x + half + 7, d.y + 4 - (n * WORD_ROW) / 2, 'start']
          : d.words.side === 'along'
            ? [d.x + half + 7, d.y - 6 - WORD_ROW, 'start']
            : [d.x + 8, d.y - half - 6 - n * WORD_ROW, 'start']
    const under = (i: number) => (d.words.side === 'along' && i > 1 ? 9 : 0)
    for (const [i, row] of [d.label, ...rows].entries())
      words.push(
        box(
          `${d.id}: ${row}`,
          x as number,
          row.length * (i === 0 ? BOLD : LIGHT),
          (y as number) + WORD_ROW * i + under(i) - 9,
          (y as number) + WORD_ROW * i + under(i) + 2,
          anchor as string,
        ),
      )
  }
  for (const w of placed.wires)
    if (w.label && w.labelAt) {
      const all = fillText(w.label, units),
        rows = w.labelAt.rows === 2 ? all.split(', ') : [all]
      rows.forEach((row, i) => {
        const y = w.labelAt!.y + WORD_ROW * i
        words.push(box(`${w.from} cable: ${row}`, w.labelAt!.x, row.length * LIGHT, y - 9, y + 2, 'middle'))
      })
    }
  for (const t of placed.tags) squares.push(box(`tag ${t.of}`, t.x, 72, t.y - 9, t.y + 9, 'middle'))
  return { squares, words }
}
const meet = (a: Box, b: Box) =>
  a.left < b.right - 0.5 && b.left < a.right - 0.5 && a.top < b.bottom - 0.5 && b.top < a.bottom - 0.5
/** An upright or level stretch through the middle of words. */
const strikes = (p: Point, q: Point, b: Box, near = 0) =>
  Math.max(p.x, q.x) > b.left + 1 - near &&
  Math.min(p.x, q.x) < b.right - 1 &&
  Math.max(p.y, q.y) > b.top + 1 &&
  Math.min(p.y, q.y) < b.bottom - 1

/** What is wrong in a drawing: things on each other, wires through words or squares, crossings. */
function faults(project: Project, units: UnitChoice): string[] {
  const placed = placeOneLine(oneLine(project)),
    { squares, words } = boxesOf(project, units),
    all = [...squares, ...words]
  const wrong: string[] = []
  all.forEach((a, i) => {
    for (const b of all.slice(i + 1))
      if (meet(a, b) && a.of.split(':')[0] !== b.of.split(':')[0]) wrong.push(`${a.of} on ${b.of}`)
    if (a.left < 0 || a.top < 0 || a.right > placed.width || a.bottom > placed.height) wrong.push(`${a.of} is cut off`)
  })
  for (const w of placed.wires)
    w.points.slice(1).forEach((to, i) => {
      const from = w.points[i]!
      for (const b of words) if (strikes(from, to, b, 2.5)) wrong.push(`${w.from}–${w.to} through ${b.of}`)
      for (const b of squares)
        if (!b.of.startsWith('tag') && strikes(from, to, b)) wrong.push(`${w.from}–${w.to} through ${b.of}`)
    })
  const power = placed.wires.filter(w => w.kind !== 'signal')
  power.forEach((a, i) => {
    for (const b of power.slice(i + 1))
      if (crossings(a.points, b.points).length > 0) wrong.push(`${a.from}–${a.to} crosses ${b.from}–${b.to}`)
  })
  // the coil of the drive's own contactor lies beyond the bus: its line must pass the sources' once
  const hops = placed.wires
    .filter(w => w.kind === 'signal')
    .flatMap(w => power.flatMap(p => crossings(w.points, p.points)))
  const allowed = placed.devices.some(d => d.kind === 'contactor')
    ? 1
    : placed.devices.filter(d => d.kind === 'controller').length
  if (hops.length > allowed) wrong.push(`${hops.length} hops`)
  return wrong
}

const array = (feeds: 'drive' | 'house', name: string) => ({
  ...DEMO.osprel.design.solar,
  name,
  feeds,
  series: 2,
  parallel: 1,
})
const strings = (n: number) =>
  Array.from({ length: n }, () => ({
    cell: DEMO.osprel.design.pack.cell,
    series: 16,
    parallel: 1,
    health: 0.7,
    lowCut: null,
    highCut: null,
  }))
const otherArray = ({
  name,
  feeds,
  panel,
  series,
  parallel,
  tilt,
  heading,
  swings,
  shading,
  spars,
  controller,
}: ReturnType<typeof array>) => ({
  name,
  feeds,
  panel,
  series,
  parallel,
  tilt,
  heading,
  swings,
  shading,
  spars,
  controller,
})

/** Random documents of everything that the diagram draws. */
const documents = fc
  .record({
    boat: fc.constantFrom(...DEMO_BOATS),
    fitted: fc.record(Object.fromEntries(FITTINGS.map(f => [f, fc.boolean()]))),
    banks: fc.integer({ min: 1, max: 8 }),
    parallel: fc.integer({ min: 1, max: 8 }),
    others: fc.integer({ min: 0, max: 3 }),
    sun: fc.boolean(),
    arrays: fc.array(fc.constantFrom('drive' as const, 'house' as const), { maxLength: 4 }),
    straight: fc.boolean(),
    generator: fc.boolean(),
    house: fc.constantFrom(0, 60, 900),
    small: fc.boolean(),
    twin: fc.boolean(),
    chargers: fc.integer({ min: 1, max: 4 }),
  })
  .map(r => {
    const edits: Edit[] = [
      ...FITTINGS.map(f => edit(`design.wiring.fitted.${f}`, r.fitted[f]!)),
      edit('design.banks.count', r.banks),
      edit('design.pack.parallel', r.parallel),
      edit('design.banks.others', strings(r.others)),
      edit('design.solar.fitted', r.sun),
      edit(
        'design.solar.others',
        r.arrays.map((feeds, i) => otherArray(array(feeds, `Roof ${i + 1}`))),
      ),
      ...(r.straight ? [edit('design.solar.controller', null)] : []),
      edit('design.charging.supply', r.generator ? 'generator' : 'shore'),
      edit('design.charging.count', r.chargers),
      edit('use.houseLoad', r.house),
      edit('design.smallMotor.fitted', r.small),
      ...(r.boat.boat.drive.kind === 'jet' ? [] : [edit('boat.drive.count', r.twin ? 2 : 1)]),
    ]
    return withEdits(r.boat, edits)
  })

describe('the one-line diagram', () => {
  it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
    'of %s has nothing on anything else, nothing cut off and no crossing that could be spared',
    (_, boat) => {
      for (const units of [METRIC_UNITS, US_UNITS]) expect(faults(boat, units)).toEqual([])
    },
  )
  it('of random documents neither; it draws all devices and wires, and all that is bought', () => {
    fc.assert(
      fc.property(documents, boat => {
        const diagram = oneLine(boat),
          placed = placeOneLine(diagram),
          ids = placed.devices.map(d => d.id)
        expect(new Set(ids).size).toBe(ids.length)
        expect([...ids].sort()).toEqual(diagram.devices.map(d => d.id).sort())
        for (const w of diagram.wires.filter(w => w.kind !== 'signal'))
          expect(
            placed.wires.some(p => p.from === w.from && p.to === w.to && p.kind === w.kind),
            `${w.from}–${w.to}`,
          ).toBe(true)
        for (const line of partsList(boat))
          for (const id of [line.device, ...line.also]) expect(ids, line.item).toContain(id)
        expect(faults(boat, METRIC_UNITS)).toEqual([])
      }),
      { numRuns: 200, seed: 20261127, verbose: 0 },
    )
  })
  it('of the demo boats fits a page of 1280 × 800 with letters of 10 px and more', () => {
    for (const boat of DEMO_BOATS) {
      const { width, height } = placeOneLine(oneLine(boat))
      expect(12 * Math.min(756 / width, 556 / height), boat.name).toBeGreaterThan(9.5)
    }
  })
})

describe('a wire', () => {
  const flat = [
      { x: 0, y: 10 },
      { x: 40, y: 10 },
    ],
    steep = [
      { x: 20, y: 0 },
      { x: 20, y: 30 },
    ]
  it('crosses another inside both, not where it ends on it', () => {
    expect(crossings(flat, steep)).toEqual([{ x: 20, y: 10 }])
    expect(
      crossings(flat, [
        { x: 20, y: 10 },
        { x: 20, y: 30 },
      ]),
    ).toEqual([])
    expect(
      crossings(flat, [
        { x: 0, y: 20 },
        { x: 40, y: 20 },
      ]),
    ).toEqual([])
  })
  it('hops over it, forwards and backwards', () => {
    expect(wirePath(flat, [{ points: steep }])).toBe('M0 10H15a5 5 0 0 1 10 0L40 10')
    expect(wirePath([...flat].reverse(), [{ points: steep }])).toBe('M40 10H25a5 5 0 0 0 -10 0L0 10')
  })
})
