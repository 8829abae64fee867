import { chargeFuse, converterPower, houseFuse, panelSourceCurrent } from '../wiring/taps'
import { chargersOf } from '../project/charging'
import type { Project } from '../project/projectFields'
import { stringVoltage } from '../solar'
import { cableRun, sizeConductor, STOCK_AREAS, type CableRun } from '../wiring'
import { modelOf } from './model'

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
  const figures = modelOf(project).pack,
    voltage = figures.nominalVoltage
  const place = { insulation: wiring.insulation, engineSpace: false, bundled: 2 }
  const run = (current: number, guard: number, length: number, volts: number): CableRun => {
    const demand = { current, guard, length, voltage: volts, place, conductors: 2 }
    return sizeConductor(demand) ?? cableRun(demand, STOCK_AREAS.at(-1)!, 1)
  }
  const chargers = chargersOf({ charging, pack })
  const charge = Math.min(chargers.count * chargers.charger.current, pack.parallel * pack.cell.chargeCurrent)
  const house = (wiring.dcdcPower ?? converterPower(use.houseLoad)) / CONVERTER / (0.85 * voltage)
  const runs: Partial<Record<TapName, CableRun>> = {
    charge: run(charge, chargeFuse(chargers.count * chargers.charger.current), wiring.chargeLength, voltage),
    house: run(house, houseFuse(use.houseLoad, voltage), wiring.houseLength, voltage),
  }
  if (solar.fitted) {
    const shorted = solar.parallel * solar.panel.shortCurrent
    runs.panels = run(
      solar.parallel * solar.panel.current,
      1.25 * shorted,
      wiring.panelLength,
      stringVoltage(solar).hot,
    )
    runs.sun = run(panelSourceCurrent(solar), chargeFuse(panelSourceCurrent(solar)), wiring.chargeLength, voltage)
  }
  return runs
}
