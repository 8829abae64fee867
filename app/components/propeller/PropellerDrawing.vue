<script setup lang="ts">
import { computed } from 'vue'
import { hasLeg, QUIET_TIPS, tipClearance } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** The propeller in its place, to scale, from the side and from aft: the largest disc that fits is the dashed ring. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const W = 520,
  H = 210,
  CY = 112
const propeller = computed(() => document.shown.design.propeller)
const room = computed(() => document.shown.boat.drive.greatestDiameter)
/** a leg carries the propeller below its plate, which sets the room above */
const leg = computed(() => hasLeg(document.shown.boat.drive.kind))
/** px a metre: the disc that fits, with its clearance of 15 % above, fills the height */
const scale = computed(() => 150 / (1.3 * Math.max(room.value, propeller.value.diameter)))
const r = computed(() => (propeller.value.diameter / 2) * scale.value)
const ring = computed(() => (room.value / 2) * scale.value)
const hullY = computed(() => CY - ring.value - 0.15 * room.value * scale.value)
/** blades from aft: as broad as the blade area makes them */
const blade = computed(() => {
  const { areaRatio, blades } = propeller.value
  const half = Math.min(0.5, (0.62 * areaRatio * Math.PI) / blades / 1.6) * r.value
  return (
    `M0 0C${half * 0.7} ${-r.value * 0.25} ${half * 1.5} ${-r.value * 0.7} ${half * 0.5} ` +
    `${-r.value * 0.97}C${half * 0.1} ${-r.value * 1.01} ${-half * 0.5} ${-r.value} ${-half * 0.9} ` +
    `${-r.value * 0.8}C${-half * 1.3} ${-r.value * 0.5} ${-half * 0.6} ${-r.value * 0.2} 0 0Z`
  )
})
/** gear case of a leg from the side, from the plate down to the bullet */
const legSide = computed(
  () =>
    `M92 ${hullY.value}H130L134 ${CY - 14}C134 ${CY - 16} 140 ${CY - 13} 142 ${CY - 9}V${CY + 9}` +
    `C136 ${CY + 13} 120 ${CY + 14} 104 ${CY + 12}C88 ${CY + 11} 78 ${CY + 5} 76 ${CY}` +
    `C78 ${CY - 5} 88 ${CY - 11} 96 ${CY - 12}Z`,
)
/** bottom of the hull from aft, the disc's middle at 0 */
const hullAstern = computed(() => {
  const y = hullY.value - CY
  return `M-110 ${y - 20}H110V${y - 2}C60 ${y} 14 ${y + 3} 7 ${y + 3}H-7C-14 ${y + 3} -60 ${y} -110 ${y - 2}Z`
})
const angles = computed(() =>
  Array.from({ length: propeller.value.blades }, (_, i) => (i * 360) / propeller.value.blades),
)
const clearance = computed(() => tipClearance(room.value, propeller.value.diameter))
const state = computed(() => answer.findings.findings.find(f => f.rule === 'propellerDiameter')?.severity ?? 'fits')
const label = computed(
  () =>
    `${text(propeller.value.diameter, 'smallLength')} ${benchWords.propeller.across}, ` +
    `${text(clearance.value, 'smallLength')} ${benchWords.propeller.clear}, ` +
    `${text(QUIET_TIPS * propeller.value.diameter, 'smallLength')} ${benchWords.propeller.wanted}`,
)
</script>

<template>
  <section class="block" :aria-label="benchWords.propeller.place">
    <h2 class="section-head">
      {{ benchWords.propeller.place
      }}<span class="state"
        ><StateMark :state="state" /> <FigureValue id="tipClearance" size="inline" /> {{ benchWords.propeller.clear }},
        {{ text(QUIET_TIPS * propeller.diameter, 'smallLength') }} {{ benchWords.propeller.wanted }}</span
      >
    </h2>
    <svg :viewBox="`0 0 ${W} ${H}`" class="to-scale" role="img" :aria-label="label">
      <g>
        <template v-if="leg">
          <path :d="`M0 ${hullY - 26}H70V${hullY - 10}H0Z`" class="hull" />
          <path :d="`M84 ${hullY - 26}H132V${hullY - 7}H84Z`" class="hull" />
          <path :d="`M56 ${hullY - 7}H216L206 ${hullY}H64Z`" class="hull" data-plate />
          <path :d="legSide" class="hull" />
          <path :d="`M100 ${CY + 12}L128 ${CY + 12}L120 ${Math.min(H - 10, CY + ring + 4)}H110Z`" class="hull" />
          <text :x="220" :y="hullY + 2" class="caption">{{ driveWords.leg }}</text>
        </template>
        <template v-else>
          <path
            :d="`M0 ${hullY - 22}H250V${hullY}C190 ${hullY + 2} 150 ${hullY} 118 ${CY - 22}L0 ${CY - 12}Z`"
            class="hull"
          />
          <path :d="`M0 ${CY - 5}H108V${CY + 5}H0Z`" class="hull" />
          <path :d="`M206 ${hullY + 6}H232L228 ${H - 14}H202Z`" class="hull" />
        </template>
        <path :d="`M${leg ? 140 : 104} ${CY}H172`" class="shaft" />
        <path :d="`M150 ${CY - ring}V${CY + ring}`" class="room" />
        <ellipse cx="150" :cy="CY - r / 2" :rx="Math.max(4, r * 0.16)" :ry="r / 2" class="blade" />
        <ellipse cx="150" :cy="CY + r / 2" :rx="Math.max(4, r * 0.16)" :ry="r / 2" class="blade" />
        <path :d="`M140 ${CY - 7}H158L172 ${CY}L158 ${CY + 7}H140Z`" class="hub" />
        <path :d="`M178 ${hullY + 1}V${CY - r}m-4 0h8M174 ${hullY + 1}h8`" class="dimension" />
        <text x="8" :y="H - 8" class="caption">{{ benchWords.propeller.side }}</text>
      </g>
      <g :transform="`translate(395 ${CY})`">
        <template v-if="leg">
          <path :d="`M-46 ${hullY - CY - 7}H46V${hullY - CY}H-46Z`" class="hull" />
          <path :d="`M-14 ${hullY - CY - 26}H14V${hullY - CY - 7}H-14ZM-6 ${hullY - CY}H6V-12H-6Z`" class="hull" />
          <circle r="13" class="hull" />
          <path :d="`M-3 12H3V${Math.min(H - CY - 10, ring + 4)}H-3Z`" class="hull" />
        </template>
        <path v-else :d="hullAstern" class="hull" />
        <circle :r="ring" class="room" />
        <path v-for="a in angles" :key="a" :d="blade" :transform="`rotate(${a})`" class="blade" />
        <circle r="9" class="hub" />
        <path :d="`M${-r} ${r + 10}H${r}M${-r} ${r + 6}v8M${r} ${r + 6}v8`" class="dimension" />
        <text x="0" :y="r + 29" class="dimension-text" text-anchor="middle">
          {{ text(propeller.diameter, 'smallLength') }}
        </text>
        <text x="112" :y="H - CY - 6" class="caption" text-anchor="end">{{ benchWords.propeller.aft }}</text>
      </g>
    </svg>
  </section>
</template>

<style scoped>
.state {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  color: var(--text);
  font-size: 13px;
}
</style>
