import { metres, radians } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { listState, placesWith } from '../../../mass'
import type { Rule } from '../../finding'

/** Weights to one side. */
export const listOff: Rule = {
  part: 'hull',
  checks: 'She floats upright with the new drive',
  source: 'A list over 1° is felt (common practice); Σ m y / (Δ GM)',
  check({ balance, model: { project } }) {
    if (!balance) return null
    const list = Math.abs(balance.list.value),
      state = listState(balance)
    if (state === 'fits') return null
    const pack = balance.rows.find(r => r.part === 'pack'),
      across = pack && pack.mass > 0 ? pack.across - (balance.shift.across * balance.mass) / pack.mass : 0
    return {
      severity: state,
      title: balance.list.value > 0 ? 'list to starboard' : 'list to port',
      amount: { text: '{a}', params: { a: radians(list) } },
      sentence: {
        text: 'She lists {a}. Over 1° is felt; something must move to the other side.',
        params: { a: radians(list) },
      },
      measure: list,
      fixes:
        pack && Math.abs(across) < project.boat.beam / 2 - 0.1
          ? [
              {
                label: {
                  text: across < pack.across ? 'Pack {x} to port' : 'Pack {x} to starboard',
                  params: { x: metres(Math.abs(across - pack.across)) },
                },
                edits: [
                  edit(
                    'yard.places',
                    placesWith(project, { part: 'pack', along: pack.along, across, above: pack.above }),
                  ),
                ],
              },
            ]
          : [],
    }
  },
}
