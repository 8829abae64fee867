import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { formatQuantity } from '@remigo/core'
import { shapeOf, writeLater } from '../app/directives/movingInk'

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
