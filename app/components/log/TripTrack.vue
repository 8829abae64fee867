<script setup lang="ts">
import { computed } from 'vue'
import type { Trip } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'

/** The way of a trip without a map: north is up, a bar says how far. */
const props = defineProps<{ track: Trip['track'] }>()
const { text } = useQuantities()
const EARTH = 6_371_000,
  SIZE = 190,
  EDGE = 16
const drawn = computed(() => {
  const { track } = props
  const mid = track.reduce((s, p) => s + p.latitude, 0) / track.length
  const at = track.map(p => ({
    x: (p.longitude - track[0]!.longitude) * Math.cos(mid) * EARTH,
    y: -(p.latitude - track[0]!.latitude) * EARTH,
  }))
  const xs = at.map(p => p.x),
    ys = at.map(p => p.y)
  const span = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys), 20)
  const k = (SIZE - 2 * EDGE) / span
  const left = (SIZE - (Math.max(...xs) - Math.min(...xs)) * k) / 2,
    top = (SIZE - (Math.max(...ys) - Math.min(...ys)) * k) / 2
  const places = at.map(p => ({ x: left + (p.x - Math.min(...xs)) * k, y: top + (p.y - Math.min(...ys)) * k }))
  // a round length of the bar, in metres
  const power = 10 ** Math.floor(Math.log10(span / 2)),
    bar = [5, 2, 1].map(n => n * power).find(n => n <= span / 2) ?? power
  return {
    places,
    d: places.map((p, i) => `${i ? 'L' : 'M'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join(''),
    bar,
    long: bar * k,
  }
})
</script>

<template>
  <svg :viewBox="`0 0 ${SIZE} ${SIZE + 22}`" role="img" :aria-label="words.track" data-track>
    <rect :width="SIZE" :height="SIZE" class="water" />
    <path :d="drawn.d" class="way" />
    <circle :cx="drawn.places[0]!.x" :cy="drawn.places[0]!.y" r="4" class="start" />
    <path d="M176 24V8m-4 5l4-6l4 6" class="north" />
    <path :d="`M8 ${SIZE + 8}h${drawn.long}m0 -4v8M8 ${SIZE + 4}v8`" class="bar" />
    <text :x="drawn.long + 16" :y="SIZE + 12">{{ text(drawn.bar, drawn.bar >= 1000 ? 'distance' : 'length') }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 240px;
}
.water {
  fill: var(--water);
  stroke: var(--ink);
}
.way {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}
.start {
  fill: var(--text);
}
.north,
.bar {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.5;
}
text {
  font: 400 11px var(--labels);
  fill: var(--text);
}
</style>
