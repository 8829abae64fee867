import { edit } from '../../../project/definition/projectPath'
import { aheadTurning, runsWeaker } from '../../../drive'
import type { Rule } from '../../finding'

/** Going ahead in the motor's weaker direction: power is lost every hour of the boat's life. */
export const rotation: Rule = {
  part: 'motor',
  checks: 'Ahead is the motor’s better direction',
  source: 'Direction after every reversal in gear and leg; weaker direction of the nameplate',
  check({ model: { project, propulsor } }) {
    const { motor, propeller, reduction } = project.design
    const reversals = { gear: reduction.kind === 'gear', leg: project.boat.drive.reverses }
    if (propulsor.kind === 'jet' || !runsWeaker(motor, propeller.hand, reversals)) return null
    const other = propeller.hand === 'right' ? 'left' : 'right'
    return {
      severity: 'caution',
      title: 'runs the weaker way round',
      amount: { text: `${propeller.hand}-hand` },
      sentence: {
        text:
          `A ${propeller.hand}-hand propeller makes this motor turn ${aheadTurning(propeller.hand, reversals)} ` +
          'ahead, its weaker way: less power all its life, and brushes that spark.',
      },
      fixes: [
        {
          label: { text: `${other === 'left' ? 'Left' : 'Right'}-hand propeller` },
          edits: [edit('design.propeller.hand', other)],
        },
        ...(reduction.kind === 'direct'
          ? []
          : [
              {
                label: { text: reduction.kind === 'gear' ? 'Belt instead of gear' : 'Gear instead of belt' },
                edits: [edit('design.reduction.kind', reduction.kind === 'gear' ? 'belt' : 'gear')],
              },
            ]),
        {
          label: { text: 'Its timing is advanced for ahead' },
          edits: [
            edit('design.motor.weakerDirection', motor.weakerDirection === 'clockwise' ? 'anticlockwise' : 'clockwise'),
          ],
        },
      ],
    }
  },
}
