import { smallMetres } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** The propeller in its aperture. */
export const propellerDiameter: Rule = {
  part: 'propeller',
  checks: 'Propeller fits its place',
  source:
    'Largest diameter as measured, tip clearance 15 % of the diameter taken off (10 % the least; common practice)',
  check({ model: { project, propulsor } }) {
    const { propeller } = project.design
    const room = project.boat.drive.greatestDiameter
    const over = propeller.diameter - room
    if (propulsor.kind === 'jet' || over <= 0.0005) return null
    const ratio = propeller.pitch / propeller.diameter
    return {
      // the room already holds a clearance of 15 % of D at each side; 10 % is the least, so up to about 8 % more still
      // turns
      severity: over > 0.08 * room ? 'stop' : 'caution',
      title: over > 0.08 * room ? 'propeller too large' : 'tips too near the hull',
      measure: over,
      amount: { text: '+{d}', params: { d: smallMetres(over) } },
      sentence: {
        text: 'It is {d} across. The place takes {room} with quiet tips.',
        params: {
          d: smallMetres(propeller.diameter),
          room: smallMetres(room),
        },
      },
      fixes: [
        {
          label: { text: '{d} across', params: { d: smallMetres(room) } },
          edits: [
            edit('design.propeller.diameter', room),
            edit('design.propeller.pitch', Math.min(1.4, ratio * 1.1) * room),
          ],
        },
        ...(project.held.propeller ? [] : [RESIZE]),
      ],
    }
  },
}
