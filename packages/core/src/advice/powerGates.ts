import { firstPower, type FirstPower, type PowerClash, type PowerGroup } from '../build'
import { checkFindings, type RuleId } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { perLibrary } from '../project/parts/perLibrary'
import type { Project } from '../project'
import { fillText } from '../units'

/** The stage of the first power-up that makes live what a clash is about; other clashes keep nothing shut. */
const STAGE_OF: Partial<Record<RuleId, PowerGroup>> = {
  mixedStrings: 'fuse',
  packPlace: 'fuse',
  boxUnvented: 'fuse',
  fuseNone: 'precharge',
  fuseAboveCable: 'precharge',
  fuseInterrupt: 'precharge',
  fuseVoltage: 'precharge',
  cableHeat: 'precharge',
  packAboveWindow: 'precharge',
  packBelowWindow: 'precharge',
  blockCutOff: 'precharge',
  contactorRating: 'precharge',
  noContactor: 'precharge',
  noPrecharge: 'precharge',
  noDisconnect: 'precharge',
  prechargeRate: 'precharge',
  bmsAmps: 'precharge',
  houseConverter: 'precharge',
  houseTogether: 'precharge',
  terminalsOpen: 'fuse',
  petrolVapour: 'precharge',
  noInsulationWatch: 'controller',
  stopByComputer: 'controller',
  noEmergencyStop: 'controller',
  controllerPlate: 'controller',
  motorNameplate: 'bare',
  motorSpeed: 'bare',
  rotation: 'bare',
  chargerWindow: 'charge',
  chargerAboveCells: 'charge',
  coldCharge: 'charge',
  chargersBeyondBms: 'charge',
  shoreVolts: 'charge',
  shoreWeak: 'charge',
  chargerInlet: 'charge',
  noGalvanicIsolator: 'charge',
  noChargeRelays: 'charge',
  noChangeover: 'charge',
  panelVolts: 'charge',
  panelsUncontrolled: 'charge',
  otherArrays: 'charge',
  controllerCurrent: 'quay',
  phaseCurrent: 'quay',
  packCurrent: 'quay',
  motorRating: 'quay',
  heatCruise: 'quay',
  gearTorque: 'quay',
  gearSpeed: 'quay',
  couplingRuns: 'quay',
}

/**
 * Clashes of the design, each at the stage of the first power-up that makes it live.
 *
 * @param project the boat
 * @param library parts that a fix may offer
 * @returns one for each clash that a stage touches, the worst first
 */
const powerClashes = (project: Project, library: Library): PowerClash[] =>
  checkFindings(project, library).findings.flatMap(({ rule, severity, title, amount, sentence }) => {
    const group = STAGE_OF[rule]
    if (severity !== 'stop' || !group) return []
    const by = fillText(amount)
    return [{ id: rule, group, title: `Clash: ${title}${by ? `, ${by}` : ''}`, why: fillText(sentence) }]
  })

/**
 * The first power-up with the clashes of the design in it: what a bench shows, prints and writes as CSV.
 *
 * @param project the boat
 * @param library parts that a fix may offer
 * @returns groups with their steps, what is next, what is live
 */
export const powerAsItStands = (project: Project, library: Library = SHIPPED_LIBRARY): FirstPower =>
  standing(project, library)

const standing = perLibrary((project, library): FirstPower => firstPower(project, powerClashes(project, library)))
