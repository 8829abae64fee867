import { estimatesOf, type Part } from '../../../parts'
import type { LimitName } from '../../../system/banks/limitName'
import { limitShares } from '../../../system/banks/limits'
import { share } from '../../../units'
import type { Rule } from '../../finding'

/** Which figure of which part each limit reads. */
const FIGURE_OF: Partial<Record<LimitName, { part: 'motor' | 'controller' | 'cell'; key: string; words: string }>> = {
  motorTorque: { part: 'motor', key: 'ratedPower', words: 'the motor’s rated power' },
  batteryAmps: { part: 'controller', key: 'batteryCurrent', words: 'the controller’s battery amps' },
  phaseAmps: { part: 'controller', key: 'phaseCurrent', words: 'the controller’s motor amps' },
  packAmps: { part: 'cell', key: 'current', words: 'the continuous amps of the cells' },
}

/** Ratings that nobody knows and that may be too low: the one nearest to its end. */
export const platesUnknown: Rule = {
  part: 'motor',
  checks: 'Ratings that are estimates hold at their low end too',
  source: 'Estimates of figures that are not known, with their range',
  check({ model, cruise }) {
    const { design, use } = model.project
    const parts = { motor: design.motor, controller: design.controller, cell: design.pack.cell }
    let worst: { words: string; used: number; usual: number } | null = null
    for (const { name, allDay } of limitShares(model, cruise.drive)) {
      const figure = FIGURE_OF[name]
      if (!figure || !parts[figure.part].estimated.includes(figure.key)) continue
      const found = estimatesOf(figure.part, parts[figure.part] as unknown as Part).find(e => e.key === figure.key)
      if (!found || found.low === null) continue
      const used = allDay * (Number(found.value) / found.low)
      if (!worst || used > worst.used) worst = { words: figure.words, used, usual: allDay }
    }
    if (!worst || worst.used <= 1 - use.headroom) return null
    return {
      severity: worst.used > 1 ? 'caution' : 'note',
      title: 'a rating that is only estimated',
      amount: { text: '{s}', params: { s: share(worst.used) } },
      sentence: {
        text:
          `Nobody has told ${worst.words}. Cruise takes {u} of what is usual for such a part, {s} of the ` +
          'least that it may be. Ask its maker, and type it in the library.',
        params: { u: share(worst.usual), s: share(worst.used) },
      },
      measure: worst.used,
      need: { text: `It takes a plate, or a reading, that tells ${worst.words}.` },
      fixes: [],
    }
  },
}
