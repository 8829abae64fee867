import { describe, expect, it } from 'vitest'
import { FIELDS, METRIC_UNITS, readField, unitMeant } from '../../src'

describe('the unit that a bare number was meant in', () => {
  it.each([
    ['boat.mass', '4600', 5000, METRIC_UNITS, '4600 kg'],
    ['boat.mass', '4 600', 5000, METRIC_UNITS, '4 600 kg'],
    ['boat.lengthOverAll', '775', 8, METRIC_UNITS, '775 cm'],
    ['boat.lengthOverAll', '7750', 8, METRIC_UNITS, '7750 mm'],
    // it has a unit, is inside, is no number, or nothing would do
    ['boat.mass', '4600 t', 5000, METRIC_UNITS, null],
    ['boat.mass', '4.6', 5000, METRIC_UNITS, null],
    ['boat.mass', 'heavy', 5000, METRIC_UNITS, null],
    ['boat.mass', '0', 5000, METRIC_UNITS, null],
    ['boat.mass', '10,100', 5000, METRIC_UNITS, '10,100 lb'],
  ] as const)('%s, “%s” beside %d: %s', (path, text, kept, choice, meant) => {
    const field = FIELDS[path]
    expect(unitMeant(field, text, choice, kept)).toBe(meant)
    if (meant) expect(readField(field, meant, choice, kept).ok).toBe(true)
  })
})
