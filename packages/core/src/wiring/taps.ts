import type { SolarArray } from '../solar'

/** Stock ratings of the fuses of taps, A. */
const CHARGE_FUSES = [15, 20, 25, 30, 60, 75, 100, 125, 150, 200, 250, 300, 400],
  HOUSE_FUSES = [2, 5, 10, 15, 20, 25, 30, 60]
/** A fuse's rating above the greatest current (common practice). */
const MARGIN = 1.25

/**
 * Fuse of a charge source on the pack's side: the next stock size above 1.25 × its amps.
 *
 * @param current A
 * @returns A
 * @example chargeFuse(60) // 75
 */
export const chargeFuse = (current: number): number => CHARGE_FUSES.find(a => a >= MARGIN * current) ?? 500

/**
 * Size of the house converter: three times the average load, in steps of 60 W (common practice).
 *
 * @param houseLoad W
 * @returns W, at least 120
 * @example converterPower(60) // 180
 */
export const converterPower = (houseLoad: number): number => Math.max(120, Math.ceil((3 * houseLoad) / 60) * 60)

/**
 * Its fuse on the pack's side: the next stock size above 1.25 × its greatest current, on a low pack.
 *
 * @param houseLoad W
 * @param voltage nominal, V
 * @returns A
 * @example houseFuse(60, 51.2) // 10
 */
export const houseFuse = (houseLoad: number, voltage: number): number =>
  HOUSE_FUSES.find(a => a >= (MARGIN * converterPower(houseLoad)) / 0.9 / (0.85 * voltage)) ?? 100

/**
 * Amps that panels push into the pack at most: what their controller passes, or they themselves shorted.
 *
 * @param solar the panels
 * @returns A
 */
export const panelSourceCurrent = (solar: Pick<SolarArray, 'controller' | 'parallel' | 'panel'>): number =>
  solar.controller?.current ?? solar.parallel * solar.panel.shortCurrent
