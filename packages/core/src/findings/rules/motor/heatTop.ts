import { kelvins, seconds } from '../../../units'
import type { Rule } from '../../finding'
import { betterCooling, lowerTopSpeed, RESIZE } from '../../fixes'

/** Top speed that the motor's heat ends. */
export const heatTop: Rule = {
  part: 'motor',
  slowerHelps: true,
  checks: 'Motor stays cool enough at top',
  source: 'Two-node heat model through the nameplate, from the warmth of cruise',
  check(facts) {
    const { warming, model } = facts
    if (!warming || warming.cruise.fromCold.outcome !== 'holds' || warming.top.fromCruise.outcome !== 'drops')
      return null
    const { time } = warming.top.fromCruise
    if (time >= model.project.use.topTime) return null
    return {
      severity: 'caution',
      title: 'heat ends top',
      amount: { text: '{t}', params: { t: seconds(time) } },
      sentence: {
        text: 'Warm from cruise it holds top for {t} of {wanted}, then the winding is at {limit}.',
        params: {
          t: seconds(time),
          wanted: seconds(model.project.use.topTime),
          limit: kelvins(warming.top.limit),
        },
      },
      fixes: [...lowerTopSpeed(facts), ...betterCooling(facts), RESIZE],
    }
  },
}
