import { FREEZING } from '../../constants'
import type { ControllerSpec } from '../../drive'

type Row = [
  name: string,
  minV: number,
  maxV: number,
  batteryA: number,
  batteryPeakA: number,
  phaseA: number,
  phasePeakA: number,
  efficiency: number,
  idleW: number,
  kg: number,
  price: number,
]

/** Invented, plausible controllers. */
const ROWS: Row[] = [
  ['12/60', 9, 16, 60, 110, 120, 220, 0.95, 3, 1.1, 150],
  ['24/60', 18, 32, 60, 110, 120, 220, 0.955, 5, 1.4, 190],
  ['48/100', 36, 58, 100, 180, 180, 330, 0.965, 7, 2.1, 340],
  ['48/180', 36, 62, 180, 300, 280, 480, 0.968, 9, 2.9, 520],
  ['48/300', 36, 62, 300, 450, 420, 700, 0.97, 12, 4.2, 790],
  ['96/120', 62, 118, 120, 220, 240, 420, 0.972, 10, 3.1, 690],
  ['96/260', 62, 122, 260, 420, 450, 760, 0.975, 14, 4.9, 1080],
  ['96/420', 62, 122, 420, 620, 700, 1100, 0.977, 18, 7.2, 1690],
  ['144/260', 95, 180, 260, 400, 450, 720, 0.977, 18, 6.4, 1650],
  ['144/420', 95, 180, 420, 620, 700, 1050, 0.978, 24, 9.5, 2450],
  ['350/240', 200, 430, 240, 330, 420, 620, 0.98, 28, 9.2, 2900],
  ['350/500', 200, 450, 500, 720, 900, 1400, 0.983, 40, 16, 5900],
  ['350/800', 200, 450, 800, 1100, 1500, 2300, 0.984, 60, 26, 8900],
  ['400/360', 260, 470, 360, 520, 600, 900, 0.982, 36, 12, 4200],
]

/** The controllers that ship with Remigo. */
export const SHIPPED_CONTROLLERS: readonly ControllerSpec[] = ROWS.map(
  ([name, minV, maxV, batteryA, batteryPeakA, phaseA, phasePeakA, efficiency, idleW, kg, price]) => ({
    id: `corvel-${name.replace('/', '-')}`,
    estimated: [],
    standIn: false,
    name: `Corvel ${name}`,
    leastVoltage: minV,
    greatestVoltage: maxV,
    batteryCurrent: batteryA,
    batteryCurrentPeak: batteryPeakA,
    phaseCurrent: phaseA,
    phaseCurrentPeak: phasePeakA,
    efficiency,
    idlePower: idleW,
    rollbackFrom: FREEZING + 80,
    rollbackTo: FREEZING + 95,
    regenCurrent: Math.round(0.6 * batteryA),
    mass: kg,
    price,
  }),
)
