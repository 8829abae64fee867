<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { clockText, type DayReport, type Leg } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useQuantities } from '~/composables/useQuantities'
import { between, hours, line, thin } from './chartPaths'

/**
 * Charge over the day with its band, legs as blocks above it, sun and stream below. A touch on a block chooses its leg;
 * the row of blocks drags along the clock.
 */
const props = defineProps<{ report: DayReport; legs: readonly Leg[]; chosen: number; departs: number }>()
const emit = defineEmits<{ choose: [leg: number]; depart: [time: number] }>()
const { text } = useQuantities()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const LEFT = 46,
  RIGHT = 54,
  TOP = 44,
  HIGH = 196,
  STRIP = 34
const bottom = TOP + HIGH
const from = computed(() => Math.floor((props.report.points[0]!.time - 900) / 3600) * 3600)
const to = computed(() => {
  const end = Math.max(props.report.points.at(-1)!.time, props.report.good.at(-1)!.time, props.report.bad.at(-1)!.time)
  return Math.max(from.value + 2 * 3600, Math.ceil((end + 900) / 3600) * 3600)
})
const wide = computed(() => Math.max(240, width.value))
const x = (t: number) => LEFT + ((t - from.value) / (to.value - from.value)) * (wide.value - LEFT - RIGHT)
const y = (charge: number) => bottom - charge * HIGH

const runs = computed(() =>
  props.report.legs.map((run, i) => ({
    i,
    run,
    leg: props.legs[i],
    left: x(run.departs),
    wide: Math.max(2, x(run.arrives) - x(run.departs)),
  })),
)
const places = (series: readonly { time: number; charge: number }[]) =>
  thin(series).map(p => ({ x: x(p.time), y: y(p.charge) }))
const band = computed(() => between(places(props.report.good), places(props.report.bad)))
const centre = computed(() => line(places(props.report.points)))
const ends = computed(() => props.report.legs.map(l => ({ x: x(l.arrives), y: y(l.charge) })))
const last = computed(() => {
  const at = props.report.points.at(-1)!
  // words of the three ends keep clear of each other
  const gap = 13
  const middle = y(at.charge)
  return {
    x: x(at.time),
    middle,
    high: Math.min(y(props.report.leftHigh), middle - gap),
    low: Math.max(y(props.report.leftLow), middle + gap),
  }
})
/** a bar from the good to the bad end, beside the last place */
const range = computed(() => {
  const [a, b] = [y(props.report.leftHigh), y(props.report.leftLow)],
    at = last.value.x + 9
  return `M${at} ${a}V${b}M${at - 4} ${a}h8M${at - 4} ${b}h8`
})
const turn = computed(() => {
  const t = props.report.turn
  if (!t) return null
  const at = x(t.time)
  return { x: at, y: y(t.charge), time: t.time, charge: t.charge, anywhere: t.anywhere, leftwards: at > LEFT + 150 }
})
const sunTop = computed(() => Math.max(1, ...props.report.points.map(p => p.sun)))
const sunAt = bottom + 18 + STRIP
const sun = computed(() => {
  const all = thin(props.report.points).map(p => ({ x: x(p.time), y: sunAt - (p.sun / sunTop.value) * STRIP }))
  return all.length > 1 ? `${line(all)}L${all.at(-1)!.x} ${sunAt}L${all[0]!.x} ${sunAt}Z` : ''
})
const hasSun = computed(() => props.report.points.some(p => p.sun > 0))
const streamTop = computed(() => Math.max(0.05, ...props.report.points.map(p => Math.abs(p.stream))))
const hasStream = computed(() => props.report.points.some(p => p.stream !== 0))
const streamAt = computed(() => (hasSun.value ? sunAt : bottom) + 18 + STRIP / 2)
/** the stream under way: what helps stands above its line, what hinders below it, hatched */
const stream = computed(() => {
  const parts: { path: string; against: boolean }[] = []
  let run: { x: number; y: number }[] = [],
    sign = 0
  const close = () => {
    if (run.length > 1)
      parts.push({
        path: `${line(run)}L${run.at(-1)!.x} ${streamAt.value}L${run[0]!.x} ${streamAt.value}Z`,
        against: sign < 0,
      })
    run = []
  }
  for (const p of thin(props.report.points, 900)) {
    const s = p.water > 0 ? Math.sign(p.stream) : 0
    if (s !== sign) {
      close()
      sign = s
    }
    if (s !== 0) run.push({ x: x(p.time), y: streamAt.value - (p.stream / streamTop.value) * (STRIP / 2) })
  }
  close()
  return parts
})
const axisAt = computed(() => (hasStream.value ? streamAt.value + STRIP / 2 : hasSun.value ? sunAt : bottom) + 16)
const high = computed(() => axisAt.value + 8)
const ticks = computed(() => hours(from.value, to.value))

/** the row of blocks drags along the clock, by five minutes */
const drag = ref<{ pointer: number; x: number; departs: number; moved: boolean } | null>(null)
function grab(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drag.value = { pointer: event.pointerId, x: event.clientX, departs: props.departs, moved: false }
}
function pull(event: PointerEvent) {
  const d = drag.value
  if (!d || event.pointerId !== d.pointer) return
  const scale = (to.value - from.value) / (wide.value - LEFT - RIGHT)
  if (!d.moved && Math.abs(event.clientX - d.x) < 4) return
  d.moved = true
  const time = Math.round((d.departs + (event.clientX - d.x) * scale) / 300) * 300
  emit('depart', Math.min(86_100, Math.max(0, time)))
}
function drop(i: number) {
  if (!drag.value?.moved) emit('choose', i)
  drag.value = null
}
</script>

<template>
  <div ref="frame" class="day-chart">
    <svg :width="wide" :height="high" :viewBox="`0 0 ${wide} ${high}`" role="group" :aria-label="words.chart">
      <defs>
        <pattern id="day-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0v7" class="hatch" />
        </pattern>
      </defs>
      <g v-for="c in [0, 0.2, 0.4, 0.6, 0.8, 1]" :key="c">
        <path :d="`M${LEFT} ${y(c)}H${wide - RIGHT}`" class="grid" />
        <text :x="LEFT - 8" :y="y(c) + 4" text-anchor="end" class="tick">{{ 100 * c }}</text>
      </g>
      <text :x="LEFT - 8" :y="TOP - 12" text-anchor="end" class="tick">{{ words.axis }}</text>
      <rect
        :x="LEFT"
        :y="y(report.levels.reserve)"
        :width="wide - LEFT - RIGHT"
        :height="y(0) - y(report.levels.reserve)"
        fill="url(#day-hatch)"
      />
      <path :d="`M${LEFT} ${y(report.levels.reserve)}H${wide - RIGHT}`" class="level" />
      <path :d="`M${LEFT} ${y(report.levels.spared)}H${wide - RIGHT}`" class="level thin" />
      <text
        v-if="y(report.levels.spared) - y(report.levels.reserve) > 15"
        :x="LEFT + 8"
        :y="(y(report.levels.reserve) + y(report.levels.spared)) / 2 + 4"
        class="said"
      >
        {{
          (wide < 520 ? words.reserveShort : words.reserveBoth)(
            text(report.levels.ofUsable, 'ratio'),
            text(report.levels.reserve, 'ratio'),
          )
        }}
      </text>
      <text
        v-if="y(0) - y(report.levels.spared) > 15"
        :x="LEFT + 8"
        :y="(y(0) + y(report.levels.spared)) / 2 + 4"
        class="said"
      >
        {{ words.spared }}
      </text>
      <path v-for="r in runs" :key="`g${r.i}`" :d="`M${r.left + r.wide} ${TOP}V${axisAt - 12}`" class="grid" />
      <path :d="band" class="band" />
      <path :d="centre" class="centre" />
      <circle
        v-for="(e, i) in ends"
        :key="i"
        :cx="e.x"
        :cy="e.y"
        r="4.5"
        class="end"
        :class="{ chosen: i === chosen }"
      />
      <path :d="range" class="range" />
      <text :x="last.x + 18" :y="last.high + 4" class="said">{{ Math.round(100 * report.leftHigh) }}</text>
      <text :x="last.x + 18" :y="last.middle + 5" class="said strong">{{ Math.round(100 * report.left) }} %</text>
      <text :x="last.x + 18" :y="last.low + 4" class="said">{{ Math.round(100 * report.leftLow) }}</text>
      <g v-if="turn && !turn.anywhere" data-turn-home>
        <path :d="`M${turn.x} ${TOP - 4}V${axisAt - 12}`" class="turn" />
        <path :d="`M${turn.x - 7} ${turn.y}h14`" class="turn-charge" />
        <text
          :x="turn.x + (turn.leftwards ? -10 : 10)"
          :y="bottom - 78"
          :text-anchor="turn.leftwards ? 'end' : 'start'"
          class="said strong"
        >
          {{ words.turn(clockText(turn.time)) }}
        </text>
        <text
          :x="turn.x + (turn.leftwards ? -10 : 10)"
          :y="bottom - 64"
          :text-anchor="turn.leftwards ? 'end' : 'start'"
          class="said"
        >
          {{ words.turnCharge(text(turn.charge, 'ratio')) }}
        </text>
      </g>
      <g v-if="hasSun">
        <path :d="sun" class="area" />
        <text :x="LEFT - 8" :y="sunAt - 6" text-anchor="end" class="tick">{{ words.sun }}</text>
        <text :x="wide - RIGHT" :y="sunAt - STRIP + 2" text-anchor="end" class="said">
          {{ words.sunMost(text(sunTop, 'smallPower')) }}
        </text>
      </g>
      <g v-if="hasStream">
        <path :d="`M${LEFT} ${streamAt}H${wide - RIGHT}`" class="grid" />
        <path
          v-for="(s, i) in stream"
          :key="i"
          :d="s.path"
          :class="s.against ? 'foul' : 'area'"
          :fill="s.against ? 'url(#day-hatch)' : undefined"
        />
        <text :x="LEFT - 8" :y="streamAt + 4" text-anchor="end" class="tick">{{ words.stream }}</text>
        <text :x="wide - RIGHT + 4" :y="streamAt - 4" class="tick small">{{ words.withYou }}</text>
        <text :x="wide - RIGHT + 4" :y="streamAt + 12" class="tick small">{{ words.against }}</text>
      </g>
      <g v-for="t in ticks" :key="t">
        <path :d="`M${x(t)} ${axisAt - 12}v4`" class="mark" />
        <text :x="x(t)" :y="axisAt + 4" text-anchor="middle" class="tick">{{ clockText(t) }}</text>
      </g>
      <g
        v-for="r in runs"
        :key="r.i"
        class="block"
        :class="{ on: r.i === chosen, rest: r.leg?.does === 'waits' }"
        role="button"
        tabindex="0"
        :aria-pressed="r.i === chosen"
        :aria-label="`${words.editLeg(r.i + 1)}, ${clockText(r.run.departs)} to ${clockText(r.run.arrives)}`"
        :data-block="r.i"
        @pointerdown="grab"
        @pointermove="pull"
        @pointerup="drop(r.i)"
        @pointercancel="drag = null"
        @keydown.enter.prevent="emit('choose', r.i)"
        @keydown.space.prevent="emit('choose', r.i)"
        @keydown.left.prevent="emit('depart', Math.max(0, departs - 300))"
        @keydown.right.prevent="emit('depart', Math.min(86100, departs + 300))"
      >
        <rect :x="r.left" y="8" :width="r.wide" height="24" />
        <text v-if="r.wide > 14" :x="r.left + r.wide / 2" y="24" text-anchor="middle">
          {{ r.leg?.does === 'waits' && r.wide > 48 ? words.atRest : r.i + 1 }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.day-chart {
  overflow: hidden;
}
svg {
  display: block;
}
.grid {
  stroke: var(--grid);
}
.tick {
  font: 400 12.5px var(--labels);
  fill: var(--text);
}
.small {
  font-size: 11.5px;
}
.said {
  font: 400 13px var(--labels);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
.strong {
  font-weight: 600;
}
.hatch {
  stroke: var(--tight);
  stroke-width: 1;
  opacity: 0.55;
}
.level {
  stroke: var(--tight);
  stroke-width: 1.75;
}
.level.thin {
  stroke: var(--soft);
  stroke-width: 1;
}
.band {
  fill: var(--band);
}
.centre {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.6;
}
.end {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.75;
}
.end.chosen {
  fill: var(--signal);
  stroke: var(--signal);
}
.range,
.turn-charge {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.5;
}
.turn-charge {
  stroke-width: 2.5;
}
.turn {
  stroke: var(--text);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}
.area {
  fill: var(--band);
  stroke: var(--ink);
}
.foul {
  stroke: var(--tight);
}
.mark {
  stroke: var(--text);
}
.block {
  cursor: grab;
  touch-action: none;
}
.block rect {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.25;
}
.block text {
  font: 600 13px var(--labels);
  fill: var(--text);
  pointer-events: none;
}
.block.rest rect {
  stroke-dasharray: 3 3;
  fill: none;
}
.block.rest text {
  font-weight: 400;
  fill: var(--soft);
}
.block.on rect {
  fill: var(--band);
  stroke-width: 2.5;
}
.block:focus-visible {
  outline: none !important;
}
.block:focus-visible rect {
  stroke: var(--text);
  stroke-width: 3;
}
</style>
