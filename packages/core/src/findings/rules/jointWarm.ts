import type { Rule } from '../finding'

/** K above its cable at which a joint is loose, and at which one stops (common practice). */
const LOOSE = 10,
  STOP = 30

/** A joint that is warmer than the cable beside it. */
export const jointWarm: Rule = {
  part: 'pack',
  checks: 'No joint is warmer than its cable',
  source: 'Infrared readings under load',
  check({ model: { project } }) {
    // the last reading of each joint counts
    const last = new Map(project.log.joints.map(j => [j.name, j]))
    const worst = [...last.values()].sort((a, b) => b.temperature - b.beside - (a.temperature - a.beside))[0]
    if (!worst) return null
    const rise = worst.temperature - worst.beside
    if (rise < LOOSE) return null
    return {
      severity: rise >= STOP ? 'stop' : 'caution',
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
