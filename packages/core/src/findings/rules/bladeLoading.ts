import type { Rule } from '../finding'
import { lowerTopSpeed } from '../fixes'

/** Blades that push harder than the water under them allows. */
export const bladeLoading: Rule = {
  id: 'bladeLoading', part: 'propeller', checks: 'Blades push no harder than water allows', source: 'Burrill’s 10 % line, 0.494 σ^0.88 (Blount & Fox 1978, from memory of)',
  check(facts) {
    const { blades, model: { project } } = facts
    if (!blades || blades.loading <= blades.limit) return null
    const wider = Math.min(1.05, Math.ceil(project.design.propeller.areaRatio * blades.loading / blades.limit * 20) / 20)
    return {
      severity: blades.loading > 1.3 * blades.limit ? 'stop' : 'caution', title: 'blades overloaded at top',
      amount: { text: '+{x}', params: { x: { value: blades.loading / blades.limit - 1, quantity: 'ratio' } } },
      sentence: { text: 'They load the water to {l} where {limit} is the most: the backs cavitate, thrust and quiet are lost.', params: { l: { value: blades.loading, quantity: 'plain' }, limit: { value: blades.limit, quantity: 'plain' } } },
      fixes: [{ label: { text: 'Area {a}', params: { a: { value: wider, quantity: 'plain' } } }, edits: [{ path: 'design.propeller.areaRatio', value: wider }] }, ...lowerTopSpeed(facts)],
    }
  },
}
