<script setup lang="ts">
import { computed } from 'vue'
import { FIELDS } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { dimensionLine } from '~/components/strip/dimensionLine'
import { strokesToPath } from '~/components/strip/strokesToPath'

/** Where each dimension is measured: the boat from the side and her section from aft, to one scale each. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const W = 460,
  SIDE = 300,
  H = 128,
  WATER = 74
const boat = computed(() => document.shown.boat)
const form = computed(() => answer.model.form)
const elevation = computed(() => answer.model.hullType.elevation(boat.value, form.value))
const scale = computed(() => {
  const e = elevation.value
  const k = Math.min((SIDE - 44) / e.lengthOverAll, 46 / Math.max(0.3, e.top * 0.75), 34 / Math.max(0.1, -e.bottom))
  return { pixelsPerMetre: k, bowX: 12, waterY: WATER }
})
const x = (metres: number) => 12 + metres * scale.value.pixelsPerMetre
const keelY = computed(() => WATER - elevation.value.bottom * scale.value.pixelsPerMetre)

/** the section: one body, two hulls or tubes */
const section = computed(() => {
  const f = form.value
  const k = Math.min(120 / boat.value.beam, 40 / Math.max(0.2, f.draughtBody * 1.6))
  const middle = SIDE + 88,
    half = (f.beamWaterline / 2) * k,
    T = f.draughtBody * k
  const places = Array.from({ length: f.hulls }, (_, i) => middle + (i - (f.hulls - 1) / 2) * f.hullSpacing * k)
  const R = (f.tubeDiameter / 2) * k
  const body = (c: number) =>
    f.section === 'tube'
      ? `M${c - R} ${WATER + T - R}a${R} ${R} 0 1 0 ${2 * R} 0a${R} ${R} 0 1 0 ${-2 * R} 0Z`
      : f.bottom
        ? `M${c - half * 1.12} ${WATER - 22}L${c - half} ${WATER + T - half * Math.tan(f.bottom.deadrise)}L${c} ` +
          `${WATER + T}L${c + half} ${WATER + T - half * Math.tan(f.bottom.deadrise)}L${c + half * 1.12} ${WATER - 22}Z`
        : `M${c - half * 1.1} ${WATER - 20}L${c - half} ${WATER}C${c - half} ${WATER + T * 0.8} ` +
          `${c - half * 0.6} ${WATER + T} ${c} ${WATER + T}C${c + half * 0.6} ${WATER + T} ${c + half} ` +
          `${WATER + T * 0.8} ${c + half} ${WATER}L${c + half * 1.1} ${WATER - 20}Z`
  const beam = (boat.value.beam / 2) * k
  return {
    middle,
    beam,
    half,
    places,
    paths: places.map(body),
    deck: f.hulls > 1 ? `M${middle - beam} ${WATER - 26}H${middle + beam}v6H${middle - beam}Z` : '',
  }
})
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" class="measure" role="img" :aria-label="boardWords.boat.measure">
    <path :d="`M0 ${WATER}H${SIDE - 8}M${SIDE + 6} ${WATER}H${W}`" class="water" />
    <path v-if="elevation.keel" :d="strokesToPath(elevation.keel, scale)" class="body" />
    <path v-if="elevation.rudder" :d="strokesToPath(elevation.rudder, scale)" class="body" />
    <path :d="strokesToPath(elevation.hull, scale)" class="body" />
    <path v-if="elevation.roof" :d="strokesToPath(elevation.roof, scale)" class="line" />
    <path :d="dimensionLine(x(0), x(elevation.lengthOverAll), H - 10)" class="dimension" />
    <text :x="x(elevation.lengthOverAll / 2)" :y="H - 1" class="word">{{ FIELDS['boat.lengthOverAll'].label }}</text>
    <path
      :d="dimensionLine(x(elevation.waterlineFrom), x(elevation.waterlineTo), WATER + 5)"
      class="dimension strong"
    />
    <path :d="`M${x(elevation.lengthOverAll) + 9} ${WATER}V${keelY}m-4 0h8m-8 ${WATER - keelY}h8`" class="dimension" />
    <text :x="x(elevation.lengthOverAll) + 15" :y="(WATER + keelY) / 2 + 4" class="word start">
      {{ text(boat.draught, 'length') }}
    </text>
    <path v-for="(d, i) in section.paths" :key="i" :d="d" class="body" />
    <path v-if="section.deck" :d="section.deck" class="body" />
    <path
      :d="dimensionLine(section.middle - section.beam, section.middle + section.beam, WATER - 36)"
      class="dimension"
    />
    <text :x="section.middle" :y="WATER - 42" class="word">{{ FIELDS['boat.beam'].label }}</text>
    <path
      v-if="section.places.length > 1"
      :d="dimensionLine(section.places[0]!, section.places[1]!, H - 10)"
      class="dimension strong"
    />
    <path
      v-else
      :d="dimensionLine(section.middle - section.half, section.middle + section.half, WATER + 5)"
      class="dimension strong"
    />
    <text :x="section.middle" :y="H - 1" class="word soft">{{ boardWords.boat.section }}</text>
  </svg>
</template>

<style scoped>
.measure {
  display: block;
  width: 100%;
  margin: 4px 0 2px;
  background: var(--sheet);
  border: 0.75px solid var(--rule);
}
.water {
  stroke: var(--soft);
  stroke-width: 0.75;
}
.body {
  fill: var(--hull);
  stroke: var(--ink);
  stroke-width: 1.25;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
}
.dimension {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1;
}
.strong {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.word {
  font: 500 12px var(--labels);
  fill: var(--text);
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.start {
  text-anchor: start;
}
.soft {
  fill: var(--soft);
}
</style>
