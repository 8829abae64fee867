import { newtons, plainNumber } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { runsFast } from '../../../propulsor'
import type { Rule } from '../../finding'

/** Blade area against cavitation at top speed. */
export const cavitation: Rule = {
  part: 'propeller',
  slowerHelps: true,
  checks: 'Blades are wide enough against cavitation',
  source: 'Keller 1966, single screw; fast for wheels of outboards and stern drives',
  check({ model, top }) {
    const { project, propulsor } = model
    const { areaRatio } = project.design.propeller
    const need = top.drive.kellerAreaRatio
    if (propulsor.kind === 'jet' || need <= areaRatio) return null
    const wider = Math.min(1.05, Math.ceil(need * 20) / 20)
    return {
      severity: need > 1.25 * areaRatio && !runsFast(project.design.propeller.kind) ? 'stop' : 'caution',
      title: 'cavitation at top',
      amount: { text: 'area +{a}', params: { a: plainNumber(need - areaRatio) } },
      sentence: {
        text:
          'Pushing {t} the blades need {need} of the disc; they have {have}. Too little area foams, ' +
          'shakes and slips.',
        params: {
          t: newtons(top.drive.thrust / model.drives),
          need: plainNumber(need),
          have: plainNumber(areaRatio),
        },
      },
      measure: need / areaRatio,
      fixes: [
        {
          label: { text: 'Area {a}', params: { a: plainNumber(wider) } },
          edits: [edit('design.propeller.areaRatio', wider)],
        },
      ],
    }
  },
}
