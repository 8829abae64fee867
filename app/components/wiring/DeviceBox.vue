<script setup lang="ts">
import { computed } from 'vue'
import { DEVICE, deviceRows, WORD_ROW, type PlacedDevice, type Severity } from '@remigo/core'
import { useQuantities } from '~/composables/useQuantities'

/** A device of the one-line diagram: its square, its words beside it, a mark where something does not fit. */
const props = defineProps<{ device: PlacedDevice; on: boolean; state: Severity | null }>()
const emit = defineEmits<{ choose: [] }>()
const { fill } = useQuantities()
const HALF = DEVICE / 2
const told = computed(() => props.device.lines.map(fill))
const rows = computed(() => deviceRows(told.value, props.device.words.wide, props.device.words.rows))
/** where the words begin, and where their first row stands */
const start = computed(() => {
  const n = rows.value.length
  switch (props.device.words.side) {
    case 'below':
      return { x: 0, y: HALF + 15, anchor: 'middle' }
    case 'right':
      return { x: HALF + 7, y: 4 - (n * WORD_ROW) / 2, anchor: 'start' }
    case 'along':
      return { x: HALF + 7, y: -6 - WORD_ROW, anchor: 'start' }
    case 'left':
      return { x: -HALF - 7, y: 4 - (n * WORD_ROW) / 2, anchor: 'end' }
    case 'above':
      return { x: 8, y: -HALF - 6 - n * WORD_ROW, anchor: 'start' }
  }
  return { x: 0, y: 0, anchor: 'middle' }
})
/** square and words together can be touched */
const touched = computed(() => {
  const { side } = props.device.words,
    words = 20 + WORD_ROW * rows.value.length
  if (side === 'below') return { x: -46, y: -HALF, width: 92, height: DEVICE + words }
  if (side === 'above') return { x: -HALF, y: -HALF - words, width: DEVICE + 70, height: DEVICE + words }
  return { x: -HALF, y: -HALF, width: DEVICE + 88, height: DEVICE }
})
</script>

<template>
  <g
    class="device"
    :class="{ on }"
    :transform="`translate(${device.x} ${device.y})`"
    tabindex="0"
    role="button"
    :aria-pressed="on"
    :aria-label="`${device.label}: ${told.join(', ')}`"
    :data-device="device.id"
    @click="emit('choose')"
    @keydown.enter.prevent="emit('choose')"
    @keydown.space.prevent="emit('choose')"
  >
    <rect v-bind="touched" class="touched" />
    <rect :x="-HALF" :y="-HALF" :width="DEVICE" :height="DEVICE" class="box" />
    <g transform="translate(-13 -13)"><DeviceSymbol :kind="device.kind" /></g>
    <text :x="start.x" :y="start.y" :text-anchor="start.anchor" class="name">{{ device.label }}</text>
    <text
      v-for="(row, i) in rows"
      :key="i"
      :x="start.x"
      :y="start.y + WORD_ROW * (i + 1) + (device.words.side === 'along' && i > 0 ? 9 : 0)"
      :text-anchor="start.anchor"
      class="line"
    >
      {{ row }}
    </text>
    <g v-if="state" :transform="`translate(${-HALF - 8} ${-HALF - 8})`">
      <rect width="16" height="16" class="under" /><StateMark :state="state" :size="16" />
    </g>
  </g>
</template>

<style scoped>
.touched {
  fill: transparent;
}
.box,
.under {
  fill: var(--sheet);
}
.box {
  stroke: var(--ink);
  stroke-width: 1.25;
}
.device {
  cursor: pointer;
  color: var(--ink);
}
.device:hover .box {
  fill: var(--desk);
}
.device.on .box {
  fill: var(--band);
  stroke-width: 2.5;
}
.device:focus-visible {
  outline: none !important;
}
.device:focus-visible .box {
  stroke: var(--text);
  stroke-width: 3;
}
.name {
  font: 600 13px var(--labels);
}
.line {
  font: 400 12px var(--labels);
}
.name,
.line {
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
</style>
