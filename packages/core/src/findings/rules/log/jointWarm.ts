import { jointRise, jointState } from '../../../log'
import type { Rule } from '../../finding'

/** A joint that is warmer than the cable beside it. */
export const jointWarm: Rule = {
  part: 'pack',
  checks: 'No joint is warmer than its cable',
  source: 'Infrared readings under load',
  check({ model: { project } }) {
    // the last reading of each joint counts
    const last = new Map(project.log.joints.map(j => [j.name, j]))
    const worst = [...last.values()].sort((a, b) => jointRise(b) - jointRise(a))[0]
    if (!worst) return null
    const rise = jointRise(worst),
      state = jointState(worst)
    if (state === 'fits') return null
    return {
      severity: state,
      title: 'a joint is warm',
      amount: { text: '+{k} K', params: { k: { quantity: 'plain', value: rise } } },
      sentence: {
        text: '“{j}” is at {t}, its cable at {b}, with {i}.',
        params: {
          j: worst.name,
          t: { quantity: 'temperature', value: worst.temperature },
          b: { quantity: 'temperature', value: worst.beside },
          i: { quantity: 'current', value: worst.current },
        },
      },
      measure: rise,
      fixes: [],
      need: { text: 'Switch off, lock, clean and tighten it to its torque; then read it again under load.' },
    }
  },
}
