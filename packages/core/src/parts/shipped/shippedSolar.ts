import type { ChargeControllerSpec, PanelSpec } from '../../solar/solarSpecs'

type PanelRow = [
  watts: number,
  volts: number,
  amps: number,
  open: number,
  short: number,
  length: number,
  width: number,
  kg: number,
  price: number,
]

/** Invented, plausible panels: rigid, and one that bends. */
const PANELS: PanelRow[] = [
  [55, 18.2, 3.03, 21.8, 3.25, 0.68, 0.51, 4.2, 62],
  [110, 18.6, 5.92, 22.4, 6.3, 1.02, 0.68, 6.9, 98],
  [180, 19.9, 9.05, 24.1, 9.6, 1.48, 0.68, 10.4, 139],
  [240, 24.2, 9.92, 29.1, 10.5, 1.34, 1, 13.4, 176],
  [410, 31.2, 13.15, 37.4, 13.9, 1.72, 1.13, 21.2, 219],
]

/** The panels that ship with Remigo. */
export const SHIPPED_PANELS: readonly PanelSpec[] = [
  ...PANELS.map(([power, voltage, current, openVoltage, shortCurrent, length, width, mass, price]): PanelSpec => ({
    id: `helle-${power}`,
    estimated: [],
    standIn: false,
    name: `Helle ${power}`,
    power,
    voltage,
    current,
    openVoltage,
    shortCurrent,
    voltagePerKelvin: 0.0028,
    powerPerKelvin: 0.0036,
    length,
    width,
    mass,
    price,
  })),
  {
    id: 'helle-flex-115',
    estimated: [],
    standIn: false,
    name: 'Helle flex 115',
    power: 115,
    voltage: 19.4,
    current: 5.93,
    openVoltage: 23.2,
    shortCurrent: 6.35,
    voltagePerKelvin: 0.003,
    powerPerKelvin: 0.0042,
    length: 1.09,
    width: 0.56,
    mass: 2.1,
    price: 148,
  },
]

type ControllerRow = [
  name: string,
  tracking: boolean,
  boosts: boolean,
  leastPanel: number,
  greatestPanel: number,
  least: number,
  greatest: number,
  amps: number,
  efficiency: number,
  listens: boolean,
  kg: number,
  price: number,
]

const CONTROLLERS: ControllerRow[] = [
  ['switch 20', false, false, 10, 50, 10, 30, 20, 0.99, false, 0.3, 24],
  ['track 75/15', true, false, 15, 75, 10, 31, 15, 0.97, true, 0.6, 84],
  ['track 100/20', true, false, 15, 100, 10, 62, 20, 0.97, true, 0.7, 129],
  ['track 150/35', true, false, 18, 150, 10, 62, 35, 0.975, true, 1.3, 248],
  ['track 250/60', true, false, 20, 250, 10, 62, 60, 0.98, true, 3, 498],
  ['track 250/20 for 96 V', true, false, 120, 250, 70, 124, 20, 0.975, true, 2.6, 467],
  ['track 450/15 for 144 V', true, false, 180, 450, 100, 190, 15, 0.975, true, 3.4, 640],
  ['lift 10', true, true, 15, 50, 32, 120, 10, 0.95, false, 0.9, 139],
]

/** The charge controllers that ship with Remigo. */
export const SHIPPED_CHARGE_CONTROLLERS: readonly ChargeControllerSpec[] = CONTROLLERS.map(
  ([
    name,
    tracking,
    boosts,
    leastPanelVoltage,
    greatestPanelVoltage,
    leastVoltage,
    greatestVoltage,
    current,
    efficiency,
    listens,
    mass,
    price,
  ]) => ({
    id: `arvel-${name.replace(/[^0-9a-z]+/gi, '-').toLowerCase()}`,
    estimated: [],
    standIn: false,
    name: `Arvel ${name}`,
    tracking,
    boosts,
    leastPanelVoltage,
    greatestPanelVoltage,
    leastVoltage,
    greatestVoltage,
    current,
    efficiency,
    listens,
    mass,
    price,
  }),
)
