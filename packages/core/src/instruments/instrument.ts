import type { QuantityId } from '../units'

/** What an instrument shows, and what of it can be true. SI; angles in rad. */
export interface Instrument {
  label: string
  quantity: QuantityId
  /** outside these it cannot be */
  least: number
  most: number
  /** s after which it is old */
  stale: number
  /** change in a second that no boat makes; null for what may jump */
  fastest: number | null
  /** s of the very same value, while she runs, after which a sensor is taken to be stuck; null for what may stand */
  stuck: number | null
}

const speed = { quantity: 'speed', least: 0, most: 40, stale: 5, fastest: 3, stuck: 60 } as const
const warm = {
  quantity: 'temperature',
  least: 233.15,
  most: 523.15,
  stale: 30,
  fastest: 8,
  stuck: null,
} as const

/** Every instrument that Remigo reads. Limits are common practice: what small boats have. */
export const INSTRUMENTS = {
  ground: { label: 'Over ground', ...speed },
  water: { label: 'Through water', ...speed },
  course: { label: 'Course', quantity: 'angle', least: 0, most: 2 * Math.PI, stale: 5, fastest: null, stuck: null },
  heading: { label: 'Heading', quantity: 'angle', least: 0, most: 2 * Math.PI, stale: 5, fastest: null, stuck: null },
  latitude: {
    label: 'Latitude',
    quantity: 'coordinate',
    least: -Math.PI / 2,
    most: Math.PI / 2,
    stale: 5,
    fastest: null,
    stuck: null,
  },
  longitude: {
    label: 'Longitude',
    quantity: 'coordinate',
    least: -Math.PI,
    most: Math.PI,
    stale: 5,
    fastest: null,
    stuck: null,
  },
  windSpeed: { label: 'Wind felt', quantity: 'speed', least: 0, most: 60, stale: 10, fastest: null, stuck: null },
  windAngle: {
    label: 'Wind felt from',
    quantity: 'angle',
    least: 0,
    most: 2 * Math.PI,
    stale: 10,
    fastest: null,
    stuck: null,
  },
  trueWind: { label: 'True wind', quantity: 'speed', least: 0, most: 60, stale: 10, fastest: null, stuck: null },
  trueWindFrom: {
    label: 'True wind from',
    quantity: 'angle',
    least: 0,
    most: 2 * Math.PI,
    stale: 10,
    fastest: null,
    stuck: null,
  },
  depth: { label: 'Depth', quantity: 'length', least: 0, most: 12_000, stale: 10, fastest: null, stuck: null },
  rpm: { label: 'Motor', quantity: 'rotation', least: 0, most: 500, stale: 5, fastest: null, stuck: null },
  shaft: { label: 'Shaft', quantity: 'rotation', least: 0, most: 200, stale: 5, fastest: null, stuck: null },
  volts: { label: 'Pack volts', quantity: 'voltage', least: 0, most: 1500, stale: 10, fastest: null, stuck: null },
  amps: { label: 'Pack amps', quantity: 'current', least: -5000, most: 5000, stale: 10, fastest: null, stuck: 60 },
  power: {
    label: 'From the pack',
    quantity: 'electricPower',
    least: -1e6,
    most: 1e6,
    stale: 10,
    fastest: null,
    stuck: null,
  },
  charge: { label: 'State of charge', quantity: 'ratio', least: 0, most: 1, stale: 60, fastest: 0.05, stuck: null },
  winding: { label: 'Motor winding', ...warm },
  controller: { label: 'Controller', ...warm },
  cells: { label: 'Cells', ...warm, most: 373.15 },
  torque: { label: 'Shaft torque', quantity: 'torque', least: -1e5, most: 1e5, stale: 5, fastest: null, stuck: null },
  thrust: { label: 'Thrust', quantity: 'force', least: -1e6, most: 1e6, stale: 5, fastest: null, stuck: null },
} as const satisfies Record<string, Instrument>

/** Short name of an instrument. */
export type InstrumentId = keyof typeof INSTRUMENTS
/** All of them. */
export const INSTRUMENT_IDS = Object.keys(INSTRUMENTS) as InstrumentId[]
export const instrument = (id: InstrumentId): Instrument => INSTRUMENTS[id]

/** Values at a moment; what was not heard is missing. */
export type Values = Partial<Record<InstrumentId, number>>
