<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { dateOfDay, type PackHealth } from '@remigo/core'
import { healthWords as words } from '~/messages/health'
import { useQuantities } from '~/composables/useQuantities'
import { between, line } from '~/components/day/chartPaths'

/** Capacity over the days of the log: the line with its band, and what each trip said by itself. */
const props = defineProps<{ health: PackHealth; whole: number }>()
const { text } = useQuantities()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const wide = computed(() => Math.max(220, width.value || 290))
const HIGH = 188,
  LEFT = 36,
  RIGHT = 6,
  TOP = 8,
  BELOW = 24
const first = computed(() => props.health.course[0]!.day)
const last = computed(() => Math.max(first.value + 30, props.health.course.at(-1)!.day))
const top = computed(() => Math.max(1.04, ...props.health.course.map(c => c.high)) + 0.01)
const LOWEST = 0.76
const x = (day: number) =>
  LEFT + ((day - first.value) / (last.value - first.value)) * (wide.value - LEFT - RIGHT - 8) + 4
const y = (share: number) =>
  TOP + ((top.value - Math.max(LOWEST, Math.min(top.value, share))) / (top.value - LOWEST)) * (HIGH - TOP - BELOW)
const band = computed(() =>
  between(
    props.health.course.map(c => ({ x: x(c.day), y: y(c.high) })),
    props.health.course.map(c => ({ x: x(c.day), y: y(c.low) })),
  ),
)
const centre = computed(() => line(props.health.course.map(c => ({ x: x(c.day), y: y(c.value) }))))
const bars = computed(() => props.health.readings.slice(-40))
const ticks = computed(() =>
  [1, 0.9, 0.8].map(share => ({ at: y(share), word: text(share * props.whole, 'charge').split('\u00A0')[0]! })),
)
const months = computed(() => {
  const names: { at: number; word: string }[] = []
  let before = ''
  for (let day = first.value; day <= last.value; day++) {
    const date = dateOfDay(day),
      month = date.slice(0, 7)
    if (month !== before && names.every(n => x(day) - n.at > 34))
      names.push({
        at: x(day),
        word: new Date(`${date}T00:00:00Z`).toLocaleDateString('en', { month: 'short', timeZone: 'UTC' }),
      })
    before = month
  }
  return names.filter(n => n.at < wide.value - 22)
})
const BAND = 1.2816
</script>

<template>
  <div ref="frame">
    <svg :viewBox="`0 0 ${wide} ${HIGH}`" role="img" :aria-label="words.capacity" data-capacity>
      <rect :x="LEFT" :y="TOP" :width="wide - LEFT - RIGHT" :height="HIGH - TOP - BELOW" class="frame" />
      <rect :x="LEFT" :y="y(0.8)" :width="wide - LEFT - RIGHT" :height="HIGH - BELOW - y(0.8)" class="worn" />
      <g v-for="t in ticks" :key="t.word">
        <path :d="`M${LEFT} ${t.at}H${wide - RIGHT}`" class="grid" />
        <text :x="LEFT - 5" :y="t.at + 4" text-anchor="end" class="axis">{{ t.word }}</text>
      </g>
      <path :d="`M${LEFT} ${y(1)}H${wide - RIGHT}`" class="new" />
      <path :d="`M${LEFT} ${y(0.8)}H${wide - RIGHT}`" class="edge" />
      <path :d="band" class="band" />
      <path
        v-for="(r, i) in bars"
        :key="`b${i}`"
        :d="`M${x(r.day)} ${y(r.share - BAND * r.sigma)}V${y(r.share + BAND * r.sigma)}`"
        class="bar"
      />
      <path :d="centre" class="line" />
      <circle v-for="(r, i) in bars" :key="i" :cx="x(r.day)" :cy="y(r.share)" r="3.2" class="dot" />
      <circle :cx="x(health.course.at(-1)!.day)" :cy="y(health.now.value)" r="5" class="now" />
      <text v-for="m in months" :key="m.at" :x="m.at" :y="HIGH - 6" text-anchor="middle" class="say">{{ m.word }}</text>
      <text :x="wide - RIGHT - 4" :y="y(1) - 5" text-anchor="end" class="say halo">
        {{ words.new(text(whole, 'charge')) }}
      </text>
      <text :x="LEFT + 5" :y="y(0.8) - 5" class="say halo">{{ words.wornLine(text(0.8 * whole, 'charge')) }}</text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.frame {
  fill: var(--sheet);
}
.worn {
  fill: var(--desk);
}
.grid {
  stroke: var(--grid);
}
.axis {
  font: 600 12.5px var(--figures);
  fill: var(--text);
}
.say {
  font: 400 12px var(--labels);
  fill: var(--text);
}
.halo {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.new {
  stroke: var(--ink);
}
.edge {
  stroke: var(--text);
  stroke-dasharray: 6 4;
}
.band {
  fill: var(--band);
  opacity: 0.8;
}
.bar {
  stroke: var(--rule);
  stroke-width: 1;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.25;
}
.dot {
  fill: var(--sheet);
  stroke: var(--text);
  stroke-width: 1.5;
}
.now {
  fill: var(--ink);
}
</style>
