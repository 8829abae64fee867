import { metresPerSecond, revsPerSecond } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { withoutOldGears } from '../../fixes'

/** Old gears that would turn faster than they were made for. */
export const gearSpeed: Rule = {
  part: 'propeller',
  slowerHelps: true,
  checks: 'Old gears turn slowly enough',
  source: 'Greatest speed at the gears’ input, as printed',
  check(facts) {
    const {
      model: { project, totalRatio },
      top,
    } = facts
    const { rpmLimit } = project.boat.drive
    // the gears are the last stage: their input is what is left of the ratio
    const rpm = (top.drive.shaftSpeed * 60 * totalRatio) / project.design.reduction.ratio
    if (rpmLimit === null || rpm <= rpmLimit) return null
    const slower = (0.97 * top.speed * rpmLimit) / rpm
    return {
      severity: rpm > 1.15 * rpmLimit ? 'stop' : 'caution',
      title: 'old gears too fast',
      amount: { text: '+{n}', params: { n: revsPerSecond((rpm - rpmLimit) / 60) } },
      sentence: {
        text: 'Top turns them at {n}; they were made for {limit}. Oil heats, seals and bearings go.',
        params: { n: revsPerSecond(rpm / 60), limit: revsPerSecond(rpmLimit / 60) },
      },
      fixes: [
        {
          label: { text: 'Lower top to {v}', params: { v: metresPerSecond(slower) } },
          edits: [edit('use.topSpeed', slower)],
        },
        ...withoutOldGears(facts),
      ],
    }
  },
}
