import { edit } from '../../../project/definition/projectPath'
import { contradictionsOf } from '../../../project/contradictions/shapeContradictions'
import type { Rule } from '../../finding'

/** Dimensions that cannot belong to one boat: whatever follows from them is worth nothing. */
export const dimensionsOdd: Rule = {
  part: 'hull',
  reveals: true,
  checks: 'Dimensions belong to one boat',
  source: 'Archimedes; shares and coefficients of usual hulls (common practice)',
  check({
    model: {
      project: { boat },
      form,
    },
  }) {
    // the weight as it was typed goes with the draught as it was typed
    const [wrong] = contradictionsOf(boat, boat.massHolds === 'after' ? form : undefined)
    if (!wrong) return null
    return {
      severity: 'stop',
      title: 'dimensions',
      amount: { text: '' },
      sentence: { ...wrong.message, text: `${wrong.message.text}. No figure holds until this is right.` },
      fixes: wrong.mend
        ? [{ label: wrong.mend.label, edits: [edit(`boat.${wrong.mend.field}`, wrong.mend.value)] }]
        : [],
    }
  },
}
