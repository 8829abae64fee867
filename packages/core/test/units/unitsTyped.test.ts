import { expect, it } from 'vitest'
import { unitsTyped, type QuantityId } from '@remigo/core'

const of = (...typed: [string, QuantityId][]) => unitsTyped(typed.map(([text, quantity]) => ({ text, quantity })))

it.each([
  ['feet', of(['16 ft 8 in', 'length']), { profile: 'us', overrides: {} }],
  ['feet and pounds', of(['16 ft', 'length'], ['1,800 lb', 'mass']), { profile: 'us', overrides: {} }],
  [
    'feet and knots',
    of(['25 ft', 'length'], ['5 kn', 'speed']),
    { profile: 'us', overrides: { speed: 'kn', distance: 'nm' } },
  ],
  ['metres', of(['7.7 m', 'length']), { profile: 'metric', overrides: {} }],
  [
    'metres and miles',
    of(['17 m', 'length'], ['3 mph', 'speed']),
    { profile: 'metric', overrides: { speed: 'mph', distance: 'mi' } },
  ],
  ['miles an hour alone', of(['5 mph', 'speed']), { profile: 'us', overrides: {} }],
  ['knots alone', of(['5 kn', 'speed']), { profile: 'metric', overrides: {} }],
  ['feet among metres', of(['7 m', 'length'], ['18 in', 'smallLength']), { profile: 'metric', overrides: {} }],
])('%s', (_, found, units) => expect(found).toEqual(units))

it('bare numbers and horsepower say nothing', () => {
  expect(of(['7', 'length'], ['20 hp', 'power'])).toBeNull()
})
