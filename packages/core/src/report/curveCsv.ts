import { KNOT, NAUTICAL_MILE } from '../constants'
import type { Project } from '../project'
import { powerCurve } from '../system'
import { writeTable } from '../tables'

/**
 * The power curve as CSV: one row a speed, every method's resistance, the recommendation, powers and limits.
 *
 * @param project the boat
 * @returns CSV with a header; units are in the header
 */
export function curveCsv(project: Project): string {
  const points = powerCurve(project)
  const methods = points[0]!.resistance.methods.map(m => m.id)
  const header = [
    'speed_kn',
    'froude',
    'resistance_N',
    'resistance_low_N',
    'resistance_high_N',
    ...methods.flatMap(id => [`${id}_N`, `${id}_holds`]),
    'hull_kW',
    'shaft_kW',
    'pack_kW',
    'pack_low_kW',
    'pack_high_kW',
    'propeller_rpm',
    'motor_rpm',
    'pack_A',
    'time_left_h',
    'distance_left_nmi',
    'rating',
  ]
  const rows = points.map(p => {
    const d = p.drive
    return [
      (p.speed / KNOT).toFixed(3),
      p.froude.toFixed(4),
      ...[p.resistance.centre, p.resistance.low, p.resistance.high].map(v => v.toFixed(1)),
      ...p.resistance.methods.flatMap(m => [m.value.toFixed(1), m.holds ? 'yes' : 'no']),
      ...[d.effectivePower, d.shaftPower, d.packPower, p.packPowerLow, p.packPowerHigh].map(v => (v / 1000).toFixed(4)),
      (d.shaftSpeed * 60).toFixed(1),
      d.motorRpm.toFixed(1),
      d.packCurrent.toFixed(2),
      (p.timeLeft / 3600).toFixed(3),
      (p.distanceLeft / NAUTICAL_MILE).toFixed(3),
      p.holds,
    ]
  })
  return writeTable([header, ...rows])
}
