import { crewStability, crewState, placesWith } from '../../../mass'
import { edit } from '../../../project/definition/projectPath'
import { radians, smallMetres } from '../../../units'
import type { Rule } from '../../finding'

/** m above the water at which panels lie along the side rather than on a roof. */
const RAIL = 0.5

/** People who stand up or lean over the side of a boat that turns over. */
export const crewMoves: Rule = {
  part: 'hull',
  checks: 'She stays upright with people on their feet, and with one at the side',
  source: 'GM and heel with 80 kg each, 0.975 m above the sole on their feet, 0.4 beam to the side (common practice)',
  check({ model: { project } }) {
    const stability = crewStability(project),
      found = crewState(project.boat, stability)
    if (!found) return null
    const { state, fault } = found,
      { seated, standing, heel } = stability,
      panels = project.yard.places.find(p => p.part === 'panels'),
      { fitted } = project.design.solar
    return {
      severity: state,
      title: { standing: 'crew on their feet', heel: 'one at the side', tender: 'tender' }[fault],
      amount:
        fault === 'heel'
          ? { text: '{a}', params: { a: radians(heel.value) } }
          : { text: 'GM {g}', params: { g: smallMetres(fault === 'standing' ? standing!.value : seated.value) } },
      sentence: {
        text: {
          standing:
            'With everybody on their feet GM falls from {g} to {s}: she turns over. Seated only, or fewer aboard, or ' +
            'weight lower down.',
          heel: 'One person at the side heels her {a}, {l} to {h}; GM is {g}. Water comes over the side of such boats.',
          tender: 'GM is {g} with all seated, {b} to {t}: under 0.25 m she is tender. Nobody stands, loads lie low.',
        }[fault],
        params: {
          g: smallMetres(seated.value),
          b: smallMetres(seated.low),
          t: smallMetres(seated.high),
          s: smallMetres(standing?.value ?? 0),
          a: radians(heel.value),
          l: radians(heel.low),
          h: radians(heel.high),
        },
      },
      caution: 'An estimate: try her at the quay, in warm shallow water, lifejackets on, before anybody relies on it.',
      measure: heel.value + (standing ? Math.max(0, -standing.value) : 0),
      fixes: [
        ...(fitted && (panels?.above ?? Infinity) > RAIL
          ? [
              {
                label: { text: 'Panels along the sides, not on a roof' },
                edits: [
                  edit(
                    'yard.places',
                    placesWith(project, {
                      part: 'panels',
                      along: panels?.along ?? project.boat.lengthOverAll / 2,
                      across: 0,
                      above: RAIL,
                    }),
                  ),
                ],
              },
            ]
          : []),
        ...(project.yard.crew > 1
          ? [
              {
                label: { text: '{n} aboard', params: { n: String(project.yard.crew - 1) } },
                edits: [edit('yard.crew', project.yard.crew - 1)],
              },
            ]
          : []),
      ],
      need: { text: 'Weight lower down, a wider boat, or her own GM by a roll, on Weights.' },
    }
  },
}
