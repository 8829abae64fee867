import { newtonMetres, amps, share } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { RESIZE, withoutOldGears } from '../../fixes'

/** An electric motor gives its greatest torque standing still, which no old engine did. */
export const gearTorque: Rule = {
  part: 'propeller',
  checks: 'Old gears stand the motor’s torque',
  source: 'Torque at the gears’ input, as printed or as the old engine gave',
  check(facts) {
    const {
      standstill: { torque, amps: stalled },
      model: { project },
    } = facts
    const { torqueLimit } = project.boat.drive
    if (torqueLimit === null) return null
    if (torque <= torqueLimit) return null
    const allowedShare = torqueLimit / torque,
      allowed = Math.floor(stalled * allowedShare),
      { controller } = project.design
    return {
      severity: torque > 1.3 * torqueLimit ? 'stop' : 'caution',
      title: 'too much torque for the old gears',
      amount: { text: '+{t}', params: { t: newtonMetres(torque - torqueLimit) } },
      sentence: {
        text:
          'From standstill the motor puts {t} into gears that stand {limit}. At {share} of those motor amps, ' +
          'with a soft start, they last.',
        params: {
          t: newtonMetres(torque),
          limit: newtonMetres(torqueLimit),
          share: share(allowedShare),
        },
      },
      fixes: [
        {
          label: { text: 'Motor amps at {a}', params: { a: amps(allowed) } },
          edits: [
            edit('design.controller.phaseCurrentPeak', allowed),
            edit('design.controller.phaseCurrent', Math.min(controller.phaseCurrent, allowed)),
          ],
        },
        ...withoutOldGears(facts),
        RESIZE,
      ],
    }
  },
}
