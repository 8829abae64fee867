import { kelvins, seconds } from '../../../units'
import type { Rule } from '../../finding'
import { lowerTopSpeed, otherController } from '../../fixes'

/** A controller cuts its power for heat long before the pack is empty. */
export const controllerHeat: Rule = {
  part: 'controller',
  slowerHelps: true,
  checks: 'Controller gives its power on a hot day',
  source: 'One-node heat model through its continuous rating in 40 °C (common practice)',
  check(facts) {
    const {
      warming,
      top,
      model: { project },
    } = facts
    if (!warming) return null
    const atCruise = warming.cruise.rollback < 1,
      w = atCruise ? warming.cruise : warming.top
    if (w.rollback >= 1) return null
    return {
      severity: atCruise ? 'stop' : 'caution',
      title: atCruise ? 'controller cuts back at cruise' : 'controller cuts back at top',
      amount: { text: '{t}', params: { t: seconds(w.rollbackAfter) } },
      sentence: {
        text:
          `With {ambient} beside it, it would come to {t} at ${atCruise ? 'cruise' : 'top'}. From {from} it ` +
          'gives less and less; that begins after {after}.',
        params: {
          ambient: kelvins(project.use.ambient),
          t: kelvins(w.controller),
          from: kelvins(project.design.controller.rollbackFrom),
          after: seconds(w.rollbackAfter),
        },
      },
      fixes: [
        ...otherController(facts, {
          batteryCurrent: 1.25 * top.drive.controllerCurrent,
          phaseCurrent: top.drive.phaseCurrent,
        }),
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
