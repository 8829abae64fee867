import { describe, expect, it } from 'vitest'
import { balanceOf, listState, trimAccepted, trimState } from '../../src/mass'
import { DEMO } from '../../src/project'

const balance = balanceOf(DEMO.tirrick)
const floating = (trim: number, degrees: number) => ({
  ...balance,
  trim: { ...balance.trim, value: trim },
  list: { ...balance.list, value: (degrees * Math.PI) / 180 },
})

describe('how she may float', () => {
  it('is a hundredth of her waterline by bow or stern', () => {
    expect(trimAccepted(balance)).toBeCloseTo(0.01 * balance.hydro.length, 12)
    const accepted = trimAccepted(balance)
    for (const way of [1, -1]) {
      expect(trimState(floating(way * 0.99 * accepted, 0))).toBe('fits')
      expect(trimState(floating(way * 1.01 * accepted, 0))).toBe('caution')
    }
  })
  it.each([
    [0.9, 'fits'],
    [1.1, 'caution'],
    [4.9, 'caution'],
    [5.1, 'stop'],
  ])('a list of %f° to either side is %s', (degrees, state) => {
    expect([listState(floating(0, degrees)), listState(floating(0, -degrees))]).toEqual([state, state])
  })
})
