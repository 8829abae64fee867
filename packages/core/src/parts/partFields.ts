import { CHEMISTRIES, type CellSpec, type ChargerSpec, type ChemistryId } from '../battery'
import { COOLINGS, MOTOR_BUILDS, MOUNTS, type ControllerSpec, type MotorSpec, type WholeDriveSpec } from '../drive'
import { choice, list, number, open, text, yes, type FieldsFor } from '../fields/field'
import { WHEEL_KINDS, type JetSpec, type StockPropeller } from '../propulsor'
import type { ChargeControllerSpec, PanelSpec } from '../solar'
import { FUSE_KINDS, INSULATIONS, type CableSpec, type FuseSpec } from '../wiring'

// The fields of every kind of part, once: schema, form, CSV and lists are made of them. They are kept in SI, but for
// rpm, Ah and mm². A CSV file has them in this order.

const id = text({ label: 'Id', shortest: 1, longest: 80 })
const name = text({ label: 'Name', shortest: 1, longest: 80 })
/** an id and a name stand first in every part, and are no columns of their own but the name's */
const estimated = list({
  label: 'Not known',
  of: text({ label: 'Figure that is estimated', shortest: 1, longest: 40 }),
  longest: 30,
  usual: [],
})
const standIn = yes({ label: 'Still to be found', usual: false })
const named = { id, name, estimated, standIn } as const
const mass = number({ label: 'Weight', quantity: 'partMass', least: 0.005, most: 1000 })
const price = number({ label: 'Price', quantity: 'price', least: 0, most: 1e6 })
const volts = <const L extends string>(label: L, least: number, most: number) =>
  number({ label, quantity: 'voltage', least, most })
const amps = <const L extends string>(label: L, least: number, most: number) =>
  number({ label, quantity: 'current', least, most })
const rpm = <const L extends string>(label: L, least: number, most: number) =>
  number({ label, quantity: 'rotation', least, most, keptPerSi: 60 })
const size = <const L extends string>(label: L, least: number, most: number) =>
  number({ label, quantity: 'smallLength', least, most })
const efficiency = number({ label: 'Efficiency', quantity: 'ratio', least: 0.5, most: 0.995 })

/** A motor's nameplate. */
export const MOTOR = {
  ...named,
  ratedPower: number({
    label: 'Rated power',
    quantity: 'power',
    least: 1,
    most: 500_000,
    hint: 'At the shaft, continuous',
  }),
  ratedRpm: rpm('Rated speed', 50, 20_000),
  ratedVoltage: volts('Rated voltage', 6, 1000),
  ratedEfficiency: number({
    label: 'Efficiency',
    quantity: 'ratio',
    least: 0.4,
    most: 0.985,
    hint: 'At its rated power and speed',
  }),
  kvRpmPerVolt: number({ label: 'Speed per volt', quantity: 'speedPerVolt', least: 0.5, most: 2000 }),
  noLoadCurrent: amps('Amps turning free', 0, 200),
  peakPower: number({ label: 'Peak power', quantity: 'power', least: 1, most: 1_000_000 }),
  peakSeconds: number({ label: 'Peak holds for', quantity: 'shortTime', least: 1, most: 7200, fileUnit: 's' }),
  greatestRpm: rpm('Greatest speed', 50, 30_000),
  leastVoltage: volts('Works from', 1, 1000),
  greatestVoltage: volts('Works up to', 1, 1500),
  build: choice({
    label: 'Kind of motor',
    options: MOTOR_BUILDS,
    hint: 'Inner magnets and induction turn faster than their volts',
  }),
  cooling: choice({ label: 'Cooling', options: COOLINGS }),
  insulation: choice({ label: 'Insulation class', options: ['B', 'F', 'H'] }),
  weakerDirection: choice({
    label: 'Weaker direction',
    options: ['none', 'clockwise', 'anticlockwise'],
    usual: 'none',
  }),
  mass,
  price,
} as const satisfies FieldsFor<MotorSpec>

/** A controller: volts DC, amps on the battery's side and on the motor's. */
export const CONTROLLER = {
  ...named,
  leastVoltage: volts('Works from', 1, 1000),
  greatestVoltage: volts('Works up to', 1, 1500),
  batteryCurrent: amps('Battery amps, continuous', 1, 2000),
  batteryCurrentPeak: amps('Battery amps for a minute', 1, 3000),
  phaseCurrent: amps('Motor amps, continuous', 1, 3000),
  phaseCurrentPeak: amps('Motor amps for a minute', 1, 5000),
  efficiency: number({ label: 'Efficiency', quantity: 'ratio', least: 0.8, most: 0.995 }),
  idlePower: number({ label: 'Takes when idle', quantity: 'smallPower', least: 0, most: 500 }),
  rollbackFrom: number({ label: 'Cuts back from', quantity: 'temperature', least: 300, most: 420 }),
  rollbackTo: number({ label: 'Off at', quantity: 'temperature', least: 305, most: 440 }),
  regenCurrent: number({
    label: 'Regeneration',
    quantity: 'current',
    least: 0,
    most: 2000,
    hint: 'Amps into the pack',
  }),
  mass,
  price,
} as const satisfies FieldsFor<ControllerSpec>

/** Motor, controller, leg and propeller sold as one. */
export const WHOLE_DRIVE = {
  ...named,
  mount: choice({ label: 'Fitted as', options: MOUNTS }),
  inputPower: number({
    label: 'Takes, continuous',
    quantity: 'electricPower',
    least: 20,
    most: 500_000,
    hint: 'Volts × amps from the battery',
  }),
  ratedPower: number({
    label: 'Reaches the propeller',
    quantity: 'power',
    least: 10,
    most: 500_000,
    hint: 'Of that, at its shaft',
  }),
  thrust: number({
    label: 'Pull at the quay',
    quantity: 'force',
    least: 5,
    most: 50_000,
    hint: 'Static thrust, with that power',
  }),
  ratedVoltage: volts('Rated voltage', 6, 1000),
  leastVoltage: volts('Works from', 1, 1000),
  greatestVoltage: volts('Works up to', 1, 1500),
  peakInput: number({ label: 'Takes at its peak', quantity: 'electricPower', least: 20, most: 1_000_000 }),
  peakSeconds: number({ label: 'Peak holds for', quantity: 'shortTime', least: 1, most: 7200, fileUnit: 's' }),
  propellerRpm: rpm('Propeller turns', 50, 8000),
  gearRatio: number({
    label: 'Gear',
    quantity: 'plain',
    least: 1,
    most: 12,
    hint: 'Motor turns for one of the propeller',
  }),
  diameter: size('Propeller', 0.08, 2),
  pitch: size('Pitch', 0.03, 3),
  blades: number({ label: 'Blades', quantity: 'count', least: 2, most: 7, whole: true }),
  cooling: choice({ label: 'Cooling', options: COOLINGS }),
  mass,
  price,
} as const satisfies FieldsFor<WholeDriveSpec>

/** A waterjet's plate. */
export const JET = {
  ...named,
  impellerDiameter: number({
    label: 'Impeller',
    quantity: 'smallLength',
    least: 0.08,
    most: 1,
    hint: 'Across its blades',
  }),
  nozzleDiameter: number({
    label: 'Nozzle',
    quantity: 'smallLength',
    least: 0.03,
    most: 0.7,
    hint: 'Inside, where the jet leaves',
  }),
  ratedPower: number({
    label: 'Pump takes',
    quantity: 'power',
    least: 500,
    most: 500_000,
    hint: 'At its rated speed',
  }),
  ratedRpm: rpm('Rated speed', 300, 9000),
  pumpEfficiency: number({
    label: 'Pump efficiency',
    quantity: 'ratio',
    least: 0.5,
    most: 0.93,
    hint: 'Of the pump alone; 0.80 to 0.90 is usual',
  }),
  mass,
  price,
} as const satisfies FieldsFor<JetSpec>

/** A propeller's dimensions, as a boat and the library have them. */
export const WHEEL = {
  kind: choice({ label: 'Kind', options: WHEEL_KINDS }),
  blades: number({ label: 'Blades', quantity: 'count', least: 2, most: 7, whole: true }),
  diameter: size('Diameter', 0.08, 2),
  pitch: size('Pitch', 0.03, 3),
  areaRatio: number({ label: 'Blade area', quantity: 'plain', least: 0.2, most: 1.2, hint: 'Share of the disc' }),
  hand: choice({ label: 'Hand', options: ['right', 'left'], usual: 'right' }),
} as const

/** A propeller as sold. */
export const PROPELLER = { ...named, ...WHEEL, mass, price } as const satisfies FieldsFor<StockPropeller>

/** A cell, or a block of cells sold as one. */
export const CELL = {
  ...named,
  chemistry: choice({ label: 'Chemistry', options: Object.keys(CHEMISTRIES) as ChemistryId[] }),
  cellsInSeries: number({ label: 'Cells in series', quantity: 'count', least: 1, most: 200, whole: true }),
  capacityAh: number({ label: 'Capacity', quantity: 'charge', least: 0.5, most: 2000 }),
  resistance: number({ label: 'Resistance', quantity: 'resistance', least: 1e-9, most: 1 }),
  current: amps('Continuous amps', 0.01, 5000),
  currentPeak: amps('Amps for 30 s', 0.01, 10_000),
  chargeCurrent: amps('Amps on charge', 0.01, 5000),
  mass,
  width: size('Width', 0.001, 3),
  depth: size('Depth', 0.001, 3),
  height: size('Height', 0.001, 3),
  price,
  complete: yes({ label: 'With box and management' }),
} as const satisfies FieldsFor<CellSpec>

/** A charger. */
export const CHARGER = {
  ...named,
  inputVoltage: volts('Shore voltage', 90, 480),
  inputCurrent: amps('Shore amps', 0.1, 200),
  otherVoltage: open(volts('Other shore voltage', 90, 480)),
  otherCurrent: open(amps('Shore amps there', 0.1, 200)),
  leastVoltage: volts('Charges from', 1, 1000),
  greatestVoltage: volts('Charges up to', 1, 1500),
  current: amps('Amps into the pack', 0.1, 1000),
  power: number({ label: 'Power into the pack', quantity: 'electricPower', least: 1, most: 100_000, fileUnit: 'W' }),
  efficiency: number({ label: 'Efficiency', quantity: 'ratio', least: 0.5, most: 0.99 }),
  listens: yes({ label: 'Listens to the battery management' }),
  pilot: yes({ label: 'Speaks to a car-type inlet' }),
  mass,
  price,
} as const satisfies FieldsFor<ChargerSpec>

/** A cable by the metre. */
export const CABLE = {
  ...named,
  area: number({ label: 'Copper', quantity: 'copperArea', least: 0.5, most: 300, keptPerSi: 1e6 }),
  insulation: choice({ label: 'Insulation, °C', options: INSULATIONS }),
  voltage: volts('Up to', 6, 3000),
  tinned: yes({ label: 'Tinned' }),
  diameter: size('Across', 0.001, 0.06),
  massPerMetre: number({ label: 'A metre weighs', quantity: 'partMass', least: 0.001, most: 10 }),
  pricePerMetre: number({ label: 'A metre costs', quantity: 'price', least: 0, most: 1000 }),
} as const satisfies FieldsFor<CableSpec>

/** A fuse link with its holder. */
export const FUSE = {
  ...named,
  kind: choice({ label: 'Kind', options: FUSE_KINDS }),
  rating: amps('Rating', 0.1, 2000),
  voltage: volts('Clears at up to', 6, 2000),
  interrupt: amps('Interrupts', 100, 500_000),
  price,
} as const satisfies FieldsFor<FuseSpec>

const fallPerKelvin = <const L extends string>(label: L) =>
  number({ label, quantity: 'perKelvin', least: 0, most: 0.01 })
/** A solar panel's plate. */
export const PANEL = {
  ...named,
  power: number({ label: 'Power', quantity: 'electricPower', least: 0.5, most: 2000, fileUnit: 'W' }),
  voltage: volts('Volts at full power', 0.5, 200),
  current: amps('Amps at full power', 0.01, 50),
  openVoltage: volts('Volts open', 0.5, 250),
  shortCurrent: amps('Amps shorted', 0.01, 60),
  voltagePerKelvin: fallPerKelvin('Open volts fall by'),
  powerPerKelvin: fallPerKelvin('Power falls by'),
  length: size('Length', 0.02, 4),
  width: size('Width', 0.02, 3),
  mass,
  price,
} as const satisfies FieldsFor<PanelSpec>

/** A charge controller between panels and pack. */
export const CHARGE_CONTROLLER = {
  ...named,
  tracking: yes({ label: 'Follows the best point' }),
  boosts: yes({ label: 'Lifts the volts' }),
  leastPanelVoltage: volts('Panels from', 0.5, 1000),
  greatestPanelVoltage: volts('Panels up to', 1, 1500),
  leastVoltage: volts('Pack from', 1, 1000),
  greatestVoltage: volts('Pack up to', 1, 1500),
  current: amps('Amps into the pack', 0.1, 500),
  efficiency,
  listens: yes({ label: 'Listens to the battery management' }),
  mass,
  price,
} as const satisfies FieldsFor<ChargeControllerSpec>
