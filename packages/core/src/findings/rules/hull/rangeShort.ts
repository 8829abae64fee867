import { joules, longSeconds, metresTravelled } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { moreParallel } from '../../fixes'

/** Energy for the use against the pack, reserve kept back. */
export const rangeShort: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Pack carries the use with the reserve kept',
  source: 'Energy = power × time; usable share of the chemistry; reserve as set',
  check(facts) {
    const {
      energy,
      model: { project },
      cruise,
    } = facts
    const short = energy.needed - energy.available
    if (short <= 0) return null
    const strings = Math.ceil((project.design.pack.parallel * energy.needed) / energy.available - 1e-9)
    const distance = energy.available / cruise.energyPerDistance
    return {
      severity: energy.needed > energy.available + energy.reserve ? 'stop' : 'caution',
      title: 'not far enough',
      amount: { text: '\u2212{e}', params: { e: joules(short) } },
      sentence: {
        text: 'The use takes {need} at cruise. The pack gives {have} and keeps the reserve: {d}.',
        params: {
          need: joules(energy.needed),
          have: joules(energy.available),
          d: metresTravelled(distance),
        },
      },
      measure: short,
      need: {
        text: 'It takes a pack of {e} to use.',
        params: { e: joules(energy.needed + energy.reserve) },
      },
      fixes: [
        ...moreParallel(facts, strings),
        project.use.stretchKind === 'distance'
          ? {
              label: { text: 'Go {d}', params: { d: metresTravelled(distance) } },
              edits: [edit('use.distance', distance)],
            }
          : {
              label: {
                text: 'Go for {t}',
                params: { t: longSeconds(distance / project.use.cruiseSpeed) },
              },
              edits: [edit('use.duration', distance / project.use.cruiseSpeed)],
            },
      ],
    }
  },
}
