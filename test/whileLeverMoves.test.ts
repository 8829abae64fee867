import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { forget, leverMoved, leverMoves, whenLeverRests } from '../app/directives/whileLeverMoves'

describe('while the lever moves', () => {
  let done: string[] = []
  const does = (what: string) => () => {
    done.push(what)
  }
  beforeEach(() => {
    done = []
    vi.useFakeTimers()
    vi.stubGlobal('document', { documentElement: { toggleAttribute: () => {} } })
  })
  afterEach(() => {
    vi.runAllTimers()
    vi.unstubAllGlobals()
    vi.useRealTimers()
  })

  it('what is asked at rest is done at once', () => {
    whenLeverRests({}, does('power'))
    expect(done).toEqual(['power'])
  })
  it('what is asked meanwhile is done when it has rested for a quarter of a second', () => {
    leverMoved()
    whenLeverRests({}, does('power'))
    vi.advanceTimersByTime(240)
    expect([done, leverMoves()]).toEqual([[], true])
    vi.advanceTimersByTime(20)
    expect([done, leverMoves()]).toEqual([['power'], false])
  })
  it('each move puts it off, and of one key the last is done', () => {
    const key = {}
    for (const value of ['2.1', '2.2', '2.3', '2.4']) {
      leverMoved()
      whenLeverRests(key, does(value))
      vi.advanceTimersByTime(150)
    }
    expect(done).toEqual([])
    vi.advanceTimersByTime(150)
    expect(done).toEqual(['2.4'])
  })
  it('news of a run wait for the rest, and do not put it off', () => {
    const run = {}
    leverMoved()
    for (const share of ['10 %', '20 %', '30 %']) {
      whenLeverRests(run, does(share))
      vi.advanceTimersByTime(80)
    }
    vi.advanceTimersByTime(15)
    expect(done).toEqual(['30 %'])
  })
  it('what is forgotten is not done', () => {
    const key = {}
    leverMoved()
    whenLeverRests(key, does('power'))
    forget(key)
    vi.advanceTimersByTime(1000)
    expect(done).toEqual([])
  })
})
