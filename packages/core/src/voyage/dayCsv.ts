import { FREEZING, KNOT } from '../constants'
import { writeTable } from '../tables'
import type { DayPoint } from './simulateDay'

/** A time of the clock; a day later goes on past 24. */
export const clockText = (time: number): string => {
  const minutes = Math.round(time / 60)
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(((minutes % 60) + 60) % 60).padStart(2, '0')}`
}

/**
 * Every step of a day as CSV: time, place along the leg, speeds, charge, volts, amps, powers, temperatures.
 *
 * @param points of simulateDay
 * @returns CSV with a heading that names the units
 */
export function dayCsv(points: readonly DayPoint[]): string {
  const head =
    'clock,leg,along_m,north_m,east_m,water_kn,ground_kn,stream_kn,charge_percent,volts,amps,drive_W,house_W,sun_W,' +
    'shore_W,towed_W,winding_C,controller_C'
  const celsius = (k: number | null) => (k === null ? '' : (k - FREEZING).toFixed(1))
  const rows = points.map(p => [
    clockText(p.time),
    String(p.leg + 1),
    p.along.toFixed(0),
    p.north.toFixed(0),
    p.east.toFixed(0),
    (p.water / KNOT).toFixed(2),
    (p.ground / KNOT).toFixed(2),
    (p.stream / KNOT).toFixed(2),
    (100 * p.charge).toFixed(2),
    p.volts.toFixed(2),
    p.amps.toFixed(1),
    p.drive.toFixed(0),
    p.house.toFixed(0),
    p.sun.toFixed(0),
    p.shore.toFixed(0),
    p.towed.toFixed(0),
    celsius(p.winding),
    celsius(p.controller),
  ])
  return writeTable([head.split(','), ...rows])
}
