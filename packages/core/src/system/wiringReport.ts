import { DEMO_FUSES } from '../parts/demoWiring'
import { TOUCH_LIMIT } from '../wiring/touchLimit'
import { cableRun, FUSE_MARGIN, fuseFaults, fuseFor, precharge, shortCircuitCurrent, sizeConductor, STOCK_AREAS, type CableRun, type FuseFault, type FuseSpec, type Precharge, type RunDemand } from '../wiring'
import { conductorResistance } from '../wiring/conductor'
import type { DriveTrain } from './driveTrain'
import type { Model } from './model'
import { operatingPoint } from './operatingPoint'

/** RMS amps in a lead of the motor for one DC-equivalent amp: two of three leads carry at a time, √(2/3). */
const LEAD_SHARE = Math.sqrt(2 / 3)
/** A contactor should stand this much more than it carries all day (common practice). */
const CONTACTOR_MARGIN = 1.25

/** The wiring of a boat: sized where the owner has not chosen, and what follows. A, V, Ω. */
export interface WiringReport {
  /** A all day from the pack: cruise with its headroom, or top */
  current: number
  main: CableRun
  motor: CableRun
  /** false where no stock cable is enough, so that the thickest stands in */
  enough: { main: boolean, motor: boolean }
  shortCircuit: number
  /** the owner's, else one that suits; null when none in the library does */
  fuse: FuseSpec | null
  fuseFaults: FuseFault[]
  precharge: Precharge
  contactor: { voltage: number, current: number, wantsVoltage: number, wantsCurrent: number }
  bmsCurrent: number
  aboveTouch: boolean
}

/** The drive at cruise and at top. */
interface DrivePoints { cruise: DriveTrain, top: DriveTrain }

const reports = new WeakMap<Model, WiringReport>()

/**
 * The wiring of a boat, worked out once.
 *
 * @param model the boat
 * @param points the drive at cruise and at top, where they are known already
 * @returns runs, fuse, precharge, contactor
 */
export function wiringReport(model: Model, points?: DrivePoints): WiringReport {
  const known = reports.get(model)
  if (known) return known
  const { use } = model.project
  const made = makeReport(model, points ?? { cruise: operatingPoint(model, use.cruiseSpeed).drive, top: operatingPoint(model, use.topSpeed).drive })
  reports.set(model, made)
  return made
}

/** Ω of a hand's breadth of the cable, both ways: from the pack to its fuse. */
const fuseLead = ({ area, parallel }: CableRun): number => 2 * conductorResistance(0.2, area * parallel)

function makeReport(model: Model, { cruise, top }: DrivePoints): WiringReport {
  const { project: { design, use }, pack } = model
  const { wiring } = design
  const current = Math.max(cruise.packCurrent / (1 - use.headroom), top.packCurrent)
  const place = { insulation: wiring.insulation, engineSpace: wiring.engineSpace, bundled: wiring.bundled }
  // the fuse comes first: the cable must carry what its fuse lets through
  const runFor = (guard: number) => runOf({ current, guard, length: wiring.mainLength, voltage: pack.nominalVoltage, place, conductors: 2 }, wiring.mainArea)
  const shortWith = (cable: number) => shortCircuitCurrent(pack.fullVoltage, pack.resistance + cable)
  const fuseAgainst = (shortCircuit: number) => fuseFor(DEMO_FUSES, { current, ampacity: Infinity, voltage: pack.fullVoltage, shortCircuit })
  // where the bare pack is too strong for any fuse, the short lead to it counts too
  const first = wiring.fuse ?? fuseAgainst(shortWith(0)) ?? fuseAgainst(shortWith(fuseLead(runFor(FUSE_MARGIN * current).run)))
  const main = runFor(first?.rating ?? current)
  const phase = LEAD_SHARE * Math.max(cruise.phaseCurrent / (1 - use.headroom), top.phaseCurrent)
  const motor = runOf({ current: phase, guard: phase, length: wiring.motorLength, voltage: Math.min(pack.nominalVoltage, Math.max(cruise.voltageNeeded, top.voltageNeeded)), place, conductors: 3 }, wiring.motorArea)
  const shortCircuit = shortWith(fuseLead(main.run))
  const demand = { current, ampacity: main.run.ampacity, voltage: pack.fullVoltage, shortCircuit }
  // the first is the smallest that suits any cable: where this one carries it, it is the answer
  const fuse = wiring.fuse ?? (first && fuseFaults(first, demand).length === 0 ? first : fuseFor(DEMO_FUSES, demand))
  const wantsVoltage = pack.fullVoltage, wantsCurrent = CONTACTOR_MARGIN * current
  return {
    current, main: main.run, motor: motor.run, enough: { main: main.enough, motor: motor.enough }, shortCircuit, fuse, fuseFaults: fuse ? fuseFaults(fuse, demand) : [],
    precharge: precharge(pack.fullVoltage, wiring.capacitance, wiring.prechargeResistance ?? undefined),
    contactor: { voltage: wiring.contactorVoltage ?? ratingFrom(CONTACTOR_VOLTS, wantsVoltage), current: wiring.contactorCurrent ?? ratingFrom(CONTACTOR_AMPS, wantsCurrent), wantsVoltage, wantsCurrent },
    bmsCurrent: wiring.bmsCurrent ?? pack.current, aboveTouch: pack.fullVoltage > TOUCH_LIMIT,
  }
}

/** Ratings that contactors are sold in (common practice). */
const CONTACTOR_VOLTS = [32, 60, 80, 150, 450, 900], CONTACTOR_AMPS = [50, 100, 150, 200, 250, 300, 400, 500, 600]
const ratingFrom = (ratings: readonly number[], wanted: number): number => ratings.find(r => r >= wanted) ?? ratings.at(-1)!

/** A run as the owner has it, else sized, else the thickest there is. */
function runOf(demand: RunDemand, area: number | null): { run: CableRun, enough: boolean } {
  const sized = sizeConductor(demand)
  if (area !== null) return { run: cableRun(demand, area, 1), enough: true }
  return sized ? { run: sized, enough: true } : { run: cableRun(demand, STOCK_AREAS.at(-1)!, 4, 'heat'), enough: false }
}
