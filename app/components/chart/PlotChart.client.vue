<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useElementSize, useEventListener, useMediaQuery, watchThrottled } from '@vueuse/core'
import { csvFormatRows } from 'd3-dsv'
import type * as Plotly from 'plotly.js'
import { chartWords as words } from '~/messages/charts'
import { LEVER_INSET } from '~/components/lever/leverInset'
import { useCompact } from '~/composables/useCompact'
import { useTokens } from '~/composables/useTokens'
import { download, fileOf } from '~/files/download'
import { useDocumentStore } from '~/stores/document'
import { axisOf, chartScales, saysOf, type ChartRoom } from './chartScales'
import ChartTable from './ChartTable.vue'
import ChartTold from './ChartTold.vue'
import LeverEcho from './LeverEcho.vue'
import { layoutOf, tracesOf } from './plotFigure'
import type { ChartDrawing, ChartMarker } from './chartTypes'

/**
 * The one wrapper over Plotly: theme, type, words where they have room, what stands at the hand's place, a zoom along x
 * by dragging (twice touched, the whole again), PNG, SVG and CSV, a table for screen readers, a veil while it comes.
 * The lever's line, point and tag lie on top as a layer of their own: moving the lever does not draw the chart again.
 * What a bench lays over its chart by itself stands in the slot, which has the chart's scales.
 */
const props = defineProps<
  ChartDrawing & {
    label: string
    marker?: () => ChartMarker
    height?: number
    /** it stands right above the lever on small screens */
    overLever?: boolean
    /** px that the slot wants above the chart */
    headroom?: number
    /** px right of it, for words beside its end */
    beside?: number
  }
>()
const emit = defineEmits<{ pick: [x: number] }>()
const document = useDocumentStore()
const compact = useCompact()
const touched = useMediaQuery('(pointer: coarse)')
const root = ref<HTMLElement>()
const plot = ref<Plotly.PlotlyHTMLElement>()
const { width } = useElementSize(root)
const tokens = useTokens()
const drawn = ref(false)
const zoom = shallowRef<[number, number] | null>(null)
const hand = ref<number | null>(null)
/** a finger that has been on the chart wants what it offers */
const looked = ref(false)
let plotly: typeof Plotly | null = null

/** px up to which a chart keeps its height; on wider screens it grows with its width */
const ORDINARY_WIDTH = 1100
/** px that the words of an axis of thousands, and of any other, want beside it */
const THOUSANDS = 54,
  NUMBERS = 42
const room = computed<ChartRoom>(() => {
  // on small screens the axis stands right above the lever's, so that the line runs from the handle into the curve
  const lever = compact.value && props.overLever
  return {
    width: width.value,
    height: Math.min(
      (props.height ?? 400) * Math.max(1, width.value / ORDINARY_WIDTH),
      // beside the lever of a small screen there is little height
      compact.value && props.overLever ? 300 : 1000,
    ),
    left: lever ? LEVER_INSET - 16 : props.y.to >= 1000 ? THOUSANDS : NUMBERS,
    right: lever ? LEVER_INSET - 16 : (props.beside ?? 14),
    top: 12 + (props.headroom ?? 0),
    bottom: (props.x.title ? 46 : 28) + (props.x.ticks?.some(t => t.word.includes('<br>')) ? 18 : 0),
  }
})
const scales = computed(() => chartScales(props, room.value, zoom.value))
const traces = computed(() => tracesOf(props, tokens.value))
const layout = computed(() => ({
  ...layoutOf(props, tokens.value, room.value, zoom.value),
  dragmode: touched.value ? false : 'zoom',
}))

async function draw() {
  if (!plotly || !plot.value || width.value < 40) return
  await plotly.react(plot.value, traces.value as Plotly.Data[], layout.value as unknown as Partial<Plotly.Layout>, {
    displayModeBar: false,
    responsive: false,
    doubleClick: false,
  })
  if (drawn.value) return
  drawn.value = true
  plot.value.on('plotly_hover', ({ xvals }) => (hand.value = Number(xvals?.[0])))
  plot.value.on('plotly_unhover', () => (hand.value = null))
  plot.value.on('plotly_doubleclick', () => (zoom.value = null))
  plot.value.on('plotly_relayout', change => {
    const [from, to] = [change['xaxis.range[0]'], change['xaxis.range[1]']]
    if (typeof from === 'number' && typeof to === 'number') zoom.value = [from, to]
  })
}
onMounted(async () => {
  plotly = (await import('plotly.js-basic-dist-min')).default as typeof Plotly
  await draw()
})
/** what is measured live comes many times a second: the chart follows as often as one can see, and rests last */
const SEEN = 160
watchThrottled([traces, layout, width], draw, { throttle: SEEN, trailing: true, leading: true })
watch(
  () => [props.x.from, props.x.to],
  () => (zoom.value = null),
)
onBeforeUnmount(() => {
  if (plotly && plot.value) plotly.purge(plot.value)
})

/** Saves the chart as a picture; the size is what stands on the screen, twice as fine. */
async function save(format: 'png' | 'svg', filename: string) {
  if (plotly && plot.value)
    await plotly.downloadImage(plot.value, {
      format,
      filename,
      width: room.value.width,
      height: room.value.height,
      ...(format === 'png' ? { scale: 2 } : {}),
    } as Plotly.DownloadImgopts)
}
const filename = computed(() => fileOf(document.shown, props.label.toLowerCase().replace(/\W+/g, '-').slice(0, 40)))
/** every curve with its own x: the numbers as they are drawn */
function saveTable() {
  const rows = curvesTold.value.flatMap(c =>
    c.x.map((x, i) => [c.name, axisOf(props, c).unit ?? '', String(x), String(c.y[i] ?? '')]),
  )
  const head = [words.curve, words.unit, [props.x.title, props.x.unit].filter(Boolean).join(', '), words.value]
  download(`${filename.value}.csv`, csvFormatRows([head, ...rows]), 'text/csv')
}

/** A press that is no drag sets the speed. */
const PRESS = 5
let pressed: { x: number; y: number } | null = null
function press({ clientX: x, clientY: y }: PointerEvent) {
  looked.value = true
  pressed = { x, y }
}
useEventListener('pointerup', event => {
  const at = pressed
  pressed = null
  if (!at || !root.value || Math.hypot(event.clientX - at.x, event.clientY - at.y) > PRESS) return
  const x = scales.value.xOf(event.clientX - root.value.getBoundingClientRect().left)
  if (x >= scales.value.from && x <= scales.value.to) emit('pick', x)
})

const curvesTold = computed(() => props.curves.filter(c => !c.hidden && !c.quiet))
const READ = 24
/** some two dozen places are enough for a reader */
const table = computed(() => {
  const lines = curvesTold.value.filter(c => !c.points && c.panel === undefined),
    along = lines[0]?.x ?? []
  const every = Math.max(1, Math.ceil(along.length / READ))
  return {
    head: [props.x.title, ...lines.map(c => c.name)],
    rows: along.flatMap((x, i) =>
      i % every === 0
        ? [[saysOf(props.x, x), ...lines.map(c => (typeof c.y[i] === 'number' ? saysOf(props.y, c.y[i]) : ''))]]
        : [],
    ),
  }
})
</script>

<template>
  <figure
    ref="root"
    class="chart"
    :style="{ height: `${room.height}px` }"
    :data-drawn="drawn"
    :aria-label="label"
    @pointerdown="press"
    @pointerleave="hand = null"
  >
    <div ref="plot" class="plot" aria-hidden="true" />
    <div v-if="!drawn" class="veil" />
    <ChartTold v-if="hand !== null" :drawing="props" :scales="scales" :room="room" :at="hand" />
    <slot v-if="width > 40" :scales="scales" :room="room" />
    <LeverEcho v-if="marker && width > 40" :at="marker" :scales="scales" :room="room" :most="{ x: x.to, y: y.to }" />
    <VMenu>
      <template #activator="{ props: menu }">
        <VBtn
          v-bind="menu"
          icon="$save"
          variant="plain"
          class="keep no-print"
          :class="{ looked }"
          :aria-label="words.keep(label)"
        />
      </template>
      <VList>
        <VListItem :title="words.png" @click="save('png', filename)" />
        <VListItem :title="words.svg" @click="save('svg', filename)" />
        <VListItem :title="words.csv" @click="saveTable" />
      </VList>
    </VMenu>
    <ChartTable :label="label" :head="table.head" :rows="table.rows" />
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
.veil {
  position: absolute;
  inset: 12px 14px 46px 42px;
  background: var(--sheet);
  border: 1px solid var(--rule);
}
/* out of the way until the chart is looked at */
.keep {
  position: absolute;
  top: 12px;
  right: 14px;
  opacity: 0;
}
.chart:hover .keep,
.keep:focus-visible,
.keep[aria-expanded='true'] {
  opacity: 1;
}
@media (pointer: coarse) {
  .keep:not(.looked) {
    visibility: hidden;
  }
  .keep.looked {
    opacity: 1;
  }
}
</style>
