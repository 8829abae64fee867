import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { DEMO, edit, trialToldWith, withEdits } from '../../src/project'
import { measuredOf } from '../../src/system'
import { NOT_SAID, readKnown } from '../../src/trial'

const told = (data: unknown) => {
  const read = readKnown(data, 'known')
  if (!read.ok) throw new Error(JSON.stringify(read.errors))
  return read.told
}
const errors = (data: unknown) => {
  const read = readKnown(data, 'known')
  return read.ok ? [] : read.errors
}

describe('a reading told with what it was made with', () => {
  it('holds kind, notches, pack and weight of then', () => {
    const [one] = told([
      {
        say: '1.6 kn 12 V 9 A',
        with: {
          drive: 'another',
          kind: 'trollingMotor',
          notches: 5,
          pack: '12 V 100 Ah',
          mass: '190 kg',
          sea: 'smooth',
        },
      },
    ])
    expect(one!.point).toMatchObject({ speed: 1.6 * KNOT, voltage: 12, current: 9, sea: 'smooth' })
    expect(one!.made).toEqual({
      made: 'another',
      kind: 'trollingMotor',
      notches: 5,
      packKnown: true,
      packVoltage: 12,
      packEnergy: expect.closeTo(12 * 100 * 3600, 3),
      mass: 190,
      houseLoad: 0,
    })
  })
  it('is made with a drive that nobody knows where it is bare, and with another where a kind is told', () => {
    expect(told(['4 kn 900 W'])[0]!.made).toEqual(NOT_SAID)
    expect(told([{ say: '4 kn 900 W', with: { kind: 'pod' } }])[0]!.made.made).toBe('another')
    expect(told([{ say: '4 kn 900 W', with: { mass: '2 t' } }])[0]!.made).toMatchObject({ made: 'unknown', mass: 2000 })
  })
  it('a bare number is SI, as in the answers; words have their unit', () => {
    const made = (mass: unknown) => told([{ say: '4 kn 900 W', with: { mass } }])[0]!.made.mass
    expect(made(190)).toBe(190)
    expect(made('190 kg')).toBe(190)
    expect(made('420 lb')).toBeCloseTo(190.5, 1)
    expect(errors([{ say: '4 kn 900 W', with: { mass: -1 } }])[0]!.field).toBe('known.0.with.mass')
  })
  it('turns need gear and propeller, which stand in inches where no unit does', () => {
    expect(errors(['4 kn 900 rpm'])[0]!.field).toBe('known.0')
    const [one] = told([{ say: '4 kn 900 rpm', with: { drive: 'another', gear: 1.9, propeller: '12 × 9' } }])
    expect(one!.made).toMatchObject({
      gear: 1.9,
      diameter: expect.closeTo(0.3048, 9),
      pitch: expect.closeTo(0.2286, 9),
    })
    expect(told([{ say: '4 kn 9 A 12 V', with: { propeller: '305 mm x 229 mm' } }])[0]!.made.pitch).toBeCloseTo(
      0.229,
      9,
    )
  })
  it.each<[unknown, string, RegExp]>([
    ['4 kn 900 W', 'known', /list of sentences/],
    [[4], 'known.0', /a sentence/],
    [[{ with: {} }], 'known.0', /"say"/],
    [[{ say: 'fast' }], 'known.0', /./],
    [[{ say: '4 kn 900 W', with: 'mine' }], 'known.0.with', /one object/],
    [[{ say: '4 kn 900 W', with: { colour: 'red' } }], 'known.0.with.colour', /not among drive/],
    [[{ say: '4 kn 900 W', with: { drive: 'mine' } }], 'known.0.with.drive', /asFitted, oldEngine, another, unknown/],
    [[{ say: '4 kn 900 W', with: { mass: 'heavy' } }], 'known.0.with.mass', /Weight/],
    [[{ say: '4 kn 900 W', with: { notches: 2.5 } }], 'known.0.with.notches', /Notches/],
    [[{ say: '4 kn 900 W', with: { pack: 'big' } }], 'known.0.with.pack', /volts and Ah/],
    [[{ say: '4 kn 900 W', with: { propeller: 'big' } }], 'known.0.with.propeller', /12 × 9 in/],
    [[{ say: '4 kn 900 W', with: { name: 'x'.repeat(61) } }], 'known.0.with.name', /60 letters/],
    [[{ say: '4 kn 900 W', with: { sea: 'wild' } }], 'known.0.with.sea', /smooth, slight/],
  ])('%j is refused at %s', (data, field, message) => {
    expect(errors(data)[0]).toEqual({ field, message: expect.stringMatching(message) })
  })
  it('those told alike share a setup in the boat, and what is known of it counts', () => {
    const boat = withEdits(DEMO.lodden, [edit('trial', { points: [], setups: [], use: 'theory' })]),
      motor = { drive: 'another', kind: 'trollingMotor', notches: 5, pack: '12 V 100 Ah' }
    const trial = trialToldWith(
      boat,
      told([{ say: '1.2 kn 12 V 9 A', with: motor }, { say: '2 kn took 40 % in 2 h', with: motor }, '3 kn 600 W']),
    )
    expect(trial.points.map(p => p.setup)).toEqual([0, 0, 1])
    const { points, drives } = measuredOf(withEdits(boat, [edit('trial', trial)]))
    // 40 % of 1.2 kWh in 2 h
    expect(points.filter(p => p.trip === null).map(p => Math.round(p.value))).toEqual([108, 240, 600])
    expect(drives.map(d => d.rows)).toEqual([[1, 2], [3]])
  })
})
