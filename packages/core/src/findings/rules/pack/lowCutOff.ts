import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { restVoltage } from '../../../battery'
import type { Rule } from '../../finding'
import { lowerTopSpeed } from '../../fixes'

/** Charge at which the sag is looked at, share. */
const NEARLY_EMPTY = 0.1

/** The nearly empty pack, loaded at top, against the management inside its blocks. */
export const lowCutOff: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Nearly empty pack, loaded, stays above its blocks’ own cut-off',
  source: 'Sag V0 − I R at a tenth of the charge; cut-offs as typed or as the chemistry survives',
  check(facts) {
    const {
      top,
      model: {
        pack,
        project: { design },
      },
    } = facts
    const rest = restVoltage(design.pack, NEARLY_EMPTY),
      loaded = rest - top.drive.packCurrent * pack.resistance
    if (loaded >= pack.lowVoltage) return null
    const strings =
      rest > pack.lowVoltage ? Math.ceil((design.pack.parallel * (rest - loaded)) / (rest - pack.lowVoltage)) : null
    return {
      severity: 'caution',
      title: 'low pack and cut-off',
      amount: { text: '{v}', params: { v: volts(loaded - pack.lowVoltage) } },
      sentence: {
        text: 'Nearly empty and at top speed it sags to {v}. The blocks open at {c}: the drive stops without a word.',
        params: { v: volts(loaded), c: volts(pack.lowVoltage) },
      },
      measure: pack.lowVoltage - loaded,
      fixes: [
        ...(strings !== null && strings <= 100
          ? [
              {
                label: { text: '{n} in parallel', params: { n: String(strings) } },
                edits: [edit('design.pack.parallel', strings)],
              },
            ]
          : []),
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
