import { squareMillimetres } from '../units'
import { edit } from '../project/definition/projectPath'
import { SHIPPED_LIBRARY, type PartOf } from '../parts'
import { cableFor, fuseFor, sizeConductor, type CableRun, type FuseDemand } from '../wiring'
import type { Facts, Fix } from './finding'

/** The usual caution of a fault current. */
export const FIRE =
  'A short in a battery cable starts a fire in seconds. Fuse at the pack, within a hand’s breadth. Local code ' +
  'first; a licensed electrician checks it.'

/** What the fuse of a bank must do. */
const demandOf = ({
  wiring: { bank, shortCircuit },
  model: { pack },
}: Pick<Facts, 'wiring' | 'model'>): FuseDemand => ({
  current: bank.current,
  ampacity: bank.lead.ampacity,
  voltage: pack.fullVoltage,
  shortCircuit,
})

/**
 * A fuse of the owner's library that suits where none that ships does.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function ownFuse(facts: Pick<Facts, 'library' | 'wiring' | 'model'>): Fix[] {
  const own = fuseFor(facts.library.fuses, demandOf(facts))
  return own ? [{ label: { text: own.name }, edits: [edit('design.wiring.fuse', own)] }] : []
}

/**
 * The fuse that suits in place of the one chosen.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function bestFuse(facts: Pick<Facts, 'library' | 'wiring' | 'model'>): Fix[] {
  const fuse = fuseFor(SHIPPED_LIBRARY.fuses, demandOf(facts))
  if (fuse) return [{ label: { text: fuse.name }, edits: [edit('design.wiring.fuse', null)] }]
  return [
    ...ownFuse(facts),
    {
      label: { text: 'Cable and fuse sized together' },
      edits: [edit('design.wiring.fuse', null), edit('design.wiring.mainArea', null)],
    },
  ]
}

/**
 * The stock cable that carries the current and keeps the volts, and one of the library in another size or insulation
 * that does.
 *
 * @param field of the run
 * @param run as it is
 * @param facts of the boat
 * @returns up to two fixes
 */
export function sizedCable(
  field: 'mainArea' | 'motorArea',
  run: CableRun,
  { library, model: { pack } }: Pick<Facts, 'library' | 'model'>,
): Fix[] {
  const sized = sizeConductor(run),
    stocked = cableFor(library.cables, { ...run, fullVoltage: pack.fullVoltage })
  const another =
    stocked && !(sized?.area === stocked.area && run.place.insulation === stocked.insulation)
      ? [{ label: { text: stocked.name }, edits: cableEdits(field, stocked) }]
      : []
  if (!sized) return another
  return [
    {
      label:
        sized.parallel > 1
          ? {
              text: '{n} × {a}',
              params: { n: String(sized.parallel), a: squareMillimetres(sized.area) },
            }
          : { text: '{a}', params: { a: squareMillimetres(sized.area) } },
      edits: [edit(`design.wiring.${field}`, null)],
    },
    ...another,
  ]
}

const cableEdits = (field: 'mainArea' | 'motorArea', { area, insulation }: PartOf<'cable'>) => [
  edit(`design.wiring.${field}`, area),
  edit('design.wiring.insulation', insulation),
]
