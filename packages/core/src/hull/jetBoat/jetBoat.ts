import { boatProfile } from '../boatProfile'
import type { HullType } from '../hullType'
import { openWaterInteraction } from '../openWaterInteraction'
import { planing, planingForm } from '../planing/planing'

/** Planing hull with a waterjet: nothing hangs below the bottom, so no leg, no shaft and no rudder to drag. */
export const jetBoat: HullType = {
  ...planing,
  id: 'jetBoat',
  label: 'Jet boat',
  hint: 'Planes, with a waterjet in the bottom; goes where a propeller would strike',
  drives: ['jet'],
  usual: { waterline: 0.86, cruise: 2.5, planes: true, length: 5.5, hours: 0.5, house: 0.3 },
  typical: lengthOverAll => ({
    ...planing.typical(lengthOverAll),
    draught: 0.06 * lengthOverAll,
    propellerDiameter: Math.min(0.4, Math.max(0.12, 0.033 * lengthOverAll)),
  }),
  form: planingForm,
  appendages: () => [],
  interaction: () => openWaterInteraction('jet'),
  elevation: (boat, form) =>
    boatProfile(boat, form, { bow: 0.15, stern: 0.12, overhang: 0.13, aft: 0.02, bottom: 'transom', house: 'cuddy' }),
}
