import type { Rule } from '../finding'
import { lowerTopSpeed } from '../fixes'

/** Battery guard that opens under way. */
export const bmsAmps: Rule = {
  id: 'bmsAmps', part: 'pack', checks: 'Battery guard switches no less than the drive draws', source: 'Plate of the battery management against the current all day',
  check(facts) {
    const { wiring: { bmsCurrent, current }, model: { pack }, top } = facts
    if (bmsCurrent >= Math.min(current, pack.current)) return null
    return {
      severity: bmsCurrent < top.drive.packCurrent ? 'stop' : 'caution', title: 'battery guard', amount: { text: '{a}', params: { a: { value: bmsCurrent - current, quantity: 'current' } } },
      sentence: { text: 'The drive draws {c} with headroom; the guard opens above {b}, and she stops without warning.', params: { c: { value: current, quantity: 'current' }, b: { value: bmsCurrent, quantity: 'current' } } },
      fixes: [{ label: { text: 'A guard for {c}', params: { c: { value: Math.ceil(current / 10) * 10, quantity: 'current' } } }, edits: [{ path: 'design.wiring.bmsCurrent', value: Math.ceil(current / 10) * 10 }] }, ...lowerTopSpeed(facts)],
    }
  },
}
