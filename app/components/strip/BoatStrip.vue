<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize, useMediaQuery } from '@vueuse/core'
import { quantityText } from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import BoatElevation from './BoatElevation.vue'
import PowerCells from './PowerCells.vue'
import { STAGES } from './stages'
import { wavePath } from './wavePath'

/** The boat in side elevation, its own wave, and the flow of power from the pack to the water. */
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const box = ref<HTMLElement>()
const { width, height } = useElementSize(box)
const compact = useMediaQuery('(max-width: 899px)')

const boat = computed(() => document.shown.boat)
const elevation = computed(() => answer.evaluation.model.hullType.elevation(boat.value, answer.evaluation.model.form))
const layout = computed(() => {
  const e = elevation.value
  const side = compact.value ? 10 : 62, above = compact.value ? 40 : 46, below = compact.value ? 6 : 22
  const pixelsPerMetre = Math.max(1, Math.min((width.value - 2 * side) / e.lengthOverAll, (height.value - above - below) / (e.top - e.bottom)))
  return { pixelsPerMetre, bowX: (width.value - e.lengthOverAll * pixelsPerMetre) / 2, waterY: above + e.top * pixelsPerMetre + Math.max(0, height.value - above - below - (e.top - e.bottom) * pixelsPerMetre) * 0.5 }
})
const wave = computed(() => wavePath(layout.value, elevation.value.waterlineFrom, answer.evaluation.model.form.lengthWaterline, answer.evaluation.point.waveLength, answer.evaluation.point.froude, width.value))

/** Ribbon: as thick as the power, at most 20 px at the top speed wished; 4.4 px a kW for small drives. */
const RIBBON_Y = 2
const perKilowatt = computed(() => Math.min(4.4, 18 / Math.max(0.1, answer.summary.top.drive.packPower / 1000)))
const ribbon = computed(() => {
  const cell = width.value / STAGES.length
  return STAGES.map((stage, i) => {
    const inKw = stage.power(answer.evaluation.point) / 1000
    const next = STAGES[i + 1]
    const outKw = next ? next.power(answer.evaluation.point) / 1000 : inKw
    const a = Math.max(1.2, Math.min(22, inKw * perKilowatt.value)), b = Math.max(1.2, Math.min(22, outKw * perKilowatt.value))
    const x0 = i * cell + (i ? 3 : 0), x1 = (i + 1) * cell - 10, tip = (i + 1) * cell
    return `M${x0} ${RIBBON_Y}L${x1} ${RIBBON_Y}L${tip} ${RIBBON_Y + Math.min(a, b) / 2}L${x1} ${RIBBON_Y + a}L${x0} ${RIBBON_Y + a}Z`
  })
})
const places = computed(() => {
  const e = elevation.value
  return { pack: e.pack, controller: e.controller, motor: e.motor, propeller: e.propeller, hull: { x: Math.min(e.lengthOverAll * 0.99, e.waterlineTo), z: 0 } }
})
const leaders = computed(() => STAGES.map((stage, i) => {
  const { pixelsPerMetre: k, bowX, waterY } = layout.value
  const place = places.value[stage.part]
  const px = bowX + place.x * k, lift = 'height' in place ? place.height / 2 * k : 'diameter' in place ? place.diameter / 2 * k : 0
  const py = waterY - place.z * k - lift
  const from = (i + 0.5) * width.value / STAGES.length
  const knee = 26
  return { part: stage.part, x: px, y: py, path: `M${from} ${RIBBON_Y + 4}V${knee - 8}L${px} ${knee + 8}V${py}`, mark: { x: px - 8, y: py - 20 } }
}))
const worst = computed(() => answer.summary.findings.worst)
const text = computed(() => ({
  length: quantityText(boat.value.lengthOverAll, 'length', view.choice), draught: quantityText(boat.value.draught, 'length', view.choice),
  wave: `${m.strip.wave} ${quantityText(answer.evaluation.point.waveLength, 'length', view.choice)}, ${m.strip.waterline} ${quantityText(answer.evaluation.model.form.lengthWaterline, 'length', view.choice)}`,
}))
const keelX = computed(() => layout.value.bowX + (elevation.value.lengthOverAll + 0.25) * layout.value.pixelsPerMetre + 14)
const bottomY = computed(() => layout.value.waterY - elevation.value.bottom * layout.value.pixelsPerMetre)
</script>

<template>
  <section class="strip" :aria-label="m.strip.label(document.shown.name)">
    <PowerCells :compact="compact" />
    <div ref="box" class="drawing">
      <svg v-if="width > 0" :width="width" :height="height" role="img" :aria-label="text.wave">
        <defs>
          <pattern id="ballast" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0v7" stroke="var(--ink)" stroke-width=".9" /></pattern>
          <pattern id="cells" width="9" height="40" patternUnits="userSpaceOnUse"><path d="M0 0v40M1 40 8 0" stroke="var(--ink)" stroke-width="1" fill="none" /></pattern>
          <pattern id="ribs" width="4" height="10" patternUnits="userSpaceOnUse"><path d="M2 0v10" stroke="var(--ink)" stroke-width="1" /></pattern>
        </defs>
        <path :d="`${wave}V${height}H0Z`" class="sea" />
        <BoatElevation :elevation="elevation" :scale="layout" />
        <path :d="wave" class="surface" />
        <path v-for="(d, i) in ribbon" :key="i" :d="d" class="ribbon" />
        <path v-for="l in leaders" :key="l.part" :d="l.path" class="leader" />
        <circle v-for="l in leaders" :key="`${l.part}-dot`" :cx="l.x" :cy="l.y" r="2" class="dot" />
        <g v-for="l in leaders" :key="`${l.part}-mark`" :transform="`translate(${l.mark.x} ${l.mark.y})`">
          <circle cx="8" cy="8" r="10" class="disc" />
          <StateMark :state="worst[l.part] ?? 'fits'" :size="16" />
        </g>
        <template v-if="!compact">
          <path :d="`M${layout.bowX} ${height - 11}H${layout.bowX + elevation.lengthOverAll * layout.pixelsPerMetre}M${layout.bowX} ${height - 15}v8M${layout.bowX + elevation.lengthOverAll * layout.pixelsPerMetre} ${height - 15}v8`" class="dimension" />
          <text :x="width / 2" :y="height - 6" class="dimension-text boxed" text-anchor="middle">{{ text.length }}</text>
          <path :d="`M${keelX} ${layout.waterY}V${bottomY}M${keelX - 4} ${layout.waterY}h8M${keelX - 4} ${bottomY}h8`" class="dimension" />
          <text :x="keelX + 5" :y="(layout.waterY + bottomY) / 2 + 4" class="dimension-text">{{ text.draught }}</text>
          <text x="8" :y="layout.waterY + 26" class="wave-text"><tspan x="8">{{ text.wave.split(', ')[0] }},</tspan><tspan x="8" dy="15">{{ text.wave.split(', ')[1] }}</tspan></text>
        </template>
      </svg>
    </div>
  </section>
</template>

<style scoped>
.strip { display: grid; grid-template-rows: auto minmax(0, 1fr); height: 100%; min-width: 0; background: var(--paper); }
.drawing { position: relative; min-height: 0; overflow: hidden; }
svg { position: absolute; inset: 0; }
.sea { fill: var(--water); }
.surface { fill: none; stroke: var(--ink); stroke-width: 1.4; }
.ribbon { fill: var(--ink); }
.leader { fill: none; stroke: var(--text); stroke-width: .9; }
.dot { fill: var(--text); }
.disc { fill: var(--hull); }
.dimension { fill: none; stroke: var(--soft); stroke-width: .75; }
.dimension-text { font: 600 14px var(--figures); fill: var(--text); paint-order: stroke; stroke: var(--water); stroke-width: 6px; }
.wave-text { font: 400 12.500px var(--labels); fill: var(--text); }
</style>
