<script setup lang="ts">
import { computed, useId } from 'vue'
import type { AxisTick, InkFrame } from './inkFrame'

/** Frame, grid and words of a plot; curves come in the slot, the lever stands before them. */
const props = defineProps<{
  frame: InkFrame
  label: string
  xTicks: readonly AxisTick[]
  yTicks: readonly AxisTick[]
  xTitle: string
  yTitle: string
  lever?: { at: number; tag: string }
}>()
const clip = useId()
const HALF = 30
const tagX = computed(() =>
  props.lever
    ? Math.max(props.frame.left + HALF - 6, Math.min(props.frame.wide - HALF, props.frame.x(props.lever.at)))
    : null,
)
const floor = computed(() => props.frame.high - props.frame.below)
const inner = computed(() => props.frame.wide - props.frame.left - props.frame.right)
</script>

<template>
  <svg class="ink-plot" :viewBox="`0 0 ${frame.wide} ${frame.high}`" role="img" :aria-label="label">
    <clipPath :id="clip"><rect :x="frame.left" :y="frame.top" :width="inner" :height="floor - frame.top" /></clipPath>
    <rect :x="frame.left" :y="frame.top" :width="inner" :height="floor - frame.top" class="ink-plot__sheet" />
    <g v-for="t in yTicks" :key="`y${t.word}`">
      <path :d="`M${frame.left} ${frame.y(t.at)}h${inner}`" class="ink-plot__grid" />
      <text :x="frame.left - 6" :y="frame.y(t.at) + 4" text-anchor="end" class="ink-plot__axis">{{ t.word }}</text>
    </g>
    <g v-for="t in xTicks" :key="`x${t.word}`">
      <path :d="`M${frame.x(t.at)} ${frame.top}V${floor}`" class="ink-plot__grid" />
      <text
        v-if="tagX === null || Math.abs(frame.x(t.at) - tagX) > HALF + 6"
        :x="frame.x(t.at)"
        :y="floor + 17"
        text-anchor="middle"
        class="ink-plot__axis"
      >
        {{ t.word }}
      </text>
    </g>
    <text v-if="yTitle" :x="frame.left" y="14" class="ink-plot__say">{{ yTitle }}</text>
    <text v-if="xTitle" :x="frame.wide - frame.right" :y="frame.high - 5" text-anchor="end" class="ink-plot__say">
      {{ xTitle }}
    </text>
    <g :clip-path="`url(#${clip})`">
      <slot />
      <path v-if="lever" :d="`M${frame.x(lever.at)} ${frame.top}V${floor}`" class="ink-plot__lever" />
      <slot name="above" />
    </g>
    <template v-if="lever && tagX !== null">
      <rect :x="tagX - HALF" :y="floor + 2" :width="2 * HALF" height="21" class="ink-plot__tag" />
      <text :x="tagX" :y="floor + 17" text-anchor="middle" class="ink-plot__on-tag">{{ lever.tag }}</text>
    </template>
  </svg>
</template>

<style>
.ink-plot {
  display: block;
  width: 100%;
}
.ink-plot__sheet {
  fill: var(--sheet);
}
.ink-plot__grid {
  stroke: var(--grid);
}
.ink-plot__axis {
  font: 600 12.5px var(--figures);
  fill: var(--text);
}
.ink-plot__say {
  font: 400 12.5px var(--labels);
  fill: var(--soft);
}
.ink-plot__word {
  font: 600 13px var(--labels);
  fill: var(--text);
}
.ink-plot__halo {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.ink-plot__band {
  fill: var(--band);
}
.ink-plot__lever {
  stroke: var(--signal);
  stroke-width: 2.5;
}
.ink-plot__tag {
  fill: var(--signal);
}
.ink-plot__on-tag {
  font: 600 13.5px var(--figures);
  fill: var(--on-signal);
}
</style>
