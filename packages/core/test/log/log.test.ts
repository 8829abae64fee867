import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import {
  capacityReading,
  compareTrials,
  curveLearnt,
  dueNow,
  EMPTY_TRIP,
  heatRunOf,
  jointState,
  nextPair,
  withRuns,
  packHealth,
  readingsSay,
  readTripsCsv,
  trialBySpeed,
  trialHonesty,
  tripOf,
  tripsCsv,
  tripTotals,
  usualDue,
  standsOut,
  withTrips,
  SimulatedBoat,
  hiddenOf,
} from '../../src/log'
import { Sampler, type Sample } from '../../src/instruments'
import { DEMO, DEMO_BOATS, edit, logWith, trialWith, withEdits, type Project, type Trip } from '../../src/project'
import { asSetUp } from '../../src/project'
import { evaluate, measuredOf, modelOf } from '../../src/system'
import {
  measuredParts,
  nextRun,
  pairsOf,
  pointsOf,
  trialNow,
  trialPlan,
  waterFactor,
  type TrialRun,
} from '../../src/trial'
import { trialOnWater } from './trialOnWater'
import { howMany } from '../howMany'

const bare = (boat: Project) => withEdits(boat, [edit('trial', { points: [], setups: [], use: 'theory' })])
const run = (step: number, way: 'out' | 'back', ground: number, more: TrialRun['means'] = {}): TrialRun => ({
  step,
  way,
  time: 0,
  held: 120,
  means: { ground, power: 1000 * (step + 1), ...more },
  speedWithin: 0.01,
  powerWithin: 0.01,
})
const trip = (of: Partial<Trip>): Trip => ({ ...EMPTY_TRIP, ...of })
const withLog = (boat: Project, trips: Trip[]) => {
  const { log, use } = logWith(boat, trips)
  return withEdits(boat, [edit('log', log), edit('trial.use', use)])
}

describe('the stream drops out', () => {
  const plan = trialPlan(6000)
  it('of two runs: 5.2 and 4.4 kn are 4.8 kn and 0.4 kn of stream', () => {
    const [pair] = pairsOf(plan, [run(0, 'out', 5.2), run(0, 'back', 4.4)])
    expect(pair!.speed).toBeCloseTo(4.8, 12)
    expect(pair!.stream).toBeCloseTo(0.4, 12)
  })
  it('of three and four runs in a stream that grows evenly', () => {
    const drift = (i: number) => 0.2 + 0.1 * i
    for (const n of [3, 4]) {
      const runs = Array.from({ length: n }, (_, i) => run(0, i % 2 ? 'back' : 'out', 4 + (i % 2 ? -1 : 1) * drift(i)))
      expect(pairsOf(plan, runs)[0]!.speed).toBeCloseTo(4, 12)
    }
  })
  it('also where the wind slows one way, if a wheel reads the water', () => {
    const runs = [run(0, 'out', 2.5 + 0.3, { water: 0.9 * 2.5 }), run(0, 'back', 2.1 - 0.3, { water: 0.9 * 2.1 })]
    expect(pairsOf(plan, runs)[0]!.stream).toBeCloseTo(0.3, 12)
  })
  it('runs go out and back step by step, and what is left out is not asked', () => {
    expect(nextRun(plan, [])).toEqual({ step: 0, way: 'out' })
    expect(nextRun(plan, [run(0, 'out', 2)])).toEqual({ step: 0, way: 'back' })
    expect(nextRun(plan, [run(0, 'out', 2), run(0, 'back', 2)], [1])).toEqual({ step: 2, way: 'out' })
    expect(nextRun(plan, [], [0, 1, 2, 3, 4])).toBeNull()
  })
  it('steps by speed are judged by the water, or roughly by the ground; what they take is expected', () => {
    const boat = bare(DEMO.tirrick),
      plan = trialBySpeed(boat, [0.5, 1])
    expect(plan.speeds![1]! / plan.speeds![0]!).toBeCloseTo(2, 9)
    expect(plan.steps[1]! / plan.most).toBeCloseTo(1, 6)
    expect(plan.steps[0]).toBeCloseTo(evaluate(asSetUp(boat, undefined), plan.speeds![0]!).point.drive.packPower, 6)
    const sail = (values: Sample['values']) =>
      trialNow(
        plan,
        [],
        Array.from({ length: 150 }, (_, i) => ({ time: i, values, marks: {} })),
      )
    const [slow] = plan.speeds!
    expect(sail({ water: slow! * 1.05, ground: slow! * 1.5, power: 900 })).toMatchObject({ onStep: true, ready: true })
    expect(sail({ water: slow! * 1.2, ground: slow!, power: plan.steps[0]! }).onStep).toBe(false)
    expect(sail({ ground: slow! * 1.25, power: 900 }).onStep).toBe(true)
    expect(sail({ ground: slow! * 1.4, power: plan.steps[0]! }).onStep).toBe(false)
    // without watts there is nothing to take
    expect(sail({ water: slow! }).onStep).toBe(false)
  })
  it('a wheel is calibrated by pairs', () => {
    expect(waterFactor(pairsOf(plan, [run(0, 'out', 2.2), run(0, 'back', 1.8)]), [1.9])!.factor).toBeCloseTo(0.95, 12)
  })
  it('thrust and torque give what each part makes', () => {
    const parts = measuredParts({ speed: 2.5, thrust: 500, torque: 25, shaft: 12, power: 2500, pitch: 0.29, wake: 0.2 })
    expect(parts.propeller! * parts.motor!).toBeCloseTo((500 * 2) / 2500, 9)
    expect(parts.realSlip).toBeGreaterThan(parts.apparentSlip)
  })
})

describe('a trial of the simulated boat', () => {
  const boats = ['demo-tirrick', 'demo-merrin', 'demo-wisp'].flatMap(id => DEMO_BOATS.find(b => b.id === id) ?? [])
  const SEEDS = Array.from({ length: howMany(5, 10) }, (_, i) => i + 1)
  const EIGHT_OF_TEN = 0.8 * SEEDS.length
  it.each(boats.map(b => [b.name, b] as const))('%s: what is hidden is found within its band', (_, given) => {
    const boat = bare(given)
    const inside = { weight: 0, stream: 0, curve: 0 }
    for (const seed of SEEDS) {
      const { hidden, boat: afloat, plan, runs } = trialOnWater(boat, seed)
      expect(runs).toHaveLength(10)
      const after = withEdits(boat, [edit('trial', trialWith(boat, pointsOf(plan, runs)))])
      const { weight } = readingsSay(after)!
      const truth = modelOf(asSetUp(boat, undefined)).boat.mass * hidden.weight
      if (weight.low <= truth && truth <= weight.high) inside.weight++
      const streams = pairsOf(plan, runs).map(p => p.stream!)
      const mean = streams.reduce((s, v) => s + v, 0) / streams.length
      if (Math.abs(mean - hidden.stream.north * Math.cos(1) - hidden.stream.east * Math.sin(1)) < 0.03) inside.stream++
      // the power that she really takes, at 60 % of what she can
      const speed = afloat.speedAt(0.6 * afloat.most)
      const calm = withEdits(after, [edit('use.seaMargin', 0), edit('use.headWind', 0)])
      const { packPowerLow, packPowerHigh } = evaluate(calm, speed).point
      if (packPowerLow <= 0.6 * afloat.most && 0.6 * afloat.most <= packPowerHigh) inside.curve++
    }
    expect(inside.weight).toBeGreaterThanOrEqual(EIGHT_OF_TEN)
    expect(inside.stream).toBeGreaterThanOrEqual(EIGHT_OF_TEN)
    expect(inside.curve).toBeGreaterThanOrEqual(EIGHT_OF_TEN)
  })
  it('knows which pair would tell more, and takes a heat run of ten steady minutes', () => {
    const boat = bare(DEMO.tirrick),
      { plan, runs } = trialOnWater(boat, 4)
    const few = { ...plan, steps: plan.steps.slice(0, 1) }
    const after = withRuns(boat, few, runs.slice(0, 2)),
      next = nextPair(after, few, 3.2)!
    expect(few.steps.every(w => Math.abs(w / plan.most - next.share) > 0.05)).toBe(true)
    const now = evaluate(after, boat.use.cruiseSpeed).point.resistance.powerSigma
    expect(next.within).toBeLessThan(Math.exp(1.2816 * now) - 1)
    const warm = (until: number): Sample[] =>
      Array.from({ length: until / 10 }, (_, i) => ({
        time: 10 * i,
        values: { power: i < 5 ? 500 : 2000, winding: 300 + i / 10 },
        marks: {},
      }))
    expect(heatRunOf(warm(400))).toEqual([])
    expect(heatRunOf(warm(1200))[0]).toEqual({ part: 'motor', time: 0, temperature: 300.5 })
  })
  it('is honest about one way, wind and shallow water', () => {
    const { plan, runs } = trialOnWater(bare(DEMO.tirrick), 3)
    const words = (of: readonly TrialRun[]) =>
      Object.fromEntries(trialHonesty(DEMO.tirrick, plan, of).map(w => [w.id, w]))
    expect(words(runs).ways!.state).toBe('fits')
    expect(words(runs.filter(r => r.way === 'out')).ways!.state).toBe('caution')
    const shallow = runs.map(r => ({ ...r, means: { ...r.means, depth: 1.9 } }))
    expect(words(shallow).depth!.state).not.toBe('fits')
    expect(words(shallow).depth!.cost).toBeGreaterThan(0)
    const windy = runs.map(r => ({ ...r, means: { ...r.means, trueWind: 9 } }))
    expect(words(windy).wind!.state).toBe('stop')
    expect(words(windy).wind!.cost).toBeGreaterThan(words(runs).wind!.cost)
  })
})

describe('trips', () => {
  /** Half an hour at 60 %, out and home, as the instruments say it. */
  const heard = (boat: Project, seed = 2) => {
    const afloat = new SimulatedBoat(boat, { ...hiddenOf(boat, seed), dropouts: 0.01 }, { time: 1_812_880_000, seed })
    const sampler = new Sampler(),
      samples: Sample[] = []
    for (let t = 0; t < 3600; t++) {
      afloat.steer(0.4 * afloat.most, t < 1800 ? 0.5 : 0.5 + Math.PI)
      afloat.step()
      for (const l of afloat.sentences()) {
        const s = sampler.take(l)
        if (s) samples.push(s)
      }
    }
    return { afloat, samples }
  }
  it('are made of what the instruments said', () => {
    const { afloat, samples } = heard(DEMO.tirrick)
    const made = tripOf(samples, 'instruments')
    expect(made.distance / afloat.truth.distance).toBeCloseTo(1, 1)
    expect(made.used / (0.4 * afloat.most * 3600)).toBeCloseTo(1, 1)
    expect(made.stretches.length).toBeGreaterThanOrEqual(2)
    expect(made.date).toBe('2027-06-13')
    expect(made.track.length).toBe(120)
  })
  it('read twice change nothing', () => {
    const { samples } = heard(DEMO.tirrick)
    const once = withTrips([], [tripOf(samples, 'instruments')])
    const twice = withTrips(once.trips, [tripOf(samples, 'instruments')])
    expect(twice.added).toBe(0)
    expect(twice.trips).toEqual(once.trips)
  })
  it('go out as CSV and come in the same, once', () => {
    const boat = withLog(DEMO.tirrick, [
      trip({
        id: 'a',
        date: '2027-06-01',
        name: '=Island',
        distance: 18_520,
        time: 7200,
        used: 1.2e7,
        rested: true,
        sea: 'slight',
      }),
      trip({
        id: 'b',
        date: '2027-06-02',
        name: 'Mole, and back',
        distance: 1852,
        time: 1800,
        chargeFrom: 0.9,
        chargeTo: 0.85,
      }),
    ])
    const read = readTripsCsv(tripsCsv(boat))
    expect(read.ok).toBe(true)
    if (!read.ok) return
    expect(read.trips.map(t => ({ ...t, source: 'hand', setup: 0 }))).toMatchObject(
      boat.log.trips.map(t => ({
        ...t,
        used: expect.closeTo(t.used, 3) as number,
        distance: expect.closeTo(t.distance, 6) as number,
        time: t.time,
        chargeTo: t.chargeTo,
      })),
    )
    expect(withTrips(boat.log.trips, read.trips).added).toBe(0)
    expect(readTripsCsv('date,distance_nm\n2027-06-01,far')).toEqual({
      ok: false,
      errors: ['Line 2: distance_nm “far” is not a number.'],
    })
  })
  it('narrow the curve, each a little, and move it to what was used', () => {
    const boat = bare(DEMO.tirrick),
      speed = boat.use.cruiseSpeed
    const power = evaluate(boat, speed).point.drive.packPower
    const logged = withLog(
      boat,
      Array.from({ length: 8 }, (_, i) =>
        trip({ id: `t${i}`, date: `2027-06-0${i + 1}`, distance: speed * 7200, time: 7200, used: 1.2 * power * 7200 }),
      ),
    )
    expect(measuredOf(logged).points).toHaveLength(8)
    const after = evaluate(logged, speed).point
    expect(after.drive.packPower / power).toBeGreaterThan(1.02)
    const learnt = curveLearnt(logged)
    expect(learnt.trial).toBeNull()
    const widths = [learnt.before, ...learnt.steps.map(s => s.within)]
    widths.forEach((w, i) => i > 0 && expect(w).toBeLessThanOrEqual(widths[i - 1]! + 1e-9))
    expect(tripTotals(logged).distance).toBeCloseTo(8 * speed * 7200, 3)
  })
})

describe('health', () => {
  it.each([
    [9, 'fits'],
    [11, 'caution'],
    [29, 'caution'],
    [31, 'stop'],
  ])('a joint %d K above its cable is %s', (rise, state) => {
    const joint = { at: '2027-06-01', name: 'Lug', temperature: 300 + rise, beside: 300, current: 60 }
    expect(jointState(joint)).toBe(state)
  })
  it('what changed counts beyond what is let pass and beyond twice its scatter', () => {
    expect(standsOut({ change: 0.1, sigma: 0.04 }, 0.08)).toBe(true)
    expect(standsOut({ change: 0.1, sigma: 0.06 }, 0.08)).toBe(false)
    expect(standsOut({ change: 0.07, sigma: 0.01 }, 0.08)).toBe(false)
  })
  const boat = DEMO.tirrick
  const whole = boat.design.pack.cell.capacityAh
  /** a made season: capacity falls from 98 % by 4 % a year, seen through noisy charges */
  const season = (seed: number) => {
    let state = seed * 7919 + 17
    const even = () => ((state = (state * 48_271) % 2_147_483_647) / 2_147_483_647) * 2 - 1
    const normal = () => even() + even() + even()
    return Array.from({ length: 20 }, (_, i) => {
      const day = i * 8,
        share = 0.98 - (0.04 * day) / 365
      const from = 1,
        to = 0.3 + 0.1 * even()
      return trip({
        id: `s${i}`,
        date: new Date(Date.UTC(2027, 4, 1 + day)).toISOString().slice(0, 10),
        chargeFrom: Math.min(1, from + 0.0106 * normal()),
        chargeTo: to + 0.035 * normal(),
        rested: true,
        drawn: share * whole * (from - to) * (1 + 0.01 * normal()),
      })
    })
  }
  it('finds the capacity of a made season within its band, in eight of ten', () => {
    const found = Array.from({ length: 10 }, (_, seed) => packHealth(withLog(boat, season(seed + 1))).now).filter(
      n => n.low <= 0.98 - (0.04 * 152) / 365 && 0.98 - (0.04 * 152) / 365 <= n.high,
    )
    expect(found.length).toBeGreaterThanOrEqual(8)
  })
  it('is the plan without trips, and narrows with them', () => {
    const none = packHealth(boat),
      some = packHealth(withLog(boat, season(1)))
    expect(none.now.value).toBeCloseTo(boat.design.banks.health, 6)
    expect(some.now.high - some.now.low).toBeLessThan(none.now.high - none.now.low)
    for (const h of [none, some]) {
      expect(h.worn.low).toBeLessThanOrEqual(h.worn.value)
      expect(h.worn.value).toBeLessThanOrEqual(h.worn.high)
    }
  })
  it('believes rested ends more, and nothing of a shallow trip', () => {
    const of = (part: Partial<Trip>) =>
      capacityReading(boat, trip({ date: '2027-06-01', chargeFrom: 1, chargeTo: 0.4, drawn: 0.6 * whole, ...part }))
    expect(of({ rested: true })!.sigma).toBeLessThan(of({ rested: false })!.sigma)
    expect(of({})!.share).toBeCloseTo(1, 9)
    expect(of({ chargeTo: 0.95 })).toBeNull()
  })
  it('counts what is due by hours, months and trips', () => {
    const due = usualDue(boat, '2027-05-01')
    const ran = withLog(withEdits(boat, [edit('log.due', due)]), [trip({ date: '2027-06-20', time: 390_000 })])
    const now = dueNow(ran, Date.UTC(2027, 5, 20) / 864e5)
    expect(now.find(d => d.due.id === 'lugs')!.state).toBe('late')
    expect(now.find(d => d.due.id === 'seal')!.state).toBe('late')
    expect(now.find(d => d.due.id === 'bms')!.state).toBe('later')
  })
  it('trials compare over the speeds that they share', () => {
    const points = (factor: number) =>
      [3, 4, 5].map(kn => ({ speed: kn * KNOT, power: 100 * kn ** 3 * factor, doubt: 0.03 }))
    const { share, exceeds, low, high } = compareTrials(points(1), points(0.85))!
    expect(share).toBeCloseTo(-0.15, 6)
    expect(exceeds).toBe(true)
    expect(low).toBeLessThan(share)
    expect(high).toBeGreaterThan(share)
    expect(compareTrials(points(1), points(0.98))!.exceeds).toBe(false)
  })
})
