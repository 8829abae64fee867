import type { ChoiceField, Field, Fields, NumberField, ValueOf, YesField } from '../fields/field'
import { QUANTITIES, UNITS, type UnitId } from '../units'
import {
  CABLE,
  CELL,
  CHARGE_CONTROLLER,
  CHARGER,
  CONTROLLER,
  FUSE,
  JET,
  MOTOR,
  PANEL,
  PROPELLER,
  WHOLE_DRIVE,
} from './partFields'
import { SHIPPED_CELLS, SHIPPED_PACKS } from './shipped/shippedCells'
import { SHIPPED_CONTROLLERS } from './shipped/shippedControllers'
import { SHIPPED_JETS } from './shipped/shippedJets'
import { SHIPPED_MOTORS } from './shipped/shippedMotors'
import { SHIPPED_PROPELLERS } from './shipped/shippedPropellers'
import { SHIPPED_CHARGE_CONTROLLERS, SHIPPED_PANELS } from './shipped/shippedSolar'
import { SHIPPED_WHOLE_DRIVES } from './shipped/shippedWholeDrives'
import { SHIPPED_CABLES, SHIPPED_CHARGERS, SHIPPED_FUSES } from './shipped/shippedWiring'

/** A number of a part, with its place and the unit in which a CSV file holds it. */
export type NumberColumn = NumberField & { key: string; unit: UnitId }
/** What a part says of itself beside its name. */
export type PartColumn = NumberColumn | (ChoiceField & { key: string }) | (YesField & { key: string })

/** Any part of the library: what each has, and the rest by its columns. */
export type Part = { id: string; name: string } & Record<string, unknown>

/** A kind of part: its words, fields, and those that ship with Remigo. */
export interface PartKind<F extends Fields = Fields> {
  label: string
  many: string
  fields: F
  /** all fields but id and name, in the order of a file */
  columns: readonly PartColumn[]
  shipped: readonly Part[]
  /** columns that a list shows first */
  lead: readonly string[]
}

function columnsOf(fields: Readonly<Record<string, Field>>): PartColumn[] {
  return Object.entries(fields).flatMap(([key, field]): PartColumn[] => {
    // what is still to be found is of a design, not of a library
    if (key === 'standIn') return []
    if (field.kind === 'number') return [{ ...field, key, unit: field.fileUnit ?? QUANTITIES[field.quantity].units[0] }]
    return field.kind === 'choice' || field.kind === 'yes' ? [{ ...field, key }] : []
  })
}

/** What fields of a part hold. */
type ValueOfFields<F extends Fields> = { [K in keyof F]: ValueOf<F[K]> }

/** A kind's words: one, many, its fields, what ships, and the columns that a list shows first. */
function kind<F extends Readonly<Record<string, Field>>>(
  label: string,
  many: string,
  fields: F,
  shipped: readonly ValueOfFields<F>[],
  lead: readonly (keyof F & string)[],
): PartKind<F> {
  return { label, many, fields, columns: columnsOf(fields), shipped: shipped as unknown as readonly Part[], lead }
}

/** Every kind of part that the library holds: its registry. Files, forms and lists all read it here. */
export const PART_KINDS = {
  motor: kind('Motor', 'Motors', MOTOR, SHIPPED_MOTORS, ['ratedPower', 'ratedRpm', 'price']),
  controller: kind('Controller', 'Controllers', CONTROLLER, SHIPPED_CONTROLLERS, [
    'greatestVoltage',
    'batteryCurrent',
    'price',
  ]),
  wholeDrive: kind('Whole drive', 'Whole drives', WHOLE_DRIVE, SHIPPED_WHOLE_DRIVES, ['ratedPower', 'thrust', 'price']),
  propeller: kind('Propeller', 'Propellers', PROPELLER, SHIPPED_PROPELLERS, ['diameter', 'pitch', 'price']),
  jet: kind('Jet', 'Jets', JET, SHIPPED_JETS, ['impellerDiameter', 'ratedPower', 'price']),
  cell: kind('Cell', 'Cells', CELL, SHIPPED_CELLS, ['chemistry', 'capacityAh', 'price']),
  pack: kind('Pack', 'Packs', CELL, SHIPPED_PACKS, ['cellsInSeries', 'capacityAh', 'price']),
  charger: kind('Charger', 'Chargers', CHARGER, SHIPPED_CHARGERS, ['greatestVoltage', 'current', 'price']),
  cable: kind('Cable', 'Cables', CABLE, SHIPPED_CABLES, ['area', 'insulation', 'pricePerMetre']),
  fuse: kind('Fuse', 'Fuses', FUSE, SHIPPED_FUSES, ['rating', 'voltage', 'price']),
  panel: kind('Solar panel', 'Solar panels', PANEL, SHIPPED_PANELS, ['power', 'voltage', 'price']),
  chargeController: kind('Charge controller', 'Charge controllers', CHARGE_CONTROLLER, SHIPPED_CHARGE_CONTROLLERS, [
    'greatestPanelVoltage',
    'current',
    'price',
  ]),
} as const satisfies Record<string, PartKind>

/** The short name of a kind of part. */
export type PartKindId = keyof typeof PART_KINDS
/** A part of a kind. */
export type PartOf<K extends PartKindId> = ValueOfFields<(typeof PART_KINDS)[K]['fields']>

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
