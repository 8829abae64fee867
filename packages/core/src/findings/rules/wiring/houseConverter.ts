import { smallWatts, volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { restVoltage } from '../../../battery'

/** The converter of the house against the pack's volts and the house's load. */
export const houseConverter: Rule = {
  part: 'pack',
  checks: 'House converter stands the pack’s volts and carries the house',
  source: 'Window and rating of its plate',
  check({
    model: {
      pack,
      project: { use, design },
    },
  }) {
    const { dcdcLeast, dcdcGreatest, dcdcPower } = design.wiring,
      low = restVoltage(design.pack, 0.05)
    const wrongVolts =
        (dcdcGreatest !== null && dcdcGreatest < pack.fullVoltage) || (dcdcLeast !== null && dcdcLeast > low),
      weak = dcdcPower !== null && dcdcPower < use.houseLoad
    if (!wrongVolts && !weak) return null
    return {
      severity: wrongVolts && dcdcGreatest !== null && dcdcGreatest < pack.fullVoltage ? 'stop' : 'caution',
      title: 'house converter',
      amount: { text: '' },
      sentence: wrongVolts
        ? {
            text: 'It works from {a} to {b}; the pack goes from {l} to {f}.',
            params: {
              a: volts(dcdcLeast ?? 0),
              b: volts(dcdcGreatest ?? pack.fullVoltage),
              l: volts(low),
              f: volts(pack.fullVoltage),
            },
          }
        : {
            text: 'It gives {a}; the house takes {b} on average, and more at times.',
            params: {
              a: smallWatts(dcdcPower!),
              b: smallWatts(use.houseLoad),
            },
          },
      ...(wrongVolts
        ? {
            caution:
              'A converter above its volts can burn, and take the house’s lights and radio with it. Local ' +
              'code first; a licensed electrician checks it.',
          }
        : {}),
      fixes: [
        {
          label: { text: 'One that suits' },
          edits: [
            edit('design.wiring.dcdcLeast', null),
            edit('design.wiring.dcdcGreatest', null),
            edit('design.wiring.dcdcPower', null),
          ],
        },
      ],
    }
  },
}
