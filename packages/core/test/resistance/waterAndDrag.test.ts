import { GRAVITY } from '../../src/constants'
import { describe, expect, it } from 'vitest'
import { waterProperties } from '../../src/hull'
import { deepWaterSpeed, depthFroude, IDLE_DRAG, legResistance, propellerDrag } from '../../src/resistance'

const water = waterProperties('sea')

describe('shallow water', () => {
  it('is no matter when deep', () => {
    expect(deepWaterSpeed(3, Infinity, 1.5)).toBe(3)
    expect(deepWaterSpeed(3, 100, 1.5)).toBeCloseTo(3, 6)
  })
  it('is felt more the shallower it is, and the wider the section', () => {
    expect(deepWaterSpeed(3, 2, 1.5)).toBeGreaterThan(deepWaterSpeed(3, 4, 1.5))
    expect(deepWaterSpeed(3, 2, 1.5)).toBeGreaterThan(deepWaterSpeed(3, 2, 0.8))
  })
  it('is Lackenby’s formula: V 3 m/s, h 3 m, AX 1.5 m² lose 2.9 %', () => {
    const loss = 0.1242 * (1.5 / 9 - 0.05) + 1 - Math.sqrt(Math.tanh((GRAVITY * 3) / 9))
    expect(3 / deepWaterSpeed(3, 3, 1.5)).toBeCloseTo(1 - loss, 12)
  })
  it('knows the depth Froude number', () => {
    expect(depthFroude(Math.sqrt(GRAVITY * 4), 4)).toBeCloseTo(1, 12)
  })
})

describe('what hangs in the water', () => {
  it('a locked propeller drags four times one that turns free, twenty times one that folds', () => {
    const at = (s: 'locked' | 'freewheeling' | 'folded') => propellerDrag(s, 0.4, 0.5, 2.5, water.density)
    expect(at('locked') / at('freewheeling')).toBeCloseTo(4, 9)
    expect(at('locked') / at('folded')).toBeCloseTo(IDLE_DRAG.locked / IDLE_DRAG.folded, 9)
  })
  it('a bare shaft has no leg; a leg’s drag grows with the square of speed, less what its coefficient falls', () => {
    expect(legResistance('shaft', 0.4, 0.5, 3, water)).toBe(0)
    const ratio = legResistance('outboard', 0.3, 0.4, 4, water) / legResistance('outboard', 0.3, 0.4, 2, water)
    // twice the speed is twice the Reynolds number, for which the coefficient falls by 2^−0.365
    expect(ratio).toBeGreaterThan(4 * 2 ** -0.365)
    expect(ratio).toBeLessThan(4)
  })
})
