import { runsWarmer, warmthTrend } from '../../../log'
import type { Rule } from '../../finding'

/** Motor or controller become warmer at the same load: a cooling that clogs. */
export const warmerNow: Rule = {
  part: 'motor',
  checks: 'Motor and controller are no warmer at like loads than before',
  source: 'Temperature after steady stretches of twenty minutes, for each kilowatt',
  check({ model: { project } }) {
    const trends = (['winding', 'controller'] as const)
      .flatMap(part => warmthTrend(project, part) ?? [])
      .filter(runsWarmer)
      .sort((a, b) => b.change - a.change)
    const worst = trends[0]
    if (!worst) return null
    const winding = worst.part === 'winding'
    return {
      severity: 'caution',
      title: winding ? 'motor runs warmer' : 'controller runs warmer',
      amount: { text: '+{s}', params: { s: { quantity: 'ratio', value: worst.change } } },
      sentence: {
        text: winding
          ? 'For the same power the motor is {s} further above the water than on the first trips.'
          : 'For the same power the controller is {s} further above the water than on the first trips.',
        params: { s: { quantity: 'ratio', value: worst.change } },
      },
      measure: worst.change,
      fixes: [],
      need: { text: 'Look at filter, pump, coolant and the air’s way; clean them and compare the next trip.' },
    }
  },
}
