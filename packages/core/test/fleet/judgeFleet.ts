import { findingsOf } from '../../src/advice'
import { KNOT } from '../../src/constants'
import { withEdits, type Project } from '../../src/project'
import { sizeRest } from '../../src/sizing'
import { evaluate } from '../../src/system'
import { asBet, enterFleetBoat, type FleetBoat } from './fleetEntry'

/** One point of a boat, judged. kW. */
export interface JudgedPoint {
  label: string
  knots: number
  ours: number
  low: number
  high: number
  bet: { low: number; best: number; high: number }
  inside: boolean
}

/** One boat, judged: her powers, the exponents between them, and what she was given. */
export interface JudgedBoat {
  id: string
  points: JudgedPoint[]
  shapes: { from: string; to: string; ours: number; inside: boolean }[]
  design: { motor: string; kilowatts: number; volts: number; usable: number; clashes: number; inside: boolean } | null
}

/** What a fleet comes to. */
export interface FleetShares {
  points: number
  shapes: number
  rms: number
  /** shares of the boats that got a design, and one with a motor inside its bet by a fifth */
  designs: number
  motors: number
  /** share of the bets' best values that lie in our bands */
  banded: number
}

/** A boat of a fleet as Remigo sees her, beside what was bet. */
export function judgeBoat(b: FleetBoat): JudgedBoat {
  const entered = enterFleetBoat(b)
  const sized = sizeRest(entered)
  const boat = sized.outcome === 'sized' ? withEdits(entered, sized.edits) : entered
  const points = b.points.map((p): JudgedPoint => {
    const { point } = evaluate(asBet(boat, p), p.speed_kn * KNOT)
    const ours = point.drive.packPower / 1000
    return {
      label: p.label,
      knots: p.speed_kn,
      ours,
      low: point.packPowerLow / 1000,
      high: point.packPowerHigh / 1000,
      bet: { low: p.battery_kw_low, best: p.battery_kw_best, high: p.battery_kw_high },
      inside: ours >= p.battery_kw_low && ours <= p.battery_kw_high,
    }
  })
  const at = (label: string) => points.find(p => p.label === label)!
  return {
    id: b.id,
    points,
    shapes: b.shape
      .filter(s => s.same_water)
      .map(s => {
        const from = at(s.from_label),
          to = at(s.to_label)
        const ours = Math.log(to.ours / from.ours) / Math.log(to.knots / from.knots)
        return {
          from: s.from_label,
          to: s.to_label,
          ours,
          inside: ours >= s.exponent_low && ours <= s.exponent_high,
        }
      }),
    design: sized.outcome === 'sized' ? designOf(boat, b) : null,
  }
}

function designOf(boat: Project, b: FleetBoat): JudgedBoat['design'] {
  const at = evaluate(boat, boat.use.cruiseSpeed)
  const { motor, systemVoltage } = boat.design
  const kilowatts = motor.ratedPower / 1000
  return {
    motor: motor.name,
    kilowatts,
    volts: systemVoltage,
    usable: at.model.pack.usableEnergy / 3.6e6,
    clashes: findingsOf(at).counts.stop,
    inside: kilowatts >= b.motor_rated_shaft_kw_low / 1.2 && kilowatts <= 1.2 * b.motor_rated_shaft_kw_high,
  }
}

/** The shares of a whole fleet. */
export function sharesOf(judged: readonly JudgedBoat[]): FleetShares {
  const points = judged.flatMap(b => b.points),
    shapes = judged.flatMap(b => b.shapes)
  const share = <T>(of: readonly T[], is: (one: T) => boolean) => of.filter(is).length / Math.max(1, of.length)
  return {
    points: share(points, p => p.inside),
    shapes: share(shapes, s => s.inside),
    rms: Math.sqrt(points.reduce((s, p) => s + Math.log(p.ours / p.bet.best) ** 2, 0) / points.length),
    designs: share(judged, b => b.design !== null),
    motors: share(judged, b => b.design?.inside ?? false),
    banded: share(points, p => p.bet.best >= p.low && p.bet.best <= p.high),
  }
}
