import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import fc from 'fast-check'
import { formatQuantity } from '@remigo/core'
import { shapeOf, takeInHand, letGo, whenAtRest, writeLater } from '../app/directives/movingInk'

describe('figures in ink', () => {
  it('keep their place while they keep their digits, wherever the point stands', () => {
    expect(shapeOf('9.98')).toBe(shapeOf('10.0'))
    expect(shapeOf('1.58 to 4.82 kW')).toBe(shapeOf('2.33 to 7.25 kW'))
  })
  it('lose it when a digit or a sign comes or goes', () => {
    expect(shapeOf('99')).not.toBe(shapeOf('100'))
    expect(shapeOf('0.5')).not.toBe(shapeOf('−0.5'))
    expect(shapeOf('−0.5')).not.toBe(shapeOf('10.5'))
  })
  it('have one shape for all powers of as many digits', () => {
    fc.assert(fc.property(fc.double({ min: 1000, max: 9990, noNaN: true }), watts => shapeOf(formatQuantity(watts, 'electricPower').text) === shapeOf('1.00')))
  })
  it('are written at once while nobody holds the lever', () => {
    let written = ''
    writeLater({}, () => { written = '2.08' })
    expect(written).toBe('2.08')
  })
})

describe('while the lever is in hand', () => {
  let done: string[] = []
  const does = (what: string) => () => { done.push(what) }
  beforeEach(() => {
    vi.useFakeTimers()
    // the page's root is all of the page that is touched
    vi.stubGlobal('document', { documentElement: { toggleAttribute: () => {} } })
    done = []
    takeInHand()
  })
  afterEach(() => {
    letGo()
    vi.unstubAllGlobals()
    vi.useRealTimers()
  })

  it('texts are written when it has rested for a quarter of a second', () => {
    writeLater({}, does('power'))
    vi.advanceTimersByTime(200)
    expect(done).toEqual([])
    vi.advanceTimersByTime(100)
    expect(done).toEqual(['power'])
  })
  it('each move puts that off, and of one text the last stands', () => {
    const text = {}
    for (const value of ['2.1', '2.2', '2.3', '2.4']) {
      writeLater(text, does(value))
      vi.advanceTimersByTime(150)
    }
    expect(done).toEqual([])
    vi.advanceTimersByTime(200)
    expect(done).toEqual(['2.4'])
  })
  it('news of a run wait for the rest, and do not put it off', () => {
    const run = {}
    writeLater({}, does('power'))
    for (const share of ['10 %', '20 %', '30 %']) {
      whenAtRest(run, does(share))
      vi.advanceTimersByTime(80)
    }
    expect(done).toEqual([])
    vi.advanceTimersByTime(60)
    expect(done).toEqual(['power', '30 %'])
  })
  it('news are told at once while nothing moves, though it is in hand', () => {
    whenAtRest({}, does('10 %'))
    expect(done).toEqual(['10 %'])
  })
  it('all is written when it is let go', () => {
    writeLater({}, does('power'))
    whenAtRest({}, does('10 %'))
    letGo()
    expect(done).toEqual(['power', '10 %'])
  })
})
