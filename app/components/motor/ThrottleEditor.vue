<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { evenThrottle, movePoint, throttleFeel, throttleShare, USUAL_THROTTLE, type Throttle, edit } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/**
 * The throttle curve, its points dragged or moved by arrow keys, with the speed that she settles to along the lever's
 * way.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const throttle = computed(() => document.shown.design.throttle)
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const H = 190,
  LEFT = 34,
  RIGHT = 66,
  TOP = 10,
  BOTTOM = 26
/** the point being dragged goes with the pointer and is kept when it is let go */
const dragged = ref<number[] | null>(null)
const points = computed(() => dragged.value ?? throttle.value.points)
const now = computed<Throttle>(() => ({ ...throttle.value, points: points.value }))
const feel = computed(() => throttleFeel(answer.model, now.value, answer.curve))
const fastest = computed(() => feel.value.at(-1)?.speed ?? 0)
const x = (travel: number) => LEFT + travel * Math.max(10, width.value - LEFT - RIGHT)
const y = (share: number) => TOP + (1 - share) * (H - TOP - BOTTOM)
const path = (at: (travel: number) => number) =>
  Array.from({ length: 61 }, (_, i) => `${i ? 'L' : 'M'}${x(i / 60).toFixed(1)} ${y(at(i / 60)).toFixed(1)}`).join('')
const curve = computed(() => path(travel => throttleShare(now.value, travel)))
const speeds = computed(() =>
  feel.value
    .map(
      (s, i) =>
        `${i ? 'L' : 'M'}${x(s.travel).toFixed(1)} ${y(fastest.value ? s.speed / fastest.value : 0).toFixed(1)}`,
    )
    .join(''),
)
const place = (i: number) => throttle.value.deadband + ((1 - throttle.value.deadband) * i) / (points.value.length - 1)
const percent = (i: number) => text(place(i), 'ratio')
const at = (travel: number) => feel.value.find(s => s.travel >= travel - 1e-9)?.speed ?? 0
const words = computed(
  () =>
    `${driveWords.feels(text(at(0.5), 'speed'), text(fastest.value - at(0.75), 'speed'))} ` +
    `${driveWords.softly(text(throttle.value.rampUp, 'seconds'), text(answer.evaluation.holding.thrust, 'force'))}`,
)

const keep = (moved: number[]) => document.edit(driveWords.throttle, [edit('design.throttle.points', moved)])
function drag(event: PointerEvent, index: number) {
  const svg = (event.currentTarget as Element).closest('svg')!
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  const move = (e: PointerEvent) => {
    const share = 1 - (e.clientY - svg.getBoundingClientRect().top - TOP) / (H - TOP - BOTTOM)
    dragged.value = movePoint(throttle.value.points, index, share)
  }
  const end = (e: PointerEvent) => {
    target.removeEventListener('pointermove', move)
    if (dragged.value && e.type === 'pointerup') keep(dragged.value)
    dragged.value = null
  }
  const target = event.currentTarget as HTMLElement
  target.addEventListener('pointermove', move)
  target.addEventListener('pointerup', end, { once: true })
  target.addEventListener('pointercancel', end, { once: true })
}
function key(event: KeyboardEvent, index: number) {
  const step = { ArrowUp: 0.01, ArrowRight: 0.01, ArrowDown: -0.01, ArrowLeft: -0.01, PageUp: 0.1, PageDown: -0.1 }[
    event.key
  ]
  if (!step) return
  event.preventDefault()
  keep(movePoint(throttle.value.points, index, throttle.value.points[index]! + step))
}
const PRESETS: Record<keyof typeof driveWords.presets, () => number[]> = {
  even: () => evenThrottle(answer.model, throttle.value, answer.curve),
  soft: () => USUAL_THROTTLE.points,
  straight: () => throttle.value.points.map((_, i, all) => i / (all.length - 1)),
}
</script>

<template>
  <section class="block" :aria-label="driveWords.throttle" data-throttle>
    <h2 class="section-head">
      {{ driveWords.throttle }}<span>{{ driveWords.throttleHint }}</span>
    </h2>
    <div ref="box">
      <svg v-if="width > 0" :width="width" :height="H" :aria-label="driveWords.feelChart">
        <path v-for="g in [0, 0.25, 0.5, 0.75, 1]" :key="g" :d="`M${LEFT} ${y(g)}H${width - RIGHT}`" class="grid" />
        <path :d="`M${x(0)} ${y(0)}H${x(throttle.deadband)}`" class="dead" />
        <path :d="speeds" class="speed" />
        <path :d="curve" class="curve" />
        <text v-for="g in [0, 0.5, 1]" :key="`s${g}`" :x="LEFT - 5" :y="y(g) + 4" text-anchor="end">
          {{ text(g, 'ratio') }}
        </text>
        <text v-for="g in [0.5, 1]" :key="`v${g}`" :x="width - RIGHT + 13" :y="y(g) + 4">
          {{ text(g * fastest, 'speed') }}
        </text>
        <text v-for="g in [0, 0.5, 1]" :key="`x${g}`" :x="x(g)" :y="H - 8" text-anchor="middle">
          {{ text(g, 'ratio') }}
        </text>
        <g v-for="(p, i) in points" :key="i">
          <circle
            v-if="i > 0"
            :cx="x(place(i))"
            :cy="y(p)"
            r="7"
            class="point"
            role="slider"
            tabindex="0"
            aria-orientation="vertical"
            :aria-label="driveWords.point(percent(i))"
            aria-valuemin="0"
            aria-valuemax="100"
            :aria-valuenow="Math.round(100 * p)"
            :aria-valuetext="text(p, 'ratio')"
            :data-point="i"
            @pointerdown="drag($event, i)"
            @keydown="key($event, i)"
          />
        </g>
      </svg>
    </div>
    <p class="small key">
      <i class="ink" /> {{ driveWords.controlKinds[throttle.controls].toLowerCase() }} <i class="dashed" />
      {{ driveWords.feel.toLowerCase() }}
    </p>
    <p class="prose" data-feel>{{ words }}</p>
    <div class="tools">
      <VBtn v-for="(word, id) in driveWords.presets" :key="id" :data-preset="id" @click="keep(PRESETS[id]())">
        {{ word }}
      </VBtn>
      <VBtn variant="flat" to="/settings-sheet" data-settings-sheet>{{ driveWords.settings }}</VBtn>
    </div>
    <div class="columns fields">
      <div>
        <ChoiceField
          :label="driveWords.controls"
          :options="driveWords.controlKinds"
          :model-value="throttle.controls"
          @update:model-value="document.edit(driveWords.controls, [edit('design.throttle.controls', $event)])"
        /><QuantityField path="design.throttle.deadband" />
      </div>
      <div><QuantityField path="design.throttle.rampUp" /><QuantityField path="design.throttle.rampDown" /></div>
    </div>
  </section>
</template>

<style scoped>
svg {
  display: block;
  touch-action: pan-y;
}
text {
  font: 500 12px var(--figures);
  fill: var(--text);
}
.grid {
  stroke: var(--grid);
}
.dead {
  stroke: var(--clash);
  stroke-width: 3;
}
.curve {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.6;
}
.speed {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.8;
  stroke-dasharray: 9 4;
}
.point {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2.5;
  cursor: ns-resize;
  touch-action: none;
}
.point:focus-visible {
  outline: 2px solid var(--text);
  outline-offset: 3px;
}
.key {
  display: flex;
  gap: 6px;
  align-items: center;
  margin: 2px 0 6px;
}
.key i {
  width: 24px;
  border-top: 2.6px solid var(--ink);
}
.key .dashed {
  border-top: 1.8px dashed var(--text);
  margin-left: 10px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 8px 0;
}
.fields {
  margin-top: 4px;
}
@media (pointer: coarse) {
  .point {
    r: 12px;
  }
}
</style>
