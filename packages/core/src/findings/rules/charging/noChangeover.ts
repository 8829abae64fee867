import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Shore and generator that could feed one another. */
export const noChangeover: Rule = {
  part: 'pack',
  checks: 'A changeover keeps shore and generator apart',
  source: 'Two sources of mains never on one circuit (common practice; wiring codes ask for it)',
  check({
    model: {
      project: {
        day,
        design: { charging },
      },
    },
  }) {
    if (charging.supply !== 'generator' || charging.changeover || !day.legs.some(l => l.plugged)) return null
    return {
      severity: 'stop',
      title: 'two sources, no changeover',
      amount: { text: '' },
      sentence: {
        text:
          'The day has a socket and she has a generator. Without a changeover one feeds the other, and the plug on ' +
          'the quay can be live in a hand.',
      },
      caution:
        'Exhaust kills: a generator never runs in or near a closed space, and an alarm for carbon monoxide sleeps ' +
        'aboard. Local code first; a licensed electrician wires both sources.',
      fixes: [{ label: { text: 'A changeover switch' }, edits: [edit('design.charging.changeover', true)] }],
    }
  },
}
