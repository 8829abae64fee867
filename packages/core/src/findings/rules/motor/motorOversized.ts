import { share, watts } from '../../../units'
import { continuousNeed } from '../../../system/continuousNeed'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** So many times what top and cruise ask is weight and money that does nothing. */
const FAR_MORE = 3

/** A motor of far more power than the boat can use. */
export const motorOversized: Rule = {
  part: 'motor',
  checks: 'Motor is not far larger than top and cruise ask',
  source: 'Rated power over what top, for its time, and cruise with headroom ask (three times: judgement)',
  check({ model: { project, drives }, top, cruise }) {
    const { motor } = project.design
    const asked = continuousNeed(cruise.drive.shaftPower, top.drive.shaftPower, project.use.headroom) / drives
    const times = motor.ratedPower / asked
    if (!(asked > 0) || times <= FAR_MORE) return null
    return {
      severity: 'note',
      title: 'motor far larger than needed',
      amount: { text: '{s}', params: { s: share(times) } },
      sentence: {
        text: 'The motor gives {p} continuously; top and cruise ask {n} of it. The rest is weight and money.',
        params: { p: watts(motor.ratedPower), n: watts(asked) },
      },
      measure: times,
      need: { text: 'It takes a motor of {n} or a little more.', params: { n: watts(asked) } },
      fixes: project.held.motor ? [] : [RESIZE],
    }
  },
}
