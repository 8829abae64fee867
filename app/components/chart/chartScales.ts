import { formatNumber } from '@remigo/core'
import type { ChartAxis, ChartCurve, ChartDrawing } from './chartTypes'

/** The room of a chart on the screen, px. */
export interface ChartRoom {
  width: number
  height: number
  left: number
  right: number
  top: number
  bottom: number
}

/** Share of the height that lies between two panels. */
const GAP = 0.06

/**
 * Where the panels of a chart stand, as shares of its height from the foot; the chart itself is the first.
 *
 * @param drawing with or without panels
 * @returns foot and head of each
 * @example panelDomains({ ...chart, panels: [{ ...axis, share: 0.2 }] }) // [[0.26, 1], [0, 0.2]]
 */
export function panelDomains({ panels = [] }: Pick<ChartDrawing, 'panels'>): [number, number][] {
  let foot = 0
  const below = [...panels].reverse().map((p): [number, number] => {
    const domain: [number, number] = [foot, foot + p.share]
    foot += p.share + GAP
    return domain
  })
  return [[foot, 1], ...below.reverse()]
}

/** Where numbers stand on the screen, px: `px` along x, `py` up the chart itself. */
export function chartScales({ x, y, panels }: ChartDrawing, room: ChartRoom, zoom?: readonly [number, number] | null) {
  const [from, to] = zoom ?? [x.from, x.to],
    inner = room.width - room.left - room.right
  const share = (v: number) =>
    y.log ? Math.log(Math.max(y.from, v) / y.from) / Math.log(y.to / y.from) : (v - y.from) / (y.to - y.from)
  const floor = panelDomains({ panels })[0]![0]
  return {
    from,
    to,
    px: (v: number) => room.left + ((v - from) / (to - from)) * inner,
    xOf: (px: number) => from + ((px - room.left) / inner) * (to - from),
    py: (v: number) => room.top + (1 - floor) * (1 - share(v)) * (room.height - room.top - room.bottom),
  }
}
export type ChartScales = ReturnType<typeof chartScales>

/** The upright axis that a curve is read against: the chart's own, or its panel's. */
export const axisOf = ({ y, panels }: ChartDrawing, { panel }: ChartCurve): ChartAxis =>
  panel === undefined ? y : panels![panel]!

/** A value of an axis in words: its own, or the number with its unit. */
export function saysOf(axis: ChartAxis, value: number): string {
  return (
    axis.says?.(value) ??
    [formatNumber(value, Math.abs(value) < 0.0995 ? 3 : 2), axis.unit].filter(Boolean).join('\u00A0')
  )
}
/** 1, 2 and 5 of each decade. */
export const logTicks = (a: ChartAxis) =>
  Array.from({ length: 12 }, (_, i) => i - 6)
    .flatMap(d => [1, 2, 5].map(n => Number((n * 10 ** d).toPrecision(1))))
    .filter(v => v >= a.from && v <= a.to)
