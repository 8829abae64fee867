<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { m } from '~/messages'
import { useLever } from '~/composables/useLever'
import { useLeverPointer } from '~/composables/useLeverPointer'
import { vLive } from '~/directives/live'
import { takeInHand } from '~/directives/movingInk'
import LiveCanvas from '~/components/chart/LiveCanvas.vue'
import { textWidth } from '~/components/chart/textWidth'
import { LABELS_FONT, type Tokens } from '~/composables/useTokens'
import LeverScale from './LeverScale.vue'
import { paintHandle, UPRIGHT_HANDLE } from './paintHandle'
import { placeLabels } from './placeLabels'

/** The upright lever: the handle and what is filled below it, painted; the words of the marks; the scale stands still behind it. */
const { most, speed, shown, marks, valueText, symbol, mostShown, drag, key, wheel } = useLever()
const box = ref<HTMLElement>()
const { height } = useElementSize(box)
const PAD = 20, TRACK = 37, WIDTH = 114
const LABEL_FONT = `500 12.5px ${LABELS_FONT}`

const y = computed(() => {
  const end = most.value, span = Math.max(1, height.value - 2 * PAD)
  return (v: number) => PAD + (1 - v / end) * span
})
const labels = computed(() => placeLabels(marks.value.map(mark => ({ key: mark.key, at: y.value(mark.speed) })), 15, PAD, height.value - PAD))
/** a mark under the handle needs no word: the handle says its speed. The word is painted over, since a page that changes is a frame later on the screen than a canvas */
const covered = (key: string) => Math.abs(labels.value[key]! - 4 - y.value(speed.value)) < 22

function move(event: PointerEvent) {
  const { top } = box.value!.getBoundingClientRect()
  const span = height.value - 2 * PAD
  drag((1 - (event.clientY - top - PAD) / span) * most.value, 4 / span * most.value)
}
const { grab, follow, ring, focus, blur } = useLeverPointer(move)
function paint(pen: CanvasRenderingContext2D, colours: Tokens) {
  const at = y.value(speed.value)
  pen.fillStyle = colours.sheet
  for (const { key, label } of marks.value) {
    const width = textWidth(pen, LABEL_FONT, label) + 6
    if (covered(key)) pen.fillRect(WIDTH - width, labels.value[key]! - 13, width, 15)
  }
  pen.fillStyle = colours.signal
  pen.fillRect(TRACK, at, 9, y.value(0) - at)
  paintHandle(pen, colours, { ...UPRIGHT_HANDLE, x: 2, y: at - UPRIGHT_HANDLE.height / 2 }, shown.value, symbol.value, ring.value)
}
</script>

<template>
  <div ref="box" class="lever" @pointerenter="takeInHand" @focusin="takeInHand" @wheel="wheel" @pointerdown="grab" @pointermove="follow">
    <LeverScale v-if="height > 0" :width="WIDTH" :height="height" :y="y" :labels="labels" :track-x="TRACK" />
    <span v-for="mark in marks" :key="mark.key" class="mark-label" :style="{ top: `${labels[mark.key]! - 13}px` }">{{ mark.label }}</span>
    <LiveCanvas v-if="height > 0" :width="WIDTH" :height="height" :paint="paint" aria-hidden="true" />
    <div
      v-live:aria-valuenow="() => shown" v-live:aria-valuetext="() => valueText" class="slider" role="slider" tabindex="0"
      :aria-label="m.lever.label" aria-orientation="vertical" :aria-valuemin="0" :aria-valuemax="mostShown" data-lever @keydown="key" @focus="focus" @blur="blur"
    />
  </div>
</template>

<style scoped>
.lever { position: relative; height: 100%; width: 115px; touch-action: none; cursor: ns-resize; overflow: hidden; }
.mark-label { position: absolute; right: 2px; font: 500 12.500px/15px var(--labels); color: var(--text); background: var(--sheet); padding-left: 3px; }
.slider { position: absolute; inset: 0; outline: none; }
</style>
