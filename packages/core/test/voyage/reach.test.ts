import { describe, expect, it } from 'vitest'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { chargeLevels, DAY_LEG, DAY_STREAM, DEMO, edit, withEdits, type Leg, type Project } from '../../src/project'
import { BAND, evaluate, HOUSE_CONVERTER_EFFICIENCY } from '../../src/system'
import {
  coldOfDay,
  dayAnswers,
  DayDrive,
  daylight,
  housePower,
  howFar,
  howFarAndHome,
  overGround,
  packFlow,
  reach,
  streamAt,
  turnHome,
  underWay,
  windAt,
} from '../../src/voyage'
import { usualOf } from '../../src/fields'
import { everyNth } from '../howMany'

/**
 * A brute force of its own: short even steps, the speed of the leg held, its last step cut where the level is reached.
 * It knows nothing of simulateDay.
 */
class Brute {
  time: number
  charge: number
  way = 0
  private readonly drive: DayDrive
  private readonly light
  private readonly cold
  constructor(
    private readonly boat: Project,
    z: number,
    from: { time: number; charge: number },
    private readonly level: number,
  ) {
    this.time = from.time
    this.charge = from.charge
    this.drive = new DayDrive(boat, z)
    this.light = daylight(boat)
    this.cold = coldOfDay(boat)
  }
  /** Goes on for at most so many m; true when all of it was run. */
  go(leg: Leg, course: number, most: number): boolean {
    const on = { ...leg, course },
      { boat } = this
    let run = 0
    while (run < most - 1e-6) {
      if (this.charge <= this.level + 1e-9 || this.time > 3 * 86_400) return false
      const step = 30,
        middle = this.time + step / 2,
        meets = {
          stream: streamAt(leg.stream > 0 ? boat.day.streams[leg.stream - 1] : null, middle),
          wind: windAt(boat.day.wind, middle),
          charge: this.charge,
        },
        ground = Math.max(0, overGround(leg.speed, meets.stream, course)),
        house = housePower(boat, on, this.light.dark(middle)),
        flow = packFlow(this.drive.model, {
          charge: this.charge,
          taken:
            this.drive.at(leg.speed, on, meets).packPower +
            Math.max(0, house - this.light.housePower(middle, true)) / HOUSE_CONVERTER_EFFICIENCY,
          given: this.light.drivePower(middle, true),
          chargers: null,
          time: step,
          cold: this.cold,
        })
      if (ground <= 0) return false
      const time = Math.min(
        step,
        (most - run) / ground,
        flow.change < 0 ? (this.level - this.charge) / flow.change : Infinity,
      )
      this.time += time
      this.charge = Math.min(1, this.charge + flow.change * time)
      run += ground * time
      this.way += ground * time
    }
    return true
  }
}
const oneWay = (
  boat: Project,
  z: number,
  from: { time: number; charge: number },
  leg: Leg,
  course: number,
  level: number,
) => {
  const brute = new Brute(boat, z, from, level)
  brute.go(leg, course, 1e7)
  return brute.way
}
const outAndHome = (
  boat: Project,
  z: number,
  from: { time: number; charge: number },
  leg: Leg,
  course: number,
  level: number,
) => {
  let low = 0,
    high = oneWay(boat, z, from, leg, course, level)
  for (let i = 0; i < 18; i++) {
    const middle = (low + high) / 2,
      brute = new Brute(boat, z, from, level)
    if (brute.go(leg, course, middle) && brute.go(leg, course + Math.PI, middle)) low = middle
    else high = middle
  }
  return low
}

/** A boat at her cruise, in a stream and a wind or in neither, her panels covered so that the way ends. */
function outing(boat: Project, weather: boolean): { boat: Project; leg: Leg } {
  const leg: Leg = {
    ...usualOf(DAY_LEG.fields),
    speed: boat.use.cruiseSpeed,
    stream: weather ? 1 : 0,
    distance: 1e5,
    course: 0.3,
  }
  return {
    leg,
    boat: withEdits(boat, [
      edit('day.legs', [leg]),
      edit('day.departs', 36_000),
      edit('day.loads', []),
      edit('day.generatorStart', 0),
      edit('design.solar.fitted', false),
      edit('day.streams', weather ? [{ ...usualOf(DAY_STREAM.fields), rate: 0.2 * boat.use.cruiseSpeed, set: 1 }] : []),
      edit(
        'day.wind',
        weather
          ? [
              { at: 36_000, from: 4, speed: 2 },
              { at: 50_000, from: 5, speed: 4 },
            ]
          : [],
      ),
    ]),
  }
}

const BOATS: [string, Project, number][] = [
  ...Object.entries(DEMO),
  ...SIZED_FLEET.map((boat): [string, Project] => [boat.name, boat]),
].map(([name, boat], nth) => [name, boat, nth])
/** Within two in a hundred, and a boat's length. */
const near = (ours: number, theirs: number, what: string) => {
  expect(Math.abs(ours - theirs), `${what}: ${ours} beside ${theirs}`).toBeLessThanOrEqual(0.02 * theirs + 5)
}

describe('reach, miles left and last turn agree with a brute force', () => {
  it.each(BOATS)(
    '%s',
    (_, her, nth) => {
      for (const weather of [false, true]) {
        const { boat, leg } = outing(her, weather),
          { reserve, spared } = chargeLevels(boat)
        const light = daylight(boat),
          expected = new DayDrive(boat, 0),
          badly = new DayDrive(boat, BAND)
        // daily one of the three, another on the next boat
        for (const charge of everyNth([0.2, 0.45, 1], 3, nth)) {
          const from = { time: 36_000, charge },
            here = { leg: 0, along: 0, ...from },
            at = underWay(boat, here, leg.speed)!
          for (const course of [0, 3.9]) {
            const on = { ...from, leg, course, light },
              to = (drive: DayDrive, until: number) => howFar(boat, { ...on, drive, until }).distance,
              one = to(expected, reserve),
              both = howFarAndHome(boat, { ...on, drive: expected, until: reserve })
            near(one, oneWay(boat, 0, from, leg, course, reserve), 'one way')
            near(to(badly, reserve), oneWay(boat, BAND, from, leg, course, reserve), 'bad edge')
            near(to(expected, spared), oneWay(boat, 0, from, leg, course, spared), 'to empty')
            near(both, outAndHome(boat, 0, from, leg, course, reserve), 'out and home')
            expect(to(badly, reserve)).toBeLessThanOrEqual(one + 1)
            expect(both).toBeLessThanOrEqual(one + 1)
          }
          // what the helm says is the reach on her own course
          near(at.left, oneWay(boat, 0, from, leg, leg.course, reserve), 'miles left')
          near(at.leftBad, oneWay(boat, BAND, from, leg, leg.course, reserve), 'miles left, bad edge')
          near(at.empty, oneWay(boat, 0, from, leg, leg.course, spared), 'miles to empty')
        }
      }
    },
    120_000,
  )
  it('the drawn reach is that in every direction, and no longer than the miles that are left', () => {
    for (const her of [DEMO.tirrick, DEMO.merrin]) {
      const { boat, leg } = outing(her, true),
        { reserve } = chargeLevels(boat),
        from = { time: 36_000, charge: 0.5 },
        drawn = reach(boat, { ...from, leg: { ...leg, course: 0 }, home: false })
      const drive = new DayDrive(boat, 0),
        light = daylight(boat)
      drawn.expected.forEach(({ north, east }, i) => {
        const course = (2 * Math.PI * i) / 24
        expect(Math.hypot(north, east)).toBeCloseTo(
          howFar(boat, { ...from, leg, course, drive, light, until: reserve }).distance,
          6,
        )
      })
      // the miles left on that course are the same figure
      const here = { leg: 0, along: 0, ...from },
        on = withEdits(boat, [edit('day.legs', [{ ...leg, course: 0 }])])
      expect(underWay(on, here, leg.speed)!.left).toBeCloseTo(drawn.expected[0]!.north, 6)
    }
  })
  it('the lever says the same miles, from full in still and warm water', () => {
    for (const [name, her] of BOATS) {
      const { boat, leg } = outing(
          withEdits(her, [
            edit('use.headWind', 0),
            edit('use.place', { latitude: 0.2, longitude: 0.1 }),
            edit('day.date', '2027-07-10'),
          ]),
          false,
        ),
        { point } = evaluate(boat, leg.speed),
        { reserve, spared } = chargeLevels(boat),
        on = { time: 36_000, charge: 1, leg, light: daylight(boat), drive: new DayDrive(boat, 0) }
      const lever = point.distanceLeft,
        { reserve: kept } = boat.use
      expect(howFar(boat, { ...on, until: reserve }).distance / lever, name).toBeCloseTo(1, 2)
      expect(howFar(boat, { ...on, until: spared }).distance / (lever / (1 - kept)), name).toBeCloseTo(1, 2)
    }
  })
  const outings = [false, true].flatMap(weather => [0.5, 1].map(charge => ({ weather, charge })))

  it.each(BOATS)('%s: the last turn home', (_, her, nth) => {
    for (const { weather, charge } of everyNth(outings, 4, nth)) {
      const { boat } = outing(her, weather),
        { reserve } = chargeLevels(boat),
        far = oneWay(boat, 0, { time: 36_000, charge }, boat.day.legs[0]!, 0.3, reserve),
        leg = { ...boat.day.legs[0]!, distance: far },
        out = withEdits(boat, [edit('day.legs', [leg]), edit('day.charge', charge)]),
        turn = turnHome(out, dayAnswers(out))
      const best = outAndHome(out, BAND, { time: 36_000, charge }, leg, leg.course, reserve)
      near(turn?.distance ?? 0, best, 'last turn')
    }
  })
})
