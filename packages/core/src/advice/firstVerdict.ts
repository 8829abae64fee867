import { checkFindings } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { designWeights, edit, withEdits, type Edit, type Project } from '../project'
import { designPrice, summaryOf } from '../system'
import { hullTypeOf } from '../hull'
import { sizeRest } from '../sizing'
import { kilograms, metresPerSecond, seconds, type Text } from '../units'

/** What a first design comes to in a word: it fits, or not like this, and why. */
export interface FirstVerdict {
  word: 'fits' | 'notThis'
  /** what is against it, worst first; empty where nothing is */
  why: Text[]
}

/** The wish sized again, or another one: what its drive and pack hold, weigh and cost. J, kg, €. */
export interface FirstWay {
  id: 'again' | 'slower' | 'shorter' | 'lighter'
  label: Text
  edits: Edit[]
  energy: number
  mass: number
  price: number
}

/** Times at cruise that are tried, the longest that fits is told, s. */
const TIMES = [2400, 1200, 600]
/** Share by which she might be lighter, and kg below which nothing is left to leave ashore. */
const LIGHTER = 0.15,
  LEAST_MASS = 200

/**
 * Whether a design may be told as one that fits: never over a clash of any kind, a weight that she cannot carry among
 * them.
 *
 * @param project with the design on her
 * @param note of the sizing where nothing fits
 * @param library parts to choose from
 * @returns the word, and what is against it
 */
export function firstVerdict(
  project: Project,
  note: Text | null = null,
  library: Library = SHIPPED_LIBRARY,
): FirstVerdict {
  const against = checkFindings(project, library).findings.filter(f => f.severity === 'stop'),
    why = [...(note ? [note] : []), ...against.map(f => f.sentence)]
  return { word: why.length > 0 ? 'notThis' : 'fits', why }
}

/** Other wishes that fit, and how long a boat of that kind can be as fast as that at all. */
export interface FirstWays {
  ways: FirstWay[]
  /** null where another thing than energy is against it */
  lasts: Text | null
}

/**
 * What would do, each sized whole, what is held stays held: the wish as it is, where only the parts clash; else other
 * wishes that such a boat meets: slower, shorter, lighter.
 *
 * @param project with the design on her, which is not to be
 * @param library parts to choose from
 * @returns those that fit, and how long she can be as fast as wished; yields how far it is, 0 … 1
 */
export function* firstWays(project: Project, library: Library = SHIPPED_LIBRARY): Generator<number, FirstWays> {
  const { use, boat } = project,
    { hullSpeed, energy } = summaryOf(project),
    ways: FirstWay[] = []
  /** the wish sized whole; false where it does not fit either */
  const attempt = (id: FirstWay['id'], label: Text, edits: Edit[]): boolean => {
    const asked = withEdits(project, edits),
      sized = sizeRest(asked, library)
    if (sized.outcome !== 'sized') return false
    const then = withEdits(asked, sized.edits)
    if (firstVerdict(then, null, library).word !== 'fits') return false
    const { model } = summaryOf(then)
    ways.push({
      id,
      label,
      edits: [...edits, ...sized.edits],
      energy: model.pack.energy,
      mass: designWeights(then).reduce((sum, w) => sum + w.mass, 0),
      price: designPrice(model),
    })
    return true
  }
  if (attempt('again', { text: 'As wished, the rest sized again' }, [])) return { ways, lasts: null }
  yield 0.1
  const times = TIMES.filter(t => t < energy.duration)
  let lasts: number | null = null
  for (const [i, time] of times.entries()) {
    if (
      attempt('shorter', { text: 'Shorter: {t}', params: { t: seconds(time) } }, [
        edit('use.stretchKind', 'hours'),
        edit('use.duration', time),
      ])
    ) {
      lasts = time
      break
    }
    yield 0.1 + (0.5 * (i + 1)) / times.length
  }
  // as fast as her own wave lets her go with ease: what costs a fast boat most is the plane
  const easy = Math.min(0.7 * use.cruiseSpeed, 0.8 * hullSpeed),
    top = hullTypeOf(boat.hullType).usual.planes ? hullSpeed : 1.2 * easy
  attempt('slower', { text: 'Slower: {v}', params: { v: metresPerSecond(easy) } }, [
    edit('use.cruiseSpeed', easy),
    edit('use.topSpeed', Math.max(easy, Math.min(use.topSpeed, top))),
  ])
  yield 0.8
  if (boat.mass > LEAST_MASS)
    attempt('lighter', { text: 'Lighter by {m}: people, tank, gear', params: { m: kilograms(LIGHTER * boat.mass) } }, [
      edit('boat.mass', (1 - LIGHTER) * boat.mass),
    ])
  const speed = metresPerSecond(use.cruiseSpeed)
  return {
    ways,
    lasts:
      lasts !== null
        ? { text: 'About {t} at {v} is what such a boat carries.', params: { t: seconds(lasts), v: speed } }
        : times.length > 0
          ? { text: 'At {v} no pack of the library is light enough for her, however short.', params: { v: speed } }
          : null,
  }
}
