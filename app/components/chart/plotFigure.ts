import { FIGURES_FONT, LABELS_FONT, type Tokens } from '~/composables/useTokens'
import { chartScales, logTicks, panelDomains, type ChartRoom } from './chartScales'
import type { AxisTick, ChartAxis, ChartCurve, ChartDrawing, ChartLine, ChartMark, ChartWord } from './chartTypes'
import { freeLevel, freePlace, LETTER_WIDE, placeTags, WORD_HIGH, type WordBox } from './placeTags'

const SYMBOLS: Record<ChartMark, { symbol: string; size: number }> = {
  diamond: { symbol: 'diamond-open', size: 9 },
  circle: { symbol: 'circle-open', size: 8 },
  square: { symbol: 'square', size: 10 },
  dot: { symbol: 'circle', size: 8 },
  ring: { symbol: 'circle-open', size: 17 },
}
const CLEAR = 'rgba(0,0,0,0)'
/** all is told by the chart's own box */
const SILENT = { hoverinfo: 'none', showlegend: false, connectgaps: false } as const

/** As many marks of an axis as have room beside each other: every one, or every second, third … */
function thinTicks(ticks: readonly AxisTick[], long: number): readonly AxisTick[] {
  const AIR = 10,
    wide = Math.max(...ticks.flatMap(t => t.word.split('<br>')).map(w => w.length)) * LETTER_WIDE + AIR
  const every = long > 0 ? Math.ceil((ticks.length * wide) / long) : 1
  return ticks.filter((_, i) => i % every === 0)
}

/** Plotly's traces of the curves that are shown. */
export function tracesOf({ curves }: ChartDrawing, tokens: Tokens): object[] {
  return curves.filter(c => !c.hidden).flatMap(c => [...bandOf(c, tokens), traceOf(c, tokens)])
}

function traceOf(c: ChartCurve, t: Tokens): object {
  const colour = t[c.colour ?? 'ink'],
    axis = c.panel === undefined ? {} : { yaxis: `y${c.panel + 2}` }
  const base = { ...SILENT, ...axis, name: c.name, x: c.x, y: c.y }
  const bars = c.bars && {
    error_y: {
      type: 'data',
      symmetric: false,
      array: c.bars.map((b, i) => b.high - (c.y[i] ?? 0)),
      arrayminus: c.bars.map((b, i) => (c.y[i] ?? 0) - b.low),
      color: c.barColour ? t[c.barColour] : colour,
      thickness: 1.4,
      width: c.barColour ? 0 : 5,
    },
  }
  if (c.columns)
    return {
      ...base,
      ...bars,
      type: 'bar',
      width: c.columns.width,
      offset: (c.columns.shift ?? 0) - c.columns.width / 2,
      marker: { color: c.wash ? t[c.wash] : colour, line: { color: t.ink, width: 1.25 } },
      ...(c.written && {
        text: c.written,
        textposition: 'outside',
        textangle: 0,
        cliponaxis: false,
        textfont: { family: FIGURES_FONT, size: 14, color: t.text },
      }),
    }
  if (c.points)
    return {
      ...base,
      ...bars,
      type: 'scatter',
      mode: 'markers',
      marker: { ...SYMBOLS[c.mark ?? 'diamond'], color: colour, line: { width: 1.8, color: colour } },
    }
  return {
    ...base,
    type: 'scatter',
    mode: 'lines',
    line: { color: colour, width: c.width ?? 1.5, dash: c.dash ?? 'solid', shape: c.steps ? 'hv' : 'linear' },
    ...(c.stack ? { stackgroup: 'parts', fillcolor: t[c.wash ?? 'band'] } : {}),
    ...(c.ground ? { fill: 'tozeroy', fillcolor: t[c.wash ?? 'band'] } : {}),
  }
}

/** The band of a curve, as a line along its foot and one along its head that is filled down to it. */
function bandOf({ band, x, wash }: ChartCurve, t: Tokens): object[] {
  if (!band) return []
  const edge = { ...SILENT, type: 'scatter', mode: 'lines', x, line: { color: CLEAR, width: 0 } }
  return [
    { ...edge, y: band.low },
    { ...edge, y: band.high, fill: 'tonexty', fillcolor: t[wash ?? 'band'] },
  ]
}

/** Plotly's layout: axes, straight lines, shaded fields, and words where they have room. */
export function layoutOf(drawing: ChartDrawing, t: Tokens, room: ChartRoom, zoom: readonly [number, number] | null) {
  const { x, y, panels = [], curves, across = [], upright = [], areas = [], words = [] } = drawing
  const scales = chartScales(drawing, room, zoom),
    domains = panelDomains(drawing)
  const axis = (a: ChartAxis, long = 0) => {
    const all = a.ticks ?? (a.log ? logTicks(a).map(at => ({ at, word: String(at) })) : null),
      ticks = all && thinTicks(all, long)
    return {
      title: { text: [a.title, a.unit].filter(Boolean).join(', '), font: { size: 12.5, color: t.soft } },
      type: a.log ? 'log' : 'linear',
      range: a.log ? [Math.log10(a.from), Math.log10(a.to)] : [a.from, a.to],
      ...(ticks && { tickmode: 'array', tickvals: ticks.map(k => k.at), ticktext: ticks.map(k => k.word) }),
      fixedrange: true,
      gridcolor: t.grid,
      zeroline: false,
      linecolor: t.rule,
      tickfont: { family: FIGURES_FONT, size: 14, color: t.text },
      ticks: '',
      tickangle: 0,
    }
  }
  const height = (v: number) => (y.log ? Math.log10(Math.max(y.from, v)) : v)
  const line = ({ at, dash = 'solid', colour = 'ink' }: ChartLine, vertical: boolean) => ({
    type: 'line',
    layer: 'below',
    line: { color: t[colour], width: dash === 'solid' ? 1.25 : 1, dash },
    ...(vertical ? { x0: at, x1: at, yref: 'paper', y0: 0, y1: 1 } : { y0: at, y1: at, xref: 'paper', x0: 0, x1: 1 }),
  })
  const said = (of: object) => ({ showarrow: false, font: { size: 12.5, color: t.text }, ...of })

  /** the numbers on top of columns */
  const columnWords = (c: ChartCurve): WordBox[] =>
    (c.written ?? []).map((word, i) => {
      const [left, bottom] = [scales.px(c.x[i]!), scales.py(c.y[i] ?? 0)],
        half = LETTER_WIDE * word.length
      return { left: left - half, right: left + half, top: bottom - WORD_HIGH, bottom }
    })
  const wordBox = ({ x, y, text, side }: ChartWord): WordBox => {
    const at = scales.px(x),
      bottom = scales.py(y),
      wide = LETTER_WIDE * text.length + 8
    const left = side === 'left' ? at - wide : side === 'middle' ? at - wide / 2 : at
    return { left, right: left + wide, top: bottom - WORD_HIGH, bottom }
  }
  // words find their place in turn: level lines, letters of curves, upright lines
  const shown = curves.filter(c => !c.hidden && c.panel === undefined)
  const onScreen = (c: ChartCurve) =>
    c.y.map((v, i) => (v === null || c.x[i]! > scales.to ? null : { x: scales.px(c.x[i]!), y: scales.py(v) }))
  const area = { left: room.left, right: room.width - room.right, top: scales.py(y.to), bottom: scales.py(y.from) }
  const taken: WordBox[] = [...shown.flatMap(columnWords), ...words.map(wordBox)]
  const levels = across
    .filter(l => l.at <= y.to && l.label)
    .map(l => {
      const place = freeLevel(l.label, scales.py(l.at), area, taken)
      taken.push(place.box)
      return said({
        x: place.side === 'left' ? 0.01 : 0.99,
        xref: 'paper',
        y: height(l.at),
        yanchor: place.above ? 'bottom' : 'top',
        xanchor: place.side,
        text: l.label,
      })
    })
  const tagged = shown.filter(c => c.tag)
  const places = placeTags(
    tagged.map(c => ({ tag: c.tag!, points: onScreen(c) })),
    area.top,
    taken,
  )
  const tags = tagged.flatMap((c, k) => {
    const index = places[k]
    if (index === null || index === undefined) return []
    const [left, top] = [scales.px(c.x[index]!), scales.py(c.y[index]!)]
    taken.push({ left: left - 12, right: left + 12, top: top - 12, bottom: top + 12 })
    return [
      said({
        x: c.x[index]!,
        y: height(c.y[index]!),
        text: `<b>${c.tag}</b>`,
        font: { size: 12, color: t.text },
        bgcolor: t.sheet,
        bordercolor: t.ink,
        borderwidth: 1,
        borderpad: 2,
      }),
    ]
  })
  const lines = shown.filter(c => !c.stack && !c.points).map(onScreen)
  const uprights = upright
    .filter(l => l.label && l.at >= scales.from && l.at <= scales.to)
    .map(l => {
      const { side, end, row, box } = freePlace(l.label, scales.px(l.at), lines, area, taken)
      taken.push(box)
      return said({
        x: l.at,
        ...(side === 'left' ? { xanchor: 'right' } : { xanchor: 'left', xshift: 3 }),
        ...(end === 'foot'
          ? { y: domains[0]![0] + 0.01, yanchor: 'bottom', yshift: row * WORD_HIGH }
          : { y: 0.99, yanchor: 'top', yshift: -row * WORD_HIGH }),
        yref: 'paper',
        text: l.label,
      })
    })
  return {
    width: room.width,
    height: room.height,
    margin: { t: room.top, b: room.bottom, l: room.left, r: room.right },
    paper_bgcolor: CLEAR,
    plot_bgcolor: t.sheet,
    font: { family: LABELS_FONT, size: 12.5, color: t.soft },
    xaxis: {
      ...axis(x, room.width - room.left - room.right),
      range: [scales.from, scales.to],
      fixedrange: false,
      ...(panels.length > 0 && { anchor: `y${panels.length + 1}` }),
    },
    yaxis: { ...axis(y), domain: domains[0] },
    ...Object.fromEntries(panels.map((p, i) => [`yaxis${i + 2}`, { ...axis(p), domain: domains[i + 1] }])),
    hovermode: 'x',
    hoverdistance: -1,
    barmode: 'overlay',
    showlegend: false,
    shapes: [
      ...areas.map(a => ({
        type: 'rect',
        layer: 'below',
        line: { width: 0 },
        fillcolor: t[a.wash],
        ...(a.x0 === undefined && a.x1 === undefined
          ? { xref: 'paper', x0: 0, x1: 1 }
          : { x0: a.x0 ?? x.from, x1: a.x1 ?? x.to }),
        ...(a.y0 === undefined && a.y1 === undefined
          ? { yref: 'paper', y0: domains[0]![0], y1: 1 }
          : { y0: a.y0 ?? y.from, y1: a.y1 ?? y.to }),
      })),
      ...across.map(l => line(l, false)),
      ...upright.map(l => line(l, true)),
    ],
    annotations: [
      ...levels,
      ...uprights,
      ...tags,
      ...words.map(w =>
        said({
          x: w.x,
          y: height(w.y),
          text: w.strong ? `<b>${w.text}</b>` : w.text,
          xanchor: w.side === 'left' ? 'right' : w.side === 'middle' ? 'center' : 'left',
          yanchor: 'bottom',
          xshift: w.side === 'left' ? -6 : w.side === 'middle' ? 0 : 6,
        }),
      ),
    ],
  }
}
