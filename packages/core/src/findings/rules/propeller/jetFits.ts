import { smallMetres } from '../../../units'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** The jet's impeller in the place measured for it. */
export const jetFits: Rule = {
  part: 'propeller',
  checks: 'Jet fits its place',
  source: 'Largest impeller as measured',
  check({ model: { project, propulsor } }) {
    const { jet } = project.design
    const room = project.boat.drive.greatestDiameter
    if (propulsor.kind !== 'jet' || jet.impellerDiameter <= room + 0.0005) return null
    return {
      severity: 'stop',
      title: 'jet too large',
      amount: { text: '+{d}', params: { d: smallMetres(jet.impellerDiameter - room) } },
      sentence: {
        text: 'Its impeller is {d} across. The bottom takes {room}.',
        params: {
          d: smallMetres(jet.impellerDiameter),
          room: smallMetres(room),
        },
      },
      fixes: [RESIZE],
    }
  },
}
