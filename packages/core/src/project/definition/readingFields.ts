import { HEATED_PARTS, type HeatPoint } from '../../drive'
import { choice, group, number, text, yes, type FieldsFor } from '../../fields/field'
import { DRIVES_THEN } from '../told/driveThen'
import { MADE_WITH } from '../told/madeWith'
import { READING_KINDS } from '../told/readingKind'
import { SEAS } from '../told/seas'
import { BOAT, DRIVE_LINE, OLD_ENGINE } from './boatFields'
import { USE } from './useFields'
import { DESIGN, FITTED_WHEEL, REDUCTION } from './designFields'

// Fields of what was read aboard. See projectFields.ts.

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
  // what older files hold was taken as read in calm
  sea: choice({ label: 'Sea then', options: SEAS, usual: 'smooth' }),
  note: text({ label: 'Note', shortest: 0, longest: 120, usual: '' }),
  setup: number({ label: 'Setup', quantity: 'count', least: 0, most: 199, whole: true }),
})

/** What the boat was when a reading was made: what her watts mean depends on it, her resistance does not. */
export const RUN_SETUP = group('Setup of a reading', {
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
  made: choice({ label: 'Made with', options: MADE_WITH, usual: 'asFitted' }),
  packKnown: yes({ label: 'The pack of then is known', usual: true }),
  name: text({ label: 'Its name', shortest: 0, longest: 60, usual: '' }),
  kind: choice({ label: 'Kind of drive', options: DRIVES_THEN, usual: 'unknown' }),
  plate: number({
    label: 'On its plate',
    quantity: 'smallPower',
    least: 10,
    most: 1_000_000,
    open: true,
    hint: 'Flat out',
  }),
  notches: number({
    label: 'Notches of its switch',
    quantity: 'count',
    least: 1,
    most: 20,
    whole: true,
    open: true,
    hint: '1: no steps',
  }),
  gear: number({ ...REDUCTION.fields.ratio, label: 'Motor turns per propeller turn', open: true }),
  diameter: number({ label: 'Propeller, across', quantity: 'smallLength', least: 0.05, most: 3, open: true }),
  pitch: number({ label: 'Its pitch', quantity: 'smallLength', least: 0.03, most: 4, open: true }),
  headWind: USE.fields.headWind,
})

/** A temperature read during a run at steady power. */
export const HEAT_POINT = group('Reading', {
  part: choice({ label: 'Read on', options: HEATED_PARTS, usual: 'motor' }),
  time: number({ label: 'After', quantity: 'shortTime', least: 0, most: 172_800 }),
  temperature: number({ label: 'Temperature', quantity: 'temperature', least: 250, most: 600 }),
} as const satisfies FieldsFor<HeatPoint>)
