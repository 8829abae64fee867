import { CHEMISTRIES, type CellSpec } from '../battery'
import { PACK_ABOVE_MOTOR, usualVoltage } from '../project/parts/systemVoltage'
import { TOUCH_LIMIT } from '../wiring'

/** How blocks that an owner has may stand together. */
export interface PackLayout {
  series: number
  parallel: number
}

/** V between which what is held works, and those that suit it best. */
export interface HeldVolts {
  least: number
  greatest: number
  rated: number
}

/** Layouts tried at most; each is a design of its own. */
const TRIED = 4
/** Layouts that leave no more than this share of the blocks idle are as good as each other. */
const IDLE = 0.04

/**
 * Ways to put the blocks together, those that use most of them and suit the volts best first.
 *
 * @param cell the block
 * @param count of them, 1 or more
 * @param window of what is held already; null where nothing is: then system volts that are in use
 * @returns up to four; never none
 * @example packLayouts(SHIPPED_CELLS[0], 14, null)[0].series // 14
 */
export function packLayouts(cell: CellSpec, count: number, window: HeldVolts | null): PackLayout[] {
  const { nominalVoltage, sensibleVoltage } = CHEMISTRIES[cell.chemistry],
    block = nominalVoltage * cell.cellsInSeries,
    full = sensibleVoltage[1] * cell.cellsInSeries
  const fits = (series: number, from: number, to: number) => series * block >= from && series * full <= to
  const strings = Array.from({ length: count }, (_, i) => i + 1)
  const able = window
    ? strings.filter(series => fits(series, window.least, window.greatest))
    : strings.filter(s => usualVoltage(s * block) !== undefined)
  // what suits nothing is shown as near as it comes
  const series = able.length > 0 ? able : [count]
  const idle = (s: number) => Math.ceil((count % s) / count / IDLE)
  const sorted = (some: number[], off: (s: number) => number) =>
    some.sort((a, b) => idle(a) - idle(b) || off(a) - off(b))
  const taken = window
    ? sorted(series, s => Math.abs(Math.log((s * block) / (PACK_ABOVE_MOTOR * window.rated)))).slice(0, TRIED)
    : // as many volts as may be touched, and the least above
      [
        ...sorted(
          series.filter(s => s * full <= TOUCH_LIMIT),
          s => -s,
        ).slice(0, TRIED / 2),
        ...sorted(
          series.filter(s => s * full > TOUCH_LIMIT),
          s => s,
        ).slice(0, TRIED / 2),
      ]
  return taken.map(s => ({ series: s, parallel: Math.min(100, Math.floor(count / s)) }))
}
