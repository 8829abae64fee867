import type { Finding } from './checkFindings'
import type { RuleId } from './rules'

/** Devices of the one-line diagram that rules speak of, where that is not the part itself. */
const DEVICES: Partial<Record<RuleId, string>> = {
  fuseVoltage: 'fuse',
  fuseInterrupt: 'fuse',
  fuseSmall: 'fuse',
  fuseNone: 'fuse',
  fuseAboveCable: 'fuse',
  bmsAmps: 'guard',
  contactorRating: 'contactor',
  prechargeRate: 'precharge',
  houseConverter: 'converter',
  houseTogether: 'converter',
  chargerWindow: 'charger',
  chargerAboveCells: 'charger',
  chargeTakenByHouse: 'charger',
  chargerInlet: 'inlet',
  shoreWeak: 'inlet',
  shoreVolts: 'charger',
  generatorWeak: 'generator',
  generatorHump: 'generator',
  chargerNarrow: 'charger',
  noChangeover: 'generator',
  noGalvanicIsolator: 'inlet',
  terminalsOpen: 'pack',
  stopByComputer: 'stop',
  petrolVapour: 'contactor',
  chargersBeyondBms: 'guard',
  panelVolts: 'regulator',
  panelsUncontrolled: 'panels',
  otherArrays: 'panels',
  cableHeat: 'controller',
  cableDrop: 'controller',
}
/** Where a part stands in the diagram: pack, controller and motor; the rest is not drawn there. */
const PARTS: Partial<Record<Finding['part'], string>> = { pack: 'pack', controller: 'controller', motor: 'motor' }

/**
 * The device of the one-line diagram at which a finding is marked.
 *
 * @param finding what does not fit
 * @returns its id; null for what the diagram does not draw
 * @example findingDevice({ rule: 'fuseSmall', part: 'pack' }) // 'fuse'
 */
export const findingDevice = ({ rule, part }: Pick<Finding, 'rule' | 'part'>): string | null =>
  DEVICES[rule] ?? PARTS[part] ?? null
