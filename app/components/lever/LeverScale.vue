<script setup lang="ts">
import { computed } from 'vue'
import { quantityText } from '@remigo/core'
import { useLever } from '~/composables/useLever'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { useRangeEnd } from '~/composables/useRangeEnd'
import { areaPoints } from './areaPoints'

/** What stands still behind the upright lever: scale, power silhouette, what the drive holds, hours left. */
const props = defineProps<{
  width: number
  height: number
  y: (speed: number) => number
  labels: Record<string, number>
  trackX: number
}>()
const answer = useAnswerStore()
const { longer } = useRangeEnd()
const view = useViewStore()
const { most, marks, ticks } = useLever()
const SILHOUETTE = props.trackX + 14

const widest = computed(() => Math.max(...answer.curve.map(p => p.drive.shaftPower)))
const silhouette = computed(() =>
  areaPoints(
    answer.curve.map(p => [
      SILHOUETTE + ((props.width - SILHOUETTE - 2) * p.drive.shaftPower) / widest.value,
      props.y(p.speed),
    ]),
    ([, y]) => [SILHOUETTE, y],
  ),
)
const holds = computed(() => {
  const { allDaySpeed: a, minutesSpeed: b } = answer.summary
  const top = (s: typeof a) => (s.outcome === 'none' ? 0 : Math.min(most.value, s.speed))
  return { allDay: top(a), minutes: Math.max(top(a), top(b)) }
})
const topY = computed(() => props.y(Math.min(most.value, marks.value.find(k => k.key === 'top')?.speed ?? most.value)))
/** hours left at whole speeds, where no mark's label stands */
const hours = computed(() =>
  ticks.value
    .filter(t => t.speed > 0)
    .flatMap(t => {
      const at = props.y(t.speed)
      if (Object.values(props.labels).some(l => Math.abs(l - at) < 15)) return []
      const near = answer.curve.reduce((a, b) => (Math.abs(b.speed - t.speed) < Math.abs(a.speed - t.speed) ? b : a))
      return [
        {
          at,
          text: near.timeLeft > 99 * 3600 ? '' : quantityText(near.timeLeft * longer.value, 'duration', view.choice),
        },
      ]
    }),
)
</script>

<template>
  <svg :width="width" :height="height" aria-hidden="true">
    <defs>
      <pattern id="lever-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0v6" class="hatch" />
      </pattern>
    </defs>
    <polygon :points="silhouette" class="silhouette" />
    <g v-for="t in ticks" :key="t.label">
      <path :d="`M${trackX - 10} ${y(t.speed)}h9`" class="tick" />
      <text x="6" :y="y(t.speed) + 4" class="tick-label">{{ t.label }}</text>
    </g>
    <rect :x="trackX" :y="y(most)" width="9" :height="y(0) - y(most)" class="track" />
    <rect :x="trackX" :y="y(most)" width="9" :height="Math.max(0, topY - y(most))" fill="url(#lever-hatch)" />
    <rect :x="trackX + 10" :y="y(holds.allDay)" width="3.5" :height="y(0) - y(holds.allDay)" class="all-day" />
    <rect
      :x="trackX + 10"
      :y="y(holds.minutes)"
      width="3.5"
      :height="Math.max(0, y(holds.allDay) - y(holds.minutes))"
      class="minutes"
    />
    <text v-for="h in hours" :key="h.at" :x="width - 3" :y="h.at + 4" class="hours">{{ h.text }}</text>
    <path
      v-for="mark in marks"
      :key="mark.key"
      :d="`M${trackX} ${y(mark.speed)}h22L${width - 52} ${labels[mark.key]! + 3}H${width}`"
      class="mark"
    />
  </svg>
</template>

<style scoped>
svg {
  position: absolute;
  inset: 0;
  contain: strict;
}
.silhouette {
  fill: var(--band);
  stroke: var(--ink);
  stroke-width: 1;
}
.tick {
  stroke: var(--text);
  stroke-width: 1;
}
.tick-label {
  font: 600 16px var(--figures);
  fill: var(--text);
}
.track {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1;
}
.hatch {
  stroke: var(--soft);
  stroke-width: 1.5;
}
.all-day {
  fill: var(--fits);
}
.minutes {
  fill: none;
  stroke: var(--tight);
  stroke-width: 1;
  stroke-dasharray: 2 1.5;
}
.mark {
  fill: none;
  stroke: var(--text);
  stroke-width: 1;
}
.hours {
  font: 500 12px var(--figures);
  fill: var(--soft);
  text-anchor: end;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
</style>
