import type { Ranged } from '../numeric'
import { weightAfloat, type Project } from '../project'
import { BAND, measuredOf, modelOf, priorAt, theoryResistance } from '../system'

/** What readings say of the boat herself: weight in kg, bottom as a share of her resistance. 10 to 90 per cent. */
export interface ReadingsSay {
  weight: Ranged
  /** factor on the resistance by the bottom against what the document says of it */
  bottom: Ranged
  /** how much of the doubt of each they took away, 0 … 1 */
  learnt: { weight: number; bottom: number }
}

/** Half of an even chance, as σ. */
const EVEN = 1 / Math.sqrt(3)
const NOTHING = { common: [0, 0, 0, 0], shape: 0, place: 0 }

/**
 * What a boat's readings say of her weight and of her bottom. Weight and bottom look alike at one speed: what is not
 * told apart stays in both ranges.
 *
 * @param project the boat with her readings
 * @returns ranges; null without readings
 *
 * Source: the posterior of one common doubt alone, from the same model as the curve (handbook, one curve).
 */
export function readingsSay(project: Project): ReadingsSay | null {
  const { posterior, slowLosses } = measuredOf(project)
  if (!posterior) return null
  const model = modelOf(project),
    speed = project.use.cruiseSpeed
  const { doubts } = theoryResistance(model, speed)
  const prior = priorAt(model, speed, doubts, true, slowLosses)
  const of = (index: number, sigma: number) => {
    const after = posterior.at({
      ...NOTHING,
      common: prior.common.map((s, i) => (i === index ? s : 0)),
      place: prior.place,
    })
    return sigma > 0 ? { z: after.shift / sigma, left: after.sigma / sigma } : { z: 0, left: 0 }
  }
  const { mass } = weightAfloat(project),
    { massUncertainty } = project.boat
  const weight = of(0, doubts.weight),
    bottom = of(1, doubts.bottom)
  const heavier = (z: number) => mass * Math.max(0.05, 1 + z * EVEN * massUncertainty)
  const more = (z: number) => Math.exp(z * doubts.bottom)
  return {
    weight: { value: heavier(weight.z), ...ends(weight, heavier) },
    bottom: { value: more(bottom.z), ...ends(bottom, more) },
    learnt: { weight: 1 - weight.left, bottom: 1 - bottom.left },
  }
}

const ends = ({ z, left }: { z: number; left: number }, of: (z: number) => number) => ({
  low: of(z - BAND * left),
  high: of(z + BAND * left),
})
