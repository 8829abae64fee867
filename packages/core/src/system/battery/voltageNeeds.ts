import { sizeConductor, type CableRun } from '../../wiring'
import type { Model } from '../model'
import { continuousNeed } from '../continuousNeed'
import { operatingPoint } from '../operatingPoint'

/** What a voltage asks of the cable from the pack. A; `run` null when nothing in stock is enough. */
export interface VoltageNeeds {
  cruiseCurrent: number
  topCurrent: number
  run: CableRun | null
  loss: number
}

/**
 * Amps and copper of a boat at a system voltage, whatever she has now.
 *
 * @param model the boat
 * @param voltage of the system, V
 * @returns amps at cruise and top, the cable that carries them, W lost in it at cruise
 *
 * Source: I = P/V; copper by sizeConductor for the fuse that guards it.
 */
export function voltageNeeds(model: Model, voltage: number): VoltageNeeds {
  const {
    use,
    design: { wiring },
  } = model.project
  const cruiseCurrent = operatingPoint(model, use.cruiseSpeed).drive.packPower / voltage,
    topCurrent = operatingPoint(model, use.topSpeed).drive.packPower / voltage
  const current = continuousNeed(cruiseCurrent, topCurrent, use.headroom)
  const run = sizeConductor({
    current,
    guard: 1.25 * current,
    length: wiring.mainLength,
    voltage,
    place: { insulation: wiring.insulation, engineSpace: wiring.engineSpace, bundled: wiring.bundled },
    conductors: 2,
  })
  return { cruiseCurrent, topCurrent, run, loss: run ? run.loss * (cruiseCurrent / current) ** 2 : 0 }
}
