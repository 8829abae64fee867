import { min } from 'd3-array'
import { chargerFits, packFigures } from '../../battery'
import { usualCharging } from '../../project/charging'
import type { Edit } from '../../project/projectPath'
import { withEdits } from '../../project/projectPath'
import type { Project } from '../../project/projectSchema'
import { SHIPPED_LIBRARY, type Library } from '../../parts'
import type { Text } from '../../units'
import { evaluate } from '../evaluate'
import { modelOf } from '../model'
import type { DesignCandidate } from './candidate'
import { cheapestDrives, driveCandidates } from './driveCandidates'
import { packCandidates } from './packCandidates'
import { sizingReasons } from './sizingReasons'

/** Why a part was chosen, or kept. */
export interface Reason { part: 'motor' | 'reduction' | 'propeller' | 'controller' | 'voltage' | 'pack', held: boolean, text: Text }

/** A design for what is not held, or the reason why there is none. */
export type SizingOutcome
  = | { outcome: 'sized', edits: Edit[], reasons: Reason[], stops: number }
  /** nothing in the library fits; `text` says what is short */
    | { outcome: 'nothingFits', text: Text }

/** How many of the cheapest designs are put through every finding before one is taken. */
const CHECKED = 12

/**
 * Sizes everything that is not held: motor, reduction, propeller, controller, voltage and pack.
 * The cheapest design is taken that keeps the headroom at cruise, holds top within its all-day ratings,
 * carries the energy with its reserve, and meets no finding that stops; fewest cautions decide between the first few.
 *
 * @param project the boat
 * @param library parts to choose from
 * @returns edits and reasons, or what is short
 */
export function sizeRest(project: Project, library: Library = SHIPPED_LIBRARY): SizingOutcome {
  const model = modelOf(project)
  const drives = driveCandidates(model, library)
  const able = drives.filter(d => d.excess <= 1)
  if (able.length === 0) return { outcome: 'nothingFits', text: whyNoDrive(project, drives.length ? min(drives, d => d.excess) ?? Infinity : Infinity) }
  const designs = cheapestDrives(able).flatMap(drive => packCandidates(project, drive, library)).sort((a, b) => a.cost - b.cost)
  if (designs.length === 0) {
    return { outcome: 'nothingFits', text: { text: 'Motors are found, but no controller and pack in the library suit them with what is held. Let go of the pack or the voltage.' } }
  }
  let best: { design: DesignCandidate, edits: Edit[], stops: number, cautions: number } | undefined
  for (const design of designs.slice(0, CHECKED)) {
    const edits = designEdits(project, design)
    const { counts } = evaluate(withEdits(project, edits), project.use.cruiseSpeed).findings
    if (!best || counts.stop < best.stops || (counts.stop === best.stops && counts.caution < best.cautions)) {
      best = { design, edits, stops: counts.stop, cautions: counts.caution }
    }
    if (best.stops === 0 && best.cautions === 0) break
  }
  const { design, edits, stops } = best!
  return { outcome: 'sized', edits, stops, reasons: sizingReasons(project, design) }
}

/** The edits that put a design on the boat; what is held stays. */
export function designEdits(project: Project, d: DesignCandidate): Edit[] {
  const { held, boat } = project
  return [
    ...(held.motor ? [] : [{ path: 'design.motor', value: d.motor }]),
    ...(held.propeller ? [] : boat.drive.kind === 'jet' ? [{ path: 'design.jet', value: d.jet }] : [{ path: 'design.propeller', value: d.propeller }]),
    ...(held.pack ? [] : [{ path: 'design.pack', value: d.pack }]),
    ...(held.voltage ? [] : [{ path: 'design.systemVoltage', value: d.systemVoltage }]),
    ...(held.reduction ? [] : [{ path: 'design.reduction', value: d.reduction }]),
    ...(held.controller ? [] : [{ path: 'design.controller', value: d.controller }]),
    ...(held.charger ? [] : chargerEdits(project, d)),
  ]
}

/** A charger for the new pack where the one that there is does not reach its volts. */
function chargerEdits({ design: { charging } }: Project, { pack }: DesignCandidate): Edit[] {
  const { fullVoltage } = packFigures(pack)
  return chargerFits(charging.charger, fullVoltage) ? [] : [{ path: 'design.charging.charger', value: usualCharging(fullVoltage).charger }]
}

function whyNoDrive(project: Project, excess: number): Text {
  if (project.held.motor) {
    return { text: 'The held motor would need {x} of its all-day rating. Lower cruise or top, or let go of the motor.', params: { x: { value: excess, quantity: 'ratio' } } }
  }
  if (!Number.isFinite(excess)) return { text: project.boat.drive.kind === 'jet' ? 'No jet in the library is this small. Check the largest impeller that fits.' : 'No motor in the library turns a propeller of this size. Check the largest diameter that fits.' }
  return { text: 'The largest motors would need {x} of their all-day rating at {top}. Lower the top speed.', params: { x: { value: excess, quantity: 'ratio' }, top: { value: project.use.topSpeed, quantity: 'speed' } } }
}
