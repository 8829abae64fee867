<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { quantityText } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useCompact } from '~/composables/useCompact'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { vLive } from '~/directives/live'
import PowerCells from './PowerCells.vue'
import StripDrawing from './StripDrawing.vue'
import { STAGES } from './stages'
import { wavePoints } from './wavePoints'

/** The boat in side elevation, its own wave, and the flow of power from the pack to the water. */
defineProps<{
  /** only the cells and the flow of power: the bench has the room */
  folded?: boolean
}>()
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const box = ref<HTMLElement>()
const { width, height } = useElementSize(box)
const compact = useCompact()

const boat = computed(() => document.shown.boat)
const elevation = computed(() => answer.model.hullType.elevation(boat.value, answer.model.form))
const layout = computed(() => {
  const e = elevation.value
  const side = compact.value ? 10 : 62,
    above = compact.value ? 40 : 46,
    below = compact.value ? 6 : 22
  /** an outboard or a leg stands out behind the stern */
  const span = Math.max(e.lengthOverAll, e.motor.x + e.motor.width / 2, e.propeller.x + e.propeller.diameter / 4)
  const pixelsPerMetre = Math.max(
    1,
    Math.min((width.value - 2 * side) / span, (height.value - above - below) / (e.top - e.bottom)),
  )
  return {
    pixelsPerMetre,
    bowX: Math.min((width.value - e.lengthOverAll * pixelsPerMetre) / 2, width.value - side - span * pixelsPerMetre),
    waterY:
      above +
      e.top * pixelsPerMetre +
      Math.max(0, height.value - above - below - (e.top - e.bottom) * pixelsPerMetre) * 0.5,
  }
})
const wave = computed(() =>
  wavePoints(
    layout.value,
    elevation.value.waterlineFrom,
    answer.model.form.lengthWaterline,
    answer.evaluation.point.waveLength,
    answer.evaluation.point.froude,
    width.value,
  ),
)

/** Ribbon: as thick as the power, at most 9 px at the top speed wished, so that it never runs into what is lost. */
const RIBBON_Y = 2
const perKilowatt = computed(() => Math.min(60, 9 / Math.max(0.05, answer.summary.top.drive.packPower / 1000)))
const ribbon = computed(() => {
  const cell = width.value / STAGES.length
  return STAGES.map((stage, i) => {
    const inKw = stage.power(answer.evaluation.point) / 1000
    const next = STAGES[i + 1]
    const outKw = next ? next.power(answer.evaluation.point) / 1000 : inKw
    const a = Math.max(1.2, Math.min(10, inKw * perKilowatt.value)),
      b = Math.max(1.2, Math.min(10, outKw * perKilowatt.value))
    const x0 = i * cell + (i ? 3 : 0),
      x1 = (i + 1) * cell - 10,
      tip = (i + 1) * cell
    return (
      `M${x0} ${RIBBON_Y}L${x1} ${RIBBON_Y}L${tip} ${RIBBON_Y + Math.min(a, b) / 2}L${x1} ${RIBBON_Y + a}L${x0} ` +
      `${RIBBON_Y + a}Z`
    )
  }).join('')
})
const surface = computed(() => `M${wave.value.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`)
/** a wave far longer than the hull is one that she has left behind: on the plane it says nothing */
const LEFT_BEHIND = 2.5
const waveText = computed(() => {
  const { waveLength } = answer.evaluation.point
  return waveLength > LEFT_BEHIND * answer.model.form.lengthWaterline
    ? ''
    : `${boardWords.strip.wave} ${quantityText(waveLength, 'length', view.choice)},`
})
const waterlineText = computed(
  () => `${boardWords.strip.waterline} ${quantityText(answer.model.form.lengthWaterline, 'length', view.choice)}`,
)
</script>

<template>
  <section class="strip" :aria-label="boardWords.strip.label(document.shown.name)">
    <PowerCells :compact="compact" :folded="folded" />
    <div ref="box" class="drawing">
      <!-- three layers: what does not move with the lever is not painted again with it -->
      <svg v-if="width > 0 && !folded" class="layer" :width="width" :height="height" aria-hidden="true">
        <path v-live:d="() => `${surface}V${height}H0Z`" class="sea" />
      </svg>
      <StripDrawing
        v-if="width > 0 && !folded"
        :width="width"
        :height="height"
        :scale="layout"
        :elevation="elevation"
        :compact="compact"
        :ribbon-y="RIBBON_Y"
      />
      <svg v-if="width > 0" class="layer" :width="width" :height="height" aria-hidden="true">
        <path v-if="!folded" v-live:d="() => surface" class="surface" />
        <path v-live:d="() => ribbon" class="ribbon" />
      </svg>
      <p
        v-if="!folded"
        class="wave-text"
        :class="{ 'visually-hidden': compact }"
        :style="{ top: `${layout.waterY + 13}px` }"
      >
        <span v-live="() => waveText" /><br />{{ waterlineText }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
  min-width: 0;
  background: var(--paper);
}
.layer {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.sea {
  fill: var(--water);
}
.surface {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.ribbon {
  fill: var(--ink);
}
.drawing {
  position: relative;
  min-height: 0;
  overflow: hidden;
}
.wave-text {
  position: absolute;
  left: 8px;
  width: 150px;
  height: 30px;
  contain: size layout;
  font: 400 12.5px/15px var(--labels);
  pointer-events: none;
}
</style>
