import { peakTorque } from '../../drive'
import type { Rule } from '../finding'
import { RESIZE } from '../fixes'

/** An electric motor gives its greatest torque standing still, which no old engine did. */
export const gearTorque: Rule = {
  id: 'gearTorque', part: 'propeller', checks: 'Old gears stand the motor’s torque', source: 'Torque at the gears’ input, as printed or as the old engine gave',
  check({ model: { project } }) {
    const { torqueLimit } = project.boat.drive
    if (torqueLimit === null) return null
    const torque = peakTorque(project.design.motor, 1) * project.design.reduction.ratio
    if (torque <= torqueLimit) return null
    const share = torqueLimit / torque
    return {
      severity: torque > 1.3 * torqueLimit ? 'stop' : 'caution', title: 'too much torque for the old gears', amount: { text: '+{t}', params: { t: { value: torque - torqueLimit, quantity: 'torque' } } },
      sentence: {
        text: 'From standstill the motor puts {t} into gears that stand {limit}. Set the controller’s motor amps to {share} of full, with a soft start.',
        params: { t: { value: torque, quantity: 'torque' }, limit: { value: torqueLimit, quantity: 'torque' }, share: { value: share, quantity: 'ratio' } },
      },
      fixes: [{ label: { text: 'Motor amps at {a}', params: { a: { value: project.design.controller.phaseCurrent * share, quantity: 'current' } } }, edits: [{ path: 'design.motor.peakPower', value: Math.max(project.design.motor.ratedPower * Math.min(1, share), project.design.motor.peakPower * share) }] }, RESIZE],
    }
  },
}
