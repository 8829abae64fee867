import { CHARGE_HABITS } from '../../battery'
import type { Project } from '../../project'
import { modelOf, wiringReport, type Model, type WiringReport } from '../../system'
import { hullTest, type HullTest } from '../hullTest'
import type { PowerGroup, PowerStep } from '../powerStep'
import { packEnds, voltWindows, type VoltWindow } from '../voltWindows'

/** What the steps of a boat's first power-up are made from. A, V, K. */
export interface PowerContext {
  project: Project
  model: Model
  wires: WiringReport
  windows: readonly VoltWindow[]
  /** V that the pack was read to have, once it was; else of a half-full one */
  stands: number
  full: number
  /** A that battery, controllers and fuse give all day, the least of them */
  most: number
  /** above extra-low volts */
  high: boolean
  lead: boolean
  insulation: HullTest | null
  /** K below which the cells take no charge */
  noCharge: number
  pusher: 'pump' | 'propeller'
}

/** What the steps are made from. */
export function powerContext(project: Project): PowerContext {
  const model = modelOf(project),
    { design, boat } = project,
    { pack, drives } = model,
    wires = wiringReport(model),
    { half, full } = packEnds(project),
    read = (id: string) => project.yard.readings.find(r => r.step === id)?.value,
    limit = Math.min(wires.bmsCurrent * wires.working, pack.current),
    { chemistry } = design.pack.cell
  return {
    project,
    model,
    wires,
    windows: voltWindows(project),
    stands: read('beforeDisconnect') ?? read('packVolts') ?? half,
    full,
    most: Math.min(
      limit,
      drives * design.controller.batteryCurrent,
      wires.fuse ? wires.fuse.rating * wires.working : limit,
    ),
    high: wires.aboveTouch,
    lead: chemistry === 'AGM' || chemistry === 'FLOODED',
    insulation: hullTest(project),
    noCharge: CHARGE_HABITS[chemistry].none,
    pusher: boat.drive.kind === 'jet' ? 'pump' : 'propeller',
  }
}

/** A step that is done and ticked, not read. */
export const ticked = (
  group: PowerGroup,
  id: string,
  title: string,
  by: string,
  look: string,
  licensed = false,
): PowerStep => ({ id, group, title, by, look, quantity: null, low: null, high: null, why: '', licensed })

/** Steps that this boat has. */
export const those = (...steps: (PowerStep | false | null)[]): PowerStep[] =>
  steps.filter((s): s is PowerStep => Boolean(s))
