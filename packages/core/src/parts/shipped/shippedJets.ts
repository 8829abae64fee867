import type { JetSpec } from '../../propulsor'

type Row = [
  impellerMm: number,
  nozzleMm: number,
  kW: number,
  rpm: number,
  efficiency: number,
  kg: number,
  price: number,
]

/**
 * Invented, plausible waterjets. Pump speeds keep the suction speed at the quay near 5 at full power, as small jets do;
 * the three of high power for their size foam there and are made for speed.
 */
const ROWS: Row[] = [
  [120, 75, 10, 5200, 0.8, 14, 1350],
  [150, 95, 20, 4200, 0.82, 22, 1900],
  [135, 84, 60, 7200, 0.81, 19, 2700],
  [160, 98, 120, 6700, 0.82, 29, 4200],
  [180, 115, 35, 3400, 0.84, 33, 2700],
  [185, 115, 90, 4800, 0.83, 38, 4600],
  [210, 135, 60, 2800, 0.85, 48, 3900],
  [250, 160, 90, 2350, 0.86, 74, 5600],
  [310, 200, 150, 1850, 0.87, 120, 8900],
]

/** The waterjets that ship with Remigo. */
export const SHIPPED_JETS: readonly JetSpec[] = ROWS.map(
  ([impellerMm, nozzleMm, kW, ratedRpm, pumpEfficiency, mass, price]) => ({
    id: `sluice-${impellerMm}`,
    estimated: [],
    standIn: false,
    name: `Sluice ${impellerMm}`,
    impellerDiameter: impellerMm / 1000,
    nozzleDiameter: nozzleMm / 1000,
    ratedPower: kW * 1000,
    ratedRpm,
    pumpEfficiency,
    mass,
    price,
  }),
)
