import { newtonMetres, revsPerSecond, seconds, volts } from '../../../units'
import { continuousNeed } from '../../../system/continuousNeed'
import type { Rule } from '../../finding'
import { shareOf, shareUsed } from '../../shares'
import { largerMotor, lowerCruise, lowerTopSpeed, RESIZE } from '../../fixes'
import { NO_RATING } from '../../../system/driveTrain'
import { ratingUse, shareAtTop } from '../../ratingUse'

/** Torque at cruise and top against the motor. */
export const motorRating: Rule = {
  part: 'motor',
  slowerHelps: true,
  checks: 'Motor holds cruise continuously, and top as long as it is wanted',
  source: 'Nameplate: rated torque to rated speed, rated power above; headroom as set',
  check(facts) {
    const {
      model: { project },
      cruise,
      top,
    } = facts
    const use = ratingUse(
      cruise.drive.continuousShare,
      shareAtTop(facts, 'motorTorque'),
      top.drive.peakShare,
      project.use.headroom,
    )
    // past its greatest speed it has no torque at all: the rule of motor speed tells that
    if (!use || use.share >= NO_RATING) return null
    const atCruise = use.case === 'cruiseBeyond' || use.case === 'headroom'
    const point = atCruise ? cruise : top
    const need =
      continuousNeed(cruise.drive.shaftPower, top.drive.shaftPower, project.use.headroom) / facts.model.drives
    const tail = {
      cruiseBeyond: 'It overheats.',
      topBeyond: 'It cannot.',
      topTime: 'It does not hold that for {t}.',
      headroom: 'It holds, with too little to spare.',
    }[use.case]
    const rating =
      use.case === 'topBeyond' ? 'peak' : use.case === 'topTime' ? 'rating for that long' : 'continuous rating'
    return {
      severity: use.severity,
      title: use.case === 'headroom' ? 'motor, no headroom' : atCruise ? 'motor at cruise' : 'motor at top',
      amount: shareUsed(use.share),
      measure: use.share,
      need: {
        text: 'It takes a motor of {p} or more, continuous, for {v}, or a slower wish.',
        params: {
          p: {
            value: need,
            quantity: 'power',
          },
          v: volts(facts.model.pack.nominalVoltage),
        },
      },
      sentence: {
        text: `${atCruise ? 'Cruise' : 'Top'} takes {torque} at {rpm}; {share} its ` + `${rating}. ${tail}`,
        params: {
          torque: newtonMetres(point.drive.motorTorque),
          rpm: revsPerSecond(point.drive.motorRpm / 60),
          share: shareOf(use.share),
          t: seconds(project.use.topTime),
        },
      },
      fixes: [...(atCruise ? lowerCruise(facts) : lowerTopSpeed(facts)), ...largerMotor(facts, need), RESIZE],
    }
  },
}
