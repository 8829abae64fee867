<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { area } from 'd3-shape'
import { quantityText } from '@remigo/core'
import { m } from '~/messages'
import { useLever } from '~/composables/useLever'
import { useLeverPointer } from '~/composables/useLeverPointer'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { placeLabels } from './placeLabels'

/** The upright lever: scale, power silhouette, what the drive holds, marks, handle. */
const answer = useAnswerStore()
const view = useViewStore()
const { most, speed, shown, marks, ticks, valueText, symbol, mostShown, drag, key, wheel } = useLever()
const box = ref<HTMLElement>()
const { height } = useElementSize(box)
const PAD = 20, TRACK = 37, SILHOUETTE = 51, WIDTH = 114

const y = (v: number) => PAD + (1 - v / most.value) * Math.max(1, height.value - 2 * PAD)
const widest = computed(() => Math.max(...answer.curve.map(p => p.drive.shaftPower)))
const silhouette = computed(() => area<(typeof answer.curve)[number]>()
  .y(p => y(p.speed)).x0(SILHOUETTE).x1(p => SILHOUETTE + (WIDTH - SILHOUETTE - 2) * p.drive.shaftPower / widest.value)(answer.curve) ?? '')
const holds = computed(() => {
  const { allDaySpeed: a, minutesSpeed: b } = answer.summary
  const top = (s: typeof a) => s.outcome === 'none' ? 0 : Math.min(most.value, s.speed)
  return { allDay: top(a), minutes: Math.max(top(a), top(b)) }
})
/** a mark under the handle needs no word: the handle says its speed */
const covered = (at: number) => Math.abs(at - y(speed.value)) < 22
const labels = computed(() => placeLabels(marks.value.map(mark => ({ key: mark.key, at: y(mark.speed) })), 15, PAD, height.value - PAD))
/** hours left at whole speeds, where no mark's label stands */
const hours = computed(() => ticks.value.filter(t => t.speed > 0).flatMap((t) => {
  const at = y(t.speed)
  if (Object.values(labels.value).some(l => Math.abs(l - at) < 15)) return []
  const near = answer.curve.reduce((a, b) => Math.abs(b.speed - t.speed) < Math.abs(a.speed - t.speed) ? b : a)
  return [{ at, text: near.timeLeft > 99 * 3600 ? '' : quantityText(near.timeLeft, 'duration', view.choice) }]
}))

function move(event: PointerEvent) {
  const { top } = box.value!.getBoundingClientRect()
  const span = height.value - 2 * PAD
  drag((1 - (event.clientY - top - PAD) / span) * most.value, 4 / span * most.value)
}
const { grab, follow } = useLeverPointer(move)
</script>

<template>
  <div ref="box" class="lever" @wheel="wheel" @pointerdown="grab" @pointermove="follow">
    <svg v-if="height > 0" :width="WIDTH" :height="height" aria-hidden="true">
      <defs>
        <pattern id="lever-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0v6" class="hatch" /></pattern>
      </defs>
      <path :d="silhouette" class="silhouette" />
      <g v-for="t in ticks" :key="t.label">
        <path :d="`M${TRACK - 10} ${y(t.speed)}h9`" class="tick" />
        <text x="6" :y="y(t.speed) + 4" class="tick-label">{{ t.label }}</text>
      </g>
      <rect :x="TRACK" :y="y(most)" width="9" :height="y(0) - y(most)" class="track" />
      <rect :x="TRACK" :y="y(most)" width="9" :height="Math.max(0, y(Math.min(most, marks.find(k => k.key === 'top')?.speed ?? most)) - y(most))" fill="url(#lever-hatch)" />
      <rect :x="TRACK" :y="y(speed)" width="9" :height="y(0) - y(speed)" class="filled" />
      <rect :x="TRACK + 10" :y="y(holds.allDay)" width="3.5" :height="y(0) - y(holds.allDay)" class="all-day" />
      <rect :x="TRACK + 10" :y="y(holds.minutes)" width="3.5" :height="Math.max(0, y(holds.allDay) - y(holds.minutes))" class="minutes" />
      <text v-for="h in hours" :key="h.at" :x="WIDTH - 3" :y="h.at + 4" class="hours">{{ h.text }}</text>
      <g v-for="mark in marks" :key="mark.key">
        <path :d="`M${TRACK} ${y(mark.speed)}h22L${WIDTH - 52} ${labels[mark.key]! + 3}H${WIDTH}`" class="mark" />
        <text v-if="!covered(labels[mark.key]! - 4)" :x="WIDTH - 2" :y="labels[mark.key]!" class="mark-label">{{ mark.label }}</text>
      </g>
    </svg>
    <div
      class="handle" role="slider" tabindex="0" :style="{ top: `${y(speed)}px` }" :aria-label="m.lever.label" aria-orientation="vertical"
      :aria-valuenow="Number(shown)" :aria-valuemin="0" :aria-valuemax="mostShown" :aria-valuetext="valueText" data-lever @keydown="key"
    >
      <span class="figures">{{ shown }}</span><span class="unit">{{ symbol }}</span>
    </div>
  </div>
</template>

<style scoped>
.lever { position: relative; height: 100%; width: 115px; touch-action: none; cursor: ns-resize; overflow: hidden; }
svg { position: absolute; inset: 0; }
.silhouette { fill: var(--band); stroke: var(--ink); stroke-width: 1; }
.tick { stroke: var(--text); stroke-width: 1; }
.tick-label { font: 600 16px var(--figures); fill: var(--text); }
.track { fill: var(--sheet); stroke: var(--ink); stroke-width: 1; }
.hatch { stroke: var(--soft); stroke-width: 1.5; }
.filled { fill: var(--signal); }
.all-day { fill: var(--fits); }
.minutes { fill: none; stroke: var(--tight); stroke-width: 1; stroke-dasharray: 2 1.5; }
.mark { fill: none; stroke: var(--text); stroke-width: 1; }
.mark-label { font: 500 12.500px var(--labels); fill: var(--text); text-anchor: end; paint-order: stroke; stroke: var(--sheet); stroke-width: 3px; }
.hours { font: 500 12px var(--figures); fill: var(--soft); text-anchor: end; paint-order: stroke; stroke: var(--sheet); stroke-width: 3px; }
.handle { position: absolute; left: 2px; width: 104px; height: 36px; margin-top: -18px; background: var(--signal); color: var(--on-signal); clip-path: polygon(0 0, 84% 0, 100% 50%, 84% 100%, 0 100%); display: flex; align-items: baseline; gap: 3px; padding: 3px 0 0 9px; cursor: grab; }
.handle .figures { font-size: 26px; line-height: 30px; }
.handle .unit { font: 500 14px var(--figures); }
.handle:focus-visible { outline: none; box-shadow: inset 0 0 0 3px var(--on-signal); }
</style>
