import { coolingReport } from '../../../system/motor/coolingReport'
import { kelvins, cubicMetresPerSecond, metres, share, squareMetres, watts } from '../../../units'
import type { Rule } from '../../finding'

/** Cooling gear as built against the heat of cruise. */
export const coolingWeak: Rule = {
  part: 'motor',
  slowerHelps: true,
  checks: 'Cooling gear carries the heat of cruise away in the warmest water',
  source: 'P = U A ΔT, coolant of 50 °C at most (common practice); a hull tube lying still',
  check({ model, cruise }) {
    const { cooler } = model.project.design
    const { heat, answer, share: used } = coolingReport(model, cruise.drive)
    if (!answer || used <= 1) return null
    const size =
      cooler.kind === 'hull tube'
        ? metres(answer.needed)
        : cooler.kind === 'raw water'
          ? cubicMetresPerSecond(answer.needed)
          : squareMetres(answer.needed)
    return {
      severity: used > 1.5 ? 'stop' : 'caution',
      title: 'cooling too small',
      amount: { text: '{s}', params: { s: share(used) } },
      sentence: {
        text: 'At cruise {h} must leave; it carries {c} in the warmest water. The coolant would come to {t}.',
        params: { h: watts(heat), c: watts(answer.carries), t: kelvins(answer.coolant) },
      },
      measure: used,
      need: { text: `It takes {n} of ${cooler.kind}.`, params: { n: size } },
      fixes: [],
    }
  },
}
