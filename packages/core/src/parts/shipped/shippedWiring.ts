import type { ChargerSpec } from '../../battery'
import type { CableSpec, FuseKind, FuseSpec } from '../../wiring'

type ChargerRow = [
  name: string,
  inputV: number,
  inputA: number,
  leastV: number,
  greatestV: number,
  amps: number,
  watts: number,
  efficiency: number,
  listens: boolean,
  pilot: boolean,
  kg: number,
  price: number,
]

/** Invented, plausible chargers. */
const CHARGERS: ChargerRow[] = [
  ['12/10', 230, 1, 9, 16, 10, 150, 0.89, false, false, 0.8, 90],
  ['12/10 for 120 V', 120, 1.8, 9, 16, 10, 150, 0.88, false, false, 0.8, 90],
  ['24/12', 230, 2, 18, 32, 12, 350, 0.91, false, false, 1.4, 165],
  ['12/25', 230, 2, 9, 16, 25, 360, 0.91, false, false, 1.6, 190],
  ['24/30', 230, 5, 18, 32, 30, 860, 0.92, true, false, 2.4, 340],
  ['48/15', 230, 4.5, 36, 62, 15, 840, 0.93, false, false, 2.5, 310],
  ['48/25', 230, 8, 36, 62, 25, 1400, 0.93, true, false, 3.8, 480],
  ['48/25 for 120 V', 120, 14, 36, 62, 25, 1400, 0.91, true, false, 3.8, 480],
  ['48/60', 230, 16, 36, 62, 60, 3300, 0.94, true, true, 6.4, 890],
  ['96/30', 230, 16, 70, 124, 30, 3300, 0.94, true, true, 6.1, 980],
  ['144/22', 230, 16, 100, 185, 22, 3300, 0.94, true, true, 6.3, 1080],
  ['300/11', 230, 16, 200, 420, 11, 3300, 0.95, true, true, 6.5, 1190],
  ['300/22', 230, 32, 200, 420, 22, 6600, 0.95, true, true, 10.5, 1890],
  ['400/16', 230, 32, 260, 490, 16, 6600, 0.95, true, true, 10.9, 1990],
  ['12/20 for 120 V', 120, 3.4, 9, 16, 20, 290, 0.9, false, false, 1.7, 190],
  ['24/15 for 120 V', 120, 4.6, 18, 32, 15, 430, 0.9, true, false, 2.2, 290],
  ['36/20', 230, 5, 27, 46, 20, 850, 0.92, true, false, 2.5, 350],
  ['36/18 for 120 V', 120, 9, 27, 46, 18, 760, 0.9, true, false, 2.5, 350],
  ['96/12 for 120 V', 120, 15, 70, 124, 12, 1400, 0.92, true, false, 4.2, 620],
]

/** The chargers that ship with Remigo. */
export const SHIPPED_CHARGERS: readonly ChargerSpec[] = CHARGERS.map(
  ([
    name,
    inputVoltage,
    inputCurrent,
    leastVoltage,
    greatestVoltage,
    current,
    power,
    efficiency,
    listens,
    pilot,
    mass,
    price,
  ]) => ({
    id: `pallan-${name.replace(/[^0-9a-z]+/gi, '-').toLowerCase()}`,
    estimated: [],
    standIn: false,
    name: `Pallan ${name}`,
    inputVoltage,
    inputCurrent,
    // the cleverer of the smaller ones take either mains
    otherVoltage: listens && inputVoltage === 230 && inputCurrent <= 16 ? 120 : null,
    otherCurrent: listens && inputVoltage === 230 && inputCurrent <= 16 ? Math.min(16, 2 * inputCurrent) : null,
    leastVoltage,
    greatestVoltage,
    current,
    power,
    efficiency,
    listens,
    pilot,
    mass,
    price,
  }),
)

/** Stock sizes of cable, mm². */
const AREAS = [1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120, 150]
/** kg of a cubic metre of copper; share of the insulation in a cable's weight (common practice). */
const COPPER_DENSITY = 8890,
  INSULATION_SHARE = 0.25

/** The cables that ship with Remigo: tinned, 105 °C; invented prices that follow the copper. */
export const SHIPPED_CABLES: readonly CableSpec[] = AREAS.map(area => ({
  id: `strand-${area}`,
  estimated: [],
    standIn: false,
  name: `Strand ${area} mm², tinned`,
  area,
  insulation: 105,
  voltage: area < 10 ? 600 : 1000,
  tinned: true,
  // strands fill about two thirds of the bore; insulation 1 to 2 mm thick
  diameter: Math.round((Math.sqrt(((area / 0.65) * 4) / Math.PI) + 1.6 + 0.012 * area) * 10) / 10_000,
  massPerMetre: Math.round(((area * 1e-6 * COPPER_DENSITY) / (1 - INSULATION_SHARE)) * 1000) / 1000,
  pricePerMetre: Math.round((0.7 + 0.21 * area) * 100) / 100,
}))

const FUSES: [kind: FuseKind, ratings: readonly number[], voltage: number, interrupt: number, price: number][] = [
  [
    'fast, current-limiting',
    [30, 60, 100, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600],
    125,
    20_000,
    48,
  ],
  ['fast, current-limiting', [30, 60, 100, 125, 150, 200, 250, 300, 350, 400], 500, 30_000, 79],
  ['fast, current-limiting', [450, 500, 600, 700, 800, 1000], 500, 50_000, 165],
  ['terminal block', [30, 50, 60, 75, 100, 125, 150, 175, 200, 225, 250, 300], 58, 2000, 16],
  ['bolt-on strip', [50, 80, 100, 130, 150, 200, 250, 300, 350, 400], 32, 6000, 14],
  ['slow, bolt-on', [40, 60, 80, 100, 125, 150, 175, 200, 250, 300], 32, 2000, 9],
  ['fast, current-limiting', [2, 5, 10, 15, 20, 25], 125, 20_000, 17],
  ['fast, current-limiting', [2, 5, 10, 15, 20, 25], 500, 30_000, 24],
]

/** The fuses that ship with Remigo, each with its holder. */
export const SHIPPED_FUSES: readonly FuseSpec[] = FUSES.flatMap(([kind, ratings, voltage, interrupt, price]) =>
  ratings.map(rating => ({
    id: `quell-${kind.replace(/[^a-z]+/g, '-')}-${voltage}-${rating}`,
    estimated: [],
    standIn: false,
    name: `Quell ${rating} A, ${voltage} V, ${kind}`,
    kind,
    rating,
    voltage,
    interrupt,
    price,
  })),
)
