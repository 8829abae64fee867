/** Kinds of combustion engine. */
export const ENGINE_KINDS = ['dieselNatural', 'dieselTurbo', 'petrolFourStroke', 'petrolTwoStroke'] as const
/** One of them. */
export type EngineKind = (typeof ENGINE_KINDS)[number]

/** What is particular to a kind. All common practice. */
export interface EngineCharacter {
  label: string
  /** full-load torque over that at rated speed, at the shares of rated speed in TORQUE_AT */
  torque: readonly number[]
  /** m³ of fuel for a joule at the shaft, least and most */
  fuelPerJoule: readonly [number, number]
  /** idle speed over rated */
  idle: number
}

/** Shares of rated speed at which the torque curves are given. */
export const TORQUE_AT = [0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1] as const

const LITRE_PER_KWH = 0.001 / 3.6e6

/**
 * Full-load torque curves and fuel by kind (diesel 0.25 to 0.30, petrol 0.40 to 0.55 l/kWh at the shaft; common
 * practice).
 */
export const ENGINES: Readonly<Record<EngineKind, EngineCharacter>> = {
  dieselNatural: {
    label: 'Diesel',
    torque: [0.92, 1.02, 1.08, 1.11, 1.12, 1.1, 1.06, 1],
    fuelPerJoule: [0.25 * LITRE_PER_KWH, 0.3 * LITRE_PER_KWH],
    idle: 0.28,
  },
  dieselTurbo: {
    label: 'Turbo diesel',
    torque: [0.7, 0.85, 1.05, 1.2, 1.24, 1.2, 1.11, 1],
    fuelPerJoule: [0.24 * LITRE_PER_KWH, 0.29 * LITRE_PER_KWH],
    idle: 0.22,
  },
  petrolFourStroke: {
    label: 'Petrol, four-stroke',
    torque: [0.8, 0.9, 0.99, 1.06, 1.1, 1.1, 1.06, 1],
    fuelPerJoule: [0.4 * LITRE_PER_KWH, 0.5 * LITRE_PER_KWH],
    idle: 0.14,
  },
  petrolTwoStroke: {
    label: 'Petrol, two-stroke',
    torque: [0.55, 0.68, 0.8, 0.91, 1, 1.06, 1.06, 1],
    fuelPerJoule: [0.5 * LITRE_PER_KWH, 0.65 * LITRE_PER_KWH],
    idle: 0.15,
  },
}
