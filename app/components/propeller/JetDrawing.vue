<script setup lang="ts">
import { computed } from 'vue'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/**
 * Section through inlet, pump and nozzle, to scale, bow to the left: impeller and nozzle are drawn as wide as they are.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const W = 520,
  H = 210,
  BOTTOM = 158,
  TRANSOM = 410
const jet = computed(() => document.shown.design.jet)
const room = computed(() => document.shown.boat.drive.greatestDiameter)
const scale = computed(() => 96 / Math.max(room.value, jet.value.impellerDiameter))
const D = computed(() => jet.value.impellerDiameter * scale.value)
const nozzle = computed(() => jet.value.nozzleDiameter * scale.value)
const ring = computed(() => room.value * scale.value)
const axis = computed(() => BOTTOM - 12 - Math.max(D.value, ring.value) / 2)
const duct = computed(() => {
  const top = axis.value - D.value / 2,
    bottom = axis.value + D.value / 2,
    n = nozzle.value / 2
  return (
    `M60 ${BOTTOM}C150 ${BOTTOM} 190 ${top} 270 ${top}H350L${TRANSOM + 34} ` +
    `${axis.value - n}V${axis.value + n}L350 ${bottom}H270C235 ${bottom} 220 ${BOTTOM} 200 ${BOTTOM}Z`
  )
})
const state = computed(() => answer.stateOf('propeller'))
const label = computed(
  () =>
    `${benchWords.jet.impeller} ${text(jet.value.impellerDiameter, 'smallLength')}, ${benchWords.jet.nozzle} ` +
    `${text(jet.value.nozzleDiameter, 'smallLength')}`,
)
const impeller = computed(() => {
  const [upper, lower, top, bottom] = [-D.value / 4, D.value / 4, -D.value / 2 + 2, D.value / 2 - 2].map(
    y => axis.value + y,
  )
  return `M298 ${top}C318 ${upper} 318 ${lower} 298 ${bottom}L322 ${bottom}C336 ${lower} 336 ${upper} 322 ${top}Z`
})
</script>

<template>
  <section class="block" :aria-label="benchWords.jet.place">
    <h2 class="section-head">
      {{ benchWords.jet.place }}<span class="state"><StateMark :state="state" /> {{ label }}</span>
    </h2>
    <svg :viewBox="`0 0 ${W} ${H}`" class="to-scale" role="img" :aria-label="label">
      <path :d="`M0 24H${TRANSOM}V${BOTTOM}H0Z`" class="hull" />
      <path :d="duct" class="duct" />
      <path :d="`M310 ${axis - ring / 2}V${axis + ring / 2}`" class="room" />
      <path :d="`M20 ${axis}H316`" class="shaft" />
      <path :d="impeller" class="blade" />
      <path :d="`M292 ${axis - 8}H330L346 ${axis}L330 ${axis + 8}H292Z`" class="hub" />
      <path v-for="x in [90, 112, 134, 156, 178]" :key="x" :d="`M${x} ${BOTTOM}v-7`" class="grille" />
      <path :d="`M${TRANSOM + 44} ${axis - nozzle / 2}v${nozzle}m-4 0h8m-8 ${-nozzle}h8`" class="dimension" />
      <text :x="W - 4" :y="axis + 5" class="dimension-text" text-anchor="end">
        {{ text(jet.nozzleDiameter, 'smallLength') }}
      </text>
      <path :d="`M252 ${axis - D / 2}v${D}m-4 0h8m-8 ${-D}h8`" class="dimension" />
      <text x="252" :y="axis - D / 2 - 9" class="dimension-text" text-anchor="middle">
        {{ text(jet.impellerDiameter, 'smallLength') }}
      </text>
      <text x="130" :y="BOTTOM + 20" class="caption" text-anchor="middle">{{ benchWords.jet.inlet }}</text>
      <text :x="TRANSOM + 20" :y="BOTTOM + 20" class="caption" text-anchor="middle">{{ benchWords.jet.nozzle }}</text>
      <text x="8" :y="H - 8" class="caption">{{ benchWords.propeller.side }}</text>
    </svg>
  </section>
</template>

<style scoped>
.duct {
  fill: var(--water);
  stroke: var(--ink);
  stroke-width: 1.75;
}
.grille {
  stroke: var(--ink);
  stroke-width: 2;
}
.state {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  color: var(--text);
  font-size: 13px;
}
</style>
