import { amps } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Amps that a windmilling propeller pushes back, against what the cells take. */
export const regenAmps: Rule = {
  part: 'controller',
  checks: 'Regeneration is no more than the cells take',
  source: 'Charge current of the cells; a full pack takes nothing',
  check({
    model: {
      project: { design },
      pack,
    },
    regeneration,
  }) {
    const takes = design.pack.parallel * design.pack.cell.chargeCurrent
    const { regenCurrent } = design.controller
    if (!regeneration) return null
    const gives = regeneration.packPower / pack.nominalVoltage
    return {
      severity: 'note',
      title: 'regeneration set too high',
      amount: { text: '+{a}', params: { a: amps(regenCurrent - takes) } },
      sentence: {
        text:
          'The controller may push {r} back; the cells take {t}. Under sail she would give about {g}. Stop it ' +
          'before the pack is full: a BMS that opens under way can destroy the controller.',
        params: {
          r: amps(regenCurrent),
          t: amps(takes),
          g: amps(gives),
        },
      },
      fixes: [
        {
          label: { text: 'Regeneration {t}', params: { t: amps(takes) } },
          edits: [edit('design.controller.regenCurrent', takes)],
        },
      ],
    }
  },
}
