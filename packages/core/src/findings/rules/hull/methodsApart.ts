import { plainNumber } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { resistanceMethodOf } from '../../../resistance'
import type { Rule } from '../../finding'

/** Methods that hold at cruise and yet disagree. */
export const methodsApart: Rule = {
  part: 'hull',
  checks: 'Methods agree at cruise, and one of them holds there',
  source: 'Factor 1.5 between methods inside their ranges',
  check({ cruise, model: { project } }) {
    const { methods, outsideAll } = cruise.resistance
    const inside = methods.filter(m => m.holds && !m.rule).sort((a, b) => a.value - b.value)
    const margin = {
      label: { text: 'Sea margin 25 %' },
      edits: [edit('use.seaMargin', Math.max(0.25, project.use.seaMargin))],
    }
    if (outsideAll) {
      return {
        severity: 'caution',
        title: 'no method holds at cruise',
        amount: { text: '' },
        sentence: { text: 'This hull and speed lie outside every method’s range. All are used, and the band is wide.' },
        need: { text: 'Two or three honest runs settle it; until then plan with the upper end of the band.' },
        fixes: [margin],
      }
    }
    const low = inside[0],
      high = inside.at(-1)
    if (!low || !high || high.value <= 1.5 * low.value) return null
    return {
      severity: 'note',
      title: 'methods disagree',
      amount: { text: '× {x}', params: { x: plainNumber(high.value / low.value) } },
      sentence: {
        text:
          '{high} asks {x} times the pull of {low} at cruise. ' +
          `${
            resistanceMethodOf(high.id).inService
              ? 'It knows only weight and length, and has ' + 'weather in it.'
              : 'Trial runs will settle it.'
          }`,
        params: {
          high: resistanceMethodOf(high.id).label,
          low: resistanceMethodOf(low.id).label,
          x: plainNumber(high.value / low.value),
        },
      },
      need: { text: 'Two or three honest runs settle it; until then plan with the upper end of the band.' },
      fixes: [margin],
    }
  },
}
