<script setup lang="ts">
import { computed } from 'vue'
import { froudeNumber, modelOf, quantityText, waveLength, type Project } from '@remigo/core'
import BoatElevation from '~/components/strip/BoatElevation.vue'
import DrawingPatterns from '~/components/strip/DrawingPatterns.vue'
import { dimensionLine } from '~/components/strip/dimensionLine'
import { wavePoints } from '~/components/strip/wavePoints'
import { useViewStore } from '~/stores/view'

/** A boat by herself in her own wave at cruise; what is being asked is marked on her. */
const props = defineProps<{
  project: Project
  width: number
  height: number
  /** the question that has the caret */
  asked?: string
}>()
const view = useViewStore()
const SIDE = 22,
  ABOVE = 14,
  BELOW = 26
// the hull and her wave alone: what she takes is worked out where it is shown
const model = computed(() => modelOf(props.project))
const elevation = computed(() => model.value.hullType.elevation(model.value.boat, model.value.form))
const scale = computed(() => {
  const e = elevation.value
  const span = Math.max(e.lengthOverAll, e.motor.x + e.motor.width / 2, e.propeller.x + e.propeller.diameter / 4)
  const pixelsPerMetre = Math.max(
    1,
    Math.min((props.width - 2 * SIDE) / span, (props.height - ABOVE - BELOW) / (e.top - e.bottom)),
  )
  return {
    pixelsPerMetre,
    bowX: (props.width - span * pixelsPerMetre) / 2,
    waterY:
      ABOVE +
      e.top * pixelsPerMetre +
      Math.max(0, props.height - ABOVE - BELOW - (e.top - e.bottom) * pixelsPerMetre) / 2,
  }
})
const surface = computed(() => {
  const { lengthWaterline } = model.value.form,
    { cruiseSpeed } = props.project.use
  const points = wavePoints(
    scale.value,
    elevation.value.waterlineFrom,
    lengthWaterline,
    waveLength(cruiseSpeed),
    froudeNumber(cruiseSpeed, lengthWaterline),
    props.width,
  )
  return `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`
})
const stern = computed(() => scale.value.bowX + elevation.value.lengthOverAll * scale.value.pixelsPerMetre)
const length = computed(() => quantityText(props.project.boat.lengthOverAll, 'length', view.choice))
const wheel = computed(() => ({
  x: scale.value.bowX + elevation.value.propeller.x * scale.value.pixelsPerMetre,
  y: scale.value.waterY - elevation.value.propeller.z * scale.value.pixelsPerMetre,
  r: Math.max(12, 0.7 * elevation.value.propeller.diameter * scale.value.pixelsPerMetre),
}))
</script>

<template>
  <svg :width="width" :height="height" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true" class="sketch">
    <DrawingPatterns />
    <path :d="`${surface}V${height}H0Z`" class="sea" />
    <BoatElevation :elevation="elevation" :scale="scale" />
    <path :d="surface" class="surface" />
    <template v-if="asked">
      <path
        :d="dimensionLine(scale.bowX, stern, height - 12)"
        class="dimension"
        :class="{ asked: asked === 'lengthOverAll' }"
      />
      <text :x="(scale.bowX + stern) / 2" :y="height - 7" text-anchor="middle" class="size">{{ length }}</text>
      <circle v-if="asked === 'greatestDiameter'" :cx="wheel.x" :cy="wheel.y" :r="wheel.r" class="asked ring" />
      <path v-if="asked === 'mass'" :d="`M${scale.bowX - 14} ${scale.waterY}H${stern + 14}`" class="asked" />
    </template>
  </svg>
</template>

<style scoped>
.sketch {
  display: block;
  max-width: 100%;
  height: auto;
}
.sea {
  fill: var(--water);
}
.surface {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.dimension {
  fill: none;
  stroke: var(--soft);
  stroke-width: 0.75;
}
.asked {
  fill: none;
  stroke: var(--signal);
  stroke-width: 2.5;
}
.size {
  font: 600 14px var(--figures);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--water);
  stroke-width: 6px;
}
</style>
