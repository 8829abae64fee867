import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  betweenPlaces,
  checksum,
  guessColumns,
  heardOf,
  readLogRow,
  readSentence,
  readTrack,
  Sampler,
  samplesOf,
  SENTENCES,
  writeSentence,
  type InstrumentId,
} from '../../src/instruments'

const KNOT = 1852 / 3600
const said = (line: string) => {
  const read = readSentence(line)
  if (!read.ok) throw new Error(`${line}: ${read.why}`)
  return Object.fromEntries(heardOf(read.sentence).observations.map(o => [o.what, o.value])) as Partial<
    Record<InstrumentId, number>
  >
}
const line = (type: string, ...fields: string[]) => writeSentence('II', type, fields)
const rad = (degrees: number) => (degrees * Math.PI) / 180

describe('sentences', () => {
  it('have the exclusive or of their characters as checksum', () => {
    // by hand: A ^ B = 0x41 ^ 0x42 = 0x03
    expect(checksum('AB')).toBe('03')
    expect(readSentence('$HEHDT,274.07,T*19').ok).toBe(true)
    expect(readSentence('$HEHDT,274.07,T*18')).toEqual({ ok: false, why: 'checksum' })
    expect(readSentence('$HEHDT,274.07,T').ok).toBe(true)
    expect(readSentence('\\s:one*00\\$HEHDT,274.07,T*19').ok).toBe(true)
  })
  it.each<[string, Partial<Record<InstrumentId, number>>]>([
    [
      line('RMC', '101500', 'A', '5430.0000', 'N', '01015.0000', 'W', '5.0', '90.0', '140627', '', '', 'A'),
      { latitude: rad(54.5), longitude: rad(-10.25), ground: 5 * KNOT, course: rad(90) },
    ],
    [line('RMC', '101500', 'V', '5430.0000', 'N', '01015.0000', 'W', '5.0', '90.0', '140627', '', ''), {}],
    [line('VTG', '180.0', 'T', '', 'M', '4.0', 'N', '7.4', 'K'), { course: rad(180), ground: 4 * KNOT }],
    [line('GLL', '5430.0000', 'S', '01015.0000', 'E', '101500', 'A'), { latitude: rad(-54.5), longitude: rad(10.25) }],
    // the poles and the far side of the world are places, what lies beyond is none
    [line('GLL', '9000.0000', 'N', '18000.0000', 'W', '101500', 'A'), { latitude: rad(90), longitude: rad(-180) }],
    [line('GLL', '9000.0600', 'N', '01015.0000', 'E', '101500', 'A'), {}],
    [line('GLL', '9900.0000', 'N', '01015.0000', 'E', '101500', 'A'), {}],
    [line('GLL', '5430.0000', 'N', '18000.0600', 'E', '101500', 'A'), {}],
    [
      line('GGA', '101500', '5430.0000', 'N', '01015.0000', 'E', '1', '08', '0.9', '5', 'M', '', 'M', '', ''),
      { latitude: rad(54.5), longitude: rad(10.25) },
    ],
    [line('VHW', '10', 'T', '', 'M', '4.5', 'N', '', 'K'), { heading: rad(10), water: 4.5 * KNOT }],
    [line('VBW', '4.0', '0', 'A', '3.0', '4.0', 'A'), { water: 4 * KNOT, ground: 5 * KNOT }],
    [line('MWV', '45', 'R', '10', 'K', 'A'), { windAngle: rad(45), windSpeed: 10 / 3.6 }],
    [line('MWD', '270', 'T', '', 'M', '8', 'N', '4.1', 'M'), { trueWindFrom: rad(270), trueWind: 8 * KNOT }],
    [line('DPT', '6.2', '0.4', ''), { depth: 6.6 }],
    [line('DPT', '6.2', '-1.2', ''), { depth: 6.2 }],
    [line('DBT', '32.81', 'f', '10.0', 'M', '5.47', 'F'), { depth: 10 }],
    [line('RPM', 'E', '1', '1200', '', 'A'), { rpm: 20 }],
    [line('RPM', 'S', '1', '600', '', 'A'), { shaft: 10 }],
    [line('HDT', '90', 'T'), { heading: rad(90) }],
    [
      line('XDR', 'U', '52.4', 'V', 'MAIN', 'I', '80', 'A', 'MAIN', 'C', '61', 'C', 'MOTOR', 'G', '81', 'P', 'SOC'),
      { volts: 52.4, amps: 80, winding: 334.15, charge: 0.81 },
    ],
  ])('%s', (text, wanted) => {
    const got = said(text)
    expect(Object.keys(got).sort()).toEqual(Object.keys(wanted).sort())
    for (const [id, value] of Object.entries(wanted)) expect(got[id as InstrumentId], id).toBeCloseTo(value, 6)
  })
  it('leaves what is asked for unread, and says which transducers it does not know', () => {
    const read = readSentence(line('XDR', 'C', '20', 'C', 'FRIDGE'))
    expect(read.ok && heardOf(read.sentence).unknown).toEqual(['FRIDGE'])
    expect(read.ok && heardOf(read.sentence, { FRIDGE: 'cells' }).observations[0]!.value).toBeCloseTo(293.15)
    expect(read.ok && heardOf(read.sentence, { FRIDGE: null }).observations).toEqual([])
  })
  it('hostile lines neither throw nor grow what is kept', () => {
    const sampler = new Sampler()
    const hostile = fc.oneof(
      fc.string({ maxLength: 400 }),
      fc
        .tuple(fc.constantFrom(...SENTENCES), fc.array(fc.string({ maxLength: 12 }), { maxLength: 24 }))
        .map(([type, fields]) => `$II${type},${fields.join(',')}`),
      fc
        .tuple(fc.constantFrom(...SENTENCES), fc.array(fc.double().map(String), { maxLength: 24 }))
        .map(([type, fields]) => writeSentence('GP', type, fields)),
    )
    fc.assert(
      fc.property(hostile, text => {
        const sample = sampler.take(text)
        for (const value of Object.values(sample?.values ?? {})) expect(Number.isFinite(value)).toBe(true)
        expect(sampler.heard.unknown.length).toBeLessThanOrEqual(40)
      }),
      { numRuns: 4000 },
    )
  })
})

describe('samples', () => {
  const second = (n: number, knots: number) =>
    writeSentence('GP', 'RMC', [
      `1015${String(n).padStart(2, '0')}`,
      'A',
      '5430.0000',
      'N',
      '01015.0000',
      'E',
      String(knots),
      '90',
      '140627',
      '',
      '',
    ])
  it('come one a second, at the time of the sentences', () => {
    const { samples } = samplesOf([second(0, 4), second(1, 5), second(2, 5)])
    expect(samples.map(s => s.time % 60)).toEqual([0, 1, 2])
    expect(samples[1]!.values.ground).toBeCloseTo(5 * KNOT)
    expect(new Date(samples[0]!.time * 1000).toISOString()).toBe('2027-06-14T10:15:00.000Z')
  })
  it('do not go back in time, nor believe a leap of speed', () => {
    const { samples, heard } = samplesOf([second(20, 4), second(1, 9), second(21, 35), second(22, 4)])
    expect(heard.late).toBe(1)
    expect(samples.at(-2)!.marks.ground).toBe('impossible')
    expect(samples.at(-2)!.values.ground).toBeUndefined()
  })
  it('mark what is old and what stands still though she runs', () => {
    const sampler = new Sampler({}, 'arrival')
    const live = (t: number, ...lines: string[]) => lines.map(l => sampler.take(l, t)).find(s => s) ?? null
    for (let t = 0; t < 90; t++)
      live(t, line('VHW', '', 'T', '', 'M', '4.20', 'N', '', 'K'), line('RPM', 'E', '1', String(900 + t), '', 'A'))
    expect(sampler.last()!.marks.water).toBe('stuck')
    for (let t = 90; t < 100; t++) live(t, line('RPM', 'E', '1', String(900 + t), '', 'A'))
    expect(sampler.last()!.marks.water).toBe('stale')
  })
})

describe('logs of any columns', () => {
  it('are understood by their headings and first rows; what is guessed is said', () => {
    const columns = guessColumns(
      ['Timestamp', 'SOG (km/h)', 'Battery Voltage', 'Current', 'Motor RPM', 'Motor temp', 'SOC', 'Remarks'],
      [['2027-06-14 10:15:00', '9.0', '52.1', '40', '1200', '55', '88', 'x']],
    )
    expect(columns.map(c => (c.column.is === 'reading' ? c.column.what : c.column.is))).toEqual([
      'time',
      'ground',
      'volts',
      'amps',
      'rpm',
      'winding',
      'charge',
      'none',
    ])
    expect(columns[1]!.guessed).toBe(false)
    expect(columns[5]!.guessed).toBe(true)
    const row = readLogRow(['2027-06-14 10:15:00', '9.0', '52,1', '40', '1200', '55', '88', 'x'], columns)
    expect(row.ok && row.row.time).toBe(Date.UTC(2027, 5, 14, 10, 15) / 1000)
    expect(row.ok && row.row.values).toEqual({
      ground: expect.closeTo(2.5, 9) as number,
      volts: 52.1,
      amps: 40,
      rpm: expect.closeTo(20, 9) as number,
      winding: expect.closeTo(328.15, 9) as number,
      charge: expect.closeTo(0.88, 9) as number,
    })
    const clock = guessColumns(['Time', 'Current'], [['10:15:00', '40']])
    const started = readLogRow(['10:15:00', '40'], clock)
    expect(started.ok && started.row.time, 'a clock without a day stands on the first of them').toBe(10.25 * 3600)
    expect(readLogRow(['2027-06-14 10:15:00', 'fast'], columns)).toEqual({
      ok: false,
      message: 'SOG (km/h): “fast” is not a number.',
    })
  })
})

describe('tracks', () => {
  it('measure by the great circle: a minute of latitude is about a sea mile', () => {
    const { distance, course } = betweenPlaces(
      { latitude: rad(54), longitude: 0 },
      { latitude: rad(54 + 1 / 60), longitude: 0 },
    )
    expect(distance).toBeGreaterThan(1850)
    expect(distance).toBeLessThan(1857)
    expect(course).toBeCloseTo(0, 6)
  })
  it('with times become samples with speeds', () => {
    const points = Array.from(
      { length: 11 },
      (_, i) =>
        `<trkpt lat="${54 + i / 6000}" lon="10"><time>2027-06-14T10:00:${String(i).padStart(2, '0')}Z</time></trkpt>`,
    )
    const read = readTrack(`<gpx><trk><trkseg>${points.join('')}</trkseg></trk></gpx>`)
    expect(read.ok && read.samples.length).toBe(11)
    expect(read.ok && read.samples[5]!.values.ground).toBeCloseTo((Math.PI * 6_371_008.8) / 180 / 6000, 3)
    expect(
      readTrack('<gpx><trk><trkseg><trkpt lat="1" lon="1"/><trkpt lat="1" lon="2"/></trkseg></trk></gpx>').ok,
    ).toBe(false)
  })
})
