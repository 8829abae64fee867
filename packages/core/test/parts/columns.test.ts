import fc from 'fast-check'
import { inUnits } from '../../src/fields'
import { describe, expect, it } from 'vitest'
import {
  checkPart,
  fromColumn,
  inColumns,
  ownPartId,
  PART_KINDS,
  partFromSi,
  partToSi,
  toColumn,
  type NumberColumn,
  type PartKindId,
} from '../../src/parts'
import { METRIC_UNITS, UNITS } from '../../src/units'

const kinds = Object.keys(PART_KINDS) as PartKindId[]
const numbers = kinds.flatMap(kind =>
  PART_KINDS[kind].columns
    .filter((c): c is NumberColumn => c.kind === 'number')
    .map(column => [kind, column.key, column] as const),
)

describe('a number of a part', () => {
  it.each(numbers)('%s, %s: goes into its column and comes back, and so through SI', (_, __, column) => {
    fc.assert(
      fc.property(fc.double({ min: 1e-3, max: 1e4, noNaN: true }), stored => {
        // a column keeps nine figures
        expect(
          Math.abs(fromColumn(column, toColumn(column, stored)) - stored) /
            (stored + Math.abs((UNITS[column.unit] as { offset?: number }).offset ?? 0)),
        ).toBeLessThan(1e-8)
        expect(partFromSi(column, partToSi(column, stored)) / stored).toBeCloseTo(1, 12)
      }),
      { numRuns: 20 },
    )
  })
  it('is kept in the units of its trade: 1500 rpm are 25 in SI, 35 mm² 35e-6', () => {
    const column = (kind: PartKindId, key: string) => PART_KINDS[kind].columns.find(c => c.key === key) as NumberColumn
    expect(partToSi(column('motor', 'ratedRpm'), 1500)).toBe(25)
    expect(partToSi(column('cable', 'area'), 35)).toBeCloseTo(35e-6, 12)
    expect(inColumns(column('motor', 'ratedRpm'), 1500)).toBe('1500 rpm')
    expect(inColumns(column('controller', 'rollbackFrom'), 353.15)).toBe('80 °C')
    expect(inUnits(METRIC_UNITS)(column('motor', 'ratedPower'), 6000)).toBe('6.00\u00A0kW')
    expect(inUnits({ profile: 'us', overrides: {} })(column('motor', 'ratedPower'), 6000)).toMatch(/^8\.05\u00A0hp$/)
  })
})

describe('a part that cannot be', () => {
  const shipped = (kind: PartKindId, at = 0) => ({ ...PART_KINDS[kind].shipped[at]! })
  const messages = (kind: PartKindId, changed: object) =>
    checkPart(kind, { ...shipped(kind), ...changed }).map(e => `${e.key}: ${e.message}`)
  it.each(kinds)('%s: as it ships it will do', kind => {
    for (const part of PART_KINDS[kind].shipped) expect(checkPart(kind, part), part.name).toEqual([])
  })
  it('says which column, and from where to where it runs', () => {
    expect(messages('motor', { ratedPower: -5 })).toEqual([
      expect.stringMatching(/^ratedPower: Rated power runs from .* to .*\.$/),
    ])
    expect(messages('cell', { cellsInSeries: 1.5 })).toEqual([
      expect.stringMatching(/^cellsInSeries: .* is a whole number from \d+ to \d+; this is 1\.5\.$/),
    ])
    expect(messages('cell', { chemistry: 'sodium' })).toEqual([
      expect.stringMatching(/^chemistry: Chemistry should be “LFP”, “NMC”/),
    ])
    expect(messages('cell', { complete: 'perhaps' })).toEqual([
      'complete: With box and management should be yes or no; this is “perhaps”.',
    ])
    expect(messages('fuse', { name: '' })).toEqual(['name: A fuse needs a name.'])
    expect(messages('fuse', { name: 'x'.repeat(81) })).toEqual(['name: Name has at most 80 letters; these are 81.'])
  })
  it('says which two columns are at odds', () => {
    const motor = shipped('motor') as unknown as { ratedPower: number; ratedRpm: number }
    expect(messages('motor', { peakPower: 0.9 * motor.ratedPower })).toContain(
      'peakPower: The peak is below the rated power.',
    )
    expect(messages('motor', { greatestRpm: 0.9 * motor.ratedRpm })).toContain(
      'greatestRpm: The greatest speed is below the rated speed.',
    )
    expect(messages('controller', { leastVoltage: 90, greatestVoltage: 60 })).toContain(
      'greatestVoltage: The upper voltage is below the lower one.',
    )
    expect(messages('controller', { rollbackFrom: 370, rollbackTo: 350 })).toContain(
      'rollbackTo: It is off below where it begins to cut back.',
    )
    expect(messages('cell', { current: 100, currentPeak: 50 })).toContain(
      'currentPeak: The amps for 30 s are below the continuous ones.',
    )
    expect(messages('motor', { noLoadCurrent: 60 }).join()).toMatch(/ratedEfficiency: /)
  })
})

it('an own part is found by its name, whatever stands in it', () => {
  expect(ownPartId('Größe 5')).toBe('own/größe-5')
  expect(ownPartId('Größe 5/8 "old"')).toMatch(/^own\/größe-5-8-old-\w+$/)
  expect(ownPartId('a'.repeat(200)).length).toBeLessThanOrEqual(80)
  const names = [
    'My motor',
    'My-motor',
    'My  motor',
    'My motor ',
    '+++',
    '---',
    '日本',
    '日 本',
    '日-本',
    '⛵',
    '👩‍👩‍👧‍👦',
    '',
    'a'.repeat(79),
    'a'.repeat(80),
  ]
  expect(new Set(names.map(ownPartId)).size).toBe(names.length)
  // large and small letters are one name
  expect(ownPartId('MY MOTOR')).toBe(ownPartId('My motor'))
})
