<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { m } from '~/messages'
import { useLever } from '~/composables/useLever'
import { useLeverPointer } from '~/composables/useLeverPointer'
import { vLive } from '~/directives/live'
import LeverScale from './LeverScale.vue'
import { placeLabels } from './placeLabels'

/** The upright lever: the handle, what is filled below it, and the words of the marks; the scale stands still behind it. */
const { most, speed, shown, marks, valueText, symbol, mostShown, drag, key, wheel } = useLever()
const box = ref<HTMLElement>()
const { height } = useElementSize(box)
const PAD = 20, TRACK = 37, WIDTH = 114

const y = computed(() => {
  const end = most.value, span = Math.max(1, height.value - 2 * PAD)
  return (v: number) => PAD + (1 - v / end) * span
})
const labels = computed(() => placeLabels(marks.value.map(mark => ({ key: mark.key, at: y.value(mark.speed) })), 15, PAD, height.value - PAD))
/** a mark under the handle needs no word: the handle says its speed */
const covered = (key: string) => Math.abs(labels.value[key]! - 4 - y.value(speed.value)) < 22

function move(event: PointerEvent) {
  const { top } = box.value!.getBoundingClientRect()
  const span = height.value - 2 * PAD
  drag((1 - (event.clientY - top - PAD) / span) * most.value, 4 / span * most.value)
}
const { grab, follow } = useLeverPointer(move)
</script>

<template>
  <div ref="box" class="lever" @wheel="wheel" @pointerdown="grab" @pointermove="follow">
    <LeverScale v-if="height > 0" :width="WIDTH" :height="height" :y="y" :labels="labels" :track-x="TRACK" />
    <div v-if="height > 0" v-live:transform="() => `scaleY(${1 - y(speed) / y(0)})`" class="filled" :style="{ left: `${TRACK}px`, height: `${y(0)}px` }" />
    <span v-for="mark in marks" :key="mark.key" v-live:data-covered="() => String(covered(mark.key))" class="mark-label" :style="{ top: `${labels[mark.key]! - 13}px` }">{{ mark.label }}</span>
    <div
      v-live:transform="() => `translateY(${y(speed)}px)`" v-live:aria-valuenow="() => shown" v-live:aria-valuetext="() => valueText" class="handle" role="slider" tabindex="0"
      :aria-label="m.lever.label" aria-orientation="vertical" :aria-valuemin="0" :aria-valuemax="mostShown" data-lever @keydown="key"
    >
      <span v-live="() => shown" class="figures" /><span class="unit">{{ symbol }}</span>
    </div>
  </div>
</template>

<style scoped>
.lever { position: relative; height: 100%; width: 115px; touch-action: none; cursor: ns-resize; overflow: hidden; }
.filled { position: absolute; top: 0; width: 9px; transform-origin: bottom; background: var(--signal); }
.mark-label { position: absolute; right: 2px; font: 500 12.500px/15px var(--labels); color: var(--text); background: var(--sheet); padding-left: 3px; }
.mark-label[data-covered=true] { visibility: hidden; }
.handle { position: absolute; top: 0; left: 2px; contain: size layout; width: 104px; height: 36px; margin-top: -18px; background: var(--signal); color: var(--on-signal); clip-path: polygon(0 0, 84% 0, 100% 50%, 84% 100%, 0 100%); display: flex; align-items: baseline; gap: 3px; padding: 3px 0 0 9px; cursor: grab; }
.handle .figures { font-size: 26px; line-height: 30px; }
.handle .unit { font: 500 14px var(--figures); }
.handle:focus-visible { outline: none; box-shadow: inset 0 0 0 3px var(--on-signal); }
</style>
