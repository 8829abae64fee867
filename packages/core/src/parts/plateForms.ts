import {
  leadResistance,
  fitMotorLosses,
  ratedAmps,
  torqueConstant,
  withLeadResistance,
  withRatedAmps,
  withSecondRating,
  withTorqueConstant,
  type MotorSpec,
  type NameplateForm,
} from '../drive'
import { cellsAtVolts, CHEMISTRIES, type ChemistryId } from '../battery'
import type { QuantityId } from '../units'
import type { Part, PartKindId } from './partKinds'

/** A figure that plates print instead of one of ours. */
export interface PlateForm {
  /** what is typed: one quantity, or a second one "at" some volts */
  quantity: QuantityId
  atVolts?: true
  /** what the part as it is would print; null where that cannot be said */
  now(part: Part): number | null
  /** the fields that it means, in kept units */
  apply(part: Part, value: number, volts: number): NameplateForm | { outcome: 'said'; change: Record<string, number> }
}

/** Chemistry of a block; iron phosphate where nobody says. */
const chemistryOf = (part: Part) => ((part.chemistry as ChemistryId | null) ?? 'LFP') satisfies ChemistryId
/** A block's own nominal volts. */
const blockVolts = (part: Part) => Number(part.cellsInSeries) * CHEMISTRIES[chemistryOf(part)].nominalVoltage

const motorOf = (part: Part) => part as unknown as MotorSpec

/** What else plates of motors, whole drives and batteries print, by a short name. */
export const PLATE_FORMS = {
  amps: {
    quantity: 'current',
    now: part => ratedAmps(motorOf(part)),
    apply: (part, amps) => withRatedAmps(motorOf(part), amps),
  },
  kt: {
    quantity: 'torquePerAmp',
    now: part => torqueConstant(Number(part.kvRpmPerVolt)),
    apply: (_, kt) => withTorqueConstant(kt),
  },
  resistance: {
    quantity: 'resistance',
    now: part => leadResistance(fitMotorLosses(motorOf(part))),
    apply: (part, resistance) => withLeadResistance(motorOf(part), resistance),
  },
  second: {
    quantity: 'power',
    atVolts: true,
    now: () => null,
    apply: (part, power, volts) => withSecondRating(motorOf(part), power, volts),
  },
  input: {
    quantity: 'current',
    now: part => Number(part.inputPower) / Number(part.ratedVoltage),
    apply: (part, amps) => ({ outcome: 'said', change: { inputPower: amps * Number(part.ratedVoltage) } }),
  },
  volts: {
    quantity: 'voltage',
    now: blockVolts,
    apply: (part, value) => ({ outcome: 'said', change: { cellsInSeries: cellsAtVolts(value, chemistryOf(part)) } }),
  },
  energy: {
    quantity: 'energy',
    now: part => 3600 * Number(part.capacityAh) * blockVolts(part),
    apply: (part, energy) => ({ outcome: 'said', change: { capacityAh: energy / 3600 / blockVolts(part) } }),
  },
} as const satisfies Record<string, PlateForm>

/** One of them. */
export type PlateFormId = keyof typeof PLATE_FORMS

/** Which of them a kind's plates print. */
export const FORMS_OF: Partial<Record<PartKindId, readonly PlateFormId[]>> = {
  motor: ['amps', 'kt', 'resistance', 'second'],
  wholeDrive: ['input'],
  pack: ['volts', 'energy'],
  cell: ['volts', 'energy'],
}
