import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { chargeLevels, DEMO, edit, withEdits, type Edit, type Project } from '../../src/project'
import { airResistance } from '../../src/resistance'
import { modelOf, thrustAvailable } from '../../src/system'
import {
  chanceState,
  dayAnswers,
  dayCures,
  departures,
  goOrStay,
  isDark,
  outcomeOf,
  turnHome,
  waveHeight,
  windLimit,
  windRow,
  windShares,
  type DayOutcome,
  type Weighed,
} from '../../src/voyage'

const calm = withEdits(DEMO.lodden, [
  edit('day.wind', [{ at: 36_000, from: 0, speed: 2 }]),
  edit('day.streams', []),
  edit(
    'day.legs',
    DEMO.lodden.day.legs.map(l => ({ ...l, stream: 0 })),
  ),
])
const outcome = outcomeOf(dayAnswers(calm))
const said = (boat: Project, day: DayOutcome, id: Weighed['id']) => goOrStay(boat, day).weighed.find(w => w.id === id)
const withWind = (boat: Project, knots: number, ...more: Edit[]) =>
  withEdits(boat, [edit('day.wind', [{ at: 43_200, from: 1, speed: knots * KNOT }]), ...more])
const state = (boat: Project, id: Weighed['id'], day = outcome) => said(boat, day, id)?.state

describe('the chance of coming home above the reserve', () => {
  it.each([
    [0.49, 'stay'],
    [0.5, 'notThis'],
    [0.51, 'notThis'],
    [0.89, 'notThis'],
    [0.9, 'fits'],
    [0.91, 'fits'],
  ] as const)('%f: %s', (chance, word) => expect(chanceState(chance)).toBe(word))
  it('66 % is not this plan, and 49 % is stay, whatever else is in favour', () => {
    expect(goOrStay(calm, outcome).verdict).toBe('go')
    expect(goOrStay(calm, { ...outcome, chance: 0.66 }).verdict).toBe('notThis')
    expect(goOrStay(calm, { ...outcome, chance: 0.49 }).verdict).toBe('stay')
  })
  it('a bad day on which she does not come home is against it, one into what is spared asks for care', () => {
    const { spared } = chargeLevels(calm)
    expect(state(calm, 'bad', { ...outcome, badOutcome: 'stopped' })).toBe('stop')
    expect(state(calm, 'bad', { ...outcome, leftLow: spared - 0.001 })).toBe('caution')
    expect(state(calm, 'bad', { ...outcome, leftLow: spared })).toBe('fits')
  })
  it('a clash of the drive keeps her ashore', () => {
    const word = goOrStay(calm, outcome, ['pack and controller'])
    expect(word.verdict).toBe('stay')
    expect(word.why.text).toContain('pack and controller')
  })
})

describe('wind', () => {
  it('a wind that was not given is open, and with it nobody can say go', () => {
    const word = goOrStay(withEdits(calm, [edit('day.wind', [])]), outcome)
    expect(word.verdict).toBe('notYet')
    expect(word.weighed.find(w => w.id === 'wind')!.state).toBe('note')
  })
  // common practice: see the table of windLimit
  it.each([
    ['canoe', 4.9, 8, 14],
    ['pedalCraft', 3.7, 8, 14],
    ['dinghy', 3, 8, 14],
    ['dinghy', 4, 11, 17],
    ['displacementLaunch', 6, 14, 21],
    ['pontoon', 7, 14, 21],
    ['planing', 6, 14, 21],
    ['canalBoat', 14, 16, 24],
    ['keelYacht', 9, 21, 28],
    ['catamaran', 11, 21, 28],
  ] as const)('%s of %f m: care from %i kn, stay from %i', (hullType, lengthOverAll, care, stay) => {
    const limit = windLimit(windRow({ hullType, lengthOverAll }))
    expect(limit.caution / KNOT).toBeCloseTo(care, 9)
    expect(limit.stay / KNOT).toBeCloseTo(stay, 9)
  })
  it('grows with length without a jump', () => {
    for (const hullType of ['dinghy', 'displacementLaunch', 'keelYacht', 'catamaran', 'pontoon'] as const)
      for (let length = 2; length < 14; length += 0.05) {
        const a = windLimit(windRow({ hullType, lengthOverAll: length })).stay,
          b = windLimit(windRow({ hullType, lengthOverAll: length + 0.05 })).stay
        expect(b).toBeGreaterThanOrEqual(a)
        expect(b - a).toBeLessThan(0.25 * KNOT)
      }
  })
  it('20.8 kn over a dinghy, a canoe and a pedal boat is stay', () => {
    for (const boat of [DEMO.pippin, DEMO.wisp, DEMO.bobbin]) {
      const her = withEdits(withWind(boat, 20.8), [edit('day.legs', calm.day.legs)])
      expect(said(her, outcome, 'wind')!.state, boat.name).toBe('stop')
      expect(goOrStay(her, outcome).verdict).toBe('stay')
    }
  })
  it('just below, at and just above both winds', () => {
    const warm = withEdits(calm, [edit('boat.waterTemperature', 290)]),
      { caution, stay } = windLimit(windRow(warm.boat)),
      at = (speed: number) => state(withWind(warm, speed / KNOT), 'wind')
    expect([caution - 0.01, caution + 1e-9, caution + 0.01].map(at)).toEqual(['fits', 'caution', 'caution'])
    expect([stay - 0.01, stay + 1e-9, stay + 0.01].map(at)).toEqual(['caution', 'stop', 'stop'])
  })
  it('against the stream, and on cold water for an open boat, one row earlier', () => {
    const felt = (boat: Project, north: number) =>
      windShares(boat, { wind: 5, air: { north: 5, east: 0 }, stream: { north, east: 0 } }, 1e9).limit.stay
    const warm = withEdits(DEMO.pippin, [edit('boat.waterTemperature', 290)]),
      row = windRow(warm.boat)
    expect(felt(warm, 1)).toBeCloseTo(windLimit(row).stay, 12)
    expect(felt(warm, -0.5 * KNOT + 0.001)).toBeCloseTo(windLimit(row).stay, 12)
    expect(felt(warm, -0.5 * KNOT)).toBeCloseTo(windLimit(row - 1).stay, 12)
    const cold = (kelvin: number) => felt(withEdits(DEMO.pippin, [edit('boat.waterTemperature', kelvin)]), 0)
    expect(cold(285.14)).toBeCloseTo(windLimit(row - 1).stay, 12)
    expect(cold(285.15)).toBeCloseTo(windLimit(row).stay, 12)
    // a decked yacht is not the colder for it
    const yacht = withEdits(DEMO.tirrick, [edit('boat.waterTemperature', 278)])
    expect(felt(yacht, 0)).toBeCloseTo(windLimit(4).stay, 12)
  })
  it('a gust that takes nine tenths of the thrust that she can hold is stay, six tenths care', () => {
    const boat = DEMO.halcyne,
      { windage } = modelOf(boat),
      shares = (speed: number, held: number) =>
        windShares(boat, { wind: speed, air: { north: speed, east: 0 }, stream: { north: 0, east: 0 } }, held)
    const held = airResistance(windage, 0, 1.3 * 5) / 0.9
    expect(shares(5, held * 1.001).stay).toBeLessThan(1)
    expect(shares(5, held).stay).toBeCloseTo(1, 9)
    expect(shares(5, held * 0.999).stay).toBeGreaterThan(1)
    expect(shares(5, held).byThrust).toBe(true)
    expect(shares(5, (held * 0.9) / 0.6).care).toBeCloseTo(1, 9)
  })
  it('no boat of the fleet goes in more than 28 kn', () => {
    for (const boat of SIZED_FLEET) {
      const model = modelOf(boat),
        held = thrustAvailable(model, 0, 'allDay').thrust * (1 - model.interaction.thrustDeduction)
      const speed = 28 * KNOT
      expect(
        windShares(boat, { wind: speed, air: { north: speed, east: 0 }, stream: { north: 0, east: 0 } }, held).stay,
      ).toBeGreaterThanOrEqual(1 - 1e-9)
    }
  })
})

describe('sea', () => {
  it('waves grow with wind and fetch up to the developed sea', () => {
    expect(waveHeight(10, 10_000)).toBeCloseTo(0.511, 3)
    expect(waveHeight(10, 20_000) / waveHeight(10, 10_000)).toBeCloseTo(Math.SQRT2, 9)
    expect(waveHeight(10, 1e9)).toBeCloseTo((0.243 * 100) / 9.80665, 6)
    expect(waveHeight(0, 10_000)).toBe(0)
  })
  it('is open without the open water to windward, and grows from fits to stay', () => {
    const boat = withWind(calm, 12)
    expect(state(boat, 'sea')).toBe('note')
    expect(goOrStay(boat, outcome).verdict).toBe('go')
    const at = (fetch: number) => state(withEdits(boat, [edit('day.fetch', fetch)]), 'sea')
    expect([100, 5000, 100_000].map(at)).toEqual(['fits', 'caution', 'stop'])
  })
})

describe('light', () => {
  const day = { sunrise: 6 * 3600, sunset: 18 * 3600, polar: null }
  const from = (departs: number, hours: number): DayOutcome => ({
    ...outcome,
    ...day,
    points: Array.from({ length: hours * 4 + 1 }, (_, i) => ({
      ...outcome.points[0]!,
      leg: 0,
      time: departs + 900 * i,
    })),
  })
  const straight = withEdits(calm, [edit('day.legs', calm.day.legs.filter(l => l.does === 'goes').slice(0, 1))])
  it.each([
    ['leaves in the light, home two hours before sunset', 10, 6, 'fits'],
    ['home just within the last hour', 10, 7.25, 'caution'],
    ['home an hour before sunset', 10, 7, 'fits'],
    ['home at sunset', 10, 8, 'caution'],
    ['home after sunset', 10, 8.25, 'stop'],
    ['leaves before sunrise, home in the light', 5, 4, 'caution'],
    ['leaves at three and comes home after sunset', 3, 20, 'stop'],
    ['all of it in the dark', 20, 4, 'stop'],
    ['through the night into the morning', 16, 20, 'stop'],
  ] as const)('%s', (_, clock, hours, expected) => {
    expect(state(straight, 'light', from(clock * 3600, hours))).toBe(expected)
  })
  it('until a place is given it is open', () => {
    const nowhere = withEdits(straight, [
      edit('use.place', { latitude: (50.5 * Math.PI) / 180, longitude: (-8 * Math.PI) / 180 }),
    ])
    expect(state(nowhere, 'light', from(3 * 3600, 20))).toBe('note')
  })
  it('polar day is light, polar night is dark', () => {
    const polar = (kind: 'day' | 'night') => ({ ...from(3600, 4), sunrise: null, sunset: null, polar: kind })
    expect(state(straight, 'light', polar('day'))).toBe('fits')
    expect(state(straight, 'light', polar('night'))).toBe('stop')
    const north = (date: string) =>
      dayAnswers(
        withEdits(calm, [
          edit('use.place', { latitude: 1.3, longitude: 0.2 }),
          edit('day.date', date),
          edit('day.loads', [{ name: 'Lamp', power: 40, when: 'by night', share: 1 }]),
        ]),
      )
    const summer = north('2027-06-21'),
      winter = north('2027-12-21')
    expect([summer.light.polar, winter.light.polar]).toEqual(['day', 'night'])
    expect(winter.run.energy.house).toBeGreaterThan(0)
    expect(summer.run.energy.house).toBe(0)
  })
  it('a sunset after midnight by the clock is no dark evening', () => {
    const late = { sunrise: 4 * 3600, sunset: 24.5 * 3600, polar: null }
    expect(isDark(late, 23 * 3600)).toBe(false)
    expect(isDark(late, 0.4 * 3600)).toBe(false)
    expect(isDark(late, 0.6 * 3600)).toBe(true)
  })
})

it('fog is stay, poor visibility care, and what is not said is open', () => {
  const at = (v: Project['day']['visibility']) => state(withEdits(calm, [edit('day.visibility', v)]), 'visibility')
  expect((['not said', 'good', 'poor', 'fog'] as const).map(at)).toEqual(['note', 'fits', 'caution', 'stop'])
})
it('one drive without another way home asks for care; oars, sails or a second bank do', () => {
  const none = withEdits(calm, [edit('use.wayHome', 'none'), edit('design.banks.count', 1)])
  expect(state(none, 'alone')).toBe('caution')
  expect(state(withEdits(none, [edit('use.wayHome', 'oars')]), 'alone')).toBe('fits')
  expect(state(withEdits(none, [edit('design.banks.count', 2), edit('design.pack.parallel', 2)]), 'alone')).toBe('fits')
})
it('cold water is told, just below twelve degrees', () => {
  const at = (k: number) => state(withEdits(calm, [edit('boat.waterTemperature', k)]), 'cold')
  expect([285.14, 285.15, 285.16].map(at)).toEqual(['caution', undefined, undefined])
})

describe('cures', () => {
  it('each is tried: its chance is that of the day with it, and it makes a better word or a better chance', () => {
    for (const boat of [DEMO.tirrick, DEMO.garran]) {
      const answers = dayAnswers(boat),
        before = goOrStay(boat, outcomeOf(answers)).verdict
      const run = dayCures(boat, answers, {
        turn: turnHome(boat, answers),
        departures: departures(boat, 6 * 3600, 16 * 3600, 3600),
      })
      let step = run.next()
      while (!step.done) step = run.next()
      expect(before).not.toBe('go')
      expect(step.value.length).toBeGreaterThan(0)
      expect(step.value.length).toBeLessThanOrEqual(3)
      for (const cure of step.value) {
        const then = dayAnswers(withEdits(boat, cure.edits))
        expect(then.chance).toBe(cure.chance)
        expect(cure.verdict !== before || cure.chance > answers.chance).toBe(true)
      }
    }
  })
  it('a day that is good needs none', () => {
    const run = dayCures(calm, dayAnswers(calm), { turn: null, departures: [] }).next()
    expect(run).toEqual({ done: true, value: [] })
  })
})
