import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'
import { restVoltage } from '../../battery'

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
    const volts = (dcdcGreatest !== null && dcdcGreatest < pack.fullVoltage) || (dcdcLeast !== null && dcdcLeast > low),
      weak = dcdcPower !== null && dcdcPower < use.houseLoad
    if (!volts && !weak) return null
    return {
      severity: volts && dcdcGreatest !== null && dcdcGreatest < pack.fullVoltage ? 'stop' : 'caution',
      title: 'house converter',
      amount: { text: '' },
      sentence: volts
        ? {
            text: 'It works from {a} to {b}; the pack goes from {l} to {f}.',
            params: {
              a: { value: dcdcLeast ?? 0, quantity: 'voltage' },
              b: { value: dcdcGreatest ?? pack.fullVoltage, quantity: 'voltage' },
              l: { value: low, quantity: 'voltage' },
              f: { value: pack.fullVoltage, quantity: 'voltage' },
            },
          }
        : {
            text: 'It gives {a}; the house takes {b} on average, and more at times.',
            params: {
              a: { value: dcdcPower!, quantity: 'smallPower' },
              b: { value: use.houseLoad, quantity: 'smallPower' },
            },
          },
      ...(volts
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
