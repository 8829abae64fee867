import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { usualOf } from '../../src/fields'
import {
  chargeLevels,
  DAY_LEG,
  DAY_OUT,
  DAY_STREAM,
  DAY_WIND,
  DEMO,
  DEMO_BOATS,
  edit,
  withEdits,
  type Edit,
  type Leg,
} from '../../src/project'
import { BAND, operatingPoint, modelOf } from '../../src/system'
import {
  coldOfDay,
  dayAnswers,
  DayDrive,
  daySockets,
  departures,
  HALF_TIDE,
  legCosts,
  normal,
  overGround,
  reach,
  simulateDay,
  streamRate,
  throughWater,
  turnHome,
  windDrag,
} from '../../src/voyage'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const leg = (of: Partial<Leg>): Leg => ({ ...usualOf(DAY_LEG.fields), ...of })
const stream = usualOf(DAY_STREAM.fields),
  wind = usualOf(DAY_WIND.fields)
const MILE = 1852
/** The yacht in calm water without house and sun. */
const bare = withEdits(DEMO.tirrick, [
  edit('use.houseLoad', 0),
  edit('design.solar.fitted', false),
  edit('day', usualOf(DAY_OUT.fields)),
])
const out = leg({ distance: 5 * MILE, speed: 4.4 * KNOT })
const day = (legs: Leg[], ...edits: Edit[]) => withEdits(bare, [edit('day.legs', legs), ...edits])

describe('a stream', () => {
  it('of a tide stands at high and low water, runs fastest between, and turns back', () => {
    for (const rule of ['twelfths', 'sine'] as const) {
      const tide = { ...stream, kind: 'tide' as const, rate: 1, neaps: 0.5, springs: 1, highWater: 43_200, rule }
      expect(streamRate(tide, 43_200)).toBeCloseTo(0, 9)
      expect(streamRate(tide, 43_200 + HALF_TIDE / 2)).toBeCloseTo(1, 9)
      expect(streamRate(tide, 43_200 + 1.5 * HALF_TIDE)).toBeCloseTo(-1, 9)
      expect(streamRate({ ...tide, springs: 0 }, 43_200 + HALF_TIDE / 2)).toBeCloseTo(0.5, 9)
    }
  })
  it('by twelfths carries in each sixth of its time in proportion to 1, 2, 3, 3, 2, 1 twelfths of the rise', () => {
    const tide = { ...stream, kind: 'tide' as const, rate: 1, springs: 1, highWater: 0 }
    const flow = (k: number) => {
      let sum = 0
      for (let i = 0; i < 1000; i++) sum += streamRate(tide, ((k + (i + 0.5) / 1000) * HALF_TIDE) / 6) / 1000
      return sum
    }
    const flows = [0, 1, 2, 3, 4, 5].map(flow),
      third = flows[2]!
    expect(flows[0]! / third).toBeCloseTo(1 / 3, 1)
    expect(flows[1]! / third).toBeCloseTo(2 / 3, 1)
    expect(flows[5]! / flows[0]!).toBeCloseTo(1, 6)
  })
  it('and a course make a triangle: against, with and across', () => {
    expect(overGround(2, { north: -1, east: 0 }, 0)).toBeCloseTo(1, 12)
    expect(overGround(2, { north: 1, east: 0 }, 0)).toBeCloseTo(3, 12)
    expect(overGround(5, { north: 0, east: 3 }, 0)).toBeCloseTo(4, 12)
    expect(overGround(1, { north: 0, east: 2 }, 0)).toBeLessThanOrEqual(0)
  })
  it('speed through the water and over ground are inverse wherever a course can be held', () => {
    const n = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(n(0.1, 8), n(-2, 2), n(-2, 2), n(0, 6.28), (ground, north, east, course) => {
        const water = throughWater(ground, { north, east }, course)
        if (ground - (north * Math.cos(course) + east * Math.sin(course)) > 0)
          expect(overGround(water, { north, east }, course)).toBeCloseTo(ground, 9)
      }),
    )
  })
})

describe('the wind', () => {
  it('ahead drags, behind pushes, still air adds nothing, and twice as much of it drags more than twice', () => {
    expect(windDrag(4, { north: 0, east: 0 }, 2, 0)).toBe(0)
    const head = windDrag(4, { north: -5, east: 0 }, 2, 0)
    expect(head).toBeGreaterThan(0)
    expect(windDrag(4, { north: 5, east: 0 }, 2, 0)).toBeLessThan(0)
    expect(windDrag(4, { north: -10, east: 0 }, 2, 0)).toBeGreaterThan(2 * head)
  })
})

describe('a day', () => {
  it('of one leg in calm water takes the power of that speed for that time', () => {
    const boat = day([out]),
      run = simulateDay(boat),
      power = operatingPoint(modelOf(boat), out.speed).drive.packPower,
      took = out.distance / out.speed
    expect(run.outcome).toBe('home')
    expect(run.legs[0]!.arrives - run.legs[0]!.departs).toBeCloseTo(took, 6)
    expect(run.energy.drive / (power * took)).toBeCloseTo(1, 3)
    expect(run.points.at(-1)!.north).toBeCloseTo(out.distance, 3)
    // 18 kWh at 200 Wh/km is 90 km: the pack's energy over that of a metre
    const metre = run.energy.drive / out.distance,
      far = simulateDay(boat, {
        legs: [{ ...out, distance: 1e6 }],
        until: chargeLevels(boat).reserve,
      })
    expect(far.distance * metre).toBeGreaterThan(0.995 * (1 - chargeLevels(boat).reserve) * modelOf(boat).pack.energy)
    expect(far.distance / operatingPoint(modelOf(boat), out.speed).distanceLeft).toBeCloseTo(1, 2)
  })
  it('against a stream of half her speed each mile costs twice as much, with it two thirds', () => {
    const cost = (set: number) =>
      simulateDay(day([leg({ ...out, stream: 1 })], edit('day.streams', [{ ...stream, set, rate: out.speed / 2 }])))
        .legs[0]!
    const still = simulateDay(day([out])).legs[0]!
    expect(cost(Math.PI).energy / still.energy).toBeCloseTo(2, 2)
    expect(cost(0).energy / still.energy).toBeCloseTo(2 / 3, 2)
  })
  it('arrives when it is asked to, and makes the speed over ground that is asked', () => {
    const streams = edit('day.streams', [{ ...stream, kind: 'tide', rate: 0.6, set: 0, highWater: 30_000 }])
    const arrive = simulateDay(day([leg({ ...out, by: 'arrive', arrive: 32_400 + 8000, stream: 1 })], streams))
    expect(arrive.legs[0]!.arrives).toBeCloseTo(40_400, -2)
    const ground = simulateDay(day([leg({ ...out, by: 'ground', stream: 1 })], streams)).legs[0]!
    expect(ground.ground).toBeCloseTo(out.speed, 3)
    const power = simulateDay(day([leg({ ...out, by: 'power', power: 1200, measure: 'time', duration: 3600 })]))
    expect(power.energy.drive).toBeGreaterThan(0.99 * 1200 * 3600)
    expect(power.energy.drive).toBeLessThan(1.002 * 1200 * 3600)
  })
  it('keeps its energy: what was given is used, stored or lost, for any boat of the fleet', () => {
    for (const boat of [...DEMO_BOATS, ...SIZED_FLEET]) {
      const speed = boat.use.cruiseSpeed
      const run = simulateDay(
        withEdits(boat, [
          edit('day.streams', [{ ...stream, kind: 'tide', rate: 0.4 }]),
          edit('day.wind', [{ ...wind, from: 1, speed: 5 }]),
          edit('day.legs', [
            leg({ distance: 3 * MILE, speed, stream: 1, course: 2 }),
            leg({ does: 'waits', duration: 3600, plugged: true }),
            leg({ does: 'waits', duration: 3600 }),
            leg({ distance: 3 * MILE, speed, stream: 1, course: 5 }),
          ]),
        ]),
      )
      const { drive, house, sun, shore, towed, lost, stored } = run.energy
      const sum = sun + shore + towed - drive - house - lost - stored
      expect(Math.abs(sum) / (drive + house + shore + 1), boat.name).toBeLessThan(1e-9)
      const charge = run.points.at(-1)!.charge - run.points[0]!.charge
      expect(
        Math.abs(stored / (modelOf(boat).pack.energy * coldOfDay(boat).capacity) - charge),
        boat.name,
      ).toBeLessThan(1e-9)
      for (const p of run.points) expect(p.charge).toBeGreaterThanOrEqual(0)
    }
  })
  it('pays each socket its price, and the berth for what is short afterwards', () => {
    const legs = [
      leg({ distance: 6 * MILE, speed: out.speed }),
      leg({ does: 'waits', duration: 3600, plugged: true, price: 0.6 / 3.6e6 }),
      leg({ does: 'waits', duration: 1800, plugged: true }),
      leg({ distance: 6 * MILE, speed: out.speed }),
    ]
    const boat = day(legs, edit('use.costs.shorePrice', 0.25 / 3.6e6)),
      run = simulateDay(boat),
      { stops, berth, cost } = daySockets(boat, run),
      { efficiency } = boat.design.charging.charger
    expect(stops.map(s => s.leg)).toEqual([1, 2])
    expect(run.legs.reduce((sum, l) => sum + l.shore, 0)).toBeCloseTo(run.energy.shore, 3)
    expect(stops[0]!.bought).toBeCloseTo(run.legs[1]!.shore / efficiency, 6)
    expect(stops[0]!.cost).toBeCloseTo((run.legs[1]!.shore / efficiency / 3.6e6) * 0.6, 9)
    expect(stops[1]!.price).toBe(0.25 / 3.6e6)
    // lithium keeps 97 % of what goes in
    const short = (boat.day.charge - run.points.at(-1)!.charge) * modelOf(boat).pack.energy * coldOfDay(boat).capacity
    expect(berth.bought).toBeCloseTo(short / 0.97 / efficiency, 3)
    expect(cost).toBeCloseTo(stops[0]!.cost + stops[1]!.cost + berth.cost, 12)
    // nothing is bought without a plug, but the way home is paid for at the berth
    const free = day(legs.filter(l => !l.plugged))
    expect(daySockets(free, simulateDay(free)).stops).toEqual([])
    expect(daySockets(free, simulateDay(free)).cost).toBeGreaterThan(0)
  })
  it('a socket on the way with few amps fills her less', () => {
    const stop = (amps: number | null) =>
      simulateDay(
        day([
          leg({ distance: 12 * MILE, speed: out.speed }),
          leg({ does: 'waits', duration: 3600, plugged: true, amps }),
        ]),
      ).legs[1]!.shore
    const { shoreVoltage, shoreCurrent, charger } = day([]).design.charging
    expect(stop(null)).toBeCloseTo(stop(shoreCurrent), 3)
    expect(stop(1)).toBeLessThan(stop(null))
    // an amp of the socket, for an hour, through the charger
    expect(stop(1)).toBeLessThanOrEqual(3600 * shoreVoltage * charger.efficiency + 1)
    expect(stop(1)).toBeGreaterThan(0.5 * 3600 * shoreVoltage * charger.efficiency)
  })
  it('a cold pack holds less, sags more and takes no charge below frost', () => {
    const legs = [leg({ distance: 6 * MILE, speed: out.speed }), leg({ does: 'waits', duration: 3600, plugged: true })]
    // mean air of the coldest month typed: 0.1 K apart nothing jumps but the charge, which cells refuse below frost
    const at = (kelvin: number) =>
      day(legs, edit('day.date', '2027-01-15'), edit('use.year.coldest', kelvin), edit('use.houseLoad', 60))
    const warm = at(293.15),
      cold = at(263.15),
      { capacity, charging, air } = coldOfDay(cold)
    expect(air).toBeCloseTo(263.15, 9)
    expect(capacity).toBeLessThan(0.9)
    expect(charging).toBe(0)
    expect(coldOfDay(warm)).toMatchObject({ capacity: 1, resistance: 1, charging: Infinity })
    const [a, b] = [simulateDay(warm), simulateDay(cold)]
    // the same joules are a larger share of what the cold leaves
    expect((1 - b.legs[0]!.charge) / (1 - a.legs[0]!.charge)).toBeCloseTo(1 / capacity, 2)
    expect(b.points[1]!.volts).toBeLessThan(a.points[1]!.volts)
    // on the socket the house is fed, the pack is not
    expect(b.legs[1]!.charge).toBeCloseTo(b.legs[0]!.charge, 9)
    expect(b.legs[1]!.shore).toBeGreaterThan(0)
    expect(a.legs[1]!.charge).toBeGreaterThan(a.legs[0]!.charge)
    // a little warmer it takes a tenth
    const cool = at(275.15),
      c = simulateDay(cool)
    expect(coldOfDay(cool).charging).toBe(0.1)
    const { cell, parallel } = cool.design.pack
    const taken = (c.legs[1]!.charge - c.legs[0]!.charge) * modelOf(cool).pack.energy * coldOfDay(cool).capacity
    expect(taken / 3600).toBeLessThanOrEqual(0.1 * parallel * cell.chargeCurrent * modelOf(cool).pack.fullVoltage)
    expect(taken).toBeGreaterThan(0)
  })
  it('agrees with an integration of its own in steps of a second', () => {
    const boat = day(
      [leg({ ...out, stream: 1, distance: 9 * MILE })],
      edit('day.streams', [{ ...stream, kind: 'tide', rate: 0.8, set: 1 }]),
      edit('day.wind', [
        { ...wind, at: 30_000, from: 0.4, speed: 3 },
        { ...wind, at: 50_000, from: 1.2, speed: 8 },
      ]),
    )
    const run = simulateDay(boat),
      drive = new DayDrive(boat, 0),
      the = boat.day.legs[0]!
    let way = 0,
      time = boat.day.departs,
      energy = 0
    while (way < the.distance) {
      const rate = streamRate(boat.day.streams[0]!, time),
        water = { north: rate * Math.cos(1), east: rate * Math.sin(1) }
      const share = Math.min(1, Math.max(0, (time - 30_000) / 20_000)),
        air = {
          north: -(3 * Math.cos(0.4) * (1 - share) + 8 * Math.cos(1.2) * share),
          east: -(3 * Math.sin(0.4) * (1 - share) + 8 * Math.sin(1.2) * share),
        }
      energy += drive.at(the.speed, the, { stream: water, wind: air, charge: 0.8 }).packPower
      way += overGround(the.speed, water, the.course)
      time += 1
    }
    expect(run.energy.drive / energy).toBeCloseTo(1, 2)
    expect(Math.abs(run.energy.drive / energy - 1)).toBeLessThan(0.005)
    expect(Math.abs(run.legs[0]!.arrives - time)).toBeLessThan(60)
  })
  it('slows where a rating bites, where the reserve is used, and stops where nothing is left, and says why', () => {
    const fast = simulateDay(day([leg({ ...out, speed: 12 })]))
    expect(fast.legs[0]!.water).toBeLessThan(12)
    expect(['volts', 'amps', 'power']).toContain(fast.bites[0]!.why)
    const low = simulateDay(day([leg({ ...out, distance: 40 * MILE })], edit('day.charge', 0.4)))
    expect(low.bites.some(b => b.why === 'reserve' && b.slowest < out.speed)).toBe(true)
    expect(low.outcome).toBe('stopped')
    expect(low.bites.at(-1)!.why).toBe('empty')
    const foul = simulateDay(
      day([leg({ ...out, stream: 1 })], edit('day.streams', [{ ...stream, rate: 3, set: Math.PI }])),
    )
    expect(foul.outcome).toBe('stopped')
    expect(foul.bites.some(b => b.why === 'stream')).toBe(true)
  })
})

describe('what a day comes to', () => {
  const boat = day([out, leg({ does: 'waits', duration: 3600 }), leg({ ...out, course: Math.PI })])
  const answers = dayAnswers(boat)
  it('has a band around what is expected, and a chance between none and sure', () => {
    expect(answers.leftLow).toBeLessThan(answers.left)
    expect(answers.left).toBeLessThan(answers.leftHigh)
    const z = 10 / 13 // between
    expect(normal(z) + normal(-z)).toBeCloseTo(1, 7)
    expect(normal(BAND)).toBeCloseTo(0.9, 4)
    // the reserve put where the day ends: as likely as not
    const share = (answers.left - answers.levels.spared) / (1 - answers.levels.spared)
    const even = withEdits(boat, [edit('use.reserve', Math.min(0.9, share))])
    expect(dayAnswers(even).chance).toBeGreaterThan(0.4)
    expect(dayAnswers(even).chance).toBeLessThan(0.6)
  })
  it('the last turn home leaves the reserve on the bad edge', () => {
    const far = day([leg({ ...out, distance: 14 * MILE }), leg({ ...out, distance: 14 * MILE, course: Math.PI })]),
      turn = turnHome(far, dayAnswers(far))!
    expect(turn.anywhere).toBe(false)
    const home = simulateDay(far, {
      z: BAND,
      legs: [leg({ ...out, distance: turn.distance }), leg({ ...out, distance: turn.distance, course: Math.PI })],
    })
    expect(home.points.at(-1)!.charge).toBeCloseTo(chargeLevels(far).reserve, 1)
    expect(turn.charge).toBeGreaterThan(chargeLevels(far).reserve)
  })
  it('the reach in still water is a circle as far as the range, and a stream moves it its own way', () => {
    const start = { time: 36_000, charge: 1, leg: out, home: false }
    const still = reach(boat, start)
    for (const p of still.expected) expect(Math.hypot(p.north, p.east) / still.still).toBeCloseTo(1, 6)
    const moved = reach(withEdits(boat, [edit('day.streams', [{ ...stream, set: 0, rate: 0.5 }])]), {
      ...start,
      leg: { ...out, stream: 1 },
    })
    expect(moved.expected[0]!.north).toBeGreaterThan(still.still)
    expect(moved.expected[12]!.north).toBeGreaterThan(-still.still)
    const home = reach(boat, { ...start, home: true })
    expect(Math.hypot(home.expected[0]!.north, home.expected[0]!.east) / still.still).toBeCloseTo(0.5, 1)
  })
  it('the cheapest speed costs no more than any other that was tried, and more against a stream', () => {
    const housed = withEdits(boat, [edit('use.houseLoad', 150)]),
      costs = legCosts(housed, 0, simulateDay(housed))!
    const drive = new DayDrive(housed, 0)
    const at = (v: number) =>
      (drive.at(v, out, { stream: { north: 0, east: 0 }, wind: { north: 0, east: 0 }, charge: 0.9 }).packPower +
        150 / 0.92) /
      v
    for (const v of costs.speeds) expect(at(costs.cheapest)).toBeLessThanOrEqual(at(v) * 1.001)
    const foul = withEdits(housed, [
      edit('day.streams', [{ ...stream, set: Math.PI, rate: 0.6 }]),
      edit('day.legs', [{ ...out, stream: 1 }]),
    ])
    expect(legCosts(foul, 0, simulateDay(foul))!.cheapest).toBeGreaterThan(costs.cheapest)
  })
  it('the best hour takes the stream along', () => {
    const tide = withEdits(boat, [
      edit('day.streams', [{ ...stream, kind: 'tide', rate: 0.8, set: 0, highWater: 36_000 }]),
      edit('day.legs', [{ ...out, stream: 1 }]),
    ])
    const all = departures(tide, 21_600, 64_800),
      best = all.reduce((a, b) => (b.left > a.left ? b : a))
    expect(best.departs).toBeGreaterThan(36_000 - 3600)
    expect(best.departs).toBeLessThan(36_000 + HALF_TIDE)
  })
})

describe('a generator under way', () => {
  it('starts and stops by the charge, gives no more than its chargers can, and leaves more than none', () => {
    const legs = [leg({ ...out, distance: 30 * MILE })]
    const own = day(
      legs,
      edit('design.charging.supply', 'generator'),
      edit('design.charging.generatorPower', 1500),
      edit('day.generatorStart', 0.6),
      edit('day.generatorStop', 0.8),
    )
    const without = simulateDay(day(legs)),
      run = simulateDay(own)
    expect(run.points.at(-1)!.charge).toBeGreaterThan(without.points.at(-1)!.charge)
    expect(run.energy.shore).toBeGreaterThan(0)
    const fed = own.design.charging.generatorPower * own.design.charging.generatorShare
    for (const p of run.points) expect(p.shore).toBeLessThanOrEqual(fed)
    expect(run.points.filter(p => p.charge > 0.8).every(p => p.shore === 0)).toBe(true)
    const { drive, house, sun, shore, towed, lost, stored } = run.energy
    expect(Math.abs(sun + shore + towed - drive - house - lost - stored)).toBeLessThan(1e-9 * drive)
  })
})
