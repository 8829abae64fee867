<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { mdiMinus, mdiPlus } from '@mdi/js'
import { boardWords } from '~/messages/board'
import { useAfloat } from '~/composables/useAfloat'
import { useLever } from '~/composables/useLever'
import { useLeverPointer } from '~/composables/useLeverPointer'
import { useAnswerStore } from '~/stores/answer'
import { vLive } from '~/directives/live'
import { areaPoints } from './areaPoints'
import LeverHandle from './LeverHandle.vue'
import { LEVER_PAD } from './leverInset'
import { placeLabels } from './placeLabels'

/** The lever lying along the bottom, for touch: − and + at the ends, a large handle between. */
const answer = useAnswerStore()
const afloat = useAfloat()
const { most, speed, shown, marks, ticks, valueText, symbol, mostShown, drag, step, key, wheel } = useLever()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const PAD = LEVER_PAD,
  BASE = 78,
  HEAD = 12,
  HANDLE_WIDE = 72

const x = (v: number) => PAD + (v / most.value) * Math.max(1, width.value - 2 * PAD)
const tallest = computed(() => Math.max(...answer.curve.map(p => p.drive.shaftPower)))
const silhouette = computed(() =>
  areaPoints(
    answer.curve.map(p => [x(p.speed), BASE - ((BASE - HEAD - 14) * p.drive.shaftPower) / tallest.value]),
    ([x]) => [x, BASE],
  ),
)
const levels = computed(() =>
  placeLabels(
    marks.value.map((mark, i) => ({ key: mark.key, at: HEAD + i * 13 })),
    13,
    HEAD,
    HEAD + 30,
  ),
)

function move(event: PointerEvent) {
  const { left } = box.value!.getBoundingClientRect()
  const span = width.value - 2 * PAD
  drag(((event.clientX - left - PAD) / span) * most.value, (5 / span) * most.value)
}
const { grab, follow, ring, focus, blur } = useLeverPointer(move)
</script>

<template>
  <div class="flat">
    <VBtn variant="plain" class="end" :aria-label="boardWords.lever.slower" @click="step(-1)">
      <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiMinus" fill="currentColor" />
      </svg>
    </VBtn>
    <span v-if="afloat" class="plan" data-lever-plan>{{ boardWords.lever.planShort }}</span>
    <div ref="box" class="lever" @wheel="wheel" @pointerdown="grab" @pointermove="follow">
      <svg v-if="width > 0" :width="width" height="112" aria-hidden="true">
        <polygon :points="silhouette" class="silhouette" />
        <g v-for="mark in marks" :key="mark.key">
          <path :d="`M${x(mark.speed)} ${levels[mark.key]! - 8}V${BASE}`" class="mark" />
          <text :x="x(mark.speed) - 4" :y="levels[mark.key]!" class="mark-label">{{ mark.label }}</text>
        </g>
        <rect :x="x(0)" :y="BASE" :width="x(most) - x(0)" height="10" class="track" />
        <g v-for="t in ticks" :key="t.label">
          <path :d="`M${x(t.speed)} ${BASE + 10}v5`" class="tick" />
          <text :x="x(t.speed)" y="107" class="tick-label">{{ t.label }}</text>
        </g>
      </svg>
      <template v-if="width > 0">
        <div
          v-live:transform="() => `scaleX(${speed / most})`"
          class="filled"
          :style="{ left: `${x(0)}px`, width: `${x(most) - x(0)}px`, top: `${BASE}px` }"
        />
        <LeverHandle
          v-live:transform="() => `translateX(${x(speed) - HANDLE_WIDE / 2}px)`"
          class="at-speed"
          lying
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
        aria-orientation="horizontal"
        :aria-valuemin="0"
        :aria-valuemax="mostShown"
        data-lever
        @keydown="key"
        @focus="focus"
        @blur="blur"
      />
    </div>
    <VBtn variant="plain" class="end" :aria-label="boardWords.lever.faster" @click="step(1)">
      <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiPlus" fill="currentColor" /></svg>
    </VBtn>
  </div>
</template>

<style scoped>
/* what the lever says is planned, where instruments speak */
.plan {
  position: absolute;
  left: 60px;
  top: 4px;
  z-index: 1;
  padding: 0 6px;
  border: 1.25px dashed var(--soft);
  background: var(--sheet);
  font: 500 13px/18px var(--labels);
}
.flat {
  position: relative;
  display: grid;
  grid-template-columns: 48px 1fr 48px;
  gap: 4px;
  align-items: center;
  padding: 4px 8px;
  background: var(--sheet);
  border-top: 2px solid var(--ink);
}
.end {
  width: 48px;
  height: 56px;
  border: 1.25px solid var(--ink);
  background: var(--paper);
  display: grid;
  place-items: center;
}
.lever {
  position: relative;
  height: 112px;
  touch-action: none;
  min-width: 0;
  z-index: 1;
}
svg {
  overflow: visible;
}
.silhouette {
  fill: var(--band);
  stroke: var(--ink);
}
.track {
  fill: var(--desk);
  stroke: var(--ink);
}
.tick,
.mark {
  stroke: var(--text);
  fill: none;
}
.tick-label {
  font: 500 15px var(--figures);
  fill: var(--text);
  text-anchor: middle;
}
.mark-label {
  font: 500 12.5px var(--labels);
  fill: var(--text);
  text-anchor: end;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.filled {
  position: absolute;
  height: 10px;
  background: var(--signal);
  transform-origin: left;
}
.at-speed {
  left: 0;
  top: 44px;
}
/* folded: the handle alone */
@media (max-height: 560px) {
  .flat {
    padding: 2px 8px;
  }
  .lever {
    height: 70px;
    overflow: hidden;
  }
  .lever > svg,
  .filled,
  .at-speed {
    margin-top: -44px;
  }
  .silhouette,
  .mark,
  .mark-label {
    display: none;
  }
}
.slider {
  position: absolute;
  inset: 0;
  outline: none;
}
</style>
