/**
 * A curve of a chart, in the chart's own units. `fill` shades down to the curve before it; `points` draws marks and no
 * line, with `names` told on hover and `bars` from low to high; `stack` piles it on the one before, in the colour of
 * the token `wash`.
 */
export interface ChartCurve {
  name: string
  x: number[]
  y: (number | null)[]
  dash?: 'solid' | 'dash' | 'dot' | 'dashdot' | 'longdash'
  width?: number
  colour?: 'ink' | 'soft' | 'fits' | 'tight' | 'clash' | 'text'
  fill?: boolean
  hidden?: boolean
  tag?: string
  points?: boolean
  names?: string[]
  bars?: { low: number; high: number }[]
  stack?: boolean
  wash?: string
}

/** A straight line with a word on it. */
export interface ChartLine {
  at: number
  label: string
  dash?: 'solid' | 'dash' | 'dashdot'
}

/** Where the lever stands in the chart. */
export interface ChartMarker {
  x: number
  y: number
  tag: string
  value: string
  low?: number
  high?: number
}

/** An axis: title and fixed range; `log` wants a range above 0. */
export interface ChartAxis {
  title: string
  from: number
  to: number
  log?: boolean
}
