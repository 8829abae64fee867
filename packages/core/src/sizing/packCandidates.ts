import { min } from 'd3-array'
import {
  CHEMISTRIES,
  packFigures,
  packLoad,
  peukertShare,
  restVoltage,
  type CellSpec,
  type Chemistry,
  type PackSpec,
} from '../battery'
import { CELL_PEAK_SECONDS, CONTROLLER_PEAK_SECONDS, timeFactor, type ControllerSpec, type MotorSpec } from '../drive'
import { cellsOf, type Library } from '../parts'
import { PACK_ABOVE_MOTOR } from '../project/parts/systemVoltage'
import { edit, type Edit } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { type Text, volts } from '../units'
import { TOUCH_LIMIT } from '../wiring'
import { partsPrice } from '../project/parts/partsTotals'
import { HOUSE_CONVERTER_EFFICIENCY, LEVER_CHARGE } from '../system/driveTrain'
import { stretchOf } from '../system/energy'
import { evaluate } from '../system/evaluate'
import type { DesignCandidate, DriveCandidate } from './candidate'
import { standInController, type ControllerDemand } from './standIns'

/**
 * What working above the touch limit adds: insulation watch, interlocks, a qualified person. Invented, of the usual
 * order; €.
 */
export const HIGH_VOLTAGE_COST = 1500

/** How freely a controller and a pack are chosen. */
export interface PackChoice {
  /** all controllers that suit, or the cheapest of them */
  controllers?: 'all' | 'cheapest'
  /** where none suits, one that is still to be found */
  standIns?: boolean
  /** what is held goes together though its volts do not: the findings tell */
  anyVolts?: boolean
}

/**
 * Whole designs for one drive: every cell of the library, with the controllers that suit.
 *
 * @param project the boat; what is held is kept
 * @param drive motor, reduction and propeller
 * @param library parts to choose from
 * @param choice how freely
 * @returns designs, possibly none
 */
export function packCandidates(
  project: Project,
  drive: DriveCandidate,
  library: Library,
  { controllers = 'cheapest', standIns = false, anyVolts = false }: PackChoice = {},
): DesignCandidate[] {
  const { use, held, design } = project
  const { duration } = stretchOf(use)
  const house = use.houseLoad / HOUSE_CONVERTER_EFFICIENCY,
    drives = project.boat.drive.count
  const cells = held.pack ? [design.pack.cell] : cellsOf(library)
  const systemVoltage = held.voltage ? design.systemVoltage : drive.motor.ratedVoltage
  const able = drive.builtIn ? [drive.builtIn] : held.controller ? [design.controller] : library.controllers
  const found: DesignCandidate[] = []
  if (held.voltage && !anyVolts && !worksNear(drive.motor, systemVoltage)) return found
  // the controller that suits is not known yet: the least that any takes by itself at such volts
  const near = able.filter(c => c.leastVoltage <= systemVoltage && c.greatestVoltage >= systemVoltage)
  const idle = drives * (min(near, c => c.idlePower) ?? 0)
  const demand: PackDemand = {
    cruisePower: drive.cruisePower + idle,
    topPower: drive.topPower + idle,
    topTime: use.topTime,
    greatestVoltage: drive.motor.greatestVoltage,
  }
  const energy = ((demand.cruisePower + house) * duration) / (1 - use.reserve)
  for (const cell of cells) {
    const pack = held.pack ? design.pack : packOfCells(cell, demand, systemVoltage, energy, use.headroom, house)
    if (!pack) continue
    const figures = packFigures(pack)
    if (!anyVolts && held.voltage && Math.abs(figures.nominalVoltage / systemVoltage - 1) > NEAR) continue
    const { greatestVoltage, leastVoltage } = drive.motor
    if (!anyVolts && (figures.fullVoltage > greatestVoltage || figures.nominalVoltage < leastVoltage)) continue
    const rest = restVoltage(pack, LEVER_CHARGE)
    const ampsFor = (power: number) => packLoad(rest, figures.resistance, power).current
    const asked: ControllerDemand = {
      topAmps: ampsFor(demand.topPower) / drives,
      cruiseAmps: ampsFor(demand.cruisePower) / drives / (1 - use.headroom),
      topPhase: drive.topPhase,
      cruisePhase: drive.cruisePhase / (1 - use.headroom),
      topTime: use.topTime,
    }
    const suiting = suitingControllers(able, figures, asked)
    if (suiting.length === 0 && standIns)
      suiting.push(drive.builtIn ?? (held.controller ? design.controller : standInController(pack, asked)))
    const high = figures.fullVoltage > TOUCH_LIMIT ? HIGH_VOLTAGE_COST : 0
    for (const controller of controllers === 'all' ? suiting : suiting.slice(0, 1)) {
      const { motor, reduction, jet } = drive
      const cost = partsPrice({ motor, controller, reduction, jet }, figures, project.boat.drive) + high
      found.push(wholeDesign(drive, controller, pack, systemVoltage, cost))
    }
  }
  return found
}

/** How far a pack's nominal volts may lie from the system's, as a share. */
const NEAR = 0.15
/** Can a pack near these volts turn the motor at all? Its volts when full are above its nominal ones. */
const worksNear = (motor: MotorSpec, voltage: number) =>
  motor.leastVoltage <= (1 + NEAR) * voltage && motor.greatestVoltage >= (1 - NEAR) * voltage

/** Field by field, since a search makes hundreds of thousands and copies by spread are many times slower. */
const wholeDesign = (
  drive: DriveCandidate,
  controller: ControllerSpec,
  pack: PackSpec,
  systemVoltage: number,
  cost: number,
): DesignCandidate => ({
  motor: drive.motor,
  whole: drive.whole,
  builtIn: drive.builtIn,
  reduction: drive.reduction,
  legRatio: drive.legRatio,
  propeller: drive.propeller,
  jet: drive.jet,
  excess: drive.excess,
  cruisePower: drive.cruisePower,
  topPower: drive.topPower,
  cruisePhase: drive.cruisePhase,
  topPhase: drive.topPhase,
  controller,
  pack,
  systemVoltage,
  cost,
})

/** What a pack must carry: W at cruise and top, and the volts that the motor stands. */
interface PackDemand {
  cruisePower: number
  topPower: number
  /** s for which top is wanted */
  topTime: number
  greatestVoltage: number
}

function packOfCells(
  cell: CellSpec,
  demand: PackDemand,
  systemVoltage: number,
  energy: number,
  headroom: number,
  house: number,
): PackSpec | null {
  const chemistry: Chemistry = CHEMISTRIES[cell.chemistry]
  const block = chemistry.nominalVoltage * cell.cellsInSeries
  const chargeVoltage = chemistry.sensibleVoltage[1]
  // Nominal a few per cent above the motor's volts, so that it reaches its speed on a loaded pack: 16 LFP cells for 48
  // V (common practice).
  let series = Math.round((PACK_ABOVE_MOTOR * systemVoltage) / block)
  const most = Math.min(demand.greatestVoltage, systemVoltage <= 50 ? TOUCH_LIMIT : Infinity)
  series = Math.min(series, Math.floor(most / (chargeVoltage * cell.cellsInSeries)))
  if (series < 1 || series * block < 0.9 * systemVoltage) return null
  const string = packFigures({ cell, series, parallel: 1, chargeVoltage })
  const rest = restVoltage({ cell, series, parallel: 1, chargeVoltage }, LEVER_CHARGE)
  /** the same share of the load in each string: its amps, and the watts that it gives at so many */
  const ampsOfEach = (power: number, strings: number) => packLoad(rest, string.resistance, power / strings).current
  const powerAt = (asked: number) => {
    const amps = Math.min(asked, rest / (2 * string.resistance))
    return amps * (rest - amps * string.resistance)
  }
  const cruise = demand.cruisePower + house,
    top = demand.topPower + house
  // 2 % more than the sum, since the voltage at cruise is not known to the volt yet
  const ofCapacity = (1.02 * energy) / string.usableEnergy
  const forTop = timeFactor(
    { allDay: cell.current, peak: cell.currentPeak, seconds: CELL_PEAK_SECONDS },
    demand.topTime,
  )
  let enough = Math.ceil(ofCapacity - 1e-9)
  const lasts = (strings: number) =>
    strings * peukertShare(chemistry.peukert, ampsOfEach(cruise, strings) / cell.capacityAh) >= ofCapacity
  while (enough < 100 && !lasts(enough)) enough++
  const parallel = Math.max(
    1,
    enough,
    Math.ceil(top / powerAt(cell.current * forTop)),
    Math.ceil(cruise / powerAt(cell.current * (1 - headroom))),
  )
  return parallel > 100 ? null : { cell, series, parallel, chargeVoltage }
}

/** A pack of these cells, or why they make none and what would let them. */
export type PackOfCells = { outcome: 'pack'; pack: PackSpec } | { outcome: 'none'; reason: Text; edits: Edit[] | null }

/**
 * The pack that these cells would make for the boat as it is: at the volts that are held, else at those that suit motor
 * and controller, since the pack's own volts lead.
 *
 * @param project the boat
 * @param cell the cells
 * @returns the pack; or a sentence, with edits that would let them make one where there are any
 */
export function packOf(project: Project, cell: CellSpec): PackOfCells {
  const {
    use,
    design: { motor, controller, systemVoltage },
    held,
  } = project
  const { cruise, top, energy } = evaluate(project, use.cruiseSpeed)
  const demand = {
    cruisePower: cruise.drive.controllerInput,
    topPower: top.drive.controllerInput,
    topTime: use.topTime,
    greatestVoltage: Math.min(motor.greatestVoltage, controller.greatestVoltage),
  }
  const at = (voltage: number) =>
    packOfCells(cell, demand, voltage, energy.needed / (1 - use.reserve), use.headroom, cruise.drive.housePower)
  const suits = (pack: PackSpec | null) =>
    pack !== null && packFigures(pack).nominalVoltage >= Math.max(motor.leastVoltage, controller.leastVoltage)
      ? pack
      : null
  const free = suits(at(motor.ratedVoltage)),
    pack = held.voltage ? suits(at(systemVoltage)) : free
  if (pack) return { outcome: 'pack', pack }
  if (free)
    return {
      outcome: 'none',
      reason: {
        text: 'They make no pack of {v}, which is held; let go of it and they make one of {f}.',
        params: {
          v: volts(systemVoltage),
          f: volts(packFigures(free).nominalVoltage),
        },
      },
      edits: [edit('held.voltage', false), edit('design.pack', free)],
    }
  const window = {
    a: volts(Math.max(motor.leastVoltage, controller.leastVoltage)),
    b: volts(demand.greatestVoltage),
  }
  return {
    outcome: 'none',
    reason: {
      text:
        'Motor and controller work from {a} to {b}: no count of these blocks, up to 100 side by side, gives ' +
        'such volts with the amps and energy asked. Another motor, or less asked, would let them.',
      params: window,
    },
    edits: null,
  }
}

/**
 * The pack that these cells would make for the boat as it is.
 *
 * @param project the boat
 * @param cell the cells
 * @returns the pack, or null when they cannot make one
 */
export function packFor(project: Project, cell: CellSpec): PackSpec | null {
  const made = packOf(project, cell)
  return made.outcome === 'pack' ? made.pack : null
}

/** Controllers that stand the pack and carry the amps, cheapest first. */
function suitingControllers(
  controllers: readonly ControllerSpec[],
  pack: { fullVoltage: number; nominalVoltage: number },
  asked: ControllerDemand,
): ControllerSpec[] {
  const holds = (allDay: number, peak: number, cruise: number, top: number) =>
    allDay >= cruise && allDay * timeFactor({ allDay, peak, seconds: CONTROLLER_PEAK_SECONDS }, asked.topTime) >= top
  return controllers
    .filter(
      c =>
        c.greatestVoltage >= pack.fullVoltage &&
        c.leastVoltage <= 0.85 * pack.nominalVoltage &&
        holds(c.batteryCurrent, c.batteryCurrentPeak, asked.cruiseAmps, asked.topAmps) &&
        holds(c.phaseCurrent, c.phaseCurrentPeak, asked.cruisePhase, asked.topPhase),
    )
    .sort((a, b) => a.price - b.price)
}
