import type { Project } from '../definition/projectFields'
import type { PartName } from './partName'

/**
 * Parts of a design that are still to be found, in the order of the power.
 *
 * @param project the boat
 * @returns names with the plate that each must have, and the part of the boat that they belong to
 * @example standInsOf(DEMO.tirrick).length // 0
 */
export const standInsOf = ({ boat, design }: Project): { part: PartName; name: string }[] =>
  [
    { part: 'motor' as const, of: design.motor },
    { part: 'controller' as const, of: design.controller },
    ...(boat.drive.kind === 'jet' ? [{ part: 'propeller' as const, of: design.jet }] : []),
    { part: 'pack' as const, of: design.pack.cell },
    ...(design.charging.supply === 'none' ? [] : [{ part: 'pack' as const, of: design.charging.charger }]),
    ...(design.solar.fitted && design.solar.controller ? [{ part: 'pack' as const, of: design.solar.controller }] : []),
  ]
    .filter(({ of }) => of.standIn)
    .map(({ part, of }) => ({ part, name: of.name }))
