import type { z } from 'zod'
import { CHEMISTRIES } from '../battery'
import { COOLINGS } from '../drive'
import { WHEEL_KINDS } from '../propulsor'
import { FUSE_KINDS, INSULATIONS } from '../wiring'
import { UNITS, type QuantityId, type UnitId } from '../units'
import { SHIPPED_CELLS, SHIPPED_PACKS } from './shipped/shippedCells'
import { SHIPPED_CONTROLLERS } from './shipped/shippedControllers'
import { SHIPPED_JETS } from './shipped/shippedJets'
import { SHIPPED_MOTORS } from './shipped/shippedMotors'
import { SHIPPED_PROPELLERS } from './shipped/shippedPropellers'
import { SHIPPED_CHARGE_CONTROLLERS, SHIPPED_PANELS } from './shipped/shippedSolar'
import { SHIPPED_CABLES, SHIPPED_CHARGERS, SHIPPED_FUSES } from './shipped/shippedWiring'
import {
  cableSchema,
  cellSchema,
  chargeControllerSchema,
  chargerSchema,
  controllerSchema,
  fuseSchema,
  jetSchema,
  motorSchema,
  panelSchema,
  propellerSchema,
} from './partSchemas'

/** A number of a part: its place, words, and the unit in which a CSV file holds it. */
export interface NumberColumn {
  kind: 'number'
  key: string
  label: string
  quantity: QuantityId
  unit: UnitId
  /** kept units in one SI unit, where parts keep another (rpm: 60 in one rev/s; mm²: a million in one m²) */
  storedPerSi: number
}
/** A choice between a few words, or yes and no. */
export interface ChoiceColumn {
  kind: 'choice'
  key: string
  label: string
  options: readonly (string | number)[]
}
export interface YesColumn {
  kind: 'yes'
  key: string
  label: string
}
/** What a part says of itself beside its name. */
export type PartColumn = NumberColumn | ChoiceColumn | YesColumn

/** Any part of the library: what each has, and the rest by its columns. */
export type Part = { id: string; name: string } & Record<string, unknown>

/** A kind of part: its words, columns, schema, and those that ship with Remigo. */
export interface PartKind {
  label: string
  many: string
  columns: readonly PartColumn[]
  schema: z.ZodObject<z.ZodRawShape>
  shipped: readonly Part[]
  /** columns that a list shows first */
  lead: readonly string[]
}

const number = (key: string, label: string, quantity: QuantityId, unit: UnitId, storedPerSi = 1): NumberColumn => ({
  kind: 'number',
  key,
  label,
  quantity,
  unit,
  storedPerSi,
})
const choice = (key: string, label: string, options: readonly (string | number)[]): ChoiceColumn => ({
  kind: 'choice',
  key,
  label,
  options,
})
const yes = (key: string, label: string): YesColumn => ({ kind: 'yes', key, label })
const mass = number('mass', 'Weight', 'partMass', 'kg'),
  price = number('price', 'Price', 'price', 'euro')
const least = number('leastVoltage', 'Works from', 'voltage', 'V'),
  greatest = number('greatestVoltage', 'Works up to', 'voltage', 'V')

const CELL_COLUMNS: readonly PartColumn[] = [
  choice('chemistry', 'Chemistry', Object.keys(CHEMISTRIES)),
  number('cellsInSeries', 'Cells in series', 'count', 'count'),
  number('capacityAh', 'Capacity', 'charge', 'Ah'),
  number('resistance', 'Resistance', 'resistance', 'mohm'),
  number('current', 'Amps all day', 'current', 'A'),
  number('currentPeak', 'Amps for 30 s', 'current', 'A'),
  number('chargeCurrent', 'Amps on charge', 'current', 'A'),
  mass,
  number('width', 'Width', 'smallLength', 'mm'),
  number('depth', 'Depth', 'smallLength', 'mm'),
  number('height', 'Height', 'smallLength', 'mm'),
  price,
  yes('complete', 'With box and management'),
]

const kind = <P extends { id: string; name: string }>(of: Omit<PartKind, 'shipped'> & { shipped: readonly P[] }) =>
  of as unknown as PartKind

/** Every kind of part that the library holds. Files, forms and lists all read it here. */
export const PART_KINDS = {
  motor: kind({
    label: 'Motor',
    many: 'Motors',
    schema: motorSchema,
    shipped: SHIPPED_MOTORS,
    lead: ['ratedPower', 'ratedRpm', 'price'],
    columns: [
      number('ratedPower', 'Rated power', 'power', 'kW'),
      number('ratedRpm', 'Rated speed', 'rotation', 'rpm', 60),
      number('ratedVoltage', 'Rated voltage', 'voltage', 'V'),
      number('ratedEfficiency', 'Efficiency', 'ratio', 'percent'),
      number('kvRpmPerVolt', 'Speed per volt', 'speedPerVolt', 'rpmPerVolt'),
      number('noLoadCurrent', 'Amps turning free', 'current', 'A'),
      number('peakPower', 'Peak power', 'power', 'kW'),
      number('peakSeconds', 'Peak holds for', 'shortTime', 's'),
      number('greatestRpm', 'Greatest speed', 'rotation', 'rpm', 60),
      least,
      greatest,
      choice('cooling', 'Cooling', COOLINGS),
      choice('insulation', 'Insulation class', ['B', 'F', 'H']),
      choice('weakerDirection', 'Weaker direction', ['none', 'clockwise', 'anticlockwise']),
      mass,
      price,
    ],
  }),
  controller: kind({
    label: 'Controller',
    many: 'Controllers',
    schema: controllerSchema,
    shipped: SHIPPED_CONTROLLERS,
    lead: ['greatestVoltage', 'batteryCurrent', 'price'],
    columns: [
      least,
      greatest,
      number('batteryCurrent', 'Battery amps all day', 'current', 'A'),
      number('batteryCurrentPeak', 'Battery amps for a minute', 'current', 'A'),
      number('phaseCurrent', 'Motor amps all day', 'current', 'A'),
      number('phaseCurrentPeak', 'Motor amps for a minute', 'current', 'A'),
      number('efficiency', 'Efficiency', 'ratio', 'percent'),
      number('idlePower', 'Takes when idle', 'smallPower', 'W'),
      number('rollbackFrom', 'Cuts back from', 'temperature', 'degC'),
      number('rollbackTo', 'Off at', 'temperature', 'degC'),
      number('regenCurrent', 'Regeneration', 'current', 'A'),
      mass,
      price,
    ],
  }),
  propeller: kind({
    label: 'Propeller',
    many: 'Propellers',
    schema: propellerSchema,
    shipped: SHIPPED_PROPELLERS,
    lead: ['diameter', 'pitch', 'price'],
    columns: [
      choice('kind', 'Kind', WHEEL_KINDS),
      number('blades', 'Blades', 'count', 'count'),
      number('diameter', 'Diameter', 'smallLength', 'mm'),
      number('pitch', 'Pitch', 'smallLength', 'mm'),
      number('areaRatio', 'Blade area', 'plain', 'one'),
      choice('hand', 'Hand', ['right', 'left']),
      mass,
      price,
    ],
  }),
  jet: kind({
    label: 'Jet',
    many: 'Jets',
    schema: jetSchema,
    shipped: SHIPPED_JETS,
    lead: ['impellerDiameter', 'ratedPower', 'price'],
    columns: [
      number('impellerDiameter', 'Impeller', 'smallLength', 'mm'),
      number('nozzleDiameter', 'Nozzle', 'smallLength', 'mm'),
      number('ratedPower', 'Pump takes', 'power', 'kW'),
      number('ratedRpm', 'Rated speed', 'rotation', 'rpm', 60),
      number('pumpEfficiency', 'Pump efficiency', 'ratio', 'percent'),
      mass,
      price,
    ],
  }),
  cell: kind({
    label: 'Cell',
    many: 'Cells',
    schema: cellSchema,
    shipped: SHIPPED_CELLS,
    lead: ['chemistry', 'capacityAh', 'price'],
    columns: CELL_COLUMNS,
  }),
  pack: kind({
    label: 'Pack',
    many: 'Packs',
    schema: cellSchema,
    shipped: SHIPPED_PACKS,
    lead: ['cellsInSeries', 'capacityAh', 'price'],
    columns: CELL_COLUMNS,
  }),
  charger: kind({
    label: 'Charger',
    many: 'Chargers',
    schema: chargerSchema,
    shipped: SHIPPED_CHARGERS,
    lead: ['greatestVoltage', 'current', 'price'],
    columns: [
      number('inputVoltage', 'Shore voltage', 'voltage', 'V'),
      number('inputCurrent', 'Shore amps', 'current', 'A'),
      number('leastVoltage', 'Charges from', 'voltage', 'V'),
      number('greatestVoltage', 'Charges up to', 'voltage', 'V'),
      number('current', 'Amps into the pack', 'current', 'A'),
      number('power', 'Power into the pack', 'electricPower', 'W'),
      number('efficiency', 'Efficiency', 'ratio', 'percent'),
      yes('listens', 'Listens to the battery management'),
      yes('pilot', 'Speaks to a car-type inlet'),
      mass,
      price,
    ],
  }),
  cable: kind({
    label: 'Cable',
    many: 'Cables',
    schema: cableSchema,
    shipped: SHIPPED_CABLES,
    lead: ['area', 'insulation', 'pricePerMetre'],
    columns: [
      number('area', 'Copper', 'copperArea', 'mm2', 1e6),
      choice('insulation', 'Insulation, °C', INSULATIONS),
      number('voltage', 'Up to', 'voltage', 'V'),
      yes('tinned', 'Tinned'),
      number('diameter', 'Across', 'smallLength', 'mm'),
      number('massPerMetre', 'A metre weighs', 'partMass', 'kg'),
      number('pricePerMetre', 'A metre costs', 'price', 'euro'),
    ],
  }),
  fuse: kind({
    label: 'Fuse',
    many: 'Fuses',
    schema: fuseSchema,
    shipped: SHIPPED_FUSES,
    lead: ['rating', 'voltage', 'price'],
    columns: [
      choice('kind', 'Kind', FUSE_KINDS),
      number('rating', 'Rating', 'current', 'A'),
      number('voltage', 'Clears at up to', 'voltage', 'V'),
      number('interrupt', 'Interrupts', 'current', 'A'),
      price,
    ],
  }),
  panel: kind({
    label: 'Solar panel',
    many: 'Solar panels',
    schema: panelSchema,
    shipped: SHIPPED_PANELS,
    lead: ['power', 'voltage', 'price'],
    columns: [
      number('power', 'Power', 'electricPower', 'W'),
      number('voltage', 'Volts at full power', 'voltage', 'V'),
      number('current', 'Amps at full power', 'current', 'A'),
      number('openVoltage', 'Volts open', 'voltage', 'V'),
      number('shortCurrent', 'Amps shorted', 'current', 'A'),
      number('voltagePerKelvin', 'Open volts fall by', 'perKelvin', 'percentPerK'),
      number('powerPerKelvin', 'Power falls by', 'perKelvin', 'percentPerK'),
      number('length', 'Length', 'smallLength', 'mm'),
      number('width', 'Width', 'smallLength', 'mm'),
      mass,
      price,
    ],
  }),
  chargeController: kind({
    label: 'Charge controller',
    many: 'Charge controllers',
    schema: chargeControllerSchema,
    shipped: SHIPPED_CHARGE_CONTROLLERS,
    lead: ['greatestPanelVoltage', 'current', 'price'],
    columns: [
      yes('tracking', 'Follows the best point'),
      yes('boosts', 'Lifts the volts'),
      number('leastPanelVoltage', 'Panels from', 'voltage', 'V'),
      number('greatestPanelVoltage', 'Panels up to', 'voltage', 'V'),
      number('leastVoltage', 'Pack from', 'voltage', 'V'),
      number('greatestVoltage', 'Pack up to', 'voltage', 'V'),
      number('current', 'Amps into the pack', 'current', 'A'),
      number('efficiency', 'Efficiency', 'ratio', 'percent'),
      yes('listens', 'Listens to the battery management'),
      mass,
      price,
    ],
  }),
} as const satisfies Record<string, PartKind>

/** The short name of a kind of part. */
export type PartKindId = keyof typeof PART_KINDS

/**
 * The heading of a column in a CSV file: the label and the unit of its numbers.
 *
 * @param column of a part
 * @returns as in rated_power_kW
 */
export function columnHeading(column: PartColumn): string {
  const words = column.label
    .toLowerCase()
    .replace(/, °c/, '')
    .replace(/[^a-z0-9]+/g, '_')
  return column.kind === 'number' && UNITS[column.unit].symbol ? `${words}_${column.unit}` : words
}
