<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { boardWords } from '~/messages/board'
import { useLever } from '~/composables/useLever'
import { useLeverPointer } from '~/composables/useLeverPointer'
import { vLive } from '~/directives/live'
import LeverHandle from './LeverHandle.vue'
import LeverScale from './LeverScale.vue'
import { placeLabels } from './placeLabels'

/** The upright lever: the handle and what is filled below it, the words of the marks; the scale stands still behind. */
const { most, speed, shown, marks, valueText, symbol, mostShown, drag, key, wheel } = useLever()
const box = ref<HTMLElement>()
const { height } = useElementSize(box)
const PAD = 20,
  TRACK = 37,
  WIDTH = 114,
  HANDLE_HIGH = 36

const y = computed(() => {
  const end = most.value,
    span = Math.max(1, height.value - 2 * PAD)
  return (v: number) => PAD + (1 - v / end) * span
})
const labels = computed(() =>
  placeLabels(
    marks.value.map(mark => ({ key: mark.key, at: y.value(mark.speed) })),
    15,
    PAD,
    height.value - PAD,
  ),
)
/** a mark under the handle needs no word: the handle says its speed */
const covered = (key: string) => Math.abs(labels.value[key]! - 4 - y.value(speed.value)) < 22

function move(event: PointerEvent) {
  const { top } = box.value!.getBoundingClientRect()
  const span = height.value - 2 * PAD
  drag((1 - (event.clientY - top - PAD) / span) * most.value, (4 / span) * most.value)
}
const { grab, follow, ring, focus, blur } = useLeverPointer(move)
const filled = computed(() => ({
  left: `${TRACK}px`,
  top: `${y.value(most.value)}px`,
  height: `${y.value(0) - y.value(most.value)}px`,
}))
</script>

<template>
  <div ref="box" class="lever" @wheel="wheel" @pointerdown="grab" @pointermove="follow">
    <LeverScale v-if="height > 0" :width="WIDTH" :height="height" :y="y" :labels="labels" :track-x="TRACK" />
    <span
      v-for="mark in marks"
      :key="mark.key"
      v-live:data-covered="() => String(covered(mark.key))"
      class="mark-label"
      :style="{ top: `${labels[mark.key]! - 13}px` }"
      >{{ mark.label }}</span
    >
    <template v-if="height > 0">
      <div v-live:transform="() => `scaleY(${(y(0) - y(speed)) / (y(0) - y(most))})`" class="filled" :style="filled" />
      <LeverHandle
        v-live:transform="() => `translateY(${y(speed) - HANDLE_HIGH / 2}px)`"
        class="at-speed"
        :speed="() => shown"
        :symbol="symbol"
        :ring="ring"
      />
    </template>
    <div
      v-live:aria-valuenow="() => shown"
      v-live:aria-valuetext="() => valueText"
      class="slider"
      role="slider"
      tabindex="0"
      :aria-label="boardWords.lever.label"
      aria-orientation="vertical"
      :aria-valuemin="0"
      :aria-valuemax="mostShown"
      data-lever
      @keydown="key"
      @focus="focus"
      @blur="blur"
    />
  </div>
</template>

<style scoped>
.lever {
  position: relative;
  height: 100%;
  width: 115px;
  touch-action: none;
  cursor: ns-resize;
  overflow: hidden;
}
.mark-label {
  position: absolute;
  right: 2px;
  font: 500 12.5px/15px var(--labels);
  color: var(--text);
  background: var(--sheet);
  padding-left: 3px;
}
.mark-label[data-covered='true'] {
  visibility: hidden;
}
.filled {
  position: absolute;
  width: 9px;
  background: var(--signal);
  transform-origin: bottom;
}
.at-speed {
  left: 2px;
  top: 0;
}
.slider {
  position: absolute;
  inset: 0;
  outline: none;
}
</style>
