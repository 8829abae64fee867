import { euros } from '../../../units'
import { budgetOf } from '../../../money'
import type { Rule } from '../../finding'

/** More money than the owner set aside. */
export const budgetOver: Rule = {
  part: 'pack',
  checks: 'The conversion stays within its budget',
  source: 'Paid, what is open with its spare, less what old parts bring',
  check({ model: { project }, library }) {
    const { budget } = project.yard
    if (budget === null) return null
    const { likely, left } = budgetOf(project, library)
    if (left === null || left >= 0) return null
    return {
      severity: 'caution',
      title: 'over the budget',
      amount: { text: '+{m}', params: { m: euros(-left) } },
      sentence: {
        text: 'Likely at the end: {l}, {a} to {b}. The budget is {m}.',
        params: { l: euros(likely.value), a: euros(likely.low), b: euros(likely.high), m: euros(budget) },
      },
      measure: -left,
      fixes: [],
      need: { text: 'Type what is really asked for the dear lines, or start with a smaller pack.' },
    }
  },
}
