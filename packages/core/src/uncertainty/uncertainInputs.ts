import { FIELDS, type FieldPath } from '../project/fields'
import { edit, type Edit } from '../project/projectPath'
import { HULL_CONDITIONS } from '../resistance'
import { DRIVE_DOUBT, type Model } from '../system'
import { normalQuantile } from './latinHypercube'

/** What a sample of the uncertain inputs comes to. */
export interface Drawn {
  edits: Edit[]
  /** factor on friction for the state of the bottom */
  frictionFactor: number
  /** standard normal: how far the resistance lies from the methods' centre, in their own spread */
  method: number
  /** factor on the power of the drive */
  drive: number
}

/** An input that is not known well, with the words that say what would settle it. */
export interface UncertainInput {
  id: string
  label: string
  /** what an owner can do about it */
  advice: string
  draw(share: number, into: Drawn): void
}

/** Sea margin may be wrong by this share of itself (common practice). */
const MARGIN_DOUBT = 0.5

/**
 * The inputs of a boat that are not known well.
 *
 * @param model the boat
 * @returns inputs; those that cannot vary are left out
 */
export function uncertainInputs({ project, form }: Model): UncertainInput[] {
  const { boat, use } = project
  const inputs: UncertainInput[] = []
  const varied = (path: FieldPath, middle: number, spread: number, label: string, advice: string) =>
    inputs.push({
      id: path,
      label,
      advice,
      draw: (u, into) => {
        const { least, most } = FIELDS[path]
        into.edits.push(edit(path, Math.min(most, Math.max(least, middle + (2 * u - 1) * Math.abs(middle) * spread))))
      },
    })
  if (boat.massUncertainty > 0) varied('boat.mass', boat.mass, boat.massUncertainty, 'weight', 'weigh the boat')
  for (const e of form.estimates) {
    const path = `boat.${e.field}` as FieldPath
    if (e.spread > 0)
      varied(path, e.value, e.spread, FIELDS[path].label.toLowerCase(), `measure: ${FIELDS[path].label.toLowerCase()}`)
  }
  const { low, high } = HULL_CONDITIONS[use.hullCondition]
  inputs.push({
    id: 'use.hullCondition',
    label: 'bottom',
    advice: 'look at the bottom',
    draw: (u, into) => {
      into.frictionFactor = low + (high - low) * u
    },
  })
  if (use.seaMargin > 0) varied('use.seaMargin', use.seaMargin, MARGIN_DOUBT, 'sea margin', 'decide for which weather')
  inputs.push({
    id: 'methods',
    label: 'what the methods leave open',
    advice: 'make a sea trial',
    draw: (u, into) => {
      into.method = normalQuantile(u)
    },
  })
  inputs.push({
    id: 'drive',
    label: 'wake and propeller',
    advice: 'measure rpm and watts',
    draw: (u, into) => {
      into.drive = 1 + (2 * u - 1) * DRIVE_DOUBT
    },
  })
  return inputs
}
