import { budgetOf } from '../money'
import type { Library } from '../parts'
import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { euros, longSeconds, metresPerSecond, type Text } from '../units'

/** What a budget buys, and what the usual wish would take. */
export interface Bought<Sized> {
  sized: Sized
  text: Text
}

/** Slower or shorter is another boat: shares of the usual speed and hours below which a budget is too small (ours). */
const LEAST = { speed: 0.65, hours: 0.2 } as const
const HALVINGS = 4

/**
 * The most of a boat's usual speed and hours for which the whole conversion stays within its budget.
 *
 * @param usual the boat with her usual use, sized
 * @param budget for all of it, as the money bench sums it up, €
 * @param size makes a design for another use; null where the owner asked for this one
 * @param library prices of cables and fuses
 * @returns the design and what it bought, in words; the usual one where even the least that is asked costs more
 *
 * Source: halving between the usual speed and hours and LEAST of them, both moved alike; cost falls with both (common
 * practice: the pack is the largest line, and its energy goes with the hours and about the square of the speed).
 */
export function withinBudget<Sized extends { project: Project }>(
  usual: Sized,
  budget: number,
  size: ((project: Project) => Sized) | null,
  library: Library,
): Bought<Sized> {
  const costOf = ({ project }: Sized) => budgetOf(project, library).likely.value,
    wish = usual.project.use,
    usualCost = costOf(usual)
  const said = ({ project: { use } }: Sized) => ({
    v: metresPerSecond(use.cruiseSpeed),
    h: longSeconds(use.duration),
  })
  const wished = said(usual)
  if (usualCost <= budget)
    return {
      sized: usual,
      text: { text: 'It is enough for {v} over {h}: {m} likely.', params: { ...wished, m: euros(usualCost) } },
    }
  if (!size)
    return {
      sized: usual,
      text: {
        text:
          '{v} over {h} takes {m} likely, {d} more. ' +
          'Slower, shorter, used parts, or some that you have bring it down.',
        params: { ...wished, m: euros(usualCost), d: euros(usualCost - budget) },
      },
    }
  const at = (share: number) => size(withEdits(usual.project, lessUse(wish, share)))
  let best = at(0)
  const least = costOf(best)
  if (least > budget)
    return {
      sized: usual,
      text: {
        text:
          'Too little: even {v} over {h} takes {m} likely, {d} more. ' +
          'Used parts, or some that you have, bring it down.',
        params: { ...said(best), m: euros(least), d: euros(least - budget) },
      },
    }
  let low = 0,
    high = 1
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2,
      tried = at(middle)
    if (costOf(tried) <= budget) {
      low = middle
      best = tried
    } else high = middle
  }
  return {
    sized: best,
    text: {
      text: 'It buys {v} over {h}: {m} likely. The usual {w} over {i} would take {n}.',
      params: { ...said(best), m: euros(costOf(best)), w: wished.v, i: wished.h, n: euros(usualCost) },
    },
  }
}

/** A share from the least that is asked, 0, to the usual use, 1. */
function lessUse({ cruiseSpeed, topSpeed, duration: hours }: Project['use'], share: number) {
  const slower = LEAST.speed + (1 - LEAST.speed) * share,
    shorter = LEAST.hours + (1 - LEAST.hours) * share
  return [
    edit('use.cruiseSpeed', slower * cruiseSpeed),
    edit('use.topSpeed', slower * topSpeed),
    edit('use.duration', shorter * hours),
    edit('use.distance', shorter * hours * slower * cruiseSpeed),
  ]
}
