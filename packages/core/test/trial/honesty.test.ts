import { describe, expect, it } from 'vitest'
import { honestyOf } from '../../src/trial'

const read = (speed: number, stream: 'none' | 'both' = 'both') =>
  ({ speed, stream }) as Parameters<typeof honestyOf>[0][0]
const six = [1, 1.5, 2, 2.5, 3, 3.5]

describe('how far readings are to be trusted', () => {
  it('nothing read is nothing', () => expect(honestyOf([], 0)).toEqual({ score: 0, wants: [] }))
  it('six speeds both ways are all that is asked', () =>
    expect(
      honestyOf(
        six.map(v => read(v)),
        0,
      ),
    ).toEqual({ score: 100, wants: [] }))
  it.each([
    // half for the stream taken out, half for the speeds
    [
      'six speeds one way',
      six.map(v => read(v, 'none')),
      50,
      ['runs both ways at each power, so that the stream drops out'],
    ],
    ['five both ways', six.slice(1).map(v => read(v)), 92, ['one more speed']],
    ['four both ways', six.slice(2).map(v => read(v)), 83, ['2 more speeds']],
    ['more than six are no more', [...six, 4, 4.5].map(v => read(v)), 100, []],
  ])('%s', (_, readings, score, wants) => expect(honestyOf(readings, 0)).toEqual({ score, wants }))
  it.each([
    [1.0399, 1],
    [1.0401, 2],
  ])('a speed %d times another counts as %i', (times, distinct) => {
    const { score } = honestyOf([read(2), read(2 * times)], 0)
    expect(score).toBe(Math.round(100 * (0.5 + (0.5 * distinct) / 6)))
  })
  it('each that lies far off takes its share, and is to be looked at', () => {
    const { score, wants } = honestyOf(
      six.map(v => read(v)),
      2,
    )
    expect([score, wants]).toEqual([67, ['a second look at what lies far off']])
  })
})
