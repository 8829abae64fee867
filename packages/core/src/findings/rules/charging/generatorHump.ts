import { edit } from '../../../project/definition/projectPath'
import { watts } from '../../../units'
import type { Rule } from '../../finding'

/** From the generator's plug to the drive (common practice: charger or rectifier). */
const INTO_BUS = 0.93

/** A generator under way that does not hold the cruise of a boat whose pack is empty. */
export const generatorHump: Rule = {
  part: 'pack',
  checks: 'Generator holds cruise, or the hump, with an empty pack',
  source: 'Drive and house at that speed ÷ 0.93, against the rating for hours (common practice)',
  slowerHelps: true,
  check({ model, cruise, hump }) {
    const { charging } = model.project.design,
      { day } = model.project
    if (charging.supply !== 'generator' || day.generatorStart <= 0) return null
    const over = hump !== null && cruise.speed > hump.speed,
      most = Math.max(over ? hump.power : 0, cruise.drive.packPower),
      asked = most / INTO_BUS,
      gives = charging.generatorPower * charging.generatorShare
    if (asked <= gives) return null
    const size = Math.ceil(asked / charging.generatorShare / 500) * 500
    return {
      severity: 'note',
      title: over ? 'generator and hump' : 'generator and cruise',
      amount: { text: '+{p}', params: { p: watts(asked - gives) } },
      sentence: over
        ? {
            text: 'With an empty pack the generator gives {g}; to plane takes {a}. She then goes home slowly.',
            params: { g: watts(gives), a: watts(asked) },
          }
        : {
            text: 'With an empty pack the generator gives {g}; cruise takes {a}. She then goes slower.',
            params: { g: watts(gives), a: watts(asked) },
          },
      measure: asked - gives,
      fixes: [
        {
          label: { text: 'A generator of {p}', params: { p: watts(size) } },
          edits: [edit('design.charging.generatorPower', size)],
        },
      ],
    }
  },
}
