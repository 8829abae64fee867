import { SHIPPED_LIBRARY, type Library } from '../parts/library'
import { edit, withEdits } from '../project/definition/projectPath'
import { SYSTEM_VOLTAGES } from '../project/parts/systemVoltage'
import type { Project } from '../project/definition/projectFields'
import { checkFindings } from '../findings'
import { modelOf } from '../system/model'
import { voltageNeeds } from '../system/battery/voltageNeeds'
import { TOUCH_LIMIT } from '../wiring'
import { cheapestDrives, driveCandidates } from './driveCandidates'
import type { DesignCandidate } from './candidate'
import { packCandidates } from './packCandidates'
import { designEdits } from './sizeRest'

/** Full against nominal system volts: 16 cells of LFP on 48 V end at 55 to 58 V (common practice). */
const FULL_SHARE = 1.15

/** The boat at one system voltage: what flows, what copper it takes, what can be had for it. A, mm², kg, W, €. */
export interface VoltageChoice {
  voltage: number
  fitted: boolean
  cruiseCurrent: number
  topCurrent: number
  /** of one conductor, and how many lie side by side; null when nothing in stock is enough */
  area: number | null
  parallel: number
  copper: number
  /** lost in the cable from the pack at cruise */
  loss: number
  /** V of the full pack, about */
  full: number
  aboveTouch: boolean
  /** motors and controllers of the library that work at this voltage */
  motors: number
  controllers: number
  /** strongest motor of the library at this voltage, W */
  strongest: number
  /** findings that would stop her with the parts below: 0 where they go together */
  clashes: number
  /** price of the cheapest parts that hold, with what working above the touch limit adds; null when there are none */
  price: number | null
  /** the motor, controller and pack of that price */
  parts: { motor: string; controller: string; cells: string } | null
}

/** The cheapest designs that are judged by the findings before one is shown. */
const JUDGED = 4

/** Of the cheapest designs the first without a clash, else the one with the fewest. */
function leastClashing(
  project: Project,
  designs: DesignCandidate[],
  library: Library,
): (DesignCandidate & { stops: number }) | null {
  let best: (DesignCandidate & { stops: number }) | null = null
  for (const design of designs.sort((a, b) => a.cost - b.cost).slice(0, JUDGED)) {
    const { stop } = checkFindings(withEdits(project, designEdits(project, design, library))).counts
    if (!best || stop < best.stops) best = { ...design, stops: stop }
    if (stop === 0) break
  }
  return best
}

/**
 * The boat at every usual system voltage, motor and pack chosen anew for each.
 *
 * @param project the boat; a held motor or pack is kept, and then rules most voltages out
 * @param library parts to choose from
 * @returns one choice a voltage, low to high
 *
 * Source: I = P/V; copper by sizeConductor; prices of the candidates that sizeRest chooses from.
 */
export function voltageChoices(project: Project, library: Library = SHIPPED_LIBRARY): VoltageChoice[] {
  const model = modelOf(project)
  const { design } = project
  const drives = cheapestDrives(driveCandidates(model, library).filter(d => d.excess <= 1))
  return SYSTEM_VOLTAGES.map(voltage => {
    const { cruiseCurrent, topCurrent, run, loss } = voltageNeeds(model, voltage)
    const works = <P extends { leastVoltage: number; greatestVoltage: number }>(parts: readonly P[]) =>
      parts.filter(p => p.leastVoltage <= voltage && p.greatestVoltage >= FULL_SHARE * voltage)
    const motors = works(library.motors)
    const asked = withEdits(project, [edit('design.systemVoltage', voltage), edit('held.voltage', true)])
    const cheapest = leastClashing(
      asked,
      drives.flatMap(drive => packCandidates(asked, drive, library)),
      library,
    )
    return {
      voltage,
      fitted: Math.abs(voltage / design.systemVoltage - 1) < 0.05,
      cruiseCurrent,
      topCurrent,
      area: run?.area ?? null,
      parallel: run?.parallel ?? 0,
      copper: run?.copper ?? 0,
      loss,
      full: FULL_SHARE * voltage,
      aboveTouch: FULL_SHARE * voltage > TOUCH_LIMIT,
      motors: motors.length,
      controllers: works(library.controllers).length,
      strongest: motors.reduce((most, m) => Math.max(most, m.ratedPower), 0),
      clashes: cheapest?.stops ?? 0,
      price: cheapest?.cost ?? null,
      parts: cheapest
        ? {
            motor: cheapest.motor.name,
            controller: cheapest.controller.name,
            cells: `${cheapest.pack.series * cheapest.pack.parallel} × ${cheapest.pack.cell.name}`,
          }
        : null,
    }
  })
}
