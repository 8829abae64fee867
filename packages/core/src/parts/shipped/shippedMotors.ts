import type { MotorSpec } from '../../drive'

type Row = [
  kW: number,
  rpm: number,
  volts: number,
  efficiency: number,
  kv: number,
  noLoadA: number,
  peakKw: number,
  peakS: number,
  maxRpm: number,
  minV: number,
  maxV: number,
  cooling: MotorSpec['cooling'],
  kg: number,
  price: number,
]

/** Invented, plausible motors; each nameplate agrees with itself (see the tests). */
const ROWS: Row[] = [
  [0.5, 1500, 24, 0.82, 77, 1.2, 0.9, 120, 2200, 18, 32, 'air', 4.2, 310],
  [1, 1500, 24, 0.85, 74, 2, 1.8, 120, 2200, 18, 32, 'air', 6.5, 430],
  [2, 1500, 48, 0.87, 35, 1.8, 3.6, 120, 2200, 36, 64, 'air', 9.8, 640],
  [3, 900, 48, 0.875, 21.5, 2.2, 5, 180, 1300, 36, 64, 'air', 21, 1180],
  [3, 1500, 48, 0.88, 35, 2.4, 5.4, 120, 2300, 36, 64, 'air', 13.5, 790],
  [4.5, 1500, 48, 0.89, 34.6, 3.1, 8, 120, 2300, 36, 64, 'air', 17.5, 980],
  [6, 1000, 48, 0.89, 23.4, 3.4, 9.5, 180, 1400, 36, 64, 'air', 34, 1760],
  [6, 1500, 48, 0.9, 34.4, 4, 10.5, 120, 2400, 36, 64, 'air', 21, 1240],
  [8, 2200, 48, 0.905, 50, 6, 14, 90, 3200, 36, 64, 'air', 19.5, 1390],
  [10, 2000, 48, 0.91, 45.6, 6.4, 17, 120, 3000, 36, 64, 'closed loop', 26, 1880],
  [10, 1800, 96, 0.915, 20.5, 3, 17, 120, 2800, 70, 124, 'closed loop', 25, 1790],
  [15, 1800, 96, 0.92, 20.4, 4.2, 25, 120, 2800, 70, 124, 'closed loop', 36, 2450],
  [20, 2400, 96, 0.925, 27, 6, 34, 90, 3600, 70, 124, 'closed loop', 38, 2980],
  [30, 2600, 144, 0.93, 19.5, 5, 50, 90, 4000, 105, 180, 'closed loop', 47, 4100],
  [50, 3000, 300, 0.94, 10.8, 3.4, 85, 60, 5000, 220, 400, 'raw water', 58, 6300],
  [80, 3200, 350, 0.945, 9.9, 4.2, 130, 60, 5500, 250, 430, 'raw water', 74, 8900],
  [120, 3600, 400, 0.95, 9.7, 5, 190, 45, 6000, 280, 470, 'raw water', 92, 12400],
]

/** The motors that ship with Remigo, 0.5 to 120 kW. */
export const SHIPPED_MOTORS: readonly MotorSpec[] = ROWS.map(
  ([kW, rpm, volts, efficiency, kv, noLoadA, peakKw, peakS, maxRpm, minV, maxV, cooling, kg, price]) => ({
    id: `brindle-${kW}-${volts}-${rpm}`,
    name: `Brindle ${kW} kW, ${volts} V, ${rpm} rpm`,
    ratedPower: kW * 1000,
    ratedRpm: rpm,
    ratedVoltage: volts,
    ratedEfficiency: efficiency,
    kvRpmPerVolt: kv,
    noLoadCurrent: noLoadA,
    peakPower: peakKw * 1000,
    peakSeconds: peakS,
    greatestRpm: maxRpm,
    leastVoltage: minV,
    greatestVoltage: maxV,
    cooling,
    insulation: kW < 2 ? 'B' : kW < 30 ? 'F' : 'H',
    // the small brushed ones are timed for one direction
    weakerDirection: kW <= 1 ? 'anticlockwise' : 'none',
    mass: kg,
    price,
  }),
)
