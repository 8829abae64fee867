import { YEAR } from '../constants'
import { BANKS_TOGETHER, type Banks, type Compartment, type StringGroup } from '../battery'
import {
  CONTROLLER_COOLING,
  COOLING_GEAR,
  COOLINGS,
  HEATED_PARTS,
  THROTTLE_CONTROLS,
  THROTTLE_POINTS,
  type CoolingGear,
  type HeatPoint,
  type Throttle,
} from '../drive'
import {
  choice,
  group,
  list,
  number,
  open,
  record,
  text,
  yes,
  type Fields,
  type FieldsFor,
  type ValueOf,
} from '../fields/field'
import { DRIVE_KINDS, HULL_TYPE_IDS, HULL_TYPES, type BoatDimensions } from '../hull'
import { STILL_SCREWS } from '../resistance'
import { HELPERS } from './helpers'
import { ENGINE_KINDS } from '../oldEngine'
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
} from '../parts/partFields'
import { ARRAY_FEEDS, SPAR_KINDS, type OtherArray, type SolarArray, type Spar } from '../solar'
import { FITTINGS, INSULATIONS, PACK_PLACES, type Wiring } from '../wiring'
import { LOG_FIELDS } from './logFields'
import { YARD } from './yardFields'
import { CHARGE_SUPPLIES, CHARGER_PLACES, type Charging } from './charging'
import { DAY_OUT } from './dayFields'
import { PROJECT_VERSION } from './projectVersion'
import { READING_KINDS } from './readingKind'
import { WAYS_HOME } from './wayHome'

// Every field of a boat's document, once: form, messages, schema, files, JSON Schema, lists and types are made of it.
// SI, but for what carries another unit in its name (rpm, Ah) and mm² of copper.

const OLD_ENGINE = group('Old engine', {
  kind: choice({ label: 'Kind of engine', options: ENGINE_KINDS }),
  ratedPower: number({
    label: 'Old engine',
    quantity: 'power',
    least: 0,
    most: 500_000,
    hint: 'As on its plate; 0 if there is none',
  }),
  ratedRpm: number({ label: 'Its rated speed', quantity: 'rotation', least: 300, most: 9000, keptPerSi: 60 }),
  mass: number({
    label: 'What comes out weighs',
    quantity: 'partMass',
    least: 0,
    most: 5000,
    hint: 'Engine, gearbox, exhaust, tank',
  }),
  usualRpm: number({
    label: 'Rpm you really ran',
    quantity: 'rotation',
    least: 200,
    most: 9000,
    keptPerSi: 60,
    open: true,
    hint: 'At your usual speed',
  }),
  fuelRate: number({
    label: 'Fuel it burnt',
    quantity: 'fuelRate',
    least: 0,
    most: 0.0001,
    open: true,
    hint: 'In an hour, at that speed',
  }),
})

const DRIVE_LINE = group('Drive line', {
  kind: choice({ label: 'Drive', options: DRIVE_KINDS }),
  count: choice({ label: 'Drives side by side', options: [1, 2], usual: 1 }),
  legRatio: number({ label: 'Ratio in the leg', quantity: 'plain', least: 1, most: 4 }),
  greatestDiameter: number({
    label: 'Largest propeller',
    quantity: 'smallLength',
    least: 0.08,
    most: 2,
    hint: 'That fits with 15\u00A0% of its size free to the hull',
  }),
  shaftDepth: number({
    label: 'Shaft below the water',
    quantity: 'length',
    least: 0.05,
    most: 4,
    hint: 'At the propeller',
  }),
  still: choice({ label: 'Another screw in the water', options: STILL_SCREWS, usual: 'none' }),
  torqueLimit: number({
    label: 'Old gears stand',
    quantity: 'torque',
    least: 1,
    most: 5000,
    open: true,
    hint: 'At their input: torque of the old engine, or as printed',
  }),
  rpmLimit: number({
    label: 'Old gears turn at most',
    quantity: 'rotation',
    least: 100,
    most: 9000,
    keptPerSi: 60,
    open: true,
  }),
  flange: number({
    label: 'Coupling flange',
    quantity: 'smallLength',
    least: 0.02,
    most: 0.6,
    open: true,
    hint: 'Across',
  }),
  runOut: number({
    label: 'Gap between its faces varies by',
    quantity: 'gap',
    least: 0,
    most: 0.02,
    open: true,
    hint: 'Feeler gauge at four places, afloat',
  }),
  astern: choice({ label: 'Astern by', options: ['gears', 'motor'], usual: 'motor' }),
  reverses: yes({ label: 'Leg or gearbox turns the propeller against its input', usual: false }),
})

/** A space for the pack, as measured. */
export const COMPARTMENT = group('Space for the pack', {
  name: text({ label: 'Name of the space', shortest: 1, longest: 40 }),
  length: number({ label: 'Length', quantity: 'length', least: 0.1, most: 10, hint: 'Fore and aft' }),
  width: number({ label: 'Width', quantity: 'length', least: 0.1, most: 6, hint: 'Athwart' }),
  height: number({ label: 'Height', quantity: 'length', least: 0.05, most: 3 }),
  clearance: number({
    label: 'Kept free all round',
    quantity: 'smallLength',
    least: 0,
    most: 0.3,
    hint: 'For air, straps and hands',
  }),
  along: number({
    label: 'Its middle, aft of the bow',
    quantity: 'length',
    least: 0,
    most: 45,
    open: true,
    hint: 'For the best place of the pack; empty if not measured',
  }),
} as const satisfies FieldsFor<Compartment>)

const VARIANTS = ['', ...new Set(HULL_TYPES.flatMap(type => Object.keys(type.variants)))]

const BOAT = group('Boat', {
  hullType: choice({ label: 'Kind of hull', options: HULL_TYPE_IDS }),
  lengthOverAll: number({
    label: 'Length over all',
    quantity: 'length',
    least: 2,
    most: 40,
    hint: 'Stem to stern, without pulpit or rudder',
  }),
  lengthWaterline: number({
    label: 'Waterline',
    quantity: 'length',
    least: 1.5,
    most: 40,
    open: true,
    hint: 'Where the water meets stem and stern, laden',
  }),
  beam: number({ label: 'Greatest beam', quantity: 'length', least: 0.4, most: 12 }),
  beamWaterline: number({ label: 'Beam at the waterline', quantity: 'length', least: 0.3, most: 12, open: true }),
  draught: number({ label: 'Draught', quantity: 'length', least: 0.08, most: 5, hint: 'Keel included' }),
  mass: number({ label: 'Weight', quantity: 'mass', least: 20, most: 150_000, hint: 'Afloat and laden, with crew' }),
  massHolds: choice({ label: 'That weight is', options: ['before', 'after'], usual: 'before' }),
  massUncertainty: number({ label: 'Weight may be wrong by', quantity: 'ratio', least: 0, most: 0.5, usual: 0.2 }),
  prismatic: number({
    label: 'Prismatic coefficient',
    quantity: 'plain',
    least: 0.4,
    most: 0.95,
    open: true,
    hint: 'How full the ends are',
  }),
  midship: number({
    label: 'Midship coefficient',
    quantity: 'plain',
    least: 0.4,
    most: 1,
    open: true,
    hint: 'How full the middle section is',
  }),
  waterplane: number({ label: 'Waterplane coefficient', quantity: 'plain', least: 0.5, most: 1, open: true }),
  lcb: number({
    label: 'Centre of buoyancy',
    quantity: 'ratio',
    least: -0.1,
    most: 0.1,
    open: true,
    hint: 'Forward of the middle; aft is negative',
  }),
  keel: choice({ label: 'Keel', options: ['fin', 'long'], usual: 'fin' }),
  variant: choice({ label: 'Form', options: VARIANTS }),
  hullBeam: number({
    label: 'Beam of one hull',
    quantity: 'length',
    least: 0.15,
    most: 4,
    open: true,
    hint: 'At the water; of a tube, its diameter',
  }),
  hullSpacing: number({
    label: 'Hulls apart',
    quantity: 'length',
    least: 0.2,
    most: 12,
    open: true,
    hint: 'Middle of one to middle of the next',
  }),
  tubes: choice({ label: 'Tubes', options: [2, 3], usual: 2 }),
  deadrise: number({
    label: 'Deadrise',
    quantity: 'angle',
    least: 0,
    most: 0.52,
    open: true,
    hint: 'Slope of the bottom, halfway along',
  }),
  lcg: number({
    label: 'Balance point',
    quantity: 'length',
    least: 0.3,
    most: 20,
    open: true,
    hint: 'Forward of the transom',
  }),
  waterDepth: number({
    label: 'Water depth',
    quantity: 'length',
    least: 0.3,
    most: 200,
    open: true,
    hint: 'Where you mostly go; empty for deep',
  }),
  channelWidth: number({
    label: 'Width of the water',
    quantity: 'length',
    least: 2,
    most: 1000,
    open: true,
    hint: 'Of a canal, at half its depth; empty for open water',
  }),
  water: choice({ label: 'Water', options: ['sea', 'fresh'], usual: 'sea' }),
  waterTemperature: number({
    label: 'Water temperature',
    quantity: 'temperature',
    least: 272,
    most: 308,
    usual: 288.15,
  }),
  oldEngine: OLD_ENGINE,
  drive: DRIVE_LINE,
  compartments: list({ label: 'Spaces for the pack', of: COMPARTMENT, longest: 12, usual: [] }),
} as const satisfies FieldsFor<BoatDimensions> & Fields)

/** What fuel and power cost, for ways side by side. */
const COSTS = group('Costs', {
  fuel: choice({ label: 'Fuel', options: ['diesel', 'petrol'], usual: 'diesel' }),
  fuelPrice: number({ label: 'Fuel costs', quantity: 'pricePerFuel', least: 0, most: 20_000, usual: 1800 }),
  shorePrice: number({
    label: 'Shore power costs',
    quantity: 'pricePerEnergy',
    least: 0,
    most: 5 / 3.6e6,
    usual: 0.3 / 3.6e6,
  }),
  years: number({ label: 'Counted over', quantity: 'years', least: 1, most: 40, keptPerSi: 1 / YEAR, usual: 10 }),
})
/** How she is used over the year. */
const YEAR_OF_USE = group('Year', {
  pattern: choice({
    label: 'She is used',
    options: ['daySailor', 'weekends', 'weekAtAnchor', 'passage', 'commuter', 'hire'],
    usual: 'daySailor',
  }),
  seasonFrom: number({ label: 'Season from month', quantity: 'count', least: 0, most: 11, whole: true, usual: 3 }),
  seasonTo: number({ label: 'To month', quantity: 'count', least: 0, most: 11, whole: true, usual: 9 }),
  heating: number({
    label: 'Electric heat aboard, at freezing point',
    quantity: 'smallPower',
    least: 0,
    most: 10_000,
    usual: 0,
    hint: 'Of it less in milder weather; 500 to 2,000 W',
  }),
  coldest: number({
    label: 'Coldest month, mean air',
    quantity: 'temperature',
    least: 223,
    most: 303,
    open: true,
    hint: 'Empty: by the latitude',
  }),
})
const USE = group('Use', {
  costs: COSTS,
  year: YEAR_OF_USE,
  cruiseSpeed: number({ label: 'Cruise', quantity: 'speed', least: 0.2, most: 20 }),
  topSpeed: number({
    label: 'Top',
    quantity: 'speed',
    least: 0.2,
    most: 25,
    hint: 'The fastest that you want her to go',
  }),
  topTime: number({
    label: 'Top held for',
    quantity: 'shortTime',
    least: 10,
    most: 86_400,
    hint: 'For the motor an hour counts as continuous',
  }),
  stretchKind: choice({ label: 'Stretch by', options: ['hours', 'distance'], usual: 'hours' }),
  duration: number({ label: 'Hours at cruise', quantity: 'duration', least: 60, most: 1_440_000 }),
  distance: number({ label: 'Distance at cruise', quantity: 'distance', least: 50, most: 4_000_000 }),
  reserve: number({
    label: 'Reserve',
    quantity: 'ratio',
    least: 0,
    most: 0.6,
    usual: 0.2,
    hint: 'Of the usable energy, never planned with',
  }),
  headroom: number({
    label: 'Headroom',
    quantity: 'ratio',
    least: 0,
    most: 0.6,
    usual: 0.2,
    hint: 'Kept free of every rating at cruise',
  }),
  houseLoad: number({
    label: 'House load',
    quantity: 'smallPower',
    least: 0,
    most: 20_000,
    hint: 'Lights, instruments, fridge, on average',
  }),
  seaMargin: number({
    label: 'Sea margin',
    quantity: 'ratio',
    least: 0,
    most: 1.5,
    usual: 0.15,
    hint: 'Calm 10\u00A0%, chop 20 to 30\u00A0%, head sea 50\u00A0%',
  }),
  ambient: number({
    label: 'Hot day beside the motor',
    quantity: 'temperature',
    least: 263,
    most: 338,
    usual: 308.15,
  }),
  headWind: number({ label: 'Head wind', quantity: 'speed', least: 0, most: 40, usual: 0 }),
  hullCondition: choice({
    label: 'Bottom',
    options: ['unknown', 'clean', 'slime', 'weed', 'barnacles'],
    usual: 'unknown',
  }),
  houseHours: number({
    label: 'Between two charges',
    quantity: 'duration',
    least: 3600,
    most: 2_600_000,
    usual: 86_400,
    hint: 'What its own battery must carry',
  }),
  mooredStream: number({
    label: 'Stream at the mooring',
    quantity: 'speed',
    least: 0,
    most: 5,
    usual: 1,
    hint: 'Past the propeller while she lies still',
  }),
  outings: number({
    label: 'Outings in a year',
    quantity: 'count',
    least: 0,
    most: 366,
    usual: 40,
    hint: 'As long as above',
  }),
  wayHome: choice({ label: 'Way home', options: WAYS_HOME }),
  beside: group('Beside the motor', {
    kind: choice({ label: 'Beside the motor', options: HELPERS, usual: 'none' }),
    sailSpeed: number({
      label: 'Speed under sail alone',
      quantity: 'speed',
      least: 0.1,
      most: 15,
      usual: 1.5,
      hint: 'In the wind that you mean',
    }),
    power: number({
      label: 'They give',
      quantity: 'smallPower',
      least: 5,
      most: 300_000,
      usual: 80,
      hint: 'A person 70 to 120 W for hours; an engine at its shaft',
    }),
    motorPower: number({
      label: 'The motor adds',
      quantity: 'smallPower',
      least: 5,
      most: 300_000,
      usual: 400,
      hint: 'From the pack',
    }),
  }),
  place: group('Place', {
    latitude: number({
      label: 'Latitude',
      quantity: 'coordinate',
      least: -1.5708,
      most: 1.5708,
      usual: (50.5 * Math.PI) / 180,
      hint: 'South is negative',
    }),
    longitude: number({
      label: 'Longitude',
      quantity: 'coordinate',
      least: -3.1416,
      most: 3.1416,
      usual: (-8 * Math.PI) / 180,
      hint: 'West is negative',
    }),
  }),
})

const REDUCTION = group('Reduction', {
  kind: choice({ label: 'Reduction', options: ['direct', 'belt', 'gear'] }),
  ratio: number({ label: 'Motor turns per shaft turn', quantity: 'plain', least: 0.5, most: 12 }),
})

const FITTED_WHEEL = group('Propeller', {
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
    Object.fromEntries(FITTINGS.map(id => [id, yes({ label: `Fitted: ${id}`, usual: true })])) as Record<
      (typeof FITTINGS)[number],
      { kind: 'yes'; label: string; usual: true }
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
  inlet: choice({ label: 'Inlet', options: ['household', 'carType'], usual: 'household' }),
  from: number({ label: 'Comes home with', quantity: 'ratio', least: 0, most: 0.95, usual: 0.3 }),
  coldest: number({
    label: 'Coldest pack on charge',
    quantity: 'temperature',
    least: 233,
    most: 318,
    usual: 283.15,
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
const DESIGN = group('Design', {
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

/** One reading of what the boat takes at a speed, by whatever the owner could read. */
export const TRIAL_POINT = group('Reading', {
  speed: number({ label: 'Speed', quantity: 'speed', least: 0.1, most: 30, hint: 'As read' }),
  kind: choice({ label: 'Read was', options: READING_KINDS, usual: 'battery' }),
  power: number({
    label: 'Power',
    quantity: 'smallPower',
    least: 0,
    most: 1_000_000,
    open: true,
    hint: 'At the battery or the shaft, or the old engine’s plate',
  }),
  voltage: number({ label: 'Volts', quantity: 'voltage', least: 0, most: 1500, open: true }),
  current: number({ label: 'Amps', quantity: 'current', least: 0, most: 5000, open: true }),
  rpm: number({ label: 'Motor speed', quantity: 'rotation', least: 1, most: 30_000, keptPerSi: 60, open: true }),
  pull: number({
    label: 'Pull of a tow line',
    quantity: 'force',
    least: 0,
    most: 500_000,
    open: true,
  }),
  fuelRate: number({ ...OLD_ENGINE.fields.fuelRate, label: 'Fuel', hint: 'Of the old engine, in an hour' }),
  used: number({ label: 'Charge used', quantity: 'ratio', least: 0, most: 1, open: true, hint: 'Of the whole pack' }),
  time: number({ label: 'In a time of', quantity: 'duration', least: 1, most: 1_440_000, open: true }),
  doubt: number({
    label: 'May be off by',
    quantity: 'ratio',
    least: 0.01,
    most: 1,
    open: true,
    hint: 'Two times in three; empty for what is usual',
  }),
  direction: choice({ label: 'Way', options: ['', 'out', 'back'], usual: '' }),
  stream: number({ label: 'Stream', quantity: 'speed', least: -5, most: 5, open: true, hint: 'With her is positive' }),
  note: text({ label: 'Note', shortest: 0, longest: 120, usual: '' }),
  setup: number({ label: 'Setup', quantity: 'count', least: 0, most: 199, whole: true }),
})

/** What the boat was when a reading was made: what her watts mean depends on it, her resistance does not. */
const RUN_SETUP = group('Setup of a reading', {
  motor: DESIGN.fields.motor,
  controller: DESIGN.fields.controller,
  reduction: REDUCTION,
  propeller: FITTED_WHEEL,
  jet: DESIGN.fields.jet,
  drive: DRIVE_LINE.fields.kind,
  drives: DRIVE_LINE.fields.count,
  still: DRIVE_LINE.fields.still,
  legRatio: DRIVE_LINE.fields.legRatio,
  mass: BOAT.fields.mass,
  houseLoad: USE.fields.houseLoad,
  hullCondition: USE.fields.hullCondition,
  packVoltage: number({ label: 'Volts of the pack', quantity: 'voltage', least: 1, most: 1500 }),
  packEnergy: number({ label: 'Energy of the pack', quantity: 'energy', least: 1, most: 1e11 }),
})

/** A temperature read during a run at steady power. */
export const HEAT_POINT = group('Reading', {
  part: choice({ label: 'Read on', options: HEATED_PARTS, usual: 'motor' }),
  time: number({ label: 'After', quantity: 'shortTime', least: 0, most: 172_800 }),
  temperature: number({ label: 'Temperature', quantity: 'temperature', least: 250, most: 600 }),
} as const satisfies FieldsFor<HeatPoint>)

const held = <const L extends string>(label: L) => yes({ label, usual: false })
/** The whole document. */
export const PROJECT_FIELDS = {
  format: choice({ label: 'Format', options: ['remigo-boat'] }),
  version: choice({ label: 'Version', options: [PROJECT_VERSION] }),
  id: text({ label: 'Id', shortest: 1, longest: 80 }),
  name: text({ label: 'Name', shortest: 1, longest: 60 }),
  story: text({ label: 'Story', shortest: 0, longest: 600, usual: '' }),
  boat: BOAT,
  use: USE,
  design: DESIGN,
  trial: group('Sea trial', {
    points: list({ label: 'Readings', of: TRIAL_POINT, longest: 200 }),
    setups: list({ label: 'Setups of the readings', of: RUN_SETUP, longest: 200 }),
    use: choice({ label: 'Curve used', options: ['theory', 'measured'] }),
  }),
  heat: group('Heat', { points: list({ label: 'Readings', of: HEAT_POINT, longest: 500 }) }),
  day: DAY_OUT,
  yard: YARD,
  log: group('Log', {
    ...LOG_FIELDS,
    setups: list({ label: 'Setups of the trips', of: RUN_SETUP, longest: 200, usual: [] }),
  }),
  held: group('Held: bought already', {
    motor: held('Motor held'),
    controller: held('Controller held'),
    reduction: held('Reduction held'),
    leg: held('Leg held'),
    propeller: held('Propeller or jet held'),
    pack: held('Pack held'),
    voltage: held('Voltage held'),
    charger: held('Charger held'),
    panels: held('Panels held'),
  }),
  typed: record({ label: 'As typed', longest: 60, entries: 2000 }),
} as const

/** One boat: what it is, what it is for, what drives it. SI units; other units carry their name. */
export type Project = ValueOf<{ kind: 'group'; fields: typeof PROJECT_FIELDS }>
/** One reading of what the boat takes at a speed. */
export type TrialPoint = ValueOf<typeof TRIAL_POINT>
/** The drive that a reading was made with. */
export type RunSetup = ValueOf<typeof RUN_SETUP>
/** The parts that can be held. */
export type HeldPart = keyof Project['held']
