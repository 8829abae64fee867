/** What a cell's chemistry decides. Values are common practice, from memory; a cell of the library overrides them. */
export interface Chemistry {
  label: string
  /** V per cell */
  nominalVoltage: number
  /** window that is kind to the cell, V */
  sensibleVoltage: readonly [number, number]
  /** window that it survives, V */
  absoluteVoltage: readonly [number, number]
  /** share of the nominal energy that daily use should take */
  usableShare: number
  /** times that the usable share can be taken before four fifths of the capacity are left */
  cycles: number
  /** years at 20 °C until four fifths are left, unused */
  calendarYears: number
  /** Peukert's exponent; 1 where amps do not matter */
  peukert: number
  /** rest voltage at states of charge 0, 0.1 … 1 */
  restVoltage: readonly number[]
}

/** The chemistries that Remigo knows. */
export const CHEMISTRIES = {
  LFP: {
    label: 'Lithium iron phosphate',
    nominalVoltage: 3.2,
    sensibleVoltage: [2.9, 3.45],
    absoluteVoltage: [2.5, 3.65],
    usableShare: 0.85,
    cycles: 3000,
    calendarYears: 15,
    peukert: 1,
    restVoltage: [2.8, 3.12, 3.2, 3.24, 3.26, 3.28, 3.29, 3.3, 3.32, 3.33, 3.4],
  },
  NMC: {
    label: 'Nickel manganese cobalt',
    nominalVoltage: 3.65,
    sensibleVoltage: [3.3, 4.1],
    absoluteVoltage: [2.8, 4.2],
    usableShare: 0.85,
    cycles: 1000,
    calendarYears: 10,
    peukert: 1,
    restVoltage: [3.2, 3.42, 3.52, 3.57, 3.61, 3.66, 3.74, 3.84, 3.94, 4.05, 4.17],
  },
  LTO: {
    label: 'Lithium titanate',
    nominalVoltage: 2.3,
    sensibleVoltage: [1.9, 2.65],
    absoluteVoltage: [1.5, 2.8],
    usableShare: 0.92,
    cycles: 10_000,
    calendarYears: 20,
    peukert: 1,
    restVoltage: [1.9, 2.1, 2.17, 2.21, 2.24, 2.27, 2.3, 2.34, 2.4, 2.48, 2.62],
  },
  AGM: {
    label: 'Lead, AGM',
    nominalVoltage: 2.05,
    sensibleVoltage: [1.9, 2.4],
    absoluteVoltage: [1.75, 2.45],
    usableShare: 0.5,
    cycles: 500,
    calendarYears: 6,
    peukert: 1.15,
    restVoltage: [1.93, 1.95, 1.97, 1.99, 2.01, 2.03, 2.05, 2.08, 2.1, 2.12, 2.14],
  },
  FLOODED: {
    label: 'Lead, flooded',
    nominalVoltage: 2.05,
    sensibleVoltage: [1.9, 2.45],
    absoluteVoltage: [1.75, 2.5],
    usableShare: 0.5,
    cycles: 600,
    calendarYears: 7,
    peukert: 1.25,
    restVoltage: [1.92, 1.94, 1.96, 1.98, 2.0, 2.02, 2.04, 2.06, 2.08, 2.1, 2.12],
  },
} as const satisfies Record<string, Chemistry>

/** The chemistries that are lead. */
export const isLead = (chemistry: ChemistryId): boolean => chemistry === 'AGM' || chemistry === 'FLOODED'

/** The short name of a chemistry. */
export type ChemistryId = keyof typeof CHEMISTRIES
