import { SHIPPED_FUSES } from '../parts/shipped/shippedWiring'
import { TOUCH_LIMIT } from '../wiring/touchLimit'
import {
  cableRun,
  FUSE_MARGIN,
  fuseFaults,
  fuseFor,
  fuseToFind,
  precharge,
  shortCircuitCurrent,
  sizeConductor,
  STOCK_AREAS,
  type CableRun,
  type FuseFault,
  type FuseSpec,
  type Precharge,
  type RunDemand,
} from '../wiring'
import { conductorResistance } from '../wiring/conductor'
import { bankDuty } from './banks/bankDuty'
import { continuousNeed } from './continuousNeed'
import { driveTrain, type DriveTrain } from './driveTrain'
import { centreResistance } from './curve/hullResistance'
import type { Model } from './model'
import { remember } from '../numeric'

/** RMS amps in a lead of the motor for one DC-equivalent amp: two of three leads carry at a time, √(2/3). */
const LEAD_SHARE = Math.sqrt(2 / 3)
/**
 * m of cable from a bank to where the banks join, one way (common practice; the length from there to the controller is
 * the owner's).
 */
const BANK_LEAD = 1
/** A contactor should stand this much more than it carries all day (common practice). */
const CONTACTOR_MARGIN = 1.25

/** The wiring of a boat: sized where the owner has not chosen, and what follows. A, V, Ω. */
export interface WiringReport {
  /** A all day from the whole pack: cruise with its headroom, or top */
  current: number
  /** banks that drive alone: each has its own fuse, guard and contactor, and breaks its own short */
  banks: number
  /** of them that drive at the same time */
  working: number
  /**
   * what the largest of them must carry all day, A, with the others switched off or one of them gone; its share while
   * all are at work that work together; and its lead to where they join. The whole pack where there is one
   */
  bank: { current: number; shared: number; lead: CableRun }
  main: CableRun
  motor: CableRun
  /** false where no stock cable is enough, so that the thickest stands in */
  enough: { main: boolean; motor: boolean }
  /** at a bank's own fuse, and where banks join */
  shortCircuit: number
  joinedShort: number
  /** of each bank: the owner's, else one that suits; null when none in the library does */
  fuse: FuseSpec | null
  fuseFaults: FuseFault[]
  precharge: Precharge
  /** of each bank */
  contactor: { voltage: number; current: number; wantsVoltage: number; wantsCurrent: number }
  /** of each bank's guard */
  bmsCurrent: number
  aboveTouch: boolean
}

/** The drive at cruise and at top. */
interface DrivePoints {
  cruise: DriveTrain
  top: DriveTrain
}

const reports = remember<Model['project'], WiringReport>('wiringReport')

/**
 * The wiring of a boat, worked out once.
 *
 * @param model the boat
 * @param points the drive at cruise and at top, where they are known already
 * @returns runs, fuse, precharge, contactor
 */
export function wiringReport(model: Model, points?: DrivePoints): WiringReport {
  return reports(model.project, () => {
    const { use } = model.project,
      at = (speed: number) => driveTrain(model, speed, centreResistance(model, speed))
    return makeReport(model, points ?? { cruise: at(use.cruiseSpeed), top: at(use.topSpeed) })
  })
}

/** Ω of a hand's breadth of the cable, both ways: from the pack to its fuse. */
const fuseLead = ({ area, parallel }: CableRun): number => 2 * conductorResistance(0.2, area * parallel)

function makeReport(model: Model, { cruise, top }: DrivePoints): WiringReport {
  const {
    project: { design, use },
    pack,
  } = model
  const { wiring } = design
  const current = continuousNeed(cruise.packCurrent, top.packCurrent, use.headroom),
    duty = bankDuty(design.pack, design.banks, model.pack),
    { banks, working } = duty,
    bankCurrent = duty.carries(current)
  const place = { insulation: wiring.insulation, engineSpace: wiring.engineSpace, bundled: wiring.bundled }
  const between = { voltage: pack.nominalVoltage, place, conductors: 2 }
  // the fuse comes first: a cable must carry what the fuse before it lets through, and behind the join what all do that
  // are on
  const mainFor = (guard: number) =>
    runOf({ ...between, current, guard: working * guard, length: wiring.mainLength }, wiring.mainArea)
  const leadFor = (guard: number) =>
    banks === 1 ? mainFor(guard) : runOf({ ...between, current: bankCurrent, guard, length: BANK_LEAD }, null)
  const shortWith = (cable: number) => shortCircuitCurrent(pack.fullVoltage, duty.resistance + cable)
  const anyCable = { current: bankCurrent, ampacity: Infinity, voltage: pack.fullVoltage }
  const fuseAgainst = (shortCircuit: number) => fuseFor(SHIPPED_FUSES, { ...anyCable, shortCircuit })
  // where the bare cells are too strong for any fuse, the short lead to it counts too
  const first =
    wiring.fuse ??
    fuseAgainst(shortWith(0)) ??
    fuseAgainst(shortWith(fuseLead(leadFor(FUSE_MARGIN * bankCurrent).run))) ??
    fuseToFind({ ...anyCable, shortCircuit: shortWith(0) })
  const guard = first?.rating ?? bankCurrent,
    main = mainFor(guard),
    lead = leadFor(guard)
  const phase = LEAD_SHARE * continuousNeed(cruise.phaseCurrent, top.phaseCurrent, use.headroom)
  const motor = runOf(
    {
      current: phase,
      guard: phase,
      length: wiring.motorLength,
      voltage: Math.min(pack.nominalVoltage, Math.max(cruise.voltageNeeded, top.voltageNeeded)),
      place,
      conductors: 3,
    },
    wiring.motorArea,
  )
  const shortCircuit = shortWith(fuseLead(lead.run))
  const demand = { current: bankCurrent, ampacity: lead.run.ampacity, voltage: pack.fullVoltage, shortCircuit }
  // the first is the smallest that suits any cable: where this one carries it, it is the answer
  const fuse = wiring.fuse ?? (first && fuseFaults(first, demand).length === 0 ? first : fuseFor(SHIPPED_FUSES, demand))
  const wantsVoltage = pack.fullVoltage,
    wantsCurrent = CONTACTOR_MARGIN * bankCurrent
  return {
    current,
    banks,
    working,
    bank: { current: bankCurrent, shared: duty.shares(current), lead: lead.run },
    main: main.run,
    motor: motor.run,
    enough: { main: main.enough && lead.enough, motor: motor.enough },
    shortCircuit,
    joinedShort: shortCircuit * duty.joined,
    fuse,
    fuseFaults: fuse ? fuseFaults(fuse, demand) : [],
    precharge: precharge(pack.fullVoltage, model.drives * wiring.capacitance, wiring.prechargeResistance ?? undefined),
    contactor: {
      voltage: wiring.contactorVoltage ?? ratingFrom(CONTACTOR_VOLTS, wantsVoltage),
      current: wiring.contactorCurrent ?? ratingFrom(CONTACTOR_AMPS, wantsCurrent),
      wantsVoltage,
      wantsCurrent,
    },
    bmsCurrent: wiring.bmsCurrent ?? duty.cells,
    aboveTouch: pack.fullVoltage > TOUCH_LIMIT,
  }
}

/** Ratings that contactors are sold in (common practice). */
const CONTACTOR_VOLTS = [32, 60, 80, 150, 450, 900],
  CONTACTOR_AMPS = [50, 100, 150, 200, 250, 300, 400, 500, 600]
const ratingFrom = (ratings: readonly number[], wanted: number): number =>
  ratings.find(r => r >= wanted) ?? ratings.at(-1)!

/** A run as the owner has it, else sized, else the thickest there is. */
function runOf(demand: RunDemand, area: number | null): { run: CableRun; enough: boolean } {
  const sized = sizeConductor(demand)
  if (area !== null) return { run: cableRun(demand, area, 1), enough: true }
  return sized ? { run: sized, enough: true } : { run: cableRun(demand, STOCK_AREAS.at(-1)!, 4, 'heat'), enough: false }
}
