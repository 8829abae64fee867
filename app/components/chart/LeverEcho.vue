<script setup lang="ts">
import { computed } from 'vue'
import { vLive } from '~/directives/live'
import type { ChartMarker } from './chartTypes'

/** Where the lever stands in a chart: its line, point, range and tag, moved without drawing or rendering anything else. */
const props = defineProps<{ at: () => ChartMarker, px: (x: number) => number, py: (y: number) => number, width: number, top: number, bottom: number, most: { x: number, y: number } }>()

const AWAY = -2000
const marker = computed(() => props.at())
const x = computed(() => marker.value.x >= 0 && marker.value.x <= props.most.x ? props.px(marker.value.x) : AWAY)
const y = computed(() => marker.value.y <= props.most.y ? props.py(marker.value.y) : AWAY)
const late = computed(() => x.value > props.width - 120)
const range = computed(() => {
  const { low, high } = marker.value
  if (low === undefined || high === undefined) return ''
  const above = props.py(Math.min(props.most.y, high)), below = props.py(low)
  return `M4 ${above}V${below}m-4 0h8M0 ${above}h8`
})
const move = (dx: number, dy: number) => `translate(${dx}px,${dy}px)`
</script>

<template>
  <div class="lever-echo" aria-hidden="true">
    <div v-live:transform="() => move(x, 0)" class="line" :style="{ top: `${top}px`, height: `${bottom - top}px` }" />
    <svg width="10" height="100%"><path v-live:d="() => range" v-live:transform="() => move(x + 8, 0)" class="range" /></svg>
    <div v-live:transform="() => move(x, y)" class="point" />
    <span v-live:transform="() => move(late ? x - 12 : x + 20, y - 22)" class="value"><span v-live="() => marker.value" :class="{ late }" /></span>
    <span v-live="() => marker.tag" v-live:transform="() => move(x, bottom + 1)" class="tag" />
  </div>
</template>

<style scoped>
.lever-echo { position: absolute; inset: 0; pointer-events: none; contain: strict; }
.lever-echo > * { position: absolute; left: 0; top: 0; white-space: nowrap; }
.line { width: 2.5px; margin-left: -1.25px; background: var(--signal); }
svg { overflow: visible; }
.range { stroke: var(--signal); stroke-width: 2; fill: none; }
.point { width: 13px; height: 13px; margin: -6.5px; border-radius: 50%; background: var(--signal); border: 1.5px solid var(--sheet); }
.value { width: 90px; height: 20px; contain: size layout; font: 600 16px/20px var(--figures); color: var(--signal); }
.value > span { background: var(--sheet); padding: 0 3px; display: inline-block; }
.late { transform: translateX(-100%); }
.tag { width: 62px; margin-left: -31px; height: 20px; background: var(--signal); font: 600 14px/20px var(--figures); color: var(--on-signal); text-align: center; contain: size layout; }
</style>
