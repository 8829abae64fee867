import { DEMO_FUSES } from '../parts/demoWiring'
import { fuseFor, sizeConductor, type CableRun } from '../wiring'
import type { Facts, Fix } from './finding'

/** The usual caution of a fault current. */
export const FIRE = 'A short in a battery cable starts a fire in seconds. Fuse at the pack, within a hand’s breadth. Local code first; a licensed electrician checks it.'

/**
 * The fuse that suits in place of the one chosen.
 *
 * @param facts of the boat
 * @returns one fix, or none
 */
export function bestFuse({ wiring: { current, main, shortCircuit }, model: { pack } }: Pick<Facts, 'wiring' | 'model'>): Fix[] {
  const fuse = fuseFor(DEMO_FUSES, { current, ampacity: main.ampacity, voltage: pack.fullVoltage, shortCircuit })
  return fuse ? [{ label: { text: fuse.name }, edits: [{ path: 'design.wiring.fuse', value: null }] }] : [{ label: { text: 'Cable and fuse sized together' }, edits: [{ path: 'design.wiring.fuse', value: null }, { path: 'design.wiring.mainArea', value: null }] }]
}

/**
 * The stock cable that carries the current and keeps the volts.
 *
 * @param field of the run
 * @param run as it is
 * @returns one fix, or none
 */
export function sizedCable(field: 'mainArea' | 'motorArea', run: CableRun): Fix[] {
  const sized = sizeConductor(run)
  if (!sized) return []
  return [{ label: sized.parallel > 1 ? { text: '{n} × {a}', params: { n: String(sized.parallel), a: { value: sized.area * 1e-6, quantity: 'copperArea' } } } : { text: '{a}', params: { a: { value: sized.area * 1e-6, quantity: 'copperArea' } } }, edits: [{ path: `design.wiring.${field}`, value: null }] }]
}
