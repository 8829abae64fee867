import { hullTest } from './hullTest'
import type { DriveKind } from '../hull'
import { mainsAboard, wholeDriveOf, type Project, type Task } from '../project'

/** A task that conversions usually have: hours, tools, what is inspected and what is accepted (common practice). */
export interface TaskTemplate {
  id: string
  name: string
  after: readonly string[]
  /** hours */
  hours: readonly [number, number]
  /** group of the budget that must be there */
  parts?: string
  tools: string
  /** what is looked at before it counts as done; empty where nothing is read */
  inspect: string
  caution?: string
  licensed?: boolean
  /** drives that have it; all where it is left out */
  drives?: readonly DriveKind[]
  /** and of these only such as are fitted so */
  fitted?: 'powerHead' | 'straight' | 'shore' | 'otherCharge' | 'hullTest'
}

/** Whether the motor drives an owner's outboard leg, or the shaft with nothing between. */
const FITTED: Record<NonNullable<TaskTemplate['fitted']>, (project: Project) => boolean> = {
  powerHead: ({ design }) => wholeDriveOf(design) === null,
  straight: ({ design }) => design.reduction.kind === 'direct',
  shore: ({ design: { charging } }) => charging.supply === 'shore' && mainsAboard(charging),
  otherCharge: ({ design: { charging, solar } }) =>
    charging.supply !== 'shore' || (!mainsAboard(charging) && solar.fitted),
  hullTest: project => hullTest(project) !== null,
}

const INBOARD: readonly DriveKind[] = ['shaft', 'sailDrive', 'sternDrive', 'jet']

/** In the order in which one works. */
export const TASK_TEMPLATES: readonly TaskTemplate[] = [
  {
    id: 'weigh',
    name: 'Weigh her, mark the waterline',
    after: [],
    hours: [1, 3],
    tools: 'crane with a scale, tape',
    inspect: 'weight, and how deep bow and stern float',
  },
  {
    id: 'drain',
    name: 'Drain and take out fuel, coolant, oil',
    after: ['weigh'],
    hours: [2, 5],
    tools: 'pump, cans, rags',
    inspect: 'no fuel or fumes left in tank and bilge',
    caution: 'Petrol fumes: air first, no spark, no smoking. Fuel and oil go to the yard’s tanks.',
  },
  {
    id: 'engineOut',
    name: 'Take the old engine out',
    after: ['drain'],
    hours: [5, 14],
    tools: 'crane or tackle, spanners, timber',
    inspect: 'weight of what went out',
    caution: 'Nobody under the load; its weight is on the plate or in Weights.',
    drives: INBOARD,
  },
  {
    id: 'outboardOff',
    name: 'Take the outboard off',
    after: ['drain'],
    hours: [1, 2],
    tools: 'two people or a tackle',
    inspect: 'transom sound: no soft core at the bolts',
    drives: ['outboard', 'pod'],
  },
  {
    id: 'powerHeadOff',
    name: 'Take the power head off its leg',
    after: ['outboardOff'],
    hours: [2, 6],
    tools: 'spanners, tackle, bags for the bolts',
    inspect: 'drive shaft and spline sound; no water in the gear oil',
    drives: ['outboard'],
    fitted: 'powerHead',
  },
  {
    id: 'outboardLeg',
    name: 'Outboard leg: gear oil, seals, anodes',
    after: ['powerHeadOff'],
    hours: [2, 6],
    tools: 'seals and oil of its maker, hand pump with gauge',
    inspect: 'holds 0.7 bar for five minutes; water pump out, or kept for the motor’s cooling',
    drives: ['outboard'],
    fitted: 'powerHead',
  },
  {
    id: 'headAdapter',
    name: 'Adapter plate and spline on the leg',
    after: ['outboardLeg'],
    hours: [4, 16],
    parts: 'Motor and drive',
    tools: 'dial gauge, spline grease, torque wrench',
    inspect: 'run-out 0.1 mm at most; spline in over its whole length; turns by hand',
    drives: ['outboard'],
    fitted: 'powerHead',
  },
  {
    id: 'transom',
    name: 'Transom: pad, height, bolts through',
    after: ['outboardOff'],
    hours: [1, 4],
    tools: 'straight edge, sealant, bolts',
    inspect: 'the plate above the propeller level with the bottom or up to 25 mm below; bolted, not clamped alone',
    drives: ['outboard'],
  },
  {
    id: 'podPad',
    name: 'Pad, hole and seal for the pod',
    after: ['outboardOff'],
    hours: [4, 12],
    parts: 'Motor and drive',
    tools: 'hole saw, epoxy, backing plate, level',
    inspect: 'pad flat within 1 mm; core sealed with epoxy; axis level as she floats',
    caution: 'A hole below the waterline: measure twice, from inside; a surveyor may want to see it.',
    drives: ['pod'],
  },
  {
    id: 'beds',
    name: 'Beds clean, stiff, painted',
    after: ['engineOut'],
    hours: [4, 14],
    tools: 'grinder, epoxy, paint',
    inspect: 'mount faces level within 1 mm',
    drives: INBOARD,
  },
  {
    id: 'sternGear',
    name: 'Shaft, bearing and seal',
    after: ['engineOut'],
    hours: [3, 12],
    parts: 'Motor and drive',
    tools: 'puller, gauge',
    inspect: 'shaft free by hand; run-out 0.1 mm at most, 0.05 above 2,000 rpm',
    drives: ['shaft'],
  },
  {
    id: 'legService',
    name: 'Leg: oil, seals, anodes, bellows',
    after: ['engineOut'],
    hours: [3, 9],
    tools: 'maker’s seals and oil',
    inspect: 'oil clean, no water in it after a night',
    drives: ['sailDrive', 'sternDrive'],
  },
  {
    id: 'jetService',
    name: 'Jet: bearing, wear ring, grate',
    after: ['engineOut'],
    hours: [3, 8],
    tools: 'feeler gauge',
    inspect: 'tip clearance within the maker’s',
    drives: ['jet'],
  },
  {
    id: 'diaphragm',
    name: 'Diaphragm of the sail drive',
    after: ['legService'],
    hours: [1, 4],
    tools: 'maker’s ring, torque wrench',
    inspect: 'ring within its maker’s years, often seven; dry between its two skins',
    drives: ['sailDrive'],
  },
  {
    id: 'gimbal',
    name: 'Bellows and gimbal bearing',
    after: ['legService'],
    hours: [2, 6],
    tools: 'alignment bar, grease',
    inspect: 'no crack in the bellows; the bar slides into the coupling by hand',
    drives: ['sternDrive'],
  },
  {
    id: 'thrustBearing',
    name: 'Thrust bearing and straight coupling',
    after: ['sternGear', 'beds'],
    hours: [2, 8],
    parts: 'Motor and drive',
    tools: 'dial gauge, torque wrench',
    inspect: 'push taken by a bearing made for it, by the motor only if its plate says so; run-out 0.1 mm at most',
    drives: ['shaft'],
    fitted: 'straight',
  },
  {
    id: 'adapter',
    name: 'Adapter plate, reduction, coupling',
    after: ['beds'],
    hours: [4, 16],
    parts: 'Motor and drive',
    tools: 'dial gauge, torque wrench',
    inspect: 'plate square; belt gives 1/64 of its span at the maker’s force',
    drives: INBOARD,
  },
  {
    id: 'motorIn',
    name: 'Motor on its mounts',
    after: ['adapter'],
    hours: [3, 9],
    parts: 'Motor and drive',
    tools: 'tackle, spirit level',
    inspect: 'mounts level within 1 mm, bolts by torque',
    drives: INBOARD,
  },
  {
    id: 'motorHung',
    name: 'Motor or pod on the transom or hull',
    after: ['outboardOff', 'headAdapter', 'transom', 'podPad'],
    hours: [2, 8],
    parts: 'Motor and drive',
    tools: 'torque wrench, sealant',
    inspect: 'bolts by torque, no play',
    drives: ['outboard', 'pod'],
  },
  {
    id: 'steering',
    name: 'Steering, tilt, reverse lock',
    after: ['motorHung'],
    hours: [1, 4],
    tools: 'spanners, grease',
    inspect: 'full lock both ways and tilted up, no cable pulls; the lock holds full astern',
    drives: ['outboard'],
  },
  {
    id: 'podCable',
    name: 'Pod cable through the hull',
    after: ['motorHung'],
    hours: [1, 4],
    parts: 'Cables and lugs',
    tools: 'gland, sealant, heat-shrink',
    inspect: 'gland tight; a loop above the waterline; no pull at the pod',
    drives: ['pod'],
  },
  {
    id: 'hungAnode',
    name: 'Anode and paint of leg or pod',
    after: ['motorHung'],
    hours: [1, 3],
    tools: 'meter, primer',
    inspect: 'anode to housing below 0.1 ohm; no copper paint on aluminium',
    drives: ['outboard', 'pod'],
  },
  {
    id: 'cooling',
    name: 'Cooling: loop, pump, plate',
    after: ['motorIn'],
    hours: [2, 8],
    parts: 'Motor and drive',
    tools: 'clamps, coolant',
    inspect: 'no drip after an hour of the pump',
    drives: INBOARD,
  },
  {
    id: 'box',
    name: 'Battery box, straps, vent',
    after: ['engineOut'],
    hours: [5, 14],
    parts: 'Battery and BMS',
    tools: 'plywood or aluminium, glue, straps',
    inspect: 'dry, off the bilge, out of spray; holds twice the pack’s weight',
  },
  {
    id: 'pack',
    name: 'Cells in, links, BMS',
    after: ['box'],
    hours: [4, 12],
    parts: 'Battery and BMS',
    tools: 'insulated tools, torque wrench, meter',
    inspect: 'cells within 20 mV; terminals 4 to 8 N·m on M6; polarity twice',
    caution: 'A pack cannot be switched off: rings off, one hand, covers on what is done.',
    licensed: true,
  },
  {
    id: 'controller',
    name: 'Controller, contactor, precharge on their plate',
    after: ['box'],
    hours: [4, 10],
    parts: 'Fuses and switches',
    tools: 'drill, heat paste, screwdrivers',
    inspect: 'plate flat and bare under the controller; vent above and below',
  },
  {
    id: 'mainCables',
    name: 'Main cables, lugs, heat-shrink',
    after: ['pack', 'controller'],
    hours: [5, 14],
    parts: 'Cables and lugs',
    tools: 'hydraulic crimp tool, torque wrench',
    inspect: 'crimps pulled by hand; M8 12 to 22 N·m, M10 25 to 40; bends 6 times the cable',
  },
  {
    id: 'fuse',
    name: 'Main fuse and disconnect',
    after: ['mainCables'],
    hours: [1, 4],
    parts: 'Fuses and switches',
    tools: 'torque wrench, meter',
    inspect: 'fuse within a hand’s breadth of the pack; rating as on the diagram',
    licensed: true,
  },
  {
    id: 'control',
    name: 'Lever, key, display, emergency stop',
    after: ['controller'],
    hours: [4, 12],
    parts: 'Motor and drive',
    tools: 'small crimps, labels',
    inspect: 'stop opens the coil; labels on both ends of each lead',
  },
  {
    id: 'charging',
    name: 'Charger, shore inlet, RCD, galvanic isolator',
    fitted: 'shore',
    after: ['pack'],
    hours: [4, 10],
    parts: 'Charging',
    tools: 'meter',
    inspect: 'RCD trips; earth to the bonding',
    caution: 'Shore power kills in the water. A licensed electrician connects it.',
    licensed: true,
  },
  {
    id: 'chargingElse',
    name: 'What charges her: generator, panels, their controllers',
    fitted: 'otherCharge',
    after: ['pack'],
    hours: [2, 8],
    parts: 'Charging',
    tools: 'meter',
    inspect: 'volts and amps as on their sheet of settings; the BMS stops each',
    licensed: true,
  },
  {
    id: 'house',
    name: 'House battery and DC-DC',
    after: ['pack'],
    hours: [2, 6],
    parts: 'House',
    tools: 'crimps, meter',
    inspect: 'house works with the drive off',
  },
  {
    id: 'bonding',
    name: 'Bonding, anodes, insulation',
    fitted: 'hullTest',
    after: ['mainCables'],
    hours: [2, 5],
    tools: 'the tester of First power',
    inspect: '0.5 megohm or more, both poles, as on First power',
    licensed: true,
  },
  {
    id: 'alignDry',
    name: 'Align, propeller off',
    after: ['motorIn', 'sternGear'],
    hours: [2, 6],
    tools: 'feeler gauge, dial gauge',
    inspect: '0.05 to 0.1 mm across the faces for each 100 mm of flange',
    drives: ['shaft'],
  },
  {
    id: 'firstPower',
    name: 'First power, as on its bench',
    after: [
      'fuse',
      'control',
      'bonding',
      'charging',
      'chargingElse',
      'cooling',
      'thrustBearing',
      'motorHung',
      'podCable',
    ],
    hours: [4, 10],
    tools: 'meter, watch, infrared',
    inspect: 'every step within range',
    licensed: true,
  },
  {
    id: 'launch',
    name: 'Launch, leaks, align afloat',
    after: ['firstPower', 'alignDry', 'diaphragm', 'gimbal', 'jetService', 'steering', 'hungAnode'],
    hours: [3, 8],
    tools: 'crane, feeler gauge',
    inspect: 'seal: dry, or a drop in 5 to 20 s; alignment again afloat and loaded',
  },
  {
    id: 'trial',
    name: 'Sea trial',
    after: ['launch'],
    hours: [3, 6],
    tools: 'GPS, shunt',
    inspect: 'power at a speed both ways; lugs again after the first hour',
  },
]

/** The template of a task by its short name; null for an owner's own. */
export const templateOf = (id: string): TaskTemplate | null => TASK_TEMPLATES.find(t => t.id === id) ?? null

/**
 * The usual tasks of a conversion for the drive that she has.
 *
 * @param project the boat
 * @returns tasks in order; what comes before one and does not apply is left out of its list
 */
export function usualTasks(project: Project): Task[] {
  const { kind } = project.boat.drive
  const fits = TASK_TEMPLATES.filter(
      t => (!t.drives || t.drives.includes(kind)) && (!t.fitted || FITTED[t.fitted](project)),
    ),
    ids = new Set(fits.map(t => t.id))
  /** a task that this drive has not stands for what comes before it */
  const before = (id: string): string[] =>
    ids.has(id) ? [id] : (TASK_TEMPLATES.find(t => t.id === id)?.after ?? []).flatMap(before)
  return fits.map(t => ({
    id: t.id,
    name: t.name,
    after: [...new Set(t.after.flatMap(before))],
    least: t.hours[0] * 3600,
    most: t.hours[1] * 3600,
    parts: t.parts ?? '',
    wants: [],
    licensed: t.licensed ?? false,
    by: '',
    done: false,
    doneOn: '',
    inspected: '',
    note: '',
  }))
}
