import { volts, amps, seconds } from '../../../units'
import { continuousNeed } from '../../../system/continuousNeed'
import type { Rule } from '../../finding'
import { lowerCruise, lowerTopSpeed, otherController } from '../../fixes'
import { ratingUse, shareAtTop } from '../../ratingUse'

/** Motor-side amps against the controller. */
export const phaseCurrent: Rule = {
  part: 'controller',
  slowerHelps: true,
  checks: 'Controller passes the motor amps',
  source: 'I = T/Kt, DC-equivalent; controller’s ratings; headroom as set',
  check(facts) {
    const {
      model: { project },
      cruise,
      top,
    } = facts
    const { controller } = project.design
    const use = ratingUse(
      cruise.drive.phaseCurrent / controller.phaseCurrent,
      shareAtTop(facts, 'phaseAmps'),
      top.drive.phaseCurrent / controller.phaseCurrentPeak,
      project.use.headroom,
    )
    if (!use) return null
    const atCruise = use.case === 'cruiseBeyond' || use.case === 'headroom'
    const drawn = atCruise ? cruise.drive.phaseCurrent : top.drive.phaseCurrent
    const limit =
      use.case === 'topBeyond'
        ? controller.phaseCurrentPeak
        : use.case === 'topTime'
          ? drawn / use.share
          : controller.phaseCurrent
    const need = continuousNeed(cruise.drive.phaseCurrent, top.drive.phaseCurrent, project.use.headroom)
    return {
      severity: use.severity,
      title: 'motor amps',
      amount: { text: '{a}', params: { a: amps(limit - drawn) } },
      sentence: {
        text:
          `The torque at ${atCruise ? 'cruise' : 'top'} takes {amps} in the motor cables. The controller gives ` +
          `{limit} ${use.case === 'topBeyond' ? 'for a minute' : use.case === 'topTime' ? 'for {t}' : 'continuously'}.`,
        params: { amps: amps(drawn), limit: amps(limit), t: seconds(project.use.topTime) },
      },
      measure: use.share,
      need: {
        text: 'It takes a controller for {v} that gives the motor {a} continuously.',
        params: {
          v: volts(facts.model.pack.fullVoltage),
          a: amps(need),
        },
      },
      fixes: [
        ...otherController(facts, {
          batteryCurrent: top.drive.controllerCurrent,
          phaseCurrent: need,
        }),
        ...(atCruise ? lowerCruise(facts) : lowerTopSpeed(facts)),
      ],
    }
  },
}
