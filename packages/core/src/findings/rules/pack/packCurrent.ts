import { amps, seconds } from '../../../units'
import { continuousNeed } from '../../../system/continuousNeed'
import type { Rule } from '../../finding'
import { lowerCruise, lowerTopSpeed, moreParallel } from '../../fixes'
import { ratingUse, shareAtTop } from '../../ratingUse'

/** Amps drawn from the cells against what they give. */
export const packCurrent: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Cells give the amps drawn',
  source: 'Cell’s continuous and 30 s ratings; headroom as set',
  check(facts) {
    const {
      model: { pack, project },
      cruise,
      top,
    } = facts
    const use = ratingUse(
      cruise.drive.packCurrent / pack.current,
      shareAtTop(facts, 'packAmps'),
      top.drive.packCurrent / pack.currentPeak,
      project.use.headroom,
    )
    if (!use) return null
    const atCruise = use.case === 'cruiseBeyond' || use.case === 'headroom'
    const drawn = atCruise ? cruise.drive.packCurrent : top.drive.packCurrent
    const limit =
      use.case === 'topBeyond' ? pack.currentPeak : use.case === 'topTime' ? drawn / use.share : pack.current
    const need = continuousNeed(cruise.drive.packCurrent, top.drive.packCurrent, project.use.headroom)
    const wanted = Math.ceil((project.design.pack.parallel * need) / pack.current)
    return {
      severity: use.severity,
      title: use.case === 'headroom' ? 'pack current, no headroom' : 'pack current',
      amount: { text: '{a}', params: { a: amps(limit - drawn) } },
      sentence: {
        text:
          `At ${atCruise ? 'cruise' : 'top'} the pack gives {amps}. Its cells allow {limit} ` +
          `${use.case === 'topBeyond' ? 'for half a minute' : use.case === 'topTime' ? 'for {t}' : 'continuously'}.`,
        params: { amps: amps(drawn), limit: amps(limit), t: seconds(project.use.topTime) },
      },
      measure: use.share,
      need: {
        text: 'It takes a pack that gives {a} continuously.',
        params: { a: amps(need) },
      },
      fixes: [
        ...moreParallel(facts, Math.max(wanted, project.design.pack.parallel + 1)),
        ...(atCruise ? lowerCruise(facts) : lowerTopSpeed(facts)),
      ],
    }
  },
}
