<script setup lang="ts">
import { computed, ref } from 'vue'
import { geoEquirectangular, geoGraticule, geoPath } from 'd3-geo'
import { feature } from 'topojson-client'
import type { Topology } from 'topojson-specification'
import land from 'world-atlas/land-110m.json' with { type: 'json' }
import { sunWords } from '~/messages/sun'

/** A coarse world map that ships with Remigo: a touch or the arrow keys set the place. rad. */
const props = defineProps<{ latitude: number; longitude: number; words: string }>()
const emit = defineEmits<{ place: [{ latitude: number; longitude: number }] }>()
const WIDTH = 720,
  HEIGHT = 360,
  RAD = Math.PI / 180
const projection = geoEquirectangular()
  .scale(WIDTH / (2 * Math.PI))
  .translate([WIDTH / 2, HEIGHT / 2])
const path = geoPath(projection)
const topology = land as unknown as Topology
const coast = path(feature(topology, topology.objects.land!)) ?? ''
const grid = path(geoGraticule().step([30, 30])()) ?? ''
const mark = computed(() => projection([props.longitude / RAD, props.latitude / RAD])!)
const svg = ref<SVGSVGElement>()
const put = (latitude: number, longitude: number) =>
  emit('place', {
    latitude: Math.max(-90, Math.min(90, latitude)) * RAD,
    longitude: (((longitude + 540) % 360) - 180) * RAD,
  })
function touch(event: PointerEvent) {
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
  const [longitude, latitude] = projection.invert!([at.x, at.y])!
  // no finer than a tenth of a degree: the map is not
  put(Math.round(10 * latitude) / 10, Math.round(10 * longitude) / 10)
}
const STEPS: Record<string, [number, number]> = {
  ArrowUp: [1, 0],
  ArrowDown: [-1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}
function key(event: KeyboardEvent) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  event.stopPropagation()
  put(Math.round(props.latitude / RAD) + step[0], Math.round(props.longitude / RAD) + step[1])
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    class="map"
    role="application"
    tabindex="0"
    :aria-label="`${sunWords.map}. ${words}`"
    data-map
    @pointerdown="touch"
    @keydown="key"
  >
    <rect :width="WIDTH" :height="HEIGHT" class="sea" />
    <path :d="grid" class="grid" />
    <path :d="coast" class="land" />
    <path :d="`M0 ${HEIGHT / 2}H${WIDTH}`" class="equator" />
    <g :transform="`translate(${mark[0]} ${mark[1]})`">
      <circle r="9" class="ring" />
      <path d="M-16 0H-5M5 0H16M0 -16V-5M0 5V16" class="cross" />
    </g>
  </svg>
</template>

<style scoped>
.map {
  display: block;
  width: 100%;
  max-width: 760px;
  border: 1.25px solid var(--ink);
  cursor: crosshair;
  touch-action: manipulation;
}
.sea {
  fill: var(--water);
}
.grid {
  fill: none;
  stroke: var(--rule);
  stroke-width: 0.75;
}
.land {
  fill: var(--hull);
  stroke: var(--ink);
  stroke-width: 0.75;
}
.equator {
  stroke: var(--rule);
  stroke-width: 1.5;
}
.ring {
  fill: none;
  stroke: var(--signal);
  stroke-width: 3;
}
.cross {
  stroke: var(--signal);
  stroke-width: 2;
}
</style>
