import { amps } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'
import { plateFinding } from '../../plateFinding'

/** A nameplate whose figures cannot belong together gives no losses to compute with. */
export const motorNameplate: Rule = {
  part: 'motor',
  reveals: true,
  checks: 'Motor’s nameplate agrees with itself',
  source: 'Its figures against each other; loss model fitted to them',
  check({ model: { motor, project } }) {
    const wrong = plateFinding('motor', project, () => [RESIZE])
    if (wrong) return wrong
    if (motor.outcome === 'fitted') return null
    const { noLoadCurrent } = project.design.motor
    return {
      severity: 'stop',
      title: 'nameplate',
      amount: { text: '' },
      sentence: { text: motor.reason },
      fixes: [
        {
          label: { text: 'No-load current {a}', params: { a: amps(noLoadCurrent / 4) } },
          edits: [edit('design.motor.noLoadCurrent', noLoadCurrent / 4)],
        },
        RESIZE,
      ],
    }
  },
}
