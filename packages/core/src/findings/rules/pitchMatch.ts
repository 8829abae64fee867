import { quantityText } from '../../units'
import type { Rule } from '../finding'
import { RESIZE } from '../fixes'

/** How far off the turns may be where the motor's ratings end. */
const OVER = 0.75, UNDER = 0.6

/** A pitch that ends the motor's torque early, or lets it spin out of turns with torque to spare. */
export const pitchMatch: Rule = {
  id: 'pitchMatch', part: 'propeller', checks: 'Pitch lets the motor use both its torque and its turns', source: 'Crossing of demand and ratings: turns and torque used there (common practice)',
  check({ allDaySpeed, model: { project, propulsor }, top }) {
    if (propulsor.kind === 'jet' || allDaySpeed.outcome !== 'limited') return null
    const { speed, by } = allDaySpeed
    // where the top wished is held anyway, the match is a matter of taste
    if (speed >= top.speed) return null
    const { pitch, diameter } = project.design.propeller
    // turns and torque go nearly with the speed and its square between top and where the ratings end
    const scale = speed / Math.max(0.1, top.speed)
    const turns = Math.max(top.drive.motorRpm * scale / project.design.motor.greatestRpm, top.drive.voltageNeeded * scale / top.drive.packVoltage)
    const torque = top.drive.continuousShare * scale * scale
    const over = by === 'motorTorque' && turns < OVER, under = (by === 'voltage' || by === 'motorRpm') && torque < UNDER
    if (!over && !under) return null
    const wanted = Math.round(pitch * (over ? turns / 0.92 : Math.min(1.35, Math.sqrt(0.85 / Math.max(0.3, torque)))) * 200) / 200
    return {
      severity: 'caution', title: over ? 'over-propped' : 'under-propped',
      amount: { text: over ? '{r} of its turns' : '{r} of its torque', params: { r: { value: over ? turns : torque, quantity: 'ratio' } } },
      sentence: over
        ? { text: 'Over-propped: it reaches the motor’s torque at {v} with only {r} of the turns that its volts would give.', params: { v: { value: speed, quantity: 'speed' }, r: { value: turns, quantity: 'ratio' } } }
        : { text: 'Under-propped: it runs out of turns at {v} with only {r} of the motor’s torque used.', params: { v: { value: speed, quantity: 'speed' }, r: { value: torque, quantity: 'ratio' } } },
      fixes: [
        ...(project.held.propeller || wanted === pitch || wanted / diameter < 0.4 || wanted / diameter > 1.4 ? [] : [{ label: { text: `Pitch ${quantityText(wanted, 'smallLength')}` }, edits: [{ path: 'design.propeller.pitch', value: wanted }] }]),
        RESIZE,
      ],
    }
  },
}
