import { metres, smallMetres } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { bestPlace, placesWith, trimAccepted, trimState } from '../../../mass'
import type { Rule } from '../../finding'

/** The new drive trims her by the bow or has her squat at the stern. */
export const trimOff: Rule = {
  part: 'hull',
  checks: 'She floats level with the new drive',
  source: 'Trim up to 1 % of the waterline either way is lived with (common practice)',
  check({ balance, model: { project } }) {
    if (!balance || trimState(balance) === 'fits') return null
    const { trim } = balance,
      most = trimAccepted(balance),
      off = Math.abs(trim.value)
    const better = bestPlace(project),
      stern = trim.value > 0
    return {
      severity: 'caution',
      title: stern ? 'trim, by the stern' : 'trim, by the bow',
      amount: { text: '+{t}', params: { t: smallMetres(off - most) } },
      sentence: {
        text: stern
          ? 'She trims {t} by the stern; up to {m} is accepted. Water may come in by the drains.'
          : 'She trims {t} by the bow; up to {m} is accepted. She steers badly and takes water.',
        params: { t: smallMetres(off), m: smallMetres(most) },
      },
      measure: off,
      fixes: better
        ? [
            {
              label: better.space
                ? { text: 'Pack into {s}', params: { s: better.space.toLowerCase() } }
                : {
                    text: better.moves > 0 ? 'Pack {x} aft' : 'Pack {x} forward',
                    params: { x: metres(Math.abs(better.moves)) },
                  },
              edits: [edit('yard.places', placesWith(project, better.place))],
            },
          ]
        : [],
    }
  },
}
