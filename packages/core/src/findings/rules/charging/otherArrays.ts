import { stringFaults, stringVoltage, type SolarArray } from '../../../solar'
import { volts } from '../../../units'
import type { Rule } from '../../finding'

/** V of a full house battery (common practice: 12 V lithium or lead). */
const FULL_HOUSE = 14.6

/** Panels elsewhere against their own charge controller and what they feed. */
export const otherArrays: Rule = {
  part: 'pack',
  checks: 'Panels elsewhere suit their charge controller and what they feed',
  source: 'Open volts on the coldest morning; best volts of hot cells',
  check({
    model: {
      pack,
      project: {
        design: { solar },
      },
    },
  }) {
    if (!solar.fitted) return null
    for (const other of solar.others) {
      const array: SolarArray = { ...solar, ...other }
      const full = other.feeds === 'drive' ? pack.fullVoltage : FULL_HOUSE
      const [fault] = stringFaults(array, full)
      if (!fault) continue
      const { cold, hot } = stringVoltage(array),
        dangerous = fault === 'above controller' || fault === 'above pack'
      return {
        severity: dangerous ? 'stop' : 'caution',
        title: 'panels elsewhere',
        amount: { text: fault },
        sentence: {
          text: `“${other.name}” stands at {c} on the coldest morning and works at {h} when hot; it feeds {f}.`,
          params: { c: volts(cold), h: volts(hot), f: volts(full) },
        },
        caution: dangerous
          ? 'Panels cannot be switched off by day. Cover them before you touch their leads. Local code first; a ' +
            'licensed electrician checks it.'
          : undefined,
        need: {
          text:
            'It takes a charge controller that stands {c}, works from {h} and reaches {f}, or another count in a ' +
            'string.',
          params: { c: volts(cold), h: volts(hot), f: volts(full) },
        },
        fixes: [],
      }
    }
    return null
  },
}
