<script setup lang="ts">
import { computed } from 'vue'
import { afloat, froudeNumber, quantityText, waveLength, type Project } from '@remigo/core'
import BoatElevation from '~/components/strip/BoatElevation.vue'
import DrawingPatterns from '~/components/strip/DrawingPatterns.vue'
import { dimensionLine } from '~/components/strip/dimensionLine'
import { wavePoints } from '~/components/strip/wavePoints'
import { planOutline } from './planOutline'
import { useViewStore } from '~/stores/view'

/** A boat by herself in her own wave at cruise; what is being asked is marked on her. */
const props = defineProps<{
  project: Project
  width: number
  height: number
  /** what drives her, once it is designed */
  design?: Project['design'] | null | undefined
  /** the question that has the caret */
  asked?: string
}>()
const view = useViewStore()
const SIDE = 22,
  ABOVE = 14,
  BELOW = 26
// the hull and her wave alone: what she takes is worked out where it is shown
const floating = computed(() => afloat(props.project))
const elevation = computed(() => floating.value.hullType.elevation(floating.value.boat, floating.value.form))
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
  const { lengthWaterline } = floating.value.form,
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
const engine = computed(() => {
  const { motor } = elevation.value,
    { bowX, waterY, pixelsPerMetre: k } = scale.value
  const width = Math.max(30, 1.5 * motor.width * k),
    height = Math.max(24, 1.7 * motor.height * k)
  return { x: bowX + motor.x * k - width / 2, y: waterY - motor.z * k - height / 2, width, height }
})
/** her beam is not seen from the side: she is shown from above, bow and stern where they were if there is room */
const plan = computed(() => {
  const { lengthOverAll, beam } = props.project.boat,
    free = props.height - BELOW - 8
  const k = Math.min(scale.value.pixelsPerMetre, (free - 8) / beam),
    length = lengthOverAll * k
  const bow = k === scale.value.pixelsPerMetre ? scale.value.bowX : (props.width - length) / 2,
    middle = 4 + free / 2
  const outline = planOutline(props.project.boat.hullType, bow, length, beam * k, middle)
  return {
    ...outline,
    bow,
    stern: bow + length,
    across: `M${outline.widest} ${middle - (beam * k) / 2}v${beam * k}m-5 0h10m-10 ${-beam * k}h10`,
    textX: outline.widest + 10,
    textY: middle + 5,
    text: quantityText(beam, 'length', view.choice),
  }
})
/** from the side, or from above where the beam is asked */
const above = computed(() => props.asked === 'beam')
const ends = computed(
  () => (above.value ? [plan.value.bow, plan.value.stern] : [scale.value.bowX, stern.value]) as [number, number],
)
</script>

<template>
  <svg :width="width" :height="height" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true" class="sketch">
    <DrawingPatterns />
    <template v-if="above">
      <rect :width="width" :height="height" class="sea" />
      <path v-if="plan.deck" :d="plan.deck" class="hull" />
      <path v-for="(hull, i) in plan.hulls" :key="i" :d="hull" class="hull" />
      <path :d="plan.across" class="asked" />
      <text :x="plan.textX" :y="plan.textY" class="size on-deck">{{ plan.text }}</text>
    </template>
    <template v-else>
      <path :d="`${surface}V${height}H0Z`" class="sea" />
      <BoatElevation :elevation="elevation" :scale="scale" :design="design" />
      <path :d="surface" class="surface" :class="{ asked: asked === 'cruiseSpeed' }" />
    </template>
    <template v-if="asked">
      <path
        :d="dimensionLine(ends[0], ends[1], height - 12)"
        class="dimension"
        :class="{ asked: asked === 'lengthOverAll' }"
      />
      <text :x="(ends[0] + ends[1]) / 2" :y="height - 7" text-anchor="middle" class="size">{{ length }}</text>
      <circle v-if="asked === 'greatestDiameter'" :cx="wheel.x" :cy="wheel.y" :r="wheel.r" class="asked ring" />
      <rect v-if="asked === 'oldEnginePower'" v-bind="engine" class="asked" />
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
.hull {
  fill: var(--paper);
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
.on-deck {
  stroke: var(--paper);
}
</style>
