import { edit } from '../../../project/definition/projectPath'
import { slenderness } from '../../../hull'
import { FAR, timesText, metresPerSecond, watts } from '../../../units'
import type { Rule } from '../../finding'
import { lowerTopSpeed } from '../../fixes'

/**
 * Length to the cube root of displacement from which hull speed binds less, and how much less for each beyond (common
 * practice: rowing hulls pass it by half).
 */
const SLENDER_FROM = 5.5,
  SLENDER_GAIN = 0.16
const timesOf = (factor: number) => (factor < FAR ? `${factor.toFixed(1)} times` : timesText(factor))

/** A top speed beyond the hull's own: more power only makes waves. */
export const topBeyondHull: Rule = {
  part: 'hull',
  slowerHelps: true,
  checks: 'Top speed wished is one that this hull can reach',
  source: 'Wave as long as the waterline, Fn 0.40 (1.34 √LWL)',
  check(facts) {
    const {
      hullSpeed,
      payoff,
      model: { project, hullType, form },
      top,
      cruise,
    } = facts
    const { topSpeed, cruiseSpeed } = project.use
    // a slender hull makes small waves: the longer she is for her displacement, the less hull speed binds her
    const bound =
      hullSpeed * (1.02 + Math.max(0, slenderness(form.lengthWaterline, form.volume) - SLENDER_FROM) * SLENDER_GAIN)
    if (!hullType.waveBound || topSpeed <= bound) return null
    const better = Math.max(payoff.speed, cruiseSpeed),
      factor = top.drive.packPower / Math.max(1, cruise.drive.packPower)
    return {
      severity: 'caution',
      measure: topSpeed,
      title: 'top beyond hull speed',
      amount: { text: '+{v}', params: { v: metresPerSecond(topSpeed - hullSpeed) } },
      sentence: {
        text:
          `Hull speed is {hull}. Top would take {p}${factor >= 1.5 ? `, ${timesOf(factor)} cruise,` : ''} and ` +
          'mostly make waves.',
        params: {
          hull: metresPerSecond(hullSpeed),
          p: watts(top.drive.packPower),
        },
      },
      fixes: [
        {
          label: { text: 'Top {v}', params: { v: metresPerSecond(better) } },
          edits: [edit('use.topSpeed', better)],
        },
        ...(hullSpeed > better
          ? [
              {
                label: { text: 'Top {v}', params: { v: metresPerSecond(hullSpeed) } },
                edits: [edit('use.topSpeed', hullSpeed)],
              },
            ]
          : []),
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
