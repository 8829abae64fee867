import { plainNumber, revsPerSecond, watts } from '../../../units'
import { SUCTION_LIMIT } from '../../../propulsor'
import type { Rule } from '../../finding'
import { shareOver } from '../../shares'
import { lowerTopSpeed, RESIZE } from '../../fixes'

/** A pump that sucks faster than its inlet feeds it, or takes more than its plate: at top. */
export const jetSuction: Rule = {
  part: 'propeller',
  slowerHelps: true,
  checks: 'Pump is fed and within its plate',
  source: 'Suction specific speed 3.85 (about 10,500 in US units; from memory); rated power of the plate',
  check(facts) {
    const {
      model,
      model: { project, propulsor },
      top,
    } = facts
    if (propulsor.kind !== 'jet') return null
    const suction = top.drive.suctionSpeed / SUCTION_LIMIT,
      power = top.drive.deliveredPower / model.drives / project.design.jet.ratedPower
    if (suction <= 1 && power <= 1) return null
    const fixes = [...(project.held.propeller ? [] : [RESIZE]), ...lowerTopSpeed(facts)]
    if (power > 1) {
      return {
        severity: power > 1.15 ? 'stop' : 'caution',
        title: 'pump beyond its plate',
        amount: shareOver(power),
        measure: power,
        fixes,
        sentence: {
          text: 'Top puts {p} into a pump rated for {r}.',
          params: {
            p: watts(top.drive.deliveredPower / model.drives),
            r: watts(project.design.jet.ratedPower),
          },
        },
      }
    }
    return {
      severity: suction > 1.25 ? 'stop' : 'caution',
      title: 'pump foams at top',
      amount: shareOver(suction),
      measure: suction,
      fixes,
      sentence: {
        text: 'At {n} it sucks faster than its inlet is fed: {s} where {most} holds. It foams, wears and slips.',
        params: {
          n: revsPerSecond(top.drive.shaftSpeed),
          s: plainNumber(top.drive.suctionSpeed),
          most: plainNumber(SUCTION_LIMIT),
        },
      },
    }
  },
}
