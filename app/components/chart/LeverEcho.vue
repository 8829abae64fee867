<script setup lang="ts">
import { computed } from 'vue'
import { vLive } from '~/directives/live'
import type { ChartRoom, ChartScales } from './chartScales'
import type { ChartMarker } from './chartTypes'

/** Where the lever stands in a chart: its line, point, range and tag, over it, without drawing the chart again. */
const props = defineProps<{
  at: () => ChartMarker
  scales: ChartScales
  room: ChartRoom
  most: { x: number; y: number }
}>()

const marker = computed(() => props.at())
const x = computed(() => props.scales.px(marker.value.x))
const bottom = computed(() => props.room.height - props.room.bottom)
/** where a value stands, px; the foot where it has none */
const y = computed(() => props.scales.py(marker.value.y ?? 0))
const along = computed(() => marker.value.x >= props.scales.from && marker.value.x <= props.scales.to)
const point = computed(() => along.value && marker.value.y !== undefined && marker.value.y <= props.most.y)
const moved = (shown: boolean, left: number, top: number) =>
  shown ? `translate(${left.toFixed(1)}px, ${top.toFixed(1)}px)` : 'scale(0)'
/** the range, from 8 px right of the line */
const range = () => {
  const { low, high } = marker.value
  if (!along.value || low === undefined || high === undefined) return ''
  const above = props.scales.py(Math.min(props.most.y, high)),
    below = props.scales.py(low),
    at = x.value + 12
  return `M${at} ${above}V${below}m-4 0h8M${at - 4} ${above}h8`
}
/** px that a value takes at most, by its letters: to measure it would lay the page out at each step */
const LETTER = 8,
  EDGE = 6
const letters = computed(() => (marker.value.value?.length ?? 0) * LETTER + EDGE)
/** right of the line; left of it where it would run out of the chart; where neither has room, inside its right edge */
const side = () => (x.value + 20 + letters.value <= props.room.width || x.value - 12 < letters.value ? 'right' : 'left')
const valuePlace = () => {
  const left = side() === 'left' ? x.value - 12 : Math.min(x.value + 20, Math.max(0, props.room.width - letters.value))
  return moved(point.value, left, y.value - 22)
}
</script>

<template>
  <div
    v-live:aria-label="() => [marker.tag, marker.value].filter(Boolean).join(': ')"
    class="lever-echo"
    role="img"
    data-covers
  >
    <div
      v-live:transform="() => moved(along, x - 1.25, 0)"
      class="line"
      :style="{ top: `${room.top}px`, height: `${bottom - room.top}px` }"
    />
    <svg :width="room.width" :height="room.height"><path v-live:d="range" class="range" /></svg>
    <div v-live:transform="() => moved(along, x - 31, bottom + 1)" class="tag"><span v-live="() => marker.tag" /></div>
    <div v-live:transform="valuePlace" class="place">
      <span v-live="() => marker.value ?? ''" v-live:data-side="side" class="value" />
    </div>
    <div v-live:transform="() => moved(point, x - 6.5, y - 6.5)" class="point" />
  </div>
</template>

<style scoped>
.lever-echo,
.lever-echo > * {
  position: absolute;
  left: 0;
  top: 0;
  pointer-events: none;
}
.lever-echo {
  inset: 0;
  overflow: hidden;
  contain: strict;
  font-family: var(--figures);
  font-weight: 600;
}
.line {
  width: 2.5px;
  background: var(--signal);
}
.range {
  fill: none;
  stroke: var(--signal);
  stroke-width: 2;
}
.tag {
  width: 62px;
  height: 20px;
  contain: strict;
  background: var(--signal);
  color: var(--on-signal);
  font-size: 14px;
  line-height: 21px;
  text-align: center;
}
.place {
  width: 0;
  height: 20px;
}
.value {
  position: absolute;
  top: 0;
  left: 0;
  padding: 0 3px;
  background: var(--sheet);
  color: var(--signal);
  font-size: 16px;
  line-height: 20px;
  white-space: nowrap;
}
.value[data-side='left'] {
  left: auto;
  right: 0;
}
.point {
  width: 13px;
  height: 13px;
  border: 1.5px solid var(--sheet);
  border-radius: 50%;
  background: var(--signal);
}
</style>
