import { kelvins, seconds } from '../../../units'
import type { Rule } from '../../finding'
import { betterCooling, lowerCruise, RESIZE } from '../../fixes'

/** Heat, not the battery, ends the day: the motor at cruise. */
export const heatCruise: Rule = {
  part: 'motor',
  slowerHelps: true,
  checks: 'Motor stays cool enough at cruise',
  source: 'Two-node heat model through the nameplate; winding limits IEC 60085 (B 130, F 155, H 180 °C)',
  check(facts) {
    const {
      warming,
      model: { project },
    } = facts
    if (!warming || warming.cruise.fromCold.outcome === 'holds') return null
    const { fromCold, motor } = warming.cruise
    return {
      severity: 'stop',
      title: 'motor overheats at cruise',
      amount: { text: '{t}', params: { t: kelvins(motor.winding) } },
      sentence: {
        text:
          'At cruise its winding would come to {t}; class {class} ends at {limit}. ' +
          `${fromCold.outcome === 'drops' ? 'Cold, it holds that for {time}.' : 'It is too hot from the start.'}`,
        params: {
          t: kelvins(motor.winding),
          class: project.design.motor.insulation,
          limit: kelvins(warming.cruise.limit),
          time: seconds(fromCold.outcome === 'drops' ? fromCold.time : 0),
        },
      },
      caution: 'A motor at its limit burns skin and can gas from its varnish. Let it cool before it is touched.',
      fixes: [...lowerCruise(facts), ...betterCooling(facts), RESIZE],
    }
  },
}
