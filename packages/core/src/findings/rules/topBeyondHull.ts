import type { Rule } from '../finding'

/** A top speed beyond the hull's own: more power only makes waves. */
export const topBeyondHull: Rule = {
  id: 'topBeyondHull', part: 'hull', checks: 'Top speed wished is one that this hull can reach', source: 'Wave as long as the waterline, Fn 0.40 (1.34 √LWL)',
  check({ hullSpeed, payoff, model: { project, hullType }, top, cruise }) {
    const { topSpeed, cruiseSpeed } = project.use
    if (!hullType.waveBound || topSpeed <= 1.02 * hullSpeed) return null
    const better = Math.max(payoff.speed, cruiseSpeed)
    return {
      severity: topSpeed > 1.15 * hullSpeed ? 'stop' : 'caution', title: 'top beyond hull speed',
      amount: { text: '+{v}', params: { v: { value: topSpeed - hullSpeed, quantity: 'speed' } } },
      sentence: {
        text: 'Hull speed is {hull}. Top would take {p}, {times} times cruise, and mostly make waves.',
        params: { hull: { value: hullSpeed, quantity: 'speed' }, p: { value: top.drive.packPower, quantity: 'electricPower' }, times: { value: top.drive.packPower / Math.max(1, cruise.drive.packPower), quantity: 'plain' } },
      },
      fixes: [
        { label: { text: 'Top {v}', params: { v: { value: better, quantity: 'speed' } } }, edits: [{ path: 'use.topSpeed', value: better }] },
        ...(hullSpeed > better ? [{ label: { text: 'Top {v}', params: { v: { value: hullSpeed, quantity: 'speed' as const } } }, edits: [{ path: 'use.topSpeed', value: hullSpeed }] }] : []),
      ],
    }
  },
}
