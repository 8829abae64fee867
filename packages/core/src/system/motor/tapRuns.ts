import { chargeFuse, converterPower, houseFuse, panelSourceCurrent } from '../../wiring/taps'
import { chargersOf } from '../../project/parts/charging'
import type { Project } from '../../project/definition/projectFields'
import { arraysOf, stringVoltage, type SolarArray } from '../../solar'
import { cableRun, sizeConductor, STOCK_AREAS, type CableRun, type Wiring } from '../../wiring'
import { modelOf } from '../model'

/**
 * The cables besides the drive's own: charger, house converter, panels to their controller and from there to the pack.
 */
export type TapName = 'charge' | 'house' | 'panels' | 'sun'

/** Efficiency of the house converter at its greatest load (common practice: 0.9). */
const CONVERTER = 0.9

/**
 * The cables of everything that taps the pack, sized like those of the drive: they carry their own fuse and lose at
 * most 3 %.
 *
 * @param project the boat
 * @returns a run for each tap that is there; the panels' own run carries 1.25 × their shorted amps
 *
 * Source: sizeConductor().
 */
export function tapRuns(project: Project): Partial<Record<TapName, CableRun>> {
  const {
    design: { wiring, charging, solar, pack },
    use,
  } = project
  const voltage = modelOf(project).pack.nominalVoltage
  const chargers = chargersOf({ charging, pack })
  const charge = Math.min(chargers.count * chargers.charger.current, pack.parallel * pack.cell.chargeCurrent)
  const house = (wiring.dcdcPower ?? converterPower(use.houseLoad)) / CONVERTER / (0.85 * voltage)
  return {
    charge: tapRun(wiring, charge, chargeFuse(chargers.count * chargers.charger.current), wiring.chargeLength, voltage),
    house: tapRun(wiring, house, houseFuse(use.houseLoad, voltage), wiring.houseLength, voltage),
    ...(solar.fitted ? panelRuns(project, solar) : {}),
  }
}

/**
 * The cables of each array of panels that feeds the drive.
 *
 * @param project the boat
 * @returns from the panels to their controller, and from there to the pack, for each array; none where none is fitted
 */
export const arrayRuns = (project: Project): { panels: CableRun; sun: CableRun }[] =>
  project.design.solar.fitted ? arraysOf(project.design.solar, 'drive').map(array => panelRuns(project, array)) : []

function panelRuns(project: Project, array: SolarArray): { panels: CableRun; sun: CableRun } {
  const { wiring } = project.design,
    pushed = panelSourceCurrent(array)
  return {
    panels: tapRun(
      wiring,
      array.parallel * array.panel.current,
      1.25 * array.parallel * array.panel.shortCurrent,
      wiring.panelLength,
      stringVoltage(array).hot,
    ),
    sun: tapRun(wiring, pushed, chargeFuse(pushed), wiring.chargeLength, modelOf(project).pack.nominalVoltage),
  }
}

function tapRun({ insulation }: Wiring, current: number, guard: number, length: number, voltage: number): CableRun {
  const demand = {
    current,
    guard,
    length,
    voltage,
    place: { insulation, engineSpace: false, bundled: 2 },
    conductors: 2,
  }
  return sizeConductor(demand) ?? cableRun(demand, STOCK_AREAS.at(-1)!, 1)
}
