import { YEAR } from '../../constants'
import { BANKS_TOGETHER, type Banks, type StringGroup } from '../../battery'
import {
  CONTROLLER_COOLING,
  COOLING_GEAR,
  COOLINGS,
  THROTTLE_CONTROLS,
  THROTTLE_POINTS,
  type CoolingGear,
  type Throttle,
} from '../../drive'
import { choice, group, list, number, open, text, yes, type FieldsFor } from '../../fields/field'
import {
  CELL,
  CHARGE_CONTROLLER,
  CHARGER,
  CONTROLLER,
  FUSE,
  JET,
  MOTOR,
  PANEL,
  WHEEL,
  WHOLE_DRIVE,
} from '../../parts/partFields'
import { ARRAY_FEEDS, SPAR_KINDS, type OtherArray, type SolarArray, type Spar } from '../../solar'
import { FITTINGS, INSULATIONS, PACK_PLACES, type Wiring } from '../../wiring'
import { CHARGE_SUPPLIES, CHARGER_PLACES, INLETS, type Charging } from '../parts/charging'

// Fields of what drives her. See projectFields.ts.

/** Belt or gear between motor and shaft. */
export const REDUCTION = group('Reduction', {
  kind: choice({ label: 'Reduction', options: ['direct', 'belt', 'gear'] }),
  ratio: number({ label: 'Motor turns per shaft turn', quantity: 'plain', least: 0.5, most: 12 }),
})

/** The propeller as it is fitted. */
export const FITTED_WHEEL = group('Propeller', {
  ...WHEEL,
  efficiencyFactor: number({
    label: 'Against the tested series',
    quantity: 'ratio',
    least: 0.6,
    most: 1.1,
    open: true,
    hint: 'Calibrate it when you have measured',
  }),
})

const THROTTLE = group('Lever', {
  controls: choice({ label: 'Lever sets', options: THROTTLE_CONTROLS, usual: 'torque' }),
  deadband: number({
    label: 'Nothing happens up to',
    quantity: 'ratio',
    least: 0,
    most: 0.3,
    usual: 0.04,
    hint: 'Of the lever’s way',
  }),
  rampUp: number({ label: 'From stop to full in', quantity: 'seconds', least: 0.1, most: 20, usual: 1.5 }),
  rampDown: number({ label: 'From full to stop in', quantity: 'seconds', least: 0.1, most: 10, usual: 0.4 }),
  points: list({
    label: 'Points of the lever’s curve',
    of: number({ label: 'Share of what there is', quantity: 'ratio', least: 0, most: 1 }),
    shortest: THROTTLE_POINTS,
    longest: THROTTLE_POINTS,
  }),
} as const satisfies FieldsFor<Throttle>)

const runLength = <const L extends string>(label: L, most: number, usual: number, hint = 'One way') =>
  number({ label, quantity: 'length', least: 0.1, most, usual, hint })
const WIRING = group('Wiring', {
  mainLength: runLength('Pack to controller', 30, 2, 'As the cable goes, one way'),
  motorLength: runLength('Controller to motor', 30, 1.5),
  chargeLength: runLength('Charger to pack', 60, 2),
  houseLength: runLength('Pack to house converter', 60, 2),
  panelLength: runLength('Panels to their controller', 60, 6),
  insulation: choice({ label: 'Insulation, °C', options: INSULATIONS, usual: 105 }),
  engineSpace: yes({ label: 'Cables pass an engine space', usual: true }),
  bundled: number({
    label: 'Conductors that lie together',
    quantity: 'count',
    least: 1,
    most: 60,
    whole: true,
    usual: 2,
  }),
  mainArea: number({
    label: 'Cable from the pack',
    quantity: 'copperArea',
    least: 0.75,
    most: 150,
    keptPerSi: 1e6,
    open: true,
  }),
  motorArea: number({
    label: 'Cable to the motor',
    quantity: 'copperArea',
    least: 0.75,
    most: 150,
    keptPerSi: 1e6,
    open: true,
  }),
  fuse: open(group('Main fuse', FUSE)),
  contactorVoltage: number({ label: 'Contactor breaks', quantity: 'voltage', least: 6, most: 1500, open: true }),
  contactorCurrent: number({ label: 'Contactor carries', quantity: 'current', least: 5, most: 2000, open: true }),
  capacitance: number({
    label: 'Controller’s input',
    quantity: 'capacitance',
    least: 1e-5,
    most: 0.2,
    usual: 0.005,
    hint: 'Its capacitors; 2 to 20 mF is usual',
  }),
  prechargeResistance: number({
    label: 'Precharge resistor',
    quantity: 'bigResistance',
    least: 0.5,
    most: 10_000,
    open: true,
  }),
  bmsCurrent: number({
    label: 'BMS switches',
    quantity: 'current',
    least: 1,
    most: 3000,
    open: true,
    hint: 'Continuous, as its plate says',
  }),
  dcdcLeast: number({
    label: 'House converter from',
    quantity: 'voltage',
    least: 6,
    most: 1000,
    open: true,
    hint: 'Volts of the pack',
  }),
  dcdcGreatest: number({ label: 'House converter up to', quantity: 'voltage', least: 6, most: 1500, open: true }),
  dcdcPower: number({ label: 'House converter gives', quantity: 'smallPower', least: 5, most: 20_000, open: true }),
  place: choice({ label: 'Pack stands', options: PACK_PLACES, usual: 'dry' }),
  vented: yes({ label: 'Box is vented', usual: true }),
  fitted: group(
    'Gear fitted',
    Object.fromEntries(FITTINGS.map(id => [id, yes({ label: `Fitted: ${id}`, usual: id !== 'coldCut' })])) as Record<
      (typeof FITTINGS)[number],
      { kind: 'yes'; label: string; usual: boolean }
    >,
  ),
} as const satisfies FieldsFor<Wiring>)

const shareForHours = <const U extends number>(usual: U, hint: string) =>
  number({ label: 'Of it for hours', quantity: 'ratio', least: 0.3, most: 1, usual, hint })
const CHARGING = group('Charging', {
  charger: group('Charger', CHARGER),
  count: number({
    label: 'Chargers',
    quantity: 'count',
    least: 1,
    most: 8,
    whole: true,
    usual: 1,
    hint: 'Side by side',
  }),
  each: choice({ label: 'Chargers stand', options: CHARGER_PLACES, usual: 'pack' }),
  shoreVoltage: number({ label: 'Shore volts', quantity: 'voltage', least: 90, most: 480, usual: 230 }),
  shoreCurrent: number({ label: 'Shore breaker', quantity: 'current', least: 1, most: 200, usual: 16 }),
  continuous: shareForHours(0.8, '80\u00A0% is usual; more trips it or melts the plug'),
  inlet: choice({ label: 'Inlet', options: INLETS, usual: 'household' }),
  from: number({ label: 'Comes home with', quantity: 'ratio', least: 0, most: 0.95, usual: 0.3 }),
  coldest: number({
    label: 'Coldest pack on charge',
    quantity: 'temperature',
    least: 233,
    most: 318,
    usual: 283.15,
  }),
  heater: number({
    label: 'Pack heater',
    quantity: 'smallPower',
    least: 0,
    most: 20_000,
    usual: 0,
    hint: 'Warms the cells before they are charged; 0 for none',
  }),
  supply: choice({ label: 'Fed by', options: CHARGE_SUPPLIES, usual: 'shore' }),
  generatorPower: number({
    label: 'Generator',
    quantity: 'electricPower',
    least: 100,
    most: 100_000,
    usual: 2800,
    hint: 'Rated, as on its plate',
  }),
  generatorShare: shareForHours(0.75, '70 to 80\u00A0% is usual'),
  generatorFuel: number({
    label: 'It burns',
    quantity: 'fuelPerEnergy',
    least: 5e-11,
    most: 5e-10,
    usual: 0.4e-3 / 3.6e6,
    hint: 'Diesel 0.35 to 0.5, petrol 0.5 to 0.8',
  }),
  changeover: yes({ label: 'Changeover between shore and generator', usual: false }),
  sun: yes({ label: 'Panels help', usual: false }),
  sailing: yes({ label: 'The propeller under sail helps', usual: false }),
  month: number({ label: 'Month, January is 0', quantity: 'count', least: 0, most: 11, whole: true, usual: 6 }),
} as const satisfies FieldsFor<Charging>)

const CELLS_TOGETHER = {
  series: number({ label: 'In series', quantity: 'count', least: 1, most: 400, whole: true }),
  parallel: number({ label: 'In parallel', quantity: 'count', least: 1, most: 100, whole: true }),
} as const
const KEPT_STRINGS = {
  health: number({
    label: 'Capacity left',
    quantity: 'ratio',
    least: 0.3,
    most: 1,
    usual: 1,
    hint: 'Second-hand: as tested, of what is printed',
  }),
  lowCut: number({
    label: 'Block cuts off empty at',
    quantity: 'voltage',
    least: 0.5,
    most: 1000,
    open: true,
    hint: 'Where its own management opens; empty if it has none',
  }),
  highCut: number({ label: 'Block cuts off full at', quantity: 'voltage', least: 0.5, most: 1000, open: true }),
} as const

/** A string of other blocks in parallel with the pack. */
export const OTHER_STRING = group('Other string', {
  cell: group('Block', CELL),
  ...CELLS_TOGETHER,
  ...KEPT_STRINGS,
} as const satisfies FieldsFor<StringGroup>)

const BANKS = group('Banks', {
  count: number({
    label: 'Banks that drive alone',
    quantity: 'count',
    least: 1,
    most: 8,
    whole: true,
    usual: 1,
    hint: 'Each with its own fuse, contactor and management',
  }),
  together: choice({ label: 'Banks work', options: BANKS_TOGETHER, usual: 'common' }),
  age: number({
    label: 'Age of the cells',
    quantity: 'years',
    least: 0,
    most: 40,
    keptPerSi: 1 / YEAR,
    open: true,
    hint: 'Second-hand; empty for new',
  }),
  ...KEPT_STRINGS,
  owned: number({
    label: 'Blocks you have',
    quantity: 'count',
    least: 1,
    most: 400,
    whole: true,
    open: true,
    hint: 'Bought already; empty if none',
  }),
  others: list({ label: 'Strings of other blocks', of: OTHER_STRING, longest: 6, usual: [] }),
} as const satisfies FieldsFor<Banks>)

/** Light of a month, J/m² on a flat square metre on a mean day. */
export const MONTH_OF_SUN = number({ label: 'Light in a day', quantity: 'sunlight', least: 0, most: 5e7 })
/** A mast or a boom near panels, from the middle of these. */
export const SPAR = group('Spar', {
  kind: choice({ label: 'It is', options: SPAR_KINDS, usual: 'mast' }),
  ahead: number({ label: 'Ahead of the panels', quantity: 'length', least: -30, most: 30, usual: 2, hint: '− is aft' }),
  starboard: number({ label: 'To starboard', quantity: 'length', least: -10, most: 10, usual: 0, hint: '− is port' }),
  height: number({ label: 'Above the panels', quantity: 'length', least: 0, most: 40, usual: 8, hint: 'A mast’s top' }),
  length: number({ label: 'Runs aft for', quantity: 'length', least: 0, most: 20, usual: 3 }),
  thick: number({ label: 'Thick', quantity: 'smallLength', least: 0.002, most: 1, usual: 0.12 }),
} as const satisfies FieldsFor<Spar>)
/** Panels elsewhere on the boat, with what they feed. */
export const OTHER_ARRAY = group('Other panels', {
  name: text({ label: 'Where', shortest: 1, longest: 40 }),
  feeds: choice({ label: 'They feed', options: ARRAY_FEEDS, usual: 'drive' }),
  panel: group('Solar panel', PANEL),
  series: number({ label: 'Panels in a string', quantity: 'count', least: 1, most: 40, whole: true }),
  parallel: number({ label: 'Strings', quantity: 'count', least: 1, most: 40, whole: true, usual: 1 }),
  tilt: number({ label: 'Tilt from flat', quantity: 'angle', least: 0, most: 1.5708, usual: 0 }),
  heading: number({ label: 'Faces', quantity: 'angle', least: 0, most: 6.2832, usual: Math.PI }),
  swings: yes({ label: 'She swings', usual: true }),
  shading: number({ label: 'Lost to shade', quantity: 'ratio', least: 0, most: 0.95, usual: 0.15 }),
  spars: list({ label: 'Mast and boom', of: SPAR, longest: 6, usual: [] }),
  controller: open(group('Charge controller', CHARGE_CONTROLLER)),
} as const satisfies FieldsFor<OtherArray>)
const SOLAR = group('Solar panels', {
  fitted: yes({ label: 'Panels fitted', usual: false }),
  panel: group('Solar panel', PANEL),
  series: number({ label: 'Panels in a string', quantity: 'count', least: 1, most: 40, whole: true }),
  parallel: number({ label: 'Strings', quantity: 'count', least: 1, most: 40, whole: true, usual: 1 }),
  tilt: number({ label: 'Tilt from flat', quantity: 'angle', least: 0, most: 1.5708, usual: 0 }),
  heading: number({
    label: 'Faces',
    quantity: 'angle',
    least: 0,
    most: 6.2832,
    usual: Math.PI,
    hint: 'By the compass: 180° is south',
  }),
  swings: yes({ label: 'She swings', usual: true }),
  shading: number({
    label: 'Lost to shade',
    quantity: 'ratio',
    least: 0,
    most: 0.95,
    usual: 0.15,
    hint: 'Canopy, sails, trees, and spars not listed: 10 to 30\u00A0% is usual',
  }),
  spars: list({ label: 'Mast and boom', of: SPAR, longest: 6, usual: [] }),
  bow: number({ label: 'Her bow points', quantity: 'angle', least: 0, most: 6.2832, usual: 0, hint: 'By the compass' }),
  controller: open(group('Charge controller', CHARGE_CONTROLLER)),
  coldest: number({
    label: 'Coldest morning',
    quantity: 'temperature',
    least: 213,
    most: 303,
    usual: 263.15,
    hint: 'Cold panels have the most volts',
  }),
  sun: list({ label: 'Light by month', of: MONTH_OF_SUN, shortest: 12, longest: 12, open: true }),
  others: list({ label: 'Other panels', of: OTHER_ARRAY, longest: 6, usual: [] }),
} as const satisfies FieldsFor<SolarArray>)

const SYSTEM_VOLTAGE = number({ label: 'System voltage', quantity: 'voltage', least: 6, most: 1000 })
/** A small motor with a battery of its own: in the bow, or as a spare. */
const SMALL_MOTOR = group('Small motor', {
  fitted: yes({ label: 'Small motor fitted', usual: false }),
  name: text({ label: 'What it is', shortest: 1, longest: 40, usual: 'Bow motor' }),
  power: number({ label: 'It takes', quantity: 'smallPower', least: 10, most: 20_000, usual: 2000 }),
  voltage: number({ label: 'At', quantity: 'voltage', least: 6, most: 100, usual: 24 }),
  time: number({ label: 'Runs in an outing for', quantity: 'shortTime', least: 10, most: 36_000, usual: 300 }),
  length: number({ label: 'Its cable, one way', quantity: 'length', least: 0.1, most: 30, usual: 6 }),
  chemistry: choice({ label: 'Its own battery', options: ['LFP', 'AGM'], usual: 'AGM' }),
})
/** What drives her: motor to pack, wiring, charging, panels. */
export const DESIGN = group('Design', {
  motor: group('Motor', MOTOR),
  controller: group('Controller', CONTROLLER),
  wholeDrive: open(group('Whole drive', WHOLE_DRIVE)),
  smallMotor: SMALL_MOTOR,
  reduction: REDUCTION,
  propeller: FITTED_WHEEL,
  cooling: choice({ label: 'Cooling as fitted', options: COOLINGS, open: true }),
  cooler: group('Cooling as built', {
    kind: choice({ label: 'Heat leaves by', options: COOLING_GEAR, usual: 'none' }),
    tubeLength: number({ label: 'Hull tube, length', quantity: 'length', least: 0.1, most: 20, usual: 2 }),
    tubeDiameter: number({ label: 'Across', quantity: 'smallLength', least: 0.005, most: 0.2, usual: 0.022 }),
    area: number({
      label: 'Face or plates',
      quantity: 'area',
      least: 0.005,
      most: 20,
      usual: 0.1,
      hint: 'Of a radiator its face; of an exchanger all plates',
    }),
    flow: number({ label: 'Raw water', quantity: 'flow', least: 1e-6, most: 0.01, usual: 1e-4 }),
    warmWater: number({ label: 'Warmest water', quantity: 'temperature', least: 273, most: 313, usual: 301.15 }),
    controller: choice({ label: 'Controller stands', options: CONTROLLER_COOLING, usual: 'as sold' }),
    boxArea: number({ label: 'Walls of its box', quantity: 'area', least: 0.05, most: 10, usual: 0.5 }),
    packHeat: number({
      label: 'The pack adds',
      quantity: 'smallPower',
      least: 0,
      most: 20_000,
      usual: 0,
      hint: 'Where it is cooled by the same loop',
    }),
  } as const satisfies FieldsFor<CoolingGear>),
  jet: group('Jet', JET),
  pack: group('Pack', {
    cell: group('Cell', CELL),
    ...CELLS_TOGETHER,
    chargeVoltage: number({ label: 'Full at, per cell', quantity: 'cellVoltage', least: 1.5, most: 4.5 }),
  }),
  systemVoltage: SYSTEM_VOLTAGE,
  throttle: THROTTLE,
  wiring: WIRING,
  charging: CHARGING,
  banks: BANKS,
  solar: SOLAR,
})
