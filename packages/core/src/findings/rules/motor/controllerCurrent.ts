import { volts, amps, seconds } from '../../../units'
import { continuousNeed } from '../../../system/continuousNeed'
import type { Rule } from '../../finding'
import { lowerCruise, lowerTopSpeed, otherController } from '../../fixes'
import { ratingUse, shareAtTop } from '../../ratingUse'

/** Battery-side amps against the controller. */
export const controllerCurrent: Rule = {
  part: 'controller',
  slowerHelps: true,
  checks: 'Controller passes the battery amps',
  source: 'Controller’s continuous and one-minute ratings; headroom as set',
  check(facts) {
    const {
      model: { project },
      cruise,
      top,
    } = facts
    const { controller } = project.design
    const use = ratingUse(
      cruise.drive.controllerCurrent / controller.batteryCurrent,
      shareAtTop(facts, 'batteryAmps'),
      top.drive.controllerCurrent / controller.batteryCurrentPeak,
      project.use.headroom,
    )
    if (!use) return null
    const atCruise = use.case === 'cruiseBeyond' || use.case === 'headroom'
    const drawn = atCruise ? cruise.drive.controllerCurrent : top.drive.controllerCurrent
    const limit =
      use.case === 'topBeyond'
        ? controller.batteryCurrentPeak
        : use.case === 'topTime'
          ? drawn / use.share
          : controller.batteryCurrent
    const need = continuousNeed(cruise.drive.controllerCurrent, top.drive.controllerCurrent, project.use.headroom)
    return {
      severity: use.severity,
      title: use.case === 'headroom' ? 'battery amps, no headroom' : 'battery amps',
      amount: { text: '{a}', params: { a: amps(limit - drawn) } },
      sentence: {
        text:
          `At ${atCruise ? 'cruise' : 'top'} it draws {amps} from the battery. It is built for {limit} ` +
          `${use.case === 'topBeyond' ? 'for a minute' : use.case === 'topTime' ? 'for {t}' : 'continuously'}.`,
        params: { amps: amps(drawn), limit: amps(limit), t: seconds(project.use.topTime) },
      },
      measure: use.share,
      need: {
        text: 'It takes a controller for {v} that passes {a} from the battery continuously.',
        params: {
          v: volts(facts.model.pack.fullVoltage),
          a: amps(need),
        },
      },
      fixes: [
        ...otherController(facts, {
          batteryCurrent: need,
          phaseCurrent: top.drive.phaseCurrent,
        }),
        ...(atCruise ? lowerCruise(facts) : lowerTopSpeed(facts)),
      ],
    }
  },
}
