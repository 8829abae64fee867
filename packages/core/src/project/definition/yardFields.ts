import { choice, group, list, number, text, yes, type ValueOf } from '../../fields/field'

// The yard: what goes out and comes in, and where it stands. m aft of the bow, to starboard, above the waterline.

const along = number({ label: 'Aft of the bow', quantity: 'length', least: -5, most: 45, usual: 3 })
const across = number({
  label: 'Off the middle',
  quantity: 'length',
  least: -10,
  most: 10,
  usual: 0,
  hint: 'Starboard; port is negative',
})
const above = number({
  label: 'Above the water',
  quantity: 'length',
  least: -5,
  most: 15,
  usual: 0,
  hint: 'Below it is negative',
})

/** Parts of the design that bring their own weight, and the old engine where it is given as one number. */
export const PLACED_PARTS = [
  'pack',
  'motor',
  'controller',
  'charger',
  'cables',
  'panels',
  'generator',
  'heater',
  'smallMotor',
  'oldEngine',
] as const
/** One of them. */
export type PlacedPart = (typeof PLACED_PARTS)[number]

/** Something that goes out or comes in. */
export const WEIGHT = group('Weight', {
  name: text({ label: 'What', shortest: 1, longest: 40, usual: 'Weight' }),
  way: choice({ label: 'Goes', options: ['out', 'in'], usual: 'in' }),
  mass: number({ label: 'Weighs', quantity: 'partMass', least: 0, most: 50_000, usual: 10 }),
  doubt: number({ label: 'Give or take', quantity: 'partMass', least: 0, most: 10_000, usual: 1 }),
  along,
  across,
  above,
})

/** Where a part of the design stands, once its owner has said so. */
export const PART_PLACE = group('Place', {
  part: choice({ label: 'Part', options: PLACED_PARTS, usual: 'pack' }),
  along,
  across,
  above,
})

/** Who wrote a reading down. */
export const WRITERS = ['owner', 'electrician'] as const
const moment = text({ label: 'When', shortest: 0, longest: 30, usual: '' })

/** A step of the first power-up, as it was read or done. */
export const POWER_READING = group('Reading of first power', {
  step: text({ label: 'Step', shortest: 1, longest: 40 }),
  value: number({ label: 'Read', quantity: 'plain', least: -1e9, most: 1e9, open: true }),
  done: yes({ label: 'Done', usual: false }),
  who: choice({ label: 'Written by', options: WRITERS, usual: 'owner' }),
  at: moment,
  why: text({ label: 'Passed over because', shortest: 0, longest: 300, usual: '' }),
  note: text({ label: 'Note', shortest: 0, longest: 300, usual: '' }),
})

/** Volts of all cells at one time. */
export const CELL_READING = group('Cells', {
  at: moment,
  current: number({
    label: 'Amps meanwhile',
    quantity: 'current',
    least: 0,
    most: 5000,
    usual: 0,
    hint: 'Out of the pack; 0 at rest',
  }),
  volts: list({
    label: 'Volts',
    of: number({ label: 'Volts of a cell', quantity: 'cellVoltage', least: 0, most: 20 }),
    longest: 400,
    usual: [],
  }),
})

/** How far something that is bought has come. */
export const ITEM_STATES = ['wanted', 'ordered', 'arrived', 'have'] as const

/** What is said of a line of the budget, or a line of the owner's own. Prices are for all of it, €. */
export const BUDGET_ITEM = group('Item', {
  key: text({ label: 'Line of the design', shortest: 0, longest: 160, usual: '' }),
  name: text({ label: 'What', shortest: 1, longest: 80, usual: 'Thing' }),
  group: text({ label: 'Group', shortest: 0, longest: 40, usual: 'Tools and hands' }),
  supplier: text({ label: 'From', shortest: 0, longest: 60, usual: '' }),
  quantity: number({ label: 'Count', quantity: 'plain', least: 0, most: 100_000, usual: 1 }),
  price: number({ label: 'Price, all of it', quantity: 'price', least: 0, most: 10_000_000, open: true }),
  sure: yes({ label: 'Price is known', usual: true }),
  state: choice({ label: 'It is', options: ITEM_STATES, usual: 'wanted' }),
  paid: number({ label: 'Paid', quantity: 'price', least: 0, most: 10_000_000, open: true }),
  lead: number({ label: 'Comes after', quantity: 'duration', least: 0, most: 63_072_000, open: true }),
})

/** A piece of work. */
export const TASK = group('Task', {
  id: text({ label: 'Short name', shortest: 1, longest: 40 }),
  name: text({ label: 'What', shortest: 1, longest: 80, usual: 'Task' }),
  after: list({ label: 'After', of: text({ label: 'Task before', shortest: 1, longest: 40 }), longest: 12, usual: [] }),
  least: number({ label: 'Takes at least', quantity: 'duration', least: 0, most: 3_600_000, usual: 3600 }),
  most: number({ label: 'And at most', quantity: 'duration', least: 0, most: 3_600_000, usual: 7200 }),
  parts: text({
    label: 'Wants the parts of',
    shortest: 0,
    longest: 40,
    usual: '',
    hint: 'A group of Parts and money',
  }),
  wants: list({
    label: 'Of these only',
    of: text({ label: 'Line of the parts', shortest: 1, longest: 160 }),
    longest: 30,
    usual: [],
  }),
  licensed: yes({ label: 'Wants a licensed person', usual: false }),
  by: text({ label: 'Who does it', shortest: 0, longest: 60, usual: '' }),
  done: yes({ label: 'Done', usual: false }),
  doneOn: text({ label: 'Done on', shortest: 0, longest: 10, usual: '' }),
  inspected: text({ label: 'Inspected', shortest: 0, longest: 120, usual: '' }),
  note: text({ label: 'Note', shortest: 0, longest: 1000, usual: '' }),
})

/** All of the yard. */
export const YARD = group('Yard', {
  weights: list({ label: 'Out and in', of: WEIGHT, longest: 60, usual: [] }),
  places: list({ label: 'Places of parts', of: PART_PLACE, longest: PLACED_PARTS.length, usual: [] }),
  readings: list({ label: 'First power', of: POWER_READING, longest: 120, usual: [] }),
  cells: list({ label: 'Cell volts', of: CELL_READING, longest: 600, usual: [] }),
  items: list({ label: 'Parts and money', of: BUDGET_ITEM, longest: 2000, usual: [] }),
  spare: number({ label: 'Spare for what is open', quantity: 'ratio', least: 0, most: 1, usual: 0.1 }),
  sale: number({ label: 'Old parts bring', quantity: 'price', least: 0, most: 1_000_000, usual: 0 }),
  budget: number({ label: 'Budget', quantity: 'price', least: 0, most: 10_000_000, open: true }),
  fixed: number({
    label: 'Insurance and such, with the new drive, a year',
    quantity: 'price',
    least: 0,
    most: 100_000,
    usual: 0,
  }),
  engineFixed: number({
    label: 'The same with an engine, a year',
    quantity: 'price',
    least: 0,
    most: 100_000,
    usual: 0,
  }),
  newEngine: number({
    label: 'A new engine, fitted',
    quantity: 'price',
    least: 0,
    most: 1_000_000,
    open: true,
    hint: 'Empty: by its power',
  }),
  tasks: list({ label: 'Work', of: TASK, longest: 300, usual: [] }),
  start: text({
    label: 'Begins on',
    shortest: 10,
    longest: 10,
    usual: '2027-03-01',
    like: { pattern: /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])$/, example: '2027-03-01' },
  }),
  hoursAWeek: number({ label: 'Hours a week', quantity: 'duration', least: 1800, most: 604_800, usual: 28_800 }),
  gm: number({
    label: 'Metacentric height',
    quantity: 'length',
    least: 0.01,
    most: 20,
    open: true,
    hint: 'As she was measured; empty to estimate',
  }),
  roll: number({
    label: 'Rolls from side to side and back in',
    quantity: 'seconds',
    least: 0.5,
    most: 30,
    open: true,
    hint: 'Rock her at the quay, count ten; empty if not',
  }),
  crew: number({ label: 'People aboard', quantity: 'count', least: 0, most: 60, whole: true, usual: 2 }),
  platePeople: number({ label: 'Plate: people', quantity: 'count', least: 1, most: 60, whole: true, open: true }),
  plateLoad: number({
    label: 'Plate: load at most',
    quantity: 'partMass',
    least: 50,
    most: 20_000,
    open: true,
    hint: 'People, motor and gear',
  }),
  platePower: number({ label: 'Plate: power at most', quantity: 'power', least: 500, most: 1_000_000, open: true }),
})

export type Yard = ValueOf<typeof YARD>
export type Weight = ValueOf<typeof WEIGHT>
export type PowerReading = ValueOf<typeof POWER_READING>
export type CellReading = ValueOf<typeof CELL_READING>
export type BudgetItem = ValueOf<typeof BUDGET_ITEM>
export type Task = ValueOf<typeof TASK>
export type PartPlace = ValueOf<typeof PART_PLACE>
