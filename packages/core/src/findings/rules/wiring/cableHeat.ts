import { amps, squareMillimetres } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { FIRE, sizedCable } from '../../wiringFixes'

/** A cable that grows too warm. */
export const cableHeat: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Cables carry the continuous current where they lie',
  source: 'ISO 13297 annex A: insulation, engine space, bundling',
  check(facts) {
    const { main, motor, bank } = facts.wiring
    const run = [main, motor, bank.lead].find(r => r.ampacity < r.current)
    if (!run) return null
    return {
      severity: 'stop',
      title: run === motor ? 'cable to the motor' : run === main ? 'cable from the pack' : 'cable from a bank',
      amount: { text: '+{a}', params: { a: amps(run.current - run.ampacity) } },
      sentence: {
        text:
          run.ampacity > 0
            ? 'It must carry {c}. Where it lies {n} × {s} carry {m}.'
            : 'Insulation for {t} has no place in an engine space.',
        params: {
          c: amps(run.current),
          n: String(run.parallel),
          s: squareMillimetres(run.area),
          m: amps(run.ampacity),
          t: `${run.place.insulation} °C`,
        },
      },
      caution: FIRE,
      fixes:
        run.ampacity > 0
          ? [
              ...sizedCable(run === motor ? 'motorArea' : 'mainArea', run, facts),
              {
                label: { text: 'Lead it clear of the engine space' },
                edits: [edit('design.wiring.engineSpace', false)],
              },
            ]
          : [{ label: { text: 'Cable of 105 °C' }, edits: [edit('design.wiring.insulation', 105)] }],
    }
  },
}
