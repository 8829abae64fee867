import { FREEZING } from '../constants'
import { CHARGE_HABITS, restVoltage } from '../battery'
import type { Project } from '../project'
import { modelOf, wiringReport } from '../system'
import type { QuantityId } from '../units'
import { CELL_LIMITS } from './cellVolts'

/** Groups of steps, in the order of danger. */
export const POWER_GROUPS = [
  'fuse',
  'precharge',
  'controller',
  'bare',
  'charge',
  'quay',
  'firstHour',
  'firstTrip',
] as const
/** One of them. */
export type PowerGroup = (typeof POWER_GROUPS)[number]

/** One step of the first power-up: what is measured with what, what is accepted and why. */
export interface PowerStep {
  id: string
  group: PowerGroup
  title: string
  /** the instrument, and where */
  by: string
  /** null where it is done, not read */
  quantity: QuantityId | null
  /** accepted, SI; null for no limit on that side. Between fine and accepted it is tight */
  low: number | null
  high: number | null
  fineLow?: number
  fineHigh?: number
  /** how the range comes about */
  why: string
  /** what to look for where it is outside */
  look: string
  /** a licensed person does it or stands by */
  licensed?: boolean
  /** the volts of all cells are written down */
  cells?: 'rest' | 'load'
}

/** Share of the pack's volts at which the contactor may close (common practice: 90 to 95 %). */
const CLOSE_AT = 0.95
/** MΩ to the hull before power, and Ω for each V while it runs (common practice). */
const INSULATION = 0.5e6,
  RUNNING = 100,
  PREFERRED = 500
/** Share of the amps that a first spin may take (common practice: 10 to 20 %). */
const FIRST_SPIN = 0.2
/** Meters differ by so much, V of the pack. */
const METER = 0.005
/** K by which a joint may be warmer than its neighbour: loose, and stop (common practice). */
const LOOSE = 10,
  RISE_STOP = 30
/** Hottest that a controller and a motor's case may be after the first quarter of an hour, K (common practice). */
const CASE = FREEZING + 70,
  CONTROLLER = FREEZING + 65
/** Charger stops within so many V of its setting (common practice). */
const STOPS = 0.2

/**
 * The list for the first power-up, made from the design: volts, times, limits and number of cells are hers.
 *
 * @param project the boat
 * @returns steps in the order of danger
 */
export function powerSteps(project: Project): PowerStep[] {
  const model = modelOf(project),
    { design, boat } = project,
    { pack, drives } = model,
    wires = wiringReport(model)
  const half = restVoltage(design.pack, 0.5),
    cells = pack.cellsInSeries
  /** what the pack was read to have, once it was */
  const read = (id: string) => project.yard.readings.find(r => r.step === id)?.value,
    stands = read('beforeDisconnect') ?? read('packVolts') ?? half,
    empty = restVoltage(design.pack, 0.05),
    // cells that are to be charged to less than they rest at are a finding, and no empty range
    full = Math.max(pack.fullVoltage, half)
  const limit = Math.min(wires.bmsCurrent * wires.working, pack.current),
    most = Math.min(
      limit,
      drives * design.controller.batteryCurrent,
      wires.fuse ? wires.fuse.rating * wires.working : limit,
    )
  const high = wires.aboveTouch,
    lead = design.pack.cell.chemistry === 'AGM' || design.pack.cell.chemistry === 'FLOODED',
    { none } = CHARGE_HABITS[design.pack.cell.chemistry],
    propeller = boat.drive.kind === 'jet' ? 'pump' : 'propeller'
  const steps: PowerStep[] = []
  const put = (group: PowerGroup, id: string, of: Omit<PowerStep, 'id' | 'group'>) => steps.push({ id, group, ...of })
  const done = (group: PowerGroup, id: string, title: string, by: string, look: string, licensed = false) =>
    put(group, id, { title, by, look, quantity: null, low: null, high: null, why: '', licensed })

  // 1 nothing is live yet but the pack itself
  done('fuse', 'polarity', 'Plus is plus at every lug', 'meter, twice, red on plus', 'A lead taken for the other.')
  put('fuse', 'packVolts', {
    title: 'Volts of the pack at the fuse holder',
    by: 'meter',
    quantity: 'voltage',
    low: empty * (1 - METER),
    high: full * (1 + METER),
    why: `${cells} cells in series, from empty to full`,
    look: 'A cell left out, turned round, or a link that is loose.',
  })
  if (!lead)
    put('fuse', 'cellsRest', {
      title: 'Volts of every cell at rest',
      by: 'BMS, or meter at each cell',
      quantity: 'cellVoltage',
      low: null,
      high: CELL_LIMITS.rest.most,
      fineHigh: CELL_LIMITS.rest.fine,
      why: 'spread of the cells at rest, 10 mV fine, 20 mV accepted',
      look: 'Charge the low cell alone, or balance at the top, before anything else.',
      cells: 'rest',
    })
  for (const [id, pole] of [
    ['insulationPlus', 'plus'],
    ['insulationMinus', 'minus'],
  ] as const)
    put('fuse', id, {
      title: `Insulation, pack ${pole} to hull and shaft`,
      by: '500 V tester, electronics unplugged',
      quantity: 'insulation',
      low: INSULATION,
      high: null,
      why: '0.5 megohm and more (common practice); never into electronics',
      look: 'Wet connectors, a chafed lead, a fan or heater of another circuit.',
      licensed: high,
    })
  done(
    'fuse',
    'torque',
    'Every lug by the torque wrench',
    'wrench; M8 12 to 22 N·m, M10 25 to 40',
    'The terminal maker’s figure goes first.',
  )
  done(
    'fuse',
    'crimps',
    'Crimps, heat-shrink, bends',
    'pull by hand; bends 6 times the cable',
    'A crimp that moves is made again.',
  )
  put('fuse', 'fuseRating', {
    title: 'Rating on the main fuse',
    by: 'read it',
    quantity: 'current',
    low: wires.fuse ? 0.5 * wires.fuse.rating : null,
    high: wires.fuse ? wires.fuse.rating : null,
    why: 'no more than the design’s: it guards the cable',
    look: 'A larger fuse lets the cable burn.',
  })

  // 2 up to the controller's terminals
  done(
    'precharge',
    'fuseIn',
    'Main fuse in, disconnect open',
    'hands off the lugs',
    'Sparks: stop, something is connected.',
    high,
  )
  put('precharge', 'beforeDisconnect', {
    title: 'Volts before the disconnect',
    by: 'meter',
    quantity: 'voltage',
    low: empty * (1 - METER),
    high: full * (1 + METER),
    why: 'the pack’s own volts',
    look: 'Nothing: fuse blown or not seated.',
    licensed: high,
  })
  put('precharge', 'prechargeVolts', {
    title: 'Volts at the controller before the contactor closes',
    by: 'meter on the controller’s plus and minus',
    quantity: 'voltage',
    low: CLOSE_AT * stands,
    fineLow: 0.97 * stands,
    high: Math.max(full * (1 + METER), stands),
    why: '95 % of the pack’s volts; below, the contacts weld',
    look: 'Resistor, its fuse, a load that draws while it charges (converter, pump).',
  })
  put('precharge', 'prechargeTime', {
    title: 'Seconds of the precharge',
    by: 'watch; to 95 % of the pack’s volts',
    quantity: 'seconds',
    low: 0.2 * wires.precharge.time,
    high: Math.max(3, 1.5 * wires.precharge.time),
    fineHigh: Math.max(2, wires.precharge.time),
    why: 'resistor and controller: five time constants, give or take half',
    look: 'Too long: a load draws, or the resistor is larger than meant. At once: the resistor is bridged.',
  })
  put('precharge', 'resistor', {
    title: 'Resistor after three closings in a row',
    by: 'infrared; touch nothing',
    quantity: 'temperature',
    low: null,
    high: FREEZING + 60,
    why: 'cool enough for three closings (common practice)',
    look: 'A larger resistor in watts, or a longer wait.',
  })

  // 3 the controller wakes, the motor stays still
  put('controller', 'controllerVolts', {
    title: 'Volts that the controller shows',
    by: 'its own display',
    quantity: 'voltage',
    low: empty * (1 - 0.01),
    high: full * (1 + 0.01),
    why: 'the pack’s own volts, within 1 %',
    look: 'Another setting of its range.',
  })
  done(
    'controller',
    'limits',
    'Limits of amps, volts and temperature set',
    'as on the sheet of settings',
    'Low and high volts first.',
  )
  put('controller', 'batteryLimit', {
    title: 'Battery amps that it is limited to',
    by: 'its own setting, all controllers together',
    quantity: 'current',
    low: null,
    high: most,
    why: 'the least of BMS, pack, controller and fuse',
    look: 'More than this and the BMS opens under way.',
  })
  done(
    'controller',
    'interlock',
    'Lever off zero: it does not start',
    'lever, then power',
    'Set the start lock; reverse only through zero.',
  )
  done('controller', 'noFault', 'No fault is shown', 'display', 'Read its list; do not clear what is not understood.')
  put('controller', 'insulationOn', {
    title: 'Insulation with the controller on',
    by: 'insulation watch, or between each pole and hull',
    quantity: 'insulation',
    low: RUNNING * full,
    fineLow: PREFERRED * full,
    high: null,
    why: '100 ohm for each volt, 500 preferred',
    look: 'Leave out one circuit after the other until it rises.',
    licensed: high,
  })

  // 4 the motor turns, nothing drives
  done(
    'bare',
    'propellerOff',
    `${propeller === 'pump' ? 'Belt or coupling' : 'Propeller'} off, or four lines out and the shaft clear`,
    'seen by two',
    'Nobody near the shaft.',
  )
  put('bare', 'spinAmps', {
    title: 'Battery amps at a slow turn',
    by: 'display, or a clamp',
    quantity: 'current',
    low: 0,
    high: FIRST_SPIN * most,
    fineHigh: 0.5 * FIRST_SPIN * most,
    why: 'a fifth of the limit at most for a first spin',
    look: 'Shaft stiff, belt too tight, phases or sensor wrong.',
  })
  done(
    'bare',
    'rotation',
    'Ahead turns as the propeller wants it',
    'seen from astern',
    'Swap two phases, or set the direction, never both.',
  )
  done('bare', 'astern', 'Astern turns the other way, only through zero', 'lever', 'Set the reverse lock.')
  done(
    'bare',
    'emergencyStop',
    'Emergency stop drops the contactor, motor at no load',
    'press it',
    'Wire it into the coil, not into the display.',
    high,
  )
  done(
    'bare',
    'noise',
    'No rubbing, no shaking over its turns',
    'hand on the mounts',
    'Alignment, run-out, a loose mount.',
  )

  // 5 what guards the pack
  put('charge', 'chargerStops', {
    title: 'Charger stops at',
    by: 'meter at the pack',
    quantity: 'voltage',
    low: full - STOPS - 0.02 * full,
    fineLow: full - STOPS,
    high: full + STOPS,
    fineHigh: full + 0.5 * STOPS,
    why: 'its setting, within 0.2 V',
    look: 'Another profile; never one for another chemistry.',
  })
  put('charge', 'coldCut', {
    title: 'Charging is refused below',
    by: 'BMS setting',
    quantity: 'temperature',
    low: none - 1,
    high: null,
    why: 'below this these cells take no charge',
    look: 'Set it in the BMS, not in the charger alone.',
  })
  for (const [id, title] of [
    ['tripCharge', 'BMS opens on charge, its limit lowered'],
    ['tripDischarge', 'BMS opens on discharge, its limit raised'],
    ['tripTemperature', 'BMS opens by its sensor, warmed in the hand'],
  ] as const)
    done('charge', id, title, 'each once, then set back', 'A guard that never opened may never open.')

  // 6 the water takes the power
  done(
    'quay',
    'lines',
    'Four lines out, wind below 10 kn, nobody near the stern',
    'seen',
    'She pulls with all her thrust.',
  )
  put('quay', 'quayAmps', {
    title: 'Battery amps at the most that she takes here',
    by: 'display, half a minute',
    quantity: 'current',
    low: 0,
    high: most,
    why: 'the least of BMS, pack, controller and fuse',
    look: 'Lower the limit; the propeller may be too large.',
  })
  put('quay', 'motorWarm', {
    title: 'Motor after fifteen minutes at cruise power',
    by: 'infrared on its case',
    quantity: 'temperature',
    low: null,
    high: CASE,
    why: 'a case of 70 °C and more wants cooling (common practice)',
    look: 'Air, water flow, the propeller’s load.',
  })
  put('quay', 'controllerWarm', {
    title: 'Controller, the same',
    by: 'its display',
    quantity: 'temperature',
    low: null,
    high: CONTROLLER,
    why: 'it gives less from about 65 °C (common practice)',
    look: 'Plate, paste, air.',
  })
  put('quay', 'jointRise', {
    title: 'Hottest joint above its neighbour',
    by: 'infrared; in kelvin',
    quantity: 'plain',
    low: null,
    high: RISE_STOP,
    fineHigh: LOOSE,
    why: '10 K is loose, 30 K is stop',
    look: 'Off, wait, open, clean, torque.',
  })
  if (!lead)
    put('quay', 'cellsLoad', {
      title: 'Volts of every cell under load',
      by: 'BMS',
      quantity: 'cellVoltage',
      low: null,
      high: CELL_LIMITS.load.most,
      fineHigh: CELL_LIMITS.load.fine,
      why: 'spread under load, 50 mV at most',
      look: 'The cell that falls first: its links, then the cell.',
      cells: 'load',
    })
  done(
    'quay',
    'stopLoaded',
    'Emergency stop once at a tenth of the power',
    'press it',
    'Contacts must open cleanly.',
    high,
  )

  // 7 and 8
  done(
    'firstHour',
    'lugsAgain',
    'Every lug by the wrench again',
    'after the first hour',
    'They settle; it is the usual fire.',
  )
  done(
    'firstHour',
    'leaks',
    'Seal, hoses, cable glands dry',
    'hand and lamp',
    'A dry seal drips nothing; a packed one a drop in 5 to 20 s.',
  )
  done('firstHour', 'secured', 'Pack and box have not moved', 'push', 'Straps for twice her weight in a seaway.')
  done('firstTrip', 'wayHome', 'Another way home is aboard', 'oars, engine, tow, anchor ready', 'See Use.')
  put('firstTrip', 'chargeHome', {
    title: 'Charge that is left at the berth',
    by: 'shunt',
    quantity: 'ratio',
    low: project.use.reserve * 0.8 + 0.2 * project.use.reserve,
    high: 1,
    why: 'the reserve or more',
    look: 'Readings on Power curve correct it.',
  })
  done('firstTrip', 'alignment', 'Alignment after ten hours', 'feeler gauge, afloat', 'Mounts settle.')
  return steps
}
