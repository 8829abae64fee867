import type { Compartment } from '../../battery'
import { choice, group, list, number, text, yes, type Fields, type FieldsFor } from '../../fields/field'
import { DRIVE_KINDS, HULL_MATERIALS, HULL_TYPE_IDS, HULL_TYPES, type BoatDimensions } from '../../hull'
import { STILL_SCREWS } from '../../resistance'
import { ENGINE_KINDS } from '../../oldEngine'

// Fields of the boat as she is. See projectFields.ts.

/** The engine that comes out, or came out. */
export const OLD_ENGINE = group('Old engine', {
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
    hint: 'Engine, gearbox, exhaust, tank and the fuel in it',
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

/** What stands between motor and water. */
export const DRIVE_LINE = group('Drive line', {
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

/** The boat as she is. */
export const BOAT = group('Boat', {
  hullType: choice({ label: 'Kind of hull', options: HULL_TYPE_IDS }),
  material: choice({ label: 'Hull is made of', options: HULL_MATERIALS, usual: 'not said' }),
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
