import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import fc from 'fast-check'
import { formatQuantity } from '@remigo/core'
import { forgetText, letGo, movingText, shapeOf, showText, takeInHand, unitChanged, whenAtRest, writeLater, type Ink, type MovingText } from '../app/directives/movingInk'

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

/** The lever is taken, on a page of which only the root and its texts are touched, and a clock that the test moves. */
function takeLever() {
  vi.useFakeTimers()
  vi.stubGlobal('document', { documentElement: { toggleAttribute: () => {} }, createTextNode: () => ({ nodeValue: '' }) })
  takeInHand()
}
function leaveLever() {
  letGo()
  vi.unstubAllGlobals()
  vi.useRealTimers()
}

describe('while the lever is in hand', () => {
  let done: string[] = []
  const does = (what: string) => () => { done.push(what) }
  beforeEach(() => {
    done = []
    takeLever()
  })
  afterEach(leaveLever)

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
  it('a move while they are being written puts off those that are left', () => {
    const texts = Array.from({ length: 20 }, (_, i) => ({ i }))
    for (const text of texts) writeLater(text, does(`text ${text.i}`))
    while (done.length === 0) vi.advanceTimersByTime(1)
    const before = done.length
    expect(before).toBeLessThan(20)
    writeLater(texts[0]!, does('moved'))
    vi.advanceTimersByTime(200)
    expect(done).toHaveLength(before)
    vi.advanceTimersByTime(200)
    expect(done).toHaveLength(21)
    expect(done).toContain('moved')
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

describe('a text that moves with the lever', () => {
  const strokes: string[] = []
  let texts: MovingText[] = []
  const drawn = async () => {
    await Promise.resolve()
    return strokes.splice(0)
  }
  /** a text on the page, inked in a type that takes what `takes` tells */
  function inked(type: string, takes: (text: string) => boolean = () => true) {
    const element = { appendChild: <T>(node: T) => node, dataset: { inked: '' } } as unknown as HTMLElement
    const text = movingText(element)
    text.ink = { type, takes, draw: value => strokes.push(`${type} ${value}`), stands: () => true, hidden: element } satisfies Ink
    texts.push(text)
    return text
  }
  const written = (text: MovingText) => text.node.nodeValue

  beforeEach(() => {
    texts = []
    takeLever()
  })
  afterEach(() => {
    texts.forEach(forgetText)
    leaveLever()
    strokes.length = 0
  })

  it('is drawn at once and written when the lever rests', async () => {
    const text = inked('large')
    showText(text, '2.08')
    expect(await drawn()).toEqual(['large 2.08'])
    expect(written(text)).toBe('')
    vi.advanceTimersByTime(300)
    expect(written(text)).toBe('2.08')
  })
  it('is not drawn again while it stays the same', async () => {
    const text = inked('large')
    showText(text, '2.08')
    await drawn()
    showText(text, '2.08')
    expect(await drawn()).toEqual([])
  })
  it('is drawn once for a step, whatever it was meanwhile', async () => {
    const text = inked('large')
    showText(text, '2.08')
    showText(text, '2.09')
    expect(await drawn()).toEqual(['large 2.09'])
  })
  it('those set alike are drawn after each other, so that the pen changes seldom', async () => {
    const [a, b, c, d] = ['large', 'small', 'large', 'small'].map(type => inked(type))
    for (const text of [a!, b!, c!, d!]) showText(text, '1')
    expect((await drawn()).map(stroke => stroke.split(' ')[0])).toEqual(['large', 'large', 'small', 'small'])
  })
  it('that its ink cannot take is text at once, and its ink is gone', async () => {
    const text = inked('large', value => value.length < 4)
    showText(text, '9.9')
    await drawn()
    showText(text, '10.1')
    expect(await drawn()).toEqual(['large '])
    expect(written(text)).toBe('10.1')
    expect(text.ink).toBeNull()
    expect(text.element.dataset).not.toHaveProperty('inked')
  })
  it('out of view waits until the lever rests, though it has no ink', () => {
    const text = inked('large')
    text.ink = null
    text.away = true
    showText(text, '2.08')
    expect(written(text)).toBe('')
    vi.advanceTimersByTime(300)
    expect(written(text)).toBe('2.08')
  })
  it('in view without ink is written at once', () => {
    const text = inked('large')
    text.ink = null
    showText(text, '2.08')
    expect(written(text)).toBe('2.08')
  })
  it('whose unit is another is inked anew with it', async () => {
    const text = inked('large')
    showText(text, '2.08')
    await drawn()
    text.ink!.hidden = { dataset: { inked: '' } } as unknown as HTMLElement
    unitChanged(text)
    expect(await drawn()).toEqual(['large '])
    expect(written(text)).toBe('2.08')
  })
  it('that has gone is not written any more', () => {
    const text = inked('large')
    showText(text, '2.08')
    forgetText(text)
    vi.advanceTimersByTime(1000)
    expect(written(text)).toBe('')
  })
  it('all of them are text again when the lever is let go', async () => {
    const [a, b] = [inked('large'), inked('small')]
    showText(a, '2.08')
    showText(b, '41')
    await drawn()
    letGo()
    expect([written(a), written(b)]).toEqual(['2.08', '41'])
    expect([a.ink, b.ink]).toEqual([null, null])
  })
  it('each is right in the end, whatever the steps, the rests and what the ink takes', () => {
    fc.assert(fc.property(fc.array(fc.record({ which: fc.nat(2), value: fc.integer({ min: 0, max: 2000 }), wait: fc.constantFrom(0, 40, 400), free: fc.boolean() }), { maxLength: 30 }), (steps) => {
      takeInHand()
      const all = [inked('large', value => value.length < 4), inked('small'), inked('none')]
      all[2]!.ink = null
      const last = ['', '', '']
      for (const { which, value, wait, free } of steps) {
        showText(all[which]!, last[which] = String(value))
        if (free) letGo()
        else takeInHand()
        vi.advanceTimersByTime(wait)
      }
      vi.advanceTimersByTime(1000)
      expect(all.map(written)).toEqual(last)
      all.forEach(forgetText)
    }), { numRuns: 200 })
  })
})
