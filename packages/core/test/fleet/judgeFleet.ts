import { findingsOf } from '../../src/advice'
import { KNOT } from '../../src/constants'
import { withEdits, type Project } from '../../src/project'
import { sizeRest } from '../../src/sizing'
import { evaluate, modelOf } from '../../src/system'
import { asBet, enterFleetBoat, type FleetBoat, type FleetFact } from './fleetEntry'

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
  design: {
    motor: string
    kilowatts: number
    volts: number
    /** kWh */
    usable: number
    clashes: number
    inside: boolean
    voltsInside: boolean
    packInside: boolean
  } | null
  /** facts that are not kept */
  broken: string[]
  facts: number
}

/** What a fleet comes to. */
export interface FleetShares {
  points: number
  shapes: number
  rms: number
  /** shares of the boats that got a design, and one with a motor inside its bet by a fifth */
  designs: number
  motors: number
  /** of all boats: volts from the list, a usable pack inside its bet by a fifth, no clash */
  volts: number
  packs: number
  calm: number
  /** of all facts that can be checked */
  facts: number
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
    ...factsOf(boat, b, sized.outcome === 'sized'),
  }
}

function designOf(boat: Project, b: FleetBoat): JudgedBoat['design'] {
  const at = evaluate(boat, boat.use.cruiseSpeed)
  const { motor, systemVoltage } = boat.design,
    usable = at.model.pack.usableEnergy / 3.6e6
  const kilowatts = (boat.boat.drive.count * motor.ratedPower) / 1000
  return {
    motor: motor.name,
    kilowatts,
    volts: systemVoltage,
    usable,
    clashes: findingsOf(at).counts.stop,
    inside: kilowatts >= b.motor_rated_shaft_kw_low / 1.2 && kilowatts <= 1.2 * b.motor_rated_shaft_kw_high,
    voltsInside: [...b.system_voltage_v, ...b.system_voltage_also_acceptable_v].some(
      v => Math.abs(systemVoltage / v - 1) <= SAME_VOLTS,
    ),
    packInside: usable >= b.pack_usable_kwh_low / 1.2 && usable <= 1.2 * b.pack_usable_kwh_high,
  }
}

/** 300 and 400 V are of the class of 350 V. */
const SAME_VOLTS = 0.15

/** The facts of a boat that a machine can check, and those that are not kept. */
function factsOf(boat: Project, b: FleetBoat, sized: boolean): Pick<JudgedBoat, 'broken' | 'facts'> {
  const bet = asBet(boat, b.points[0]!)
  const power = (knots: number) => evaluate(bet, knots * KNOT).point.drive.packPower / 1000
  const checked = b.must_not_get_wrong.flatMap(({ fact, check }) => {
    const ours = check && measured(check)
    return ours === null || ours === undefined ? [] : [{ fact, kept: keeps(ours, check!) }]
  })
  return { facts: checked.length, broken: checked.filter(f => !f.kept).map(f => f.fact) }

  function measured(check: NonNullable<FleetFact['check']>): number | null {
    switch (check.quantity) {
      case 'battery_power_kw':
        return power(check.at_kn!)
      case 'battery_power_ratio':
        return power(check.to_kn!) / power(check.from_kn!)
      case 'recommended_motor_shaft_kw':
        return sized ? (boat.boat.drive.count * boat.design.motor.ratedPower) / 1000 : null
      case 'propeller_rpm_at_rated':
        return sized ? boat.design.motor.ratedRpm / modelOf(boat).totalRatio : null
      case 'speed_kn_at_battery_kw': {
        let knots = 0.5
        while (knots < 58 && power(knots) < check.battery_kw!) knots += 0.02
        return knots
      }
      case 'can_plane': {
        // enough at the shaft for the hump, by the boat's own curve
        if (modelOf(boat).hullType.waveBound) return 0
        const hump = b.points.find(p => p.label === 'hump' || p.label === 'cruise')!
        const shaft = evaluate(bet, hump.speed_kn * KNOT).point.drive.shaftPower / 1000
        return shaft <= check.shaft_kw! ? 1 : 0
      }
      default:
        return null
    }
  }
}

function keeps(ours: number, { op, value, expected }: NonNullable<FleetFact['check']>): boolean {
  if (expected !== undefined) return (ours === 1) === expected
  if (op === 'between') return ours >= (value as [number, number])[0] && ours <= (value as [number, number])[1]
  return op === '<' ? ours < (value as number) : ours > (value as number)
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
    volts: share(judged, b => b.design?.voltsInside ?? false),
    packs: share(judged, b => b.design?.packInside ?? false),
    calm: share(judged, b => b.design?.clashes === 0),
    facts: 1 - judged.reduce((s, b) => s + b.broken.length, 0) / judged.reduce((s, b) => s + b.facts, 0),
    banded: share(points, p => p.bet.best >= p.low && p.bet.best <= p.high),
  }
}
