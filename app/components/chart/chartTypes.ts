import type { Tokens } from '~/composables/useTokens'

/** Marks of points: runs of a trial, trips, readings, where she is now. */
export type ChartMark = 'diamond' | 'circle' | 'square' | 'dot' | 'ring'

/** A curve of a chart, in the chart's own units. */
export interface ChartCurve {
  name: string
  x: number[]
  y: (number | null)[]
  dash?: 'solid' | 'dash' | 'dot' | 'dashdot' | 'longdash'
  width?: number
  colour?: 'ink' | 'soft' | 'fits' | 'tight' | 'clash' | 'text' | 'rule'
  /** the ends of its band, shaded around it and told with it */
  band?: { low: number[]; high: number[] }
  hidden?: boolean
  /** a letter at its end */
  tag?: string
  /** marks and no line, with `names` told on hover and `bars` from low to high */
  points?: boolean
  mark?: ChartMark
  names?: string[]
  bars?: { low: number; high: number }[]
  /** colour of the bars, where it is not that of the marks: then they end without a stroke */
  barColour?: keyof Tokens
  /** piled on the one before, in the colour of the token `wash` */
  stack?: boolean
  wash?: keyof Tokens
  /** shaded down to nought */
  ground?: boolean
  /** goes from value to value by steps */
  steps?: boolean
  /** columns so wide, in units of x, and beside their place by `shift` */
  columns?: { width: number; shift?: number }
  /** what stands on top of each column */
  written?: string[]
  /** which panel below the chart it stands in; without it the chart itself */
  panel?: number
  /** a helper of another: neither told nor in the table */
  quiet?: boolean
}

/** A straight line with a word on it. */
export interface ChartLine {
  at: number
  label: string
  dash?: 'solid' | 'dash' | 'dashdot'
  colour?: ChartCurve['colour']
}

/** A field of the chart that is shaded; an end that is left out is the chart's own. */
export interface ChartArea {
  x0?: number
  x1?: number
  y0?: number
  y1?: number
  wash: keyof Tokens
}

/** A word at a place of the chart. */
export interface ChartWord {
  x: number
  y: number
  text: string
  side?: 'left' | 'right' | 'middle'
  strong?: boolean
}

/** Where the lever stands in the chart; without `y` its line alone. */
export interface ChartMarker {
  x: number
  y?: number
  tag: string
  value?: string
  low?: number
  high?: number
}

/** A mark on an axis: where, in the axis's own numbers, and its word. */
export interface AxisTick {
  at: number
  word: string
}

/** An axis: what it is, its unit, its range; `log` wants a range above 0. */
export interface ChartAxis {
  title: string
  unit?: string
  from: number
  to: number
  log?: boolean
  /** its marks, where they are not the round numbers of the unit */
  ticks?: readonly AxisTick[]
  /** a value of it in words; without it the number and the unit */
  says?: (value: number) => string
}

/** A panel below the chart, which shares its x: its own axis, and how much of the whole height it takes, 0 to 1. */
export interface ChartPanel extends ChartAxis {
  share: number
}

/** What a chart shows. */
export interface ChartDrawing {
  x: ChartAxis
  y: ChartAxis
  curves: readonly ChartCurve[]
  across?: readonly ChartLine[]
  upright?: readonly ChartLine[]
  areas?: readonly ChartArea[]
  words?: readonly ChartWord[]
  panels?: readonly ChartPanel[]
}
