import { usualOf } from '../../fields'
import { PROJECT_FIELDS } from '../definition/projectFields'
import type { BudgetItem, PowerReading, Task, Weight, Yard } from '../definition/yardFields'

// The yards of the demo boats: what a conversion looks like half way.

const EMPTY = usualOf(PROJECT_FIELDS.yard.fields)
const out = (name: string, mass: number, doubt: number, along: number, across = 0, above = 0): Weight => ({
  name,
  way: 'out',
  mass,
  doubt,
  along,
  across,
  above,
})
const into = (name: string, mass: number, doubt: number, along: number, across = 0, above = 0): Weight => ({
  ...out(name, mass, doubt, along, across, above),
  way: 'in',
})
const read = (step: string, clock: string, value: number | null, who: PowerReading['who'] = 'owner'): PowerReading => ({
  step,
  value,
  done: true,
  who,
  at: `2027-05-14T${clock}`,
  why: '',
  note: '',
})

const task = (
  id: string,
  name: string,
  after: string[],
  hours: readonly [number, number],
  of: Partial<Task> = {},
): Task => ({
  id,
  name,
  after,
  least: hours[0] * 3600,
  most: hours[1] * 3600,
  parts: '',
  wants: [],
  licensed: false,
  by: '',
  done: false,
  doneOn: '',
  inspected: '',
  note: '',
  ...of,
})
const seen = (on: string, inspected: string): Partial<Task> => ({ done: true, doneOn: `2027-${on}`, inspected })
const TASKS: Task[] = [
  task('weigh', 'Weigh her, mark the waterline', [], [1, 3], seen('03-06', '4,600 kg, bow 3 cm light')),
  task('drain', 'Drain and take out fuel, coolant, oil', ['weigh'], [2, 5], seen('03-07', 'tank dry, aired two days')),
  task('engineOut', 'Take the old engine out', ['drain'], [5, 14], seen('03-13', '165 kg on the crane')),
  task('beds', 'Beds clean, stiff, painted', ['engineOut'], [4, 14], seen('03-27', 'level within 0.5 mm')),
  task('sternGear', 'Shaft, bearing and seal', ['engineOut'], [3, 12], seen('04-03', 'run-out 0.06 mm')),
  task('adapter', 'Adapter plate, reduction, coupling', ['beds'], [4, 16], seen('04-10', 'belt gives 4 mm of 260')),
  task('motorIn', 'Motor on its mounts', ['adapter'], [3, 9], seen('04-17', 'level, bolts by torque')),
  task('box', 'Battery box, straps, vent', ['engineOut'], [5, 14], seen('04-24', 'dry, 200 kg hung from it')),
  task('pack', 'Cells in, links, BMS', ['box'], [4, 12], {
    ...seen('05-01', 'spread 10 mV, 6 N·m'),
    licensed: true,
    by: 'owners; the electrician checked it',
  }),
  task('controller', 'Controller, contactor, precharge on their plate', ['box'], [4, 10], seen('05-02', 'plate flat')),
  task('mainCables', 'Main cables, lugs, heat-shrink', ['pack', 'controller'], [5, 14], seen('05-08', 'M8 at 18 N·m')),
  task('fuse', 'Main fuse and disconnect', ['mainCables'], [1, 4], {
    ...seen('05-08', '125 A'),
    licensed: true,
    by: 'electrician',
  }),
  task('control', 'Lever, key, display, emergency stop', ['controller'], [4, 12]),
  task('charging', 'Charger, shore inlet, RCD, galvanic isolator', ['pack'], [4, 10], {
    parts: 'Charging',
    licensed: true,
    by: 'electrician',
  }),
  task('house', 'House battery and DC-DC', ['pack'], [2, 6]),
  task('bonding', 'Bonding, anodes, insulation', ['mainCables'], [2, 5], { licensed: true, by: 'electrician' }),
  task('alignDry', 'Align, propeller off', ['motorIn', 'sternGear'], [2, 6]),
  task('firstPower', 'First power, as on its bench', ['fuse', 'control', 'bonding', 'charging'], [4, 10], {
    licensed: true,
  }),
  task('launch', 'Launch, leaks, align afloat', ['firstPower', 'alignDry'], [3, 8]),
  task('trial', 'Sea trial', ['launch'], [3, 6]),
]
const item = (name: string, group: string, of: Partial<BudgetItem>): BudgetItem => ({
  key: '',
  name,
  group,
  supplier: '',
  quantity: 1,
  price: null,
  sure: true,
  state: 'wanted',
  paid: null,
  lead: null,
  ...of,
})
const ITEMS: BudgetItem[] = [
  item('Motor mounts', 'Motor and drive', { price: 148, state: 'arrived', paid: 148, supplier: 'chandler' }),
  item('Flexible coupling', 'Motor and drive', { price: 172, state: 'arrived', paid: 172, supplier: 'chandler' }),
  item('Battery box, straps, vent', 'Battery and BMS', {
    price: 95,
    state: 'arrived',
    paid: 95,
    supplier: 'timber yard',
  }),
  item('Crimping tool, hired', 'Tools and hands', { price: 45, state: 'have', paid: 45 }),
  item('Crane, out and in', 'Tools and hands', { price: 320, sure: false }),
  item('Electrician, 6 hours', 'Tools and hands', { price: 420, sure: false, state: 'ordered' }),
]

/** Tirrick on the hard: the engine is out, the drive is in, the first power-up stands at the precharge. */
export const yachtYard: Yard = {
  ...EMPTY,
  weights: [
    out('Starter battery', 24, 1, 5.3, 0.4, -0.1),
    out('Diesel and gearbox', 165, 5, 6.0, 0, -0.15),
    out('Tank with 60 l', 69, 10, 7.2, -0.4, 0.2),
    out('Exhaust', 14, 4, 7.9, 0.3, 0.2),
    into('House battery', 14, 1, 5.3, 0.4, -0.1),
    into('Mounts and box', 16, 3, 5.8, 0, -0.15),
  ],
  start: '2027-03-06',
  hoursAWeek: 28_800,
  spare: 0.1,
  sale: 650,
  budget: 8500,
  items: ITEMS,
  tasks: TASKS,
  readings: [
    read('polarity', '09:40', null, 'electrician'),
    read('packVolts', '09:44', 52.9, 'electrician'),
    read('insulationPlus', '09:52', 4.2e6, 'electrician'),
    read('insulationMinus', '09:55', 3.9e6, 'electrician'),
    read('torque', '10:10', null),
    read('crimps', '10:18', null),
    read('fuseRating', '10:20', 125),
    read('fuseIn', '10:44', null),
    read('beforeDisconnect', '10:46', 52.9),
    read('prechargeVolts', '10:49', 51.2),
  ],
  cells: [
    {
      at: '2027-05-14T10:31',
      current: 0,
      volts: [
        3.306, 3.307, 3.305, 3.308, 3.306, 3.304, 3.308, 3.306, 3.309, 3.306, 3.305, 3.307, 3.306, 3.3, 3.306, 3.31,
      ],
    },
  ],
}
