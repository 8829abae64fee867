<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useElementSize } from '@vueuse/core'
import type * as Plotly from 'plotly.js'
import { LEVER_INSET } from '~/components/lever/leverInset'
import { useCompact } from '~/composables/useCompact'
import { FIGURES_FONT, LABELS_FONT, useTokens } from '~/composables/useTokens'
import ChartTable from './ChartTable.vue'
import LeverEcho from './LeverEcho.vue'
import { freeLevel, freePlace, placeTags, WORD_HIGH, type WordBox } from './placeTags'
import type { ChartAxis, ChartCurve, ChartLine, ChartMarker } from './chartTypes'

/**
 * The one wrapper over Plotly: theme, type, fixed ranges, and a table for screen readers.
 * The lever's line, point and tag lie on top as a layer of their own: moving the lever does not draw the chart again.
 */
const props = defineProps<{
  label: string
  x: ChartAxis
  y: ChartAxis
  curves: ChartCurve[]
  across?: ChartLine[]
  upright?: ChartLine[]
  marker?: () => ChartMarker
  height?: number
  overLever?: boolean
}>()
const emit = defineEmits<{ pick: [x: number] }>()
const compact = useCompact()
/** on small screens the axis stands right above the lever's, so that the line runs from the handle into the curve */
const side = computed(() =>
  compact.value && props.overLever
    ? { l: LEVER_INSET - 16, r: LEVER_INSET - 16 }
    : { l: props.y.to >= 1000 ? 54 : 42, r: 14 },
)
const MARGIN = { t: 12, b: 46 }
const root = ref<HTMLElement>()
const plot = ref<HTMLElement>()
const { width } = useElementSize(root)
const tokens = useTokens()
const drawn = ref(false)
let plotly: typeof Plotly | null = null

/** px up to which a chart keeps its height; on wider screens it grows with its width */
const ORDINARY_WIDTH = 1100
const height = computed(() =>
  Math.min((props.height ?? 400) * Math.max(1, width.value / ORDINARY_WIDTH), compact.value ? 300 : 1000),
)
const px = (v: number) =>
  side.value.l + ((v - props.x.from) / (props.x.to - props.x.from)) * (width.value - side.value.l - side.value.r)
const share = (v: number) =>
  props.y.log
    ? Math.log(Math.max(props.y.from, v) / props.y.from) / Math.log(props.y.to / props.y.from)
    : (v - props.y.from) / (props.y.to - props.y.from)
const py = (v: number) => MARGIN.t + (1 - share(v)) * (height.value - MARGIN.t - MARGIN.b)

const traces = computed(() => {
  const t = tokens.value
  return props.curves
    .filter(c => !c.hidden)
    .map(c => ({
      type: 'scatter',
      mode: c.points ? 'markers' : 'lines',
      name: c.name,
      x: c.x,
      y: c.y,
      connectgaps: false,
      showlegend: false,
      hovertemplate: `${c.name}: %{y:.3~g}<extra></extra>`,
      ...(c.points
        ? {
            marker: {
              color: t[c.colour ?? 'ink'],
              size: 8,
              symbol: 'diamond-open',
              line: { width: 1.8, color: t[c.colour ?? 'ink'] },
            },
            text: c.names,
            hovertemplate: c.names ? '%{text}<extra></extra>' : undefined,
          }
        : {}),
      ...(c.bars
        ? {
            error_y: {
              type: 'data',
              symmetric: false,
              array: c.bars.map((b, i) => b.high - (c.y[i] ?? 0)),
              arrayminus: c.bars.map((b, i) => (c.y[i] ?? 0) - b.low),
              color: t[c.colour ?? 'ink'],
              thickness: 1.4,
              width: 5,
            },
          }
        : {}),
      ...(c.stack ? { stackgroup: 'parts', fillcolor: t[(c.wash ?? 'band') as keyof typeof t] } : {}),
      line: {
        color: c.fill !== undefined ? 'rgba(0,0,0,0)' : t[c.colour ?? 'ink'],
        width: c.width ?? 1.5,
        dash: c.dash ?? 'solid',
      },
      ...(c.fill ? { fill: 'tonexty', fillcolor: t.band } : {}),
      ...(c.fill !== undefined ? { hoverinfo: 'skip', hovertemplate: undefined } : {}),
    }))
})
/** 1, 2 and 5 of each decade */
const logTicks = (a: ChartAxis) =>
  Array.from({ length: 12 }, (_, i) => i - 6)
    .flatMap(d => [1, 2, 5].map(n => Number((n * 10 ** d).toPrecision(1))))
    .filter(v => v >= a.from && v <= a.to)
const layout = computed(() => {
  const t = tokens.value
  const line = (at: number, vertical: boolean, dash = 'solid') => ({
    type: 'line',
    layer: 'below',
    line: { color: t.ink, width: dash === 'solid' ? 1.25 : 1, dash },
    ...(vertical ? { x0: at, x1: at, yref: 'paper', y0: 0, y1: 1 } : { y0: at, y1: at, xref: 'paper', x0: 0, x1: 1 }),
  })
  const axis = (a: ChartAxis) => ({
    title: { text: a.title, font: { size: 12.5, color: t.soft } },
    type: a.log ? 'log' : 'linear',
    range: a.log ? [Math.log10(a.from), Math.log10(a.to)] : [a.from, a.to],
    ...(a.log ? { tickmode: 'array', tickvals: logTicks(a), ticktext: logTicks(a).map(String) } : {}),
    fixedrange: true,
    gridcolor: t.grid,
    zeroline: false,
    linecolor: t.rule,
    tickfont: { family: FIGURES_FONT, size: 14, color: t.text },
    ticks: '',
  })
  const tagged = props.curves.filter(c => c.tag && !c.hidden)
  const onScreen = (c: ChartCurve) =>
    c.y.map((v, i) => (v === null || c.x[i]! > props.x.to ? null : { x: px(c.x[i]!), y: py(v) }))
  const area = { left: px(props.x.from), right: px(props.x.to), top: py(props.y.to), bottom: py(props.y.from) }
  // words find their place in turn: level lines, letters of curves, upright lines
  const taken: WordBox[] = []
  const across = (props.across ?? [])
    .filter(l => l.at <= props.y.to)
    .map(l => {
      const place = freeLevel(l.label, py(l.at), area, taken)
      taken.push(place.box)
      return { ...l, ...place }
    })
  const places = placeTags(
    tagged.map(c => ({ tag: c.tag!, points: onScreen(c) })),
    area.top,
    taken,
  )
  const lines = props.curves.filter(c => !c.hidden && c.fill === undefined && !c.stack).map(onScreen)
  const tags = tagged.flatMap((c, k) => {
    const index = places[k]
    if (index === null || index === undefined) return []
    const [x, y] = [px(c.x[index]!), py(c.y[index]!)]
    taken.push({ left: x - 12, right: x + 12, top: y - 12, bottom: y + 12 })
    return [
      {
        x: c.x[index]!,
        y: props.y.log ? Math.log10(Math.max(props.y.from, c.y[index]!)) : c.y[index]!,
        text: `<b>${c.tag}</b>`,
        showarrow: false,
        font: { size: 12, color: t.text },
        bgcolor: t.sheet,
        bordercolor: t.ink,
        borderwidth: 1,
        borderpad: 2,
      },
    ]
  })
  return {
    height: height.value,
    width: width.value,
    margin: { ...MARGIN, ...side.value },
    paper_bgcolor: 'rgba(0,0,0,0)',
    plot_bgcolor: t.sheet,
    font: { family: LABELS_FONT, size: 12.5, color: t.soft },
    xaxis: axis(props.x),
    yaxis: axis(props.y),
    hovermode: 'x',
    dragmode: false,
    showlegend: false,
    shapes: [
      ...(props.across ?? []).map(l => line(l.at, false, l.dash)),
      ...(props.upright ?? []).map(l => line(l.at, true, l.dash)),
    ],
    annotations: [
      ...across.map(l => ({
        x: l.side === 'left' ? 0.01 : 0.99,
        xref: 'paper',
        y: props.y.log ? Math.log10(l.at) : l.at,
        yanchor: l.above ? 'bottom' : 'top',
        xanchor: l.side,
        text: l.label,
        showarrow: false,
        font: { size: 12.5, color: t.text },
      })),
      ...(props.upright ?? [])
        .filter(l => l.at <= props.x.to)
        .map(l => {
          const { side, end, row, box } = freePlace(l.label, px(l.at), lines, area, taken)
          taken.push(box)
          return {
            x: l.at,
            ...(side === 'left' ? { xanchor: 'right' } : { xanchor: 'left', xshift: 3 }),
            ...(end === 'foot'
              ? { y: 0.01, yanchor: 'bottom', yshift: row * WORD_HIGH }
              : { y: 0.99, yanchor: 'top', yshift: -row * WORD_HIGH }),
            yref: 'paper',
            text: l.label,
            showarrow: false,
            font: { size: 12.5, color: t.text },
          }
        }),
      ...tags,
    ],
  }
})

async function draw() {
  if (!plotly || !plot.value || width.value < 40) return
  await plotly.react(plot.value, traces.value as Plotly.Data[], layout.value as unknown as Partial<Plotly.Layout>, {
    displayModeBar: false,
    responsive: false,
    staticPlot: false,
  })
  drawn.value = true
}
onMounted(async () => {
  plotly = (await import('plotly.js-cartesian-dist-min')).default as typeof Plotly
  await draw()
})
watch([traces, layout, width], draw)
onBeforeUnmount(() => {
  if (plotly && plot.value) plotly.purge(plot.value)
})

/** Saves the chart as a picture; the size is what stands on the screen, twice as fine. */
async function save(format: 'png' | 'svg', filename: string) {
  if (plotly && plot.value)
    await plotly.downloadImage(plot.value, {
      format,
      filename,
      width: width.value,
      height: height.value,
      ...(format === 'png' ? { scale: 2 } : {}),
    } as Plotly.DownloadImgopts)
}
defineExpose({ save })

function pick(event: PointerEvent) {
  const { left } = root.value!.getBoundingClientRect()
  const share = (event.clientX - left - side.value.l) / (width.value - side.value.l - side.value.r)
  if (share >= 0 && share <= 1) emit('pick', props.x.from + share * (props.x.to - props.x.from))
}
/** every sixth point is enough for a reader */
const table = computed(() => props.curves.filter(c => c.fill === undefined && !c.hidden && !c.points))
const tableRows = computed(() =>
  (table.value[0]?.x ?? []).flatMap((x, i) =>
    i % 6 === 0 ? [[x.toFixed(1), ...table.value.map(c => c.y[i]?.toFixed(2) ?? '')]] : [],
  ),
)
</script>

<template>
  <figure
    ref="root"
    class="chart"
    :style="{ height: `${height}px` }"
    :data-drawn="drawn"
    :aria-label="label"
    @pointerdown="pick"
  >
    <div ref="plot" class="plot" aria-hidden="true" />
    <LeverEcho
      v-if="marker && width > 40"
      :at="marker"
      :px="px"
      :py="py"
      :width="width"
      :height="height"
      :top="MARGIN.t"
      :bottom="height - MARGIN.b"
      :most="{ x: x.to, y: y.to }"
    />
    <ChartTable :label="label" :head="[x.title, ...table.map(c => c.name)]" :rows="tableRows" />
  </figure>
</template>

<style scoped>
.chart {
  position: relative;
  contain: layout paint;
  margin: 0;
  min-width: 0;
  touch-action: pan-y;
  overflow: hidden;
}
.plot {
  contain: strict;
  height: 100%;
  /* drawn once: the echo of the lever moves over it */
  will-change: transform;
}
</style>
