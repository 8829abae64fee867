import { describe, expect, it } from 'vitest'
import { remember, rememberLast } from '../../src/numeric'

describe('what is remembered', () => {
  it('is worked out once for each thing, whatever came out', () => {
    const known = remember<object, number | null>('model'),
      thing = {}
    let times = 0
    const work = () => {
      times++
      return null
    }
    expect([known(thing, work), known(thing, work), times]).toEqual([null, null, 1])
    known({}, work)
    expect(times).toBe(2)
  })
  it('of a number that is named, those asked for last', () => {
    // four hulls
    const known = rememberLast<number>('preparedMethods')
    const made: number[] = []
    const ask = (key: number) =>
      known(key, () => {
        made.push(key)
        return key
      })
    for (const key of [1, 2, 3, 4, 1, 5]) ask(key)
    // the second was asked for longest ago; the first was asked for again
    ask(1)
    ask(2)
    expect(made).toEqual([1, 2, 3, 4, 5, 2])
  })
  it('what throws is not remembered', () => {
    const known = rememberLast<number>('preparedMethods')
    expect(() =>
      known('a', () => {
        throw new RangeError('no')
      }),
    ).toThrow('no')
    expect(known('a', () => 7)).toBe(7)
  })
})
