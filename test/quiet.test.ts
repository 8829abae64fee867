import { describe, expect, it } from 'vitest'
import { quietRounds, watchGuests } from '../bench/quiet.mjs'

/** Rounds numbered from 1, in each of which other guests take the share given. */
function rounds(wanted: number, shares: number[]) {
  let n = 0
  return quietRounds(wanted, async () => ++n, () => () => shares[n - 1]!).then(values => ({ values, measured: n }))
}

describe('rounds of the bench', () => {
  it('are as many as wanted while the machine is quiet', async () => {
    expect(await rounds(3, [0, 0.01, 0.02, 0])).toEqual({ values: [1, 2, 3], measured: 3 })
  })
  it('in which others take more are measured again, and do not count', async () => {
    expect(await rounds(2, [0.2, 0.01, 0.3, 0])).toEqual({ values: [4, 2], measured: 4 })
  })
  it('end at twice as many: then the quietest count, whatever they gave', async () => {
    expect(await rounds(2, [0.5, 0.2, 0.4, 0.1, 0])).toEqual({ values: [4, 2], measured: 4 })
  })
  it('tell a share between none and all', () => {
    const taken = watchGuests()
    expect(taken()).toBeGreaterThanOrEqual(0)
    expect(taken()).toBeLessThanOrEqual(1)
  })
})
