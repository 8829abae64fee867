import { describe, expect, it } from 'vitest'
import { hullResistance, modelOf } from '../../src/system'
import { howMany } from '../howMany'
import { judgeOwners, owner } from './ownersReadings'

describe('owners who tell what they read', () => {
  it.each([
    [1, false],
    [3, false],
    [10, false],
    [1, true],
    [3, true],
    [10, true],
  ])('%i readings, careful %s: the truth at cruise lies in the band as often as it promises', (readings, careful) => {
    const owners = howMany(80, 1200),
      { inside, width, ownDrive } = judgeOwners(owners, readings, careful)
    // of 80 owners the share itself is known to 0.045, of 1200 to 0.012
    expect(inside).toBeGreaterThan(howMany(0.65, 0.74))
    expect(inside).toBeLessThan(howMany(0.93, 0.86))
    if (readings === 1) expect(width).toBeLessThan(1.7)
    if (readings === 10 && careful) expect(ownDrive).toBeLessThan(1.35)
  })
  it('one wild among five moves the centre by less than 5 %', () => {
    const moved = Array.from({ length: howMany(30, 300) }, (_, i) => {
      const { cruise, reading, told } = owner(9000 + i)
      const good = [0.7, 0.8, 0.9, 1].map(share => reading(share, true)),
        wild = reading(0.85, true, true)
      const centre = (points: typeof good) => hullResistance(modelOf(told(points)), cruise).centre
      return Math.abs(centre([...good, wild]) / centre(good) - 1)
    })
    moved.sort((a, b) => a - b)
    expect(moved[Math.floor(0.9 * moved.length)]).toBeLessThan(0.05)
  })
})
