import { edit, DEMO, DEMO_BOATS, withEdits, type Edit, type Project } from '@remigo/core'
import { SIZED_FLEET } from '../packages/core/test/fleet/fleetBoats'

const fleet = (id: string, name: string, edits: Edit[] = []): Project =>
  withEdits({ ...SIZED_FLEET.find(b => b.id === `fleet-${id}`)!, id: `walk-${id}`, name }, edits)
const demo = (id: string, name: string, edits: Edit[] = []): Project =>
  withEdits({ ...DEMO_BOATS.find(b => b.id === `demo-${id}`)!, id: `walk-${id}`, name }, edits)

/**
 * Twelve boats that are hard on the screen: small, long, slender and on the plane, with long names, banks, panels, a
 * generator, high volts and parts of one's own.
 */
export const TWELVE: readonly Project[] = [
  demo('osprel', 'Osprel with a generator', [
    edit('design.charging.supply', 'generator'),
    edit('design.charging.sun', true),
    edit('design.banks.count', 2),
  ]),
  demo('garran', 'The Very Long Named Motor Yacht of Three Cousins', [
    edit('design.banks.count', 2),
    edit('design.pack.parallel', 2),
  ]),
  demo('merrin', 'Merrin'),
  demo('rillet', 'Rillet, jet'),
  demo('tirrick', 'Tirrick with weights in doubt', [
    edit('boat.massUncertainty', 0.5),
    edit('design.motor', {
      ...DEMO.tirrick.design.motor,
      id: 'own/motor',
      name: 'A motor from a lift truck that nobody knows the plate of, rewound 2019',
    }),
  ]),
  fleet('DN1', 'Sailing dinghy'),
  fleet('PD2', 'Kayak'),
  fleet('PN2', 'Pontoon boat of two tubes', [edit('design.solar.fitted', true), edit('design.solar.series', 3)]),
  fleet('PL4', 'Runabout'),
  fleet('CB1', 'Canal boat'),
  fleet('SD2', 'Semi-displacement cruiser', [edit('design.banks.count', 2)]),
  fleet('CT4', 'Catamaran, 300 V'),
]
