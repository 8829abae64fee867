import { KNOT, NAUTICAL_MILE } from '../../constants'
import { usualOf } from '../../fields'
import { DAY_LEG, DAY_LOAD, DAY_OUT, DAY_STREAM, DAY_WIND, type Day, type Leg } from '../definition/dayFields'

// Days of the demo boats: invented waters, ordinary days.

const HOUR = 3600
const degrees = (angle: number) => (angle * Math.PI) / 180
const leg = (of: Partial<Leg>): Leg => ({ ...usualOf(DAY_LEG.fields), ...of })
/** Under way: miles, course in degrees, knots through the water. */
const go = (to: string, miles: number, course: number, knots: number, more: Partial<Leg> = {}): Leg =>
  leg({ to, distance: miles * NAUTICAL_MILE, course: degrees(course), speed: knots * KNOT, ...more })
const wait = (hours: number, more: Partial<Leg> = {}): Leg => leg({ does: 'waits', duration: hours * HOUR, ...more })
const clock = (h: number, m = 0) => h * HOUR + m * 60
const wind = (at: number, from: number, knots: number) => ({
  ...usualOf(DAY_WIND.fields),
  at,
  from: degrees(from),
  speed: knots * KNOT,
})
const load = (name: string, power: number, when: Day['loads'][number]['when'], share = 1) => ({
  ...usualOf(DAY_LOAD.fields),
  name,
  power,
  when,
  share,
})
const day = (of: Partial<Day>): Day => ({ ...usualOf(DAY_OUT.fields), ...of })

/** A yacht out to an island on the ebb and home on what is left of it. */
export const islandDay = day({
  date: '2027-09-12',
  departs: clock(9, 20),
  berth: 'Berth',
  wind: [wind(clock(9), 270, 8), wind(clock(16), 270, 10)],
  streams: [
    {
      ...usualOf(DAY_STREAM.fields),
      name: 'Bay',
      kind: 'tide',
      set: degrees(245),
      rate: 1.3 * KNOT,
      neaps: 0.6 * KNOT,
      springs: 0.8,
      highWater: clock(8, 40),
    },
  ],
  loads: [load('Instruments', 25, 'under way'), load('Autopilot', 30, 'under way'), load('Fridge', 40, 'always', 0.8)],
  legs: [
    go('Bar buoy', 2.4, 214, 4.2, { stream: 1 }),
    go('West ledge', 4.6, 262, 4.3, { stream: 1 }),
    go('Seal island', 3.1, 305, 4.3, { stream: 1 }),
    wait(1.5),
    go('West ledge', 3.1, 125, 4.2, { stream: 1 }),
    go('Bar buoy', 4.6, 82, 4.2, { stream: 1 }),
    go('Berth', 2.4, 34, 4.2, { stream: 1 }),
  ],
})

/** A launch with two villages on a lake. */
export const lakeDay = day({
  date: '2027-05-10',
  departs: clock(7, 15),
  berth: 'North village',
  wind: [wind(clock(7), 200, 4), wind(clock(17), 220, 9)],
  loads: [load('Lights and radio', 20, 'under way'), load('Cabin', 30, 'by day')],
  legs: [
    go('South village', 4.2, 168, 5),
    wait(0.25),
    go('North village', 4.2, 348, 5),
    wait(6.5, { plugged: true }),
    go('South village', 4.2, 168, 5),
    wait(0.25),
    go('North village', 4.2, 348, 5),
  ],
})

/** A motor yacht to the islands, lunch, and home. */
export const soundDay = day({
  date: '2027-07-03',
  departs: clock(9),
  sky: 'clear',
  berth: 'Merrow quay',
  wind: [wind(clock(9), 230, 7), wind(clock(18), 240, 12)],
  streams: [
    {
      ...usualOf(DAY_STREAM.fields),
      name: 'Sound',
      kind: 'tide',
      set: degrees(300),
      rate: 1.6 * KNOT,
      neaps: 0.8 * KNOT,
      springs: 0.4,
      highWater: clock(7, 30),
      rule: 'sine',
    },
  ],
  loads: [
    load('Radar and plotter', 60, 'under way'),
    load('Fridge', 55, 'always'),
    load('Galley', 900, 'at rest', 0.12),
  ],
  legs: [
    go('Fairway buoy', 1.8, 280, 6, { stream: 1 }),
    go('Corn island', 5.5, 305, 6.5, { stream: 1 }),
    wait(2),
    go('Fairway buoy', 5.5, 125, 6.5, { stream: 1 }),
    go('Merrow quay', 1.8, 100, 6, { stream: 1 }),
  ],
})

/** Bird watchers along a reservoir, with long stops. */
export const reservoirDay = day({
  date: '2027-04-24',
  departs: clock(8),
  berth: 'Club landing',
  wind: [wind(clock(8), 310, 5), wind(clock(15), 290, 11)],
  legs: [
    go('Reed point', 1.6, 75, 3.5),
    wait(1.5),
    go('Heron bay', 1.1, 110, 3),
    wait(1.5),
    go('Club landing', 2.6, 269, 3.5),
  ],
})

/** A canal boat's day of locks: mostly waiting. */
export const canalDay = day({
  date: '2027-06-05',
  departs: clock(9, 30),
  berth: 'Hallow basin',
  loads: [load('Fridge', 45, 'always'), load('Water pump', 60, 'always', 0.05), load('Lights', 25, 'by night', 0.4)],
  legs: [
    go('First lock', 1.9, 85, 2.8),
    wait(0.5),
    go('Second lock', 0.6, 92, 2.4),
    wait(0.5),
    go('Willow mooring', 2.7, 70, 2.8),
  ],
})

/** Divers: ten minutes out on the plane, an hour at anchor, ten back. */
export const diveDay = day({
  date: '2027-08-14',
  departs: clock(10),
  berth: 'Slip',
  legs: [go('Wreck', 2.2, 320, 13.5, { stream: 0 }), wait(1), go('Slip', 2.2, 140, 13.5), wait(3, { plugged: true })],
})
