import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { freeLevel, freePlace, placeTags, type WordBox } from '~/components/chart/placeTags'

const line = (points: [number, number][]) => points.map(([x, y]) => ({ x, y }))

describe('letters of curves', () => {
  it('stand at the end of each curve that is on the chart', () => {
    expect(
      placeTags(
        [
          {
            tag: 'A',
            points: line([
              [0, 300],
              [100, 200],
              [200, 100],
            ]),
          },
        ],
        0,
      ),
    ).toEqual([2])
    expect(
      placeTags(
        [
          {
            tag: 'A',
            points: line([
              [0, 300],
              [100, 200],
              [200, 5],
            ]),
          },
        ],
        12,
      ),
    ).toEqual([1])
    expect(placeTags([{ tag: 'A', points: [{ x: 0, y: 300 }, null, null] }], 0)).toEqual([0])
  })
  it('of curves that end together step back along their own', () => {
    const points = line(Array.from({ length: 41 }, (_, i) => [5 * i, 400 - 8 * i]))
    const places = placeTags(
      [
        { tag: 'A', points },
        { tag: 'B', points },
        { tag: 'C', points },
      ],
      0,
    ) as number[]
    expect(places[0]).toBe(40)
    for (const [i, j] of [
      [0, 1],
      [1, 2],
      [0, 2],
    ] as const) {
      const a = points[places[i]!]!,
        b = points[places[j]!]!
      expect(Math.abs(a.x - b.x) >= 20 || Math.abs(a.y - b.y) >= 24).toBe(true)
    }
  })
  it('of several letters keep more room', () => {
    const flat = (from: number) => line(Array.from({ length: 41 }, (_, i) => [from + 5 * i, 200]))
    const [, letter] = placeTags(
      [
        { tag: 'A', points: flat(0) },
        { tag: 'B', points: flat(0) },
      ],
      0,
    ) as number[]
    const [, words] = placeTags(
      [
        { tag: '70 %', points: flat(0) },
        { tag: '80 %', points: flat(0) },
      ],
      0,
    ) as number[]
    expect(words).toBeLessThan(letter!)
    expect(5 * (40 - words!)).toBeGreaterThan(36)
  })
  it('are left out where nothing is drawn, and given their end where nowhere is free', () => {
    expect(placeTags([{ tag: 'A', points: [null, null] }], 0)).toEqual([null])
    const short = line([
      [0, 300],
      [1, 299],
    ])
    expect(
      placeTags(
        [
          { tag: 'A', points: short },
          { tag: 'B', points: short },
        ],
        0,
      ),
    ).toEqual([1, 1])
  })
  it('always stand on a drawn point of their own curve', () => {
    const points = fc.array(
      fc.option(fc.record({ x: fc.integer({ min: 0, max: 500 }), y: fc.integer({ min: -50, max: 400 }) })),
      { minLength: 1, maxLength: 30 },
    )
    fc.assert(
      fc.property(fc.array(points, { minLength: 1, maxLength: 5 }), curves => {
        placeTags(
          curves.map((p, i) => ({ tag: String(i), points: p })),
          0,
        ).forEach((index, i) => {
          if (index === null) expect(curves[i]!.every(p => !p || p.y < 0)).toBe(true)
          else expect(curves[i]![index]!.y).toBeGreaterThanOrEqual(0)
        })
      }),
    )
  })
})

describe('the word of an upright line', () => {
  const area = { left: 42, right: 500, top: 12, bottom: 354 },
    at = 200
  it('stands left of it at the foot, where nothing runs', () => {
    expect(
      freePlace(
        'hump',
        at,
        [
          line([
            [0, 300],
            [400, 20],
          ]),
        ],
        area,
      ),
    ).toMatchObject({ side: 'left', end: 'foot', row: 0 })
    expect(freePlace('hump', at, [[null]], area)).toMatchObject({ side: 'left', end: 'foot', row: 0 })
  })
  it('goes to the head where a curve runs through the foot, left of the line', () => {
    expect(
      freePlace(
        'hull speed',
        at,
        [
          line([
            [150, 350],
            [190, 345],
          ]),
        ],
        area,
      ).end,
    ).toBe('head')
    expect(
      freePlace(
        'hull speed',
        at,
        [
          line([
            [210, 350],
            [250, 345],
          ]),
        ],
        area,
      ).end,
    ).toBe('foot')
  })
  it('stays where both ends are crossed: the foot is where it is looked for', () => {
    expect(
      freePlace(
        'hull speed',
        at,
        [
          line([
            [150, 350],
            [190, 345],
          ]),
          line([[170, 15]]),
        ],
        area,
      ).end,
    ).toBe('foot')
  })
  it('stands right of a line so near to the chart’s side that it would run out of it, clear of what runs there', () => {
    expect(freePlace('cheapest', 70, [line([[0, 300]])], area)).toMatchObject({ side: 'right', end: 'foot', row: 0 })
    expect(freePlace('cheapest', 70, [line([[80, 350]])], area)).toMatchObject({ side: 'right', end: 'head', row: 0 })
    expect(freePlace('cheapest', 70, [line([[60, 350]])], area)).toMatchObject({ side: 'right', end: 'foot', row: 0 })
  })
})

describe('words of several lines', () => {
  const area = { left: 42, right: 500, top: 12, bottom: 354 }
  const apart = (boxes: { left: number; right: number; top: number; bottom: number }[]) =>
    boxes.every((a, i) =>
      boxes.slice(0, i).every(b => a.left >= b.right || b.left >= a.right || a.top >= b.bottom || b.top >= a.bottom),
    )
  it('of upright lines that stand on each other keep apart', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 120, max: 420 }), { minLength: 2, maxLength: 4 }), places => {
        const taken: WordBox[] = []
        for (const at of places) taken.push(freePlace('hull speed', at, [], area, taken).box)
        expect(apart(taken)).toBe(true)
      }),
    )
  })
  it('of level lines close to each other stand at both sides, then below', () => {
    const first = freeLevel('motor all day 6.00 kW', 200, area, []),
      second = freeLevel('with headroom', 208, area, [first.box]),
      third = freeLevel('old engine', 204, area, [first.box, second.box])
    expect([first.side, second.side, third.above]).toEqual(['left', 'right', false])
    expect(apart([first.box, second.box])).toBe(true)
  })
  it('keep the letters of curves off them', () => {
    const word = freeLevel('motor all day', 200, area, []).box,
      points = line(Array.from({ length: 41 }, (_, i) => [45 + 2 * i, 195]))
    const [place] = placeTags([{ tag: 'D', points }], 0, [{ ...word, right: 100 }])
    expect(points[place!]!.x).toBeGreaterThan(100)
  })
})
