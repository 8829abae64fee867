import type { PanelSpec } from './solarSpecs'

/** Plate conditions. W/m², K. */
export const FULL_SUN = 1000,
  PLATE_TEMPERATURE = 298.15
/** A cell runs warmer than the air by so many K for each W/m² (45 °C at 800 W/m² in 20 °C air, common practice). */
const WARMING = 25 / 800

/**
 * Temperature of a panel's cells.
 *
 * @param air K
 * @param sun W/m² on the panel
 * @returns K
 * @example cellTemperature(293.15, 800) // 318.15
 */
export function cellTemperature(air: number, sun: number): number {
  return air + WARMING * sun
}

/**
 * Open volts of a panel at a temperature of its cells.
 *
 * @param panel its plate
 * @param temperature of the cells, K
 * @returns V
 * @example openVoltage({ openVoltage: 24, voltagePerKelvin: 0.003 }, 273.15) // 25.8
 */
export function openVoltage(
  { openVoltage: plate, voltagePerKelvin }: Pick<PanelSpec, 'openVoltage' | 'voltagePerKelvin'>,
  temperature: number,
): number {
  return plate * (1 - voltagePerKelvin * (temperature - PLATE_TEMPERATURE))
}

/**
 * Volts of the greatest power at a temperature: they move by as many volts as the open ones.
 *
 * @param panel its plate
 * @param temperature of the cells, K
 * @returns V
 */
export function bestVoltage(panel: PanelSpec, temperature: number): number {
  return panel.voltage + openVoltage(panel, temperature) - panel.openVoltage
}

/**
 * Greatest power of a panel, as its plate and temperature coefficient give it.
 *
 * @param panel its plate
 * @param sun W/m² on it
 * @param temperature of the cells, K
 * @returns W
 * @example bestPower({ power: 100, powerPerKelvin: 0.004 }, 1000, 323.15) // 90
 */
export function bestPower(
  { power, powerPerKelvin }: Pick<PanelSpec, 'power' | 'powerPerKelvin'>,
  sun: number,
  temperature: number,
): number {
  return Math.max(0, ((power * sun) / FULL_SUN) * (1 - powerPerKelvin * (temperature - PLATE_TEMPERATURE)))
}

/** Most of its open volts, and of its amps when shorted, that a panel has at its best. */
const SQUAREST = 0.995

/**
 * Amps of a panel at given volts, from the four figures of its plate.
 *
 * @param panel its plate
 * @param volts across it, ≥ 0
 * @param sun W/m² on it
 * @param temperature of the cells, K
 * @returns A, never below 0
 * @example panelCurrent({ voltage: 18.6, current: 5.92, openVoltage: 22.4, shortCurrent: 6.3, voltagePerKelvin:
 *   0.0028 }, 18.6, 1000, 298.15) // 5.92
 *
 * Source: explicit curve I = Isc (1 − c1 (e^(V/(c2 Voc)) − 1)) through (0, Isc), (Vmp, Imp) and (Voc, 0); amps go with
 * the light, volts shift with the heat.
 */
export function panelCurrent(panel: PanelSpec, volts: number, sun: number, temperature: number): number {
  const { openVoltage: plate, shortCurrent } = panel
  // a plate that contradicts itself is taken as the squarest curve that can be drawn
  const voltage = Math.min(panel.voltage, SQUAREST * plate),
    current = Math.min(panel.current, SQUAREST * shortCurrent)
  const c2 = (voltage / plate - 1) / Math.log(1 - current / shortCurrent)
  const atPlate = Math.max(0, volts - (openVoltage(panel, temperature) - plate))
  // c1 e^(V/(c2 Voc)) in one power: each by itself leaves what a number can hold where the curve is square
  const power = (at: number) => (1 - current / shortCurrent) * Math.exp((at - voltage) / (c2 * plate))
  const strength = 1 + power(0) - power(atPlate)
  return Math.max(0, (shortCurrent * sun) / FULL_SUN - shortCurrent * (1 - strength))
}
